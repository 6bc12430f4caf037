package neatcorner.files.store;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.practice.Attempt;
import neatcorner.core.practice.Practice;
import neatcorner.core.shop.Shop;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import neatcorner.files.json.Document;
import neatcorner.files.json.FormatException;
import neatcorner.files.json.History;
import neatcorner.files.json.WordsJson;
import neatcorner.files.json.WorkJson;
import neatcorner.files.picture.CustomerPicture;
import org.jspecify.annotations.Nullable;

/**
 * A shop in one SQLite file. Each call that changes something is one transaction, on the disk when
 * the call returns; a process killed at any moment leaves the state before or after it, never
 * between. One window at a time; calls may come from any thread, one after another.
 */
public final class ShopStore implements AutoCloseable {
    private static final String SHOP = "shop";
    private final Optional<StoreLock> lock;
    private final Database database;
    private final Revisions revisions;
    private final Clock clock;
    /** Whether every line of what was done can be found by its words. */
    private boolean allSaid;
    private final List<String> notices = new ArrayList<>();

    private ShopStore(Optional<StoreLock> lock, Database database, Clock clock) {
        this.lock = lock;
        this.database = database;
        this.revisions = new Revisions(database);
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
        Path file = ShopFile.real(named);
        return open(file, clock, start, ShopFile.isWritable(file));
    }

    /** The same, told whether the file may be written. */
    static ShopStore open(Path file, Clock clock, Document<Shop> start, boolean writable) {
        if (ShopFile.isEmpty(file)) {
            throw new StoreException("The file " + file
                    + " is empty and no shop: take a copy of it from a backup, or delete it to start a new one");
        }
        Optional<StoreLock> lock = writable ? Optional.of(StoreLock.take(file)) : Optional.empty();
        try {
            Database database = Database.open(file, writable);
            ShopStore store = new ShopStore(lock, database, clock);
            try {
                store.prepare(file, start);
                return store;
            } catch (SQLException | RuntimeException failed) {
                database.close();
                throw failed;
            }
        } catch (SQLException failed) {
            lock.ifPresent(StoreLock::close);
            throw new StoreException(
                    "The file " + file + " cannot be opened as a shop: it is none, or it is damaged", failed);
        } catch (RuntimeException failed) {
            lock.ifPresent(StoreLock::close);
            throw failed;
        }
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
        if (isReadOnly()) {
            ShopFile.bringUpToDate(database, file);
            notices.add("The shop may not be written where it is: everything can be looked at, nothing is saved.");
            return;
        }
        database.execute("PRAGMA journal_mode = WAL");
        database.execute("PRAGMA synchronous = FULL");
        database.execute("PRAGMA foreign_keys = ON");
        ShopFile.bringUpToDate(database, file);
        if (database.number("SELECT count(*) FROM document WHERE id = 'shop'") == 0) {
            insert(
                    new Listed(SHOP, "", ""),
                    "shop",
                    History.started(clock.instant(), Words.of("shop.opened"), start.text()));
        }
    }

    /**
     * Writes a whole copy of a shop, also of one that is open in a window just now.
     *
     * @throws StoreException when there is something at the new place already, or no shop at the old
     */
    public static void backup(Path shop, Path copy) {
        if (Files.exists(copy)) {
            throw new StoreException(copy + " is there already; name a new file");
        }
        if (!Files.isRegularFile(shop) || ShopFile.isEmpty(shop)) {
            throw new StoreException(shop + " is no shop");
        }
        ShopFile.copy(shop, copy);
    }

