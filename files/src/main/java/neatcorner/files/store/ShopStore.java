package neatcorner.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;
import java.util.function.Function;
import neatcorner.core.job.Job;
import neatcorner.core.job.Shop;
import neatcorner.files.json.Document;
import neatcorner.files.json.FormatException;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.jspecify.annotations.Nullable;
import org.sqlite.JDBC;

/**
 * A shop in one SQLite file. Each call that changes something is one transaction, on the disk when
 * the call returns; a process killed at any moment leaves the state before or after it, never
 * between. One window at a time; calls may come from any thread, one after another.
 */
public final class ShopStore implements AutoCloseable {
    /** All migrations in {@code db/migration}, oldest first; a store at the last of them needs no migrating. */
    static final List<String> MIGRATIONS = List.of("V1__shop.sql", "V2__together.sql", "V3__kept.sql");
    /** A revision is kept whole after so many that are only differences, so that none is put together from too many. */
    private static final int MOST_DIFFERENCES = 60;
    /** So many documents are remembered as they were last saved. */
    private static final int REMEMBERED = 40;
    private static final String SHOP = "shop";
    private final Optional<StoreLock> lock;
    private final Connection connection;
    private final Clock clock;
    private final List<String> notices = new ArrayList<>();
    /** Texts as they were last read or saved, by document. */
    private final Map<String, Kept> remembered = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Kept> eldest) {
            return size() > REMEMBERED;
        }
    };

    private record Kept(int number, String text) {
    }

    private ShopStore(Optional<StoreLock> lock, Connection connection, Clock clock) {
        this.lock = lock;
        this.connection = connection;
        this.clock = clock;
    }

    /**
     * Opens a shop, made new when there is none. Where it may be read but not written, it is opened for reading
     * only, and says so in its {@link #notices}.
     *
     * @param file  where it is kept; a link is followed, so that two names of one shop are one shop
     * @param clock what time edits were made
     * @throws StoreException when another window has it, or it is no shop, or from a newer version
     */
    public static ShopStore open(Path file, Clock clock) {
        return open(file, clock, Document.of(Shop.starting()));
    }

    /** The same; a shop made new starts like this. */
    public static ShopStore open(Path named, Clock clock, Document<Shop> start) {
        Path file = real(named);
        if (isEmpty(file)) {
            throw new StoreException("The file " + file + " is empty and no shop: take a copy of it from a backup, or delete it to start a new one");
        }
        boolean writable = isWritable(file);
        Optional<StoreLock> lock = writable ? Optional.of(StoreLock.take(file)) : Optional.empty();
        try {
            Connection connection = JDBC.createConnection(writable ? "jdbc:sqlite:" + file : "jdbc:sqlite:file:" + file.toUri().getRawPath() + "?mode=ro&immutable=1", new Properties());
            ShopStore store = new ShopStore(lock, connection, clock);
            try {
                store.prepare(file, start);
                return store;
            } catch (SQLException | RuntimeException failed) {
                connection.close();
                throw failed;
            }
        } catch (SQLException failed) {
            lock.ifPresent(StoreLock::close);
            throw new StoreException("The file " + file + " cannot be opened as a shop: it is none, or it is damaged", failed);
        } catch (RuntimeException failed) {
            lock.ifPresent(StoreLock::close);
            throw failed;
        }
    }

    /** The file itself, whatever links lead to it. */
    private static Path real(Path file) {
        Path whole = file.toAbsolutePath();
        try {
            if (Files.exists(whole)) {
                return whole.toRealPath();
            }
            return whole.getParent() != null && Files.isDirectory(whole.getParent()) ? whole.getParent().toRealPath().resolve(whole.getFileName()) : whole;
        } catch (IOException failed) {
            throw new StoreException("The file " + file + " cannot be read", failed);
        }
    }

    private static boolean isEmpty(Path file) {
        try {
            return Files.isRegularFile(file) && Files.size(file) == 0;
        } catch (IOException failed) {
            throw new StoreException("The file " + file + " cannot be read", failed);
        }
    }

    private static boolean isWritable(Path file) {
        return !Files.exists(file) || Files.isWritable(file) && Files.isWritable(file.getParent());
    }

    /** Whether it may only be read. */
    public boolean isReadOnly() {
        return lock.isEmpty();
    }

    /** What whoever opened it should know: told once each. */
    public synchronized List<String> notices() {
        List<String> told = List.copyOf(notices);
        notices.clear();
        return told;
    }

    private void prepare(Path file, Document<Shop> start) throws SQLException {
        String newest = MIGRATIONS.getLast().substring(1, MIGRATIONS.getLast().indexOf("__"));
        if (isReadOnly()) {
            if (!newest.equals(schemaVersion())) {
                throw new StoreException("The shop " + file + " comes from another version and may not be written here, so it cannot be brought up to date");
            }
            notices.add("The shop may not be written where it is: everything can be looked at, nothing is saved.");
            return;
        }
        execute("PRAGMA journal_mode = WAL");
        execute("PRAGMA synchronous = FULL");
        execute("PRAGMA foreign_keys = ON");
        String version = schemaVersion();
        if (!newest.equals(version)) {
            if (!version.isEmpty()) {
                backup(file, file.resolveSibling(file.getFileName() + ".before-" + newest));
            }
            migrate(file);
        }
        if (count("SELECT count(*) FROM document WHERE id = 'shop'") == 0) {
            insert(SHOP, "shop", new Listed(SHOP, "", ""), start.text(), "shop opened");
        }
    }

    /**
     * Writes a whole copy of a shop, also of one that is open in a window just now.
     *
     * @throws StoreException when there is something at the new place already, or no shop at the old
     */
    public static void backup(Path shop, Path copy) {
        if (Files.exists(copy) && !copy.getFileName().toString().contains(".before-")) {
            throw new StoreException(copy + " is there already; name a new file");
        }
        if (!Files.isRegularFile(shop) || isEmpty(shop)) {
            throw new StoreException(shop + " is no shop");
        }
        Path part = copy.resolveSibling(copy.getFileName() + ".part");
        try {
            Files.deleteIfExists(part);
            try (Connection connection = JDBC.createConnection("jdbc:sqlite:" + real(shop), new Properties());
                    PreparedStatement statement = connection.prepareStatement("VACUUM INTO ?")) {
                statement.setString(1, part.toString());
                statement.execute();
            }
            Files.move(part, copy, StandardCopyOption.REPLACE_EXISTING);
        } catch (SQLException | IOException failed) {
            throw new StoreException(shop + " could not be copied to " + copy, failed);
        }
    }

    /** Gives the room back that deleted jobs and undone edits left in the file. */
    public void compact() {
        guarded("compact the shop", () -> {
            execute("VACUUM");
            return connection;
        });
    }

    /** What the migration library wrote last; empty for a new file. Asking is much quicker than starting it. */
    private String schemaVersion() throws SQLException {
        if (count("SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'") == 0) {
            return "";
        }
        try (var statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT version FROM flyway_schema_history WHERE success = 1 "
                        + "ORDER BY installed_rank DESC LIMIT 1")) {
            return rows.next() ? rows.getString(1) : "";
        }
    }

    private static void migrate(Path file) {
        try {
            Flyway.configure().dataSource("jdbc:sqlite:" + file, null, null).locations("classpath:db/migration")
                    .failOnMissingLocations(true).ignoreMigrationPatterns(new String[0]).load().migrate();
        } catch (FlywayException refused) {
            throw new StoreException("The shop " + file + " cannot be brought up to date. It may come from a newer Neat Corner; "
                    + "it was left as it is", refused);
        }
    }

    /**
     * A job in the list.
     *
     * @param id    its name in the store
     * @param title of the job
     * @param order it belongs to
     * @param away  whether it was put away
     */
    public record Listed(String id, String title, String order, boolean away) {
        /** One that is worked at. */
        public Listed(String id, String title, String order) {
            this(id, title, order, false);
        }

        static Listed of(String id, Job job) {
            return new Listed(id, job.title(), job.order());
        }
    }

    /** Puts a job away, or takes it out again; it keeps its history. */
    public void putAway(String id, boolean away) {
        guarded("put a job away", () -> {
            update("UPDATE document SET away = ? WHERE id = ? AND kind = 'job'", away ? 1 : 0, id);
            return id;
        });
    }

    /** All jobs in the order they were added; none of them is read. */
    public List<Listed> jobs() {
        return guarded("read jobs", () -> {
            List<Listed> jobs = new ArrayList<>();
            try (var statement = connection.createStatement(); ResultSet rows = statement.executeQuery(
                    "SELECT id, title, for_whom, away FROM document WHERE kind = 'job' ORDER BY place")) {
                while (rows.next()) {
                    jobs.add(new Listed(rows.getString(1), rows.getString(2), rows.getString(3), rows.getBoolean(4)));
                }
            }
            return jobs;
        });
    }

    /** A job as it stands, or as it was last when its newest text is damaged. */
    public Document<Job> job(String id) {
        return readable(id, Document::readJob);
    }

    /** The shop as it stands, or as it was last when its newest text is damaged. */
    public Document<Shop> shop() {
        return readable(SHOP, Document::readShop);
    }

    /** The newest text that can be read; when it is an older one, that is told among the notices. */
    private <T> T readable(String id, Function<String, T> read) {
        return guarded("read a job", () -> {
            int now = current(id);
            for (int number = now; number > 0; number--) {
                Optional<T> value = readable(id, number, read);
                if (value.isPresent()) {
                    if (number < now) {
                        notices.add("The newest " + (now - number) + " edits of " + named(id) + " are damaged and were left aside; it is shown as it was before them.");
                    }
                    return value.get();
                }
            }
            throw new StoreException("No edit of " + named(id) + " can be read: the file is damaged there. The other jobs are not touched");
        });
    }

    private <T> Optional<T> readable(String id, int number, Function<String, T> read) throws SQLException {
        try {
            return Optional.of(read.apply(text(id, number)));
        } catch (FormatException unreadable) {
            if (unreadable.field().equals("version")) {
                throw unreadable;
            }
            remembered.remove(id);
            return Optional.empty();
        } catch (StoreException | IndexOutOfBoundsException | NumberFormatException damaged) {
            remembered.remove(id);
            return Optional.empty();
        }
    }

    /** What a document is called by people. */
    private String named(String id) throws SQLException {
        if (id.equals(SHOP)) {
            return "the shop";
        }
        try (PreparedStatement statement = connection.prepareStatement("SELECT title FROM document WHERE id = ?")) {
            statement.setString(1, id);
            ResultSet rows = statement.executeQuery();
            return rows.next() ? "the job " + rows.getString(1) : "a job that is not there";
        }
    }

    /** The text of a revision, put together from the last whole one before it. */
    private String text(String id, int number) throws SQLException {
        Kept kept = remembered.get(id);
        if (kept != null && kept.number == number) {
            return kept.text;
        }
        String text = null;
        try (PreparedStatement statement = connection.prepareStatement("SELECT number, body, base, checksum FROM revision WHERE document = ? AND number <= ? "
                + "AND number >= (SELECT max(number) FROM revision WHERE document = ? AND number <= ? AND base IS NULL) ORDER BY number")) {
            statement.setString(1, id);
            statement.setInt(2, number);
            statement.setString(3, id);
            statement.setInt(4, number);
            ResultSet rows = statement.executeQuery();
            String checksum = null;
            while (rows.next()) {
                String body = RevisionText.unpacked(rows.getObject(2));
                text = text == null ? body : RevisionText.applied(text, body);
                checksum = rows.getString(4);
            }
            if (text == null || checksum != null && !checksum.equals(RevisionText.checksum(text))) {
                throw new StoreException("A revision is damaged");
            }
        }
        remembered.put(id, new Kept(number, text));
        return text;
    }

    /** Adds a job and returns its name in the store. */
    public String add(Document<Job> job, String words) {
        String id = UUID.randomUUID().toString();
        guarded("add a job", () -> {
            insert(id, "job", Listed.of(id, job.value()), job.text(), words);
            return id;
        });
        return id;
    }

    private void insert(String id, String kind, Listed listed, String body, String words) throws SQLException {
        inTransaction(() -> {
            update("INSERT INTO document (id, kind, place, title, for_whom, revision) VALUES (?, ?, (SELECT coalesce(max(place), 0) "
                    + "+ 1 FROM document), ?, ?, 1)", id, kind, listed.title(), listed.order());
            revision(id, 1, body, words, null);
        });
    }

    /** Takes a job out, with its history. */
    public void remove(String id) {
        guarded("remove a job", () -> {
            inTransaction(() -> {
                update("DELETE FROM revision WHERE document = ?", id);
                update("DELETE FROM document WHERE id = ? AND kind = 'job'", id);
            });
            return id;
        });
    }

    /** Commits an edit of a job. What had been undone can no longer be redone. */
    public void save(String id, Document<Job> job, String words) {
        append(Listed.of(id, job.value()), job.text(), words);
    }

    /** Commits an edit of the shop. */
    public void saveShop(Document<Shop> shop, String words) {
        append(new Listed(SHOP, "", ""), shop.text(), words);
    }

    private void append(Listed listed, String body, String words) {
        guarded("save", () -> {
            inTransaction(() -> append(listed, body, words, null));
            return listed;
        });
    }

    private void append(Listed listed, String body, String words, @Nullable Integer step) throws SQLException {
        String id = listed.id();
        int now = current(id);
        update("DELETE FROM revision WHERE document = ? AND number > ?", id, now);
        revision(id, now + 1, body, words, step);

        update("UPDATE document SET revision = ?, title = ?, for_whom = ? WHERE id = ?", now + 1, listed.title(), listed.order(), id);
    }

    /** Commits an edit of the shop and of jobs that is one step: it is undone as one. */
    public void saveTogether(Document<Shop> shop, Map<String, Document<Job>> jobs, String words) {
        guarded("save the shop with jobs", () -> {
            inTransaction(() -> {
                int step = count("SELECT coalesce(max(step), 0) + 1 FROM revision");
                append(new Listed(SHOP, "", ""), shop.text(), words, step);
                for (Map.Entry<String, Document<Job>> job : jobs.entrySet()) {
                    append(Listed.of(job.getKey(), job.getValue().value()), job.getValue().text(), words, step);
                }
            });
            return jobs;
        });
    }

    /**
     * What was undone or redone.
     *
     * @param words     of the edit
     * @param leftAlone how many other documents of the same step have been edited since, and stay as they are
     * @param done      whether anything was moved: what was one step is not done again by halves
     */
    public record Moved(String words, int leftAlone, boolean done) {
    }

    /** One edit back, with all that was done in the same step; empty at the first revision. */
    public Optional<Moved> undo(String id) {
        return move(id, -1);
    }

    /** One edit forward, with all that was done in the same step; empty at the last revision. */
    public Optional<Moved> redo(String id) {
        return move(id, 1);
    }

    private Optional<Moved> move(String id, int step) {
        return guarded("undo or redo", () -> {
            List<Revision> history = history(id);
            int now = current(id);
            if (now + step < 1 || now + step > history.size()) {
                return Optional.empty();
            }
            int moved = Math.max(now, now + step);
            List<Place> others = others(id, moved);
            List<Place> ready = others.stream().filter(other -> other.current() == (step < 0 ? other.number() : other.number() - 1)).toList();
            if (step > 0 && ready.size() < others.size()) {
                return Optional.of(new Moved(history.get(moved - 1).words(), others.size() - ready.size(), false));
            }
            inTransaction(() -> {
                place(id, now + step);
                for (Place other : ready) {
                    place(other.document(), other.current() + step);
                }
            });
            return Optional.of(new Moved(history.get(moved - 1).words(), others.size() - ready.size(), true));
        });
    }

    /** A revision of a document that was made in the same step as another, and where that document stands. */
    private record Place(String document, int number, int current) {
    }

    private List<Place> others(String id, int number) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement("SELECT o.document, o.number, d.revision FROM revision r "
                + "JOIN revision o ON o.step = r.step AND o.document <> r.document JOIN document d ON d.id = o.document WHERE r.document = ? AND r.number = ?")) {
            statement.setString(1, id);
            statement.setInt(2, number);
            ResultSet rows = statement.executeQuery();
            List<Place> others = new ArrayList<>();
            while (rows.next()) {
                others.add(new Place(rows.getString(1), rows.getInt(2), rows.getInt(3)));
            }
            return others;
        }
    }

    private void place(String id, int number) throws SQLException {
        remembered.remove(id);
        update("UPDATE document SET revision = ? WHERE id = ?", number, id);
        if (!id.equals(SHOP)) {
            Listed listed = Listed.of(id, job(id).value());
            update("UPDATE document SET title = ?, for_whom = ? WHERE id = ?", listed.title(), listed.order(), id);
        }
    }

    /** The name under which the shop's own history is kept. */
    public static String shopId() {
        return SHOP;
    }

    /** Every edit, oldest first, those undone included. */
    public List<Revision> history(String id) {
        return guarded("read the history", () -> {
            int now = current(id);
            List<Revision> history = new ArrayList<>();
            try (PreparedStatement statement = connection.prepareStatement(
                    "SELECT number, made_at, words FROM revision WHERE document = ? ORDER BY number")) {
                statement.setString(1, id);
                ResultSet rows = statement.executeQuery();
                while (rows.next()) {
                    history.add(new Revision(rows.getInt(1), Instant.parse(rows.getString(2)), rows.getString(3), rows.getInt(1) == now));
                }
            }
            return history;
        });
    }

    /** How the window was left: units, theme, text size, the job in hand. */
    public Optional<String> setting(String name) {
        return guarded("read a setting", () -> {
            try (PreparedStatement statement = connection.prepareStatement("SELECT value FROM setting WHERE name = ?")) {
                statement.setString(1, name);
                ResultSet rows = statement.executeQuery();
                return rows.next() ? Optional.of(rows.getString(1)) : Optional.empty();
            }
        });
    }

    /** Keeps a setting. */
    public void setting(String name, String value) {
        guarded("keep a setting", () -> {
            update("INSERT INTO setting (name, value) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET value = excluded.value", name, value);
            return value;
        });
    }

    private int current(String id) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement("SELECT revision FROM document WHERE id = ?")) {
            statement.setString(1, id);
            ResultSet rows = statement.executeQuery();
            if (!rows.next()) {
                throw new StoreException("the shop has no document " + id);
            }
            return rows.getInt(1);
        }
    }

    private void revision(String id, int number, String body, String words, @Nullable Integer step) throws SQLException {
        Optional<String> difference = difference(id, number, body);
        update("INSERT INTO revision (document, number, made_at, words, body, step, base, checksum) VALUES (?, ?, ?, ?, ?, ?, ?, ?)", id, number,
                clock.instant().truncatedTo(ChronoUnit.SECONDS).toString(), words, RevisionText.packed(difference.orElse(body)), step,
                difference.isPresent() ? number - 1 : null, RevisionText.checksum(body));
        remembered.put(id, new Kept(number, body));
    }

    /** What the revision before lacks of a text; empty where it is better kept whole. */
    private Optional<String> difference(String id, int number, String body) throws SQLException {
        if (number == 1) {
            return Optional.empty();
        }
        try (PreparedStatement statement = connection.prepareStatement("SELECT coalesce(max(number), 0) FROM revision WHERE document = ? AND number < ? AND base IS NULL")) {
            statement.setString(1, id);
            statement.setInt(2, number);
            if (number - statement.executeQuery().getInt(1) > MOST_DIFFERENCES) {
                return Optional.empty();
            }
            String difference = RevisionText.difference(text(id, number - 1), body);
            return difference.length() * 2 < body.length() ? Optional.of(difference) : Optional.empty();
        } catch (StoreException | IndexOutOfBoundsException damagedBefore) {
            return Optional.empty();
        }
    }

    private void update(String sql, @Nullable Object... values) throws SQLException {
        try (PreparedStatement statement = connection.prepareStatement(sql)) {
            for (int i = 0; i < values.length; i++) {
                statement.setObject(i + 1, values[i]);
            }
            statement.executeUpdate();
        }
    }

    private void execute(String sql) throws SQLException {
        try (var statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private int count(String sql) throws SQLException {
        try (var statement = connection.createStatement(); ResultSet rows = statement.executeQuery(sql)) {
            return rows.getInt(1);
        }
    }

    private interface Work {
        void run() throws SQLException;
    }

    private interface Question<T> {
        T ask() throws SQLException;
    }

    private void inTransaction(Work work) throws SQLException {
        if (isReadOnly()) {
            throw new StoreException("The shop may not be written where it is; nothing was changed");
        }
        connection.setAutoCommit(false);
        try {
            work.run();
            connection.commit();
        } catch (SQLException | RuntimeException failed) {
            connection.rollback();
            remembered.clear();
            throw failed;
        } finally {
            connection.setAutoCommit(true);
        }
    }

    private synchronized <T> T guarded(String what, Question<T> question) {
        try {
            return question.ask();
        } catch (SQLException failed) {
            throw new StoreException("The shop could not " + what + ": " + why(failed) + ". Nothing was changed", failed);
        }
    }

    /** Why in words: the codes of the database are of no use to a maker. */
    private static String why(SQLException failed) {
        String said = String.valueOf(failed.getMessage());
        if (said.contains("FULL")) {
            return "the disk is full";
        }
        if (said.contains("READONLY") || said.contains("CANTOPEN") || said.contains("PERM")) {
            return "the file may not be written";
        }
        if (said.contains("BUSY") || said.contains("LOCKED")) {
            return "another program holds the file";
        }
        return said.contains("CORRUPT") || said.contains("NOTADB") ? "the file is damaged" : "the disk did not do it";
    }

    @Override
    public synchronized void close() {
        try {
            if (!isReadOnly()) {
                // So that a copy of the file alone is the whole shop.
                execute("PRAGMA wal_checkpoint(TRUNCATE)");
            }
            connection.close();
        } catch (SQLException failed) {
            throw new StoreException("The shop could not be closed", failed);
        } finally {
            lock.ifPresent(StoreLock::close);
        }
    }
}
