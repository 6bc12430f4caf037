package neatcorner.files.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.UUID;
import neatcorner.core.job.Job;
import neatcorner.core.job.Shop;
import neatcorner.files.json.Document;
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
    /** The newest migration in {@code db/migration}; a store that says so needs no migrating. */
    private static final String SCHEMA = "1";
    private static final String SHOP = "shop";
    private final StoreLock lock;
    private final Connection connection;
    private final Clock clock;

    private ShopStore(StoreLock lock, Connection connection, Clock clock) {
        this.lock = lock;
        this.connection = connection;
        this.clock = clock;
    }

    /**
     * Opens a shop, made new when there is none.
     *
     * @param file  where it is kept
     * @param clock what time edits were made
     * @throws StoreException when another window has it, or it is no shop, or from a newer version
     */
    public static ShopStore open(Path file, Clock clock) {
        StoreLock lock = StoreLock.take(file);
        try {
            Connection connection = JDBC.createConnection("jdbc:sqlite:" + file, new Properties());
            ShopStore store = new ShopStore(lock, connection, clock);
            try {
                store.prepare(file);
                return store;
            } catch (SQLException | RuntimeException failed) {
                connection.close();
                throw failed;
            }
        } catch (SQLException failed) {
            lock.close();
            throw new StoreException("The file " + file + " cannot be opened as a shop", failed);
        } catch (RuntimeException failed) {
            lock.close();
            throw failed;
        }
    }

    private void prepare(Path file) throws SQLException {
        execute("PRAGMA journal_mode = WAL");
        execute("PRAGMA synchronous = FULL");
        execute("PRAGMA foreign_keys = ON");
        if (!SCHEMA.equals(schemaVersion())) {
            migrate(file);
        }
        if (count("SELECT count(*) FROM document WHERE id = 'shop'") == 0) {
            insert(SHOP, "shop", new Listed(SHOP, "", ""), Document.of(Shop.starting()).text(), "shop opened");
        }
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
     */
    public record Listed(String id, String title, String order) {
        static Listed of(String id, Job job) {
            return new Listed(id, job.title(), job.order());
        }
    }

    /** All jobs in the order they were added; none of them is read. */
    public List<Listed> jobs() {
        return guarded("read jobs", () -> {
            List<Listed> jobs = new ArrayList<>();
            try (var statement = connection.createStatement(); ResultSet rows = statement.executeQuery(
                    "SELECT id, title, for_whom FROM document WHERE kind = 'job' ORDER BY place")) {
                while (rows.next()) {
                    jobs.add(new Listed(rows.getString(1), rows.getString(2), rows.getString(3)));
                }
            }
            return jobs;
        });
    }

    /** A job as it stands. */
    public Document<Job> job(String id) {
        return Document.readJob(body(id));
    }

    /** The shop as it stands. */
    public Document<Shop> shop() {
        return Document.readShop(body(SHOP));
    }

    private String body(String id) {
        return guarded("read " + id, () -> {
            try (PreparedStatement statement = connection.prepareStatement("SELECT r.body FROM document d JOIN revision r "
                    + "ON r.document = d.id AND r.number = d.revision WHERE d.id = ?")) {
                statement.setString(1, id);
                ResultSet rows = statement.executeQuery();
                if (!rows.next()) {
                    throw new StoreException("the shop has no document " + id);
                }
                return rows.getString(1);
            }
        });
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
        guarded("save " + listed.id(), () -> {
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
     */
    public record Moved(String words, int leftAlone) {
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
            inTransaction(() -> {
                place(id, now + step);
                for (Place other : ready) {
                    place(other.document(), other.current() + step);
                }
            });
            return Optional.of(new Moved(history.get(moved - 1).words(), others.size() - ready.size()));
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
        update("INSERT INTO revision (document, number, made_at, words, body, step) VALUES (?, ?, ?, ?, ?, ?)", id, number,
                clock.instant().truncatedTo(ChronoUnit.SECONDS).toString(), words, body, step);
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
        connection.setAutoCommit(false);
        try {
            work.run();
            connection.commit();
        } catch (SQLException | RuntimeException failed) {
            connection.rollback();
            throw failed;
        } finally {
            connection.setAutoCommit(true);
        }
    }

    private synchronized <T> T guarded(String what, Question<T> question) {
        try {
            return question.ask();
        } catch (SQLException failed) {
            throw new StoreException("The shop could not " + what + "; nothing was changed", failed);
        }
    }

    @Override
    public synchronized void close() {
        try {
            connection.close();
        } catch (SQLException failed) {
            throw new StoreException("The shop could not be closed", failed);
        } finally {
            lock.close();
        }
    }
}