    /** Gives the room back that deleted jobs and undone edits left in the file. */
    public void compact() {
        guarded("compact the shop", () -> {
            database.execute("VACUUM");
            return database;
        });
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
            database.update("UPDATE document SET away = ? WHERE id = ? AND kind = 'job'", away ? 1 : 0, id);
            return id;
        });
    }

    /** All jobs in the order they were added; none of them is read. */
    public List<Listed> jobs() {
        return guarded(
                "read jobs",
                () -> database.list(
                        "SELECT id, title, for_whom, away FROM document WHERE kind = 'job' ORDER BY place",
                        row -> new Listed(row.getString(1), row.getString(2), row.getString(3), row.getBoolean(4))));
    }

    /**
     * What every job stands at, by its name in the store: another word when it is another text, or more was done of it.
     * None of them is read.
     */
    public Map<String, String> states() {
        return guarded("read jobs", () -> {
            Map<String, String> states = new HashMap<>();
            database.list(
                    "SELECT d.id, r.number, r.checksum, r.made_at,"
                            + " (SELECT coalesce(max(w.number), 0) FROM work w WHERE w.document = d.id)"
                            + " FROM document d JOIN revision r ON r.document = d.id"
                            + " AND r.number = d.revision WHERE d.kind = 'job'",
                    row -> states.put(
                            row.getString(1),
                            String.join(
                                    " ",
                                    row.getString(2),
                                    row.getString(3),
                                    row.getString(4),
                                    row.getString(5))));
            return states;
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
                        notices.add("The newest " + (now - number) + " edits of " + named(id)
                                + " are damaged and were left aside; it is shown as it was before them.");
                    }
                    return value.get();
                }
            }
            throw new StoreException("No edit of " + named(id)
                    + " can be read: the file is damaged there. The other jobs are not touched");
        });
    }

    private <T> Optional<T> readable(String id, int number, Function<String, T> read) throws SQLException {
        try {
            return Optional.of(read.apply(revisions.text(id, number)));
        } catch (FormatException unreadable) {
            if (unreadable.field().equals("version")) {
                throw unreadable;
            }
            revisions.forget(id);
            return Optional.empty();
        } catch (StoreException | IndexOutOfBoundsException | Refusal damaged) {
            revisions.forget(id);
            return Optional.empty();
        }
    }

    /** What a document is called by people. */
    private String named(String id) throws SQLException {
        return id.equals(SHOP)
                ? "the shop"
                : database.first("SELECT title FROM document WHERE id = ?", row -> "the job " + row.getString(1), id)
                        .orElse("a job that is not there");
    }

    /** Adds a job and returns its name in the store. */
    public String add(Document<Job> job, Words words) {
        return add(Listed.of("", job.value()), History.started(clock.instant(), words, job.text()));
    }

    /**
     * Adds a job with all that was done to it, and returns its name in the store; the id it is listed under is not
     * looked at.
     */
    public String add(Listed listed, History history) {
        String id = UUID.randomUUID().toString();
        guarded("add a job", () -> {
            insert(new Listed(id, listed.title(), listed.order(), listed.away()), "job", history);
            return id;
        });
        return id;
    }

    /** Keeps a customer's picture; one that is there already is left as it is. */
    public void keepPicture(CustomerPicture picture) {
        guarded("keep a picture", () -> {
            database.update(
                    "INSERT INTO picture (name, bytes) VALUES (?, ?) ON CONFLICT (name) DO NOTHING",
                    picture.name(),
                    picture.bytes());
            return picture;
        });
    }

    /** A customer's picture by its name; empty when the shop does not have it. */
    public Optional<CustomerPicture> picture(String name) {
        return guarded("read a picture", () -> database.first(
                "SELECT name, bytes FROM picture WHERE name = ?",
                row -> new CustomerPicture(row.getString(1), row.getBytes(2)),
                name));
    }

    /** The names of all customers' pictures. */
    public List<String> pictures() {
        return guarded(
                "list the pictures",
                () -> database.list("SELECT name FROM picture ORDER BY name", row -> row.getString(1)));
    }

    /** Gives the shop another history in the place of the one it has, when it is made anew of open files. */
    public void replaceShop(History history) {
        guarded("take the shop in", () -> {
            inTransaction(() -> {
                database.update("DELETE FROM revision WHERE document = ?", SHOP);
                database.update("DELETE FROM document WHERE id = ?", SHOP);
                put(new Listed(SHOP, "", ""), "shop", history);
            });
            return history;
        });
    }

    private void insert(Listed listed, String kind, History history) throws SQLException {
        inTransaction(() -> put(listed, kind, history));
    }

    private void put(Listed listed, String kind, History history) throws SQLException {
        database.update(
                "INSERT INTO document (id, kind, place, title, for_whom, revision, away) VALUES (?, ?, (SELECT"
                        + " coalesce(max(place), 0) + 1 FROM document), ?, ?, ?, ?)",
                listed.id(),
                kind,
                listed.title(),
                listed.order(),
                history.current(),
                listed.away() ? 1 : 0);
        for (int i = 0; i < history.edits().size(); i++) {
            History.Edit edit = history.edits().get(i);
            revisions.add(listed.id(), i + 1, edit.at(), edit.words(), edit.text(), edit.step().orElse(null));
        }
        revisions.forget(listed.id());
    }

    /** A revision as it is listed, with the step it was done in. */
    private record Listing(int number, Instant at, Words words, Optional<Integer> step) {
    }

    /** All that was done to a document, with its texts; damaged edits are left out, and told among the notices. */
    public History whole(String id) {
        return guarded("read the history", () -> {
            List<History.Edit> edits = new ArrayList<>();
            int stands = current(id);
            int current = 0;
            for (Listing listed : database.list(
                    "SELECT number, made_at, words, step FROM revision WHERE document = ? ORDER BY number",
                    row -> new Listing(
                            row.getInt(1),
                            Instant.parse(row.getString(2)),
                            WordsJson.read(row.getString(3)),
                            Optional.ofNullable((Integer) row.getObject(4))),
                    id)) {
                try {
                    edits.add(
                            new History.Edit(listed.at, listed.words, listed.step, revisions.text(id, listed.number)));
                } catch (StoreException | IndexOutOfBoundsException | Refusal damaged) {
                    revisions.forget(id);
                    notices.add("Edit " + listed.number + " of " + named(id) + " is damaged and was left out.");
                }
                current = listed.number <= stands ? edits.size() : current;
            }
            if (current == 0) {
                throw new StoreException("No edit of " + named(id) + " can be read: the file is damaged there");
            }
            return new History(edits, current);
        });
    }

    /**
     * What was done to a job at the bench; a line that cannot be read any more is left out, and told among the notices.
     */
    public WorkLog work(String id) {
        return guarded("read what was done", () -> {
            List<LogLine> entries = new ArrayList<>();
            int unreadable = 0;
            for (String line : database.list(
                    "SELECT body FROM work WHERE document = ? ORDER BY number", row -> row.getString(1), id)) {
                try {
                    entries.add(WorkJson.readEntry(line));
                } catch (FormatException damaged) {
                    unreadable++;
                }
            }
            if (unreadable > 0) {
                notices.add(unreadable + " lines of what was done to " + named(id)
                        + " cannot be read and were left out.");
            }
            return new WorkLog(entries);
        });
    }

    /** The jobs of which anything is done and that are not put away, those first that were worked on last. */
    public List<String> begun(int most) {
        return guarded(
                "read what was begun",
                () -> database.list(
                        "SELECT d.id FROM document d JOIN"
                                + " (SELECT document, max(at) AS last FROM work GROUP BY document) w"
                                + " ON w.document = d.id WHERE d.kind = 'job' AND NOT d.away"
                                + " ORDER BY w.last DESC, d.place LIMIT ?",
                        row -> row.getString(1),
                        most));
    }

    /** Writes a line more of what was done to a job; nothing that was written before is touched. */
    public void log(String id, LogLine entry) {
        guarded("write what was done", () -> {
            append(id, entry);
            allSaid = false;
            return entry;
        });
    }

    /**
     * The same for a line that can be found by its words at once.
     *
     * @param words that it says
     */
    public void log(String id, LogLine entry, String words) {
        guarded("write what was done", () -> {
            inTransaction(() -> {
                append(id, entry);
                database.update(
                        "INSERT INTO said (words, document, number) SELECT ?, document, max(number) FROM work"
                                + " WHERE document = ?",
                        words,
                        id);
            });
            return entry;
        });
    }

    private void append(String id, LogLine entry) throws SQLException {
        database.update(
                "INSERT INTO work (document, number, at, body) VALUES (?, (SELECT coalesce(max(number), 0) + 1"
                        + " FROM work WHERE document = ?), ?, ?)",
                id,
                id,
                entry.at().toString(),
                WorkJson.write(entry));
    }

    /**
     * A line of a log that was searched for.
     *
     * @param job  whose log it is
     * @param line itself
     */
    public record Said(String job, LogLine line) {
    }

    /**
     * Lines of all logs that hold every one of these words, or words that begin so; the newest first.
     *
     * @param most so many at most
     * @param say  what a line says, for those that were written without
     */
    public List<Said> search(String typed, int most, Function<LogLine, String> say) {
        List<String> words = Arrays.stream(typed.strip().split("\\s+"))
                .filter(word -> !word.isEmpty())
                .map(word -> '"' + word.replace("\"", "\"\"") + "\"*")
                .toList();
        if (words.isEmpty()) {
            return List.of();
        }
        return guarded("search what was done", () -> {
            sayAll(say);
            return database
                    .list(
                            "SELECT work.document, work.body FROM said JOIN work ON work.document = said.document"
                                    + " AND work.number = said.number WHERE said.words MATCH ?"
                                    + " ORDER BY said.rowid DESC LIMIT ?",
                            row -> said(row.getString(1), row.getString(2)),
                            String.join(" ", words),
                            most)
                    .stream()
                    .flatMap(Optional::stream)
                    .toList();
        });
    }

    private static Optional<Said> said(String job, String body) {
        try {
            return Optional.of(new Said(job, WorkJson.readEntry(body)));
        } catch (FormatException damaged) {
            return Optional.empty();
        }
    }

    /** Lines that came with a folder, or from a version that did not search, are said anew, all in their order. */
    private void sayAll(Function<LogLine, String> say) throws SQLException {
        // Counting takes longer than any search: nobody else writes, so once is enough.
        if (allSaid || database.number("SELECT (SELECT count(*) FROM work) = (SELECT count(*) FROM said)") == 1) {
            allSaid = true;
            return;
        }
        record Line(String document, int number, String body) {
        }

        inTransaction(() -> {
            database.update("DELETE FROM said");
            for (Line line : database.list(
                    "SELECT document, number, body FROM work ORDER BY at, document, number",
                    row -> new Line(row.getString(1), row.getInt(2), row.getString(3)))) {
                database.update(
                        "INSERT INTO said (words, document, number) VALUES (?, ?, ?)",
                        said(line.document, line.body)
                                .map(one -> say.apply(one.line))
                                .orElse(""),
                        line.document,
                        line.number);
            }
        });
    }

    /** Keeps how an exercise of the practice bench went. */
    public void keep(Attempt attempt) {
        guarded("write what was practised", () -> {
            database.update(
                    "INSERT INTO practice (at, what, seed, points) VALUES (?, ?, ?, ?)",
                    attempt.at().toString(),
                    attempt.what().id(),
                    attempt.seed(),
                    attempt.points());
            return attempt;
        });
    }

    /** How exercises went, the oldest first; of such that there are no more nothing is told. */
    public List<Attempt> practised() {
        return guarded("read what was practised", () -> database
                .list(
                        "SELECT at, what, seed, points FROM practice ORDER BY number",
                        row -> {
                            Instant at = Instant.parse(row.getString(1));
                            long seed = row.getLong(3);
                            int points = row.getInt(4);
                            return Practice.named(row.getString(2))
                                    .map(what -> new Attempt(at, what, seed, points));
                        })
                .stream()
                .flatMap(Optional::stream)
                .toList());
    }

    /** Takes a job out, with its history. */
    public void remove(String id) {
        guarded("remove a job", () -> {
            inTransaction(() -> {
                database.update("DELETE FROM said WHERE document = ?", id);
                database.update("DELETE FROM work WHERE document = ?", id);
                database.update("DELETE FROM revision WHERE document = ?", id);
                database.update("DELETE FROM document WHERE id = ? AND kind = 'job'", id);
            });
            return id;
        });
    }

    /** Commits an edit of a job. What had been undone can no longer be redone. */
    public void save(String id, Document<Job> job, Words words) {
        append(Listed.of(id, job.value()), job.text(), words);
    }

    /** Commits an edit of the shop. */
    public void saveShop(Document<Shop> shop, Words words) {
        append(new Listed(SHOP, "", ""), shop.text(), words);
    }

    private void append(Listed listed, String body, Words words) {
        guarded("save", () -> {
            inTransaction(() -> append(listed, body, words, null));
            return listed;
        });
    }

    private void append(Listed listed, String body, Words words, @Nullable Integer step) throws SQLException {
        String id = listed.id();
        int now = current(id);
        database.update("DELETE FROM revision WHERE document = ? AND number > ?", id, now);
        revisions.add(id, now + 1, clock.instant(), words, body, step);
        database.update(
                "UPDATE document SET revision = ?, title = ?, for_whom = ? WHERE id = ?",
                now + 1,
                listed.title(),
                listed.order(),
                id);
    }

    /** Commits an edit of the shop and of jobs that is one step: it is undone as one. */
    public void saveTogether(Document<Shop> shop, Map<String, Document<Job>> jobs, Words words) {
        guarded("save the shop with jobs", () -> {
            inTransaction(() -> {
                int step = database.number("SELECT coalesce(max(step), 0) + 1 FROM revision");
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
    public record Moved(Words words, int leftAlone, boolean done) {
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
            List<Place> ready = others.stream()
                    .filter(other -> other.current() == (step < 0 ? other.number() : other.number() - 1))
                    .toList();
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
        return database.list(
                "SELECT o.document, o.number, d.revision FROM revision r JOIN revision o ON o.step = r.step AND"
                        + " o.document <> r.document JOIN document d ON d.id = o.document WHERE r.document = ? AND"
                        + " r.number = ?",
                row -> new Place(row.getString(1), row.getInt(2), row.getInt(3)),
                id,
                number);
    }

    private void place(String id, int number) throws SQLException {
        revisions.forget(id);
        database.update("UPDATE document SET revision = ? WHERE id = ?", number, id);
        if (!id.equals(SHOP)) {
            Listed listed = Listed.of(id, job(id).value());
            database.update(
                    "UPDATE document SET title = ?, for_whom = ? WHERE id = ?", listed.title(), listed.order(), id);
        }
    }

    /** The name under which the shop's own history is kept. */
    public static String shopId() {
        return SHOP;
    }

    /** Every edit, oldest first, those undone included. */
    public List<Revision> history(String id) {
        return guarded("read the history", () -> revisions.history(id, current(id)));
    }

    /** How the window was left: units, theme, text size, the job in hand. */
    public Optional<String> setting(String name) {
        return guarded(
                "read a setting",
                () -> database.first("SELECT value FROM setting WHERE name = ?", row -> row.getString(1), name));
    }

    /** Keeps a setting. */
    public void setting(String name, String value) {
        guarded("keep a setting", () -> {
            database.update(
                    "INSERT INTO setting (name, value) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET value ="
                            + " excluded.value",
                    name,
                    value);
            return value;
        });
    }

    private int current(String id) throws SQLException {
        return database.first("SELECT revision FROM document WHERE id = ?", row -> row.getInt(1), id)
                .orElseThrow(() -> new StoreException("the shop has no document " + id));
    }

    private interface Question<T> {
        T ask() throws SQLException;
    }

    private void inTransaction(Database.Work work) throws SQLException {
        try {
            database.inTransaction(work);
        } catch (SQLException | RuntimeException failed) {
            revisions.forgetAll();
            throw failed;
        }
    }

    private synchronized <T> T guarded(String what, Question<T> question) {
        try {
            return question.ask();
        } catch (SQLException failed) {
            throw new StoreException(
                    "The shop could not " + what + ": " + Database.why(failed) + ". Nothing was changed", failed);
        }
    }

    @Override
    public synchronized void close() {
        try {
            database.close();
        } catch (SQLException failed) {
            throw new StoreException("The shop could not be closed", failed);
        } finally {
            lock.ifPresent(StoreLock::close);
        }
    }
}
