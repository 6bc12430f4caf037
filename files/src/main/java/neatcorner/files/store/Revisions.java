package neatcorner.files.store;

import java.sql.SQLException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.files.json.WordsJson;
import org.jspecify.annotations.Nullable;

/** The texts of documents, edit after edit: kept as differences from one another, put together when they are read. */
final class Revisions {
    /** A revision is kept whole after so many that are only differences, so that none is put together from too many. */
    private static final int MOST_DIFFERENCES = 60;
    /** So many documents are remembered as they were last saved. */
    private static final int REMEMBERED = 40;
    private final Database database;
    /** Texts as they were last read or saved, by document. */
    private final Map<String, Kept> remembered = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Kept> eldest) {
            return size() > REMEMBERED;
        }
    };

    Revisions(Database database) {
        this.database = database;
    }

    private record Kept(int number, String text) {
    }

    /** As a revision stands in the file. */
    private record Row(Object body, @Nullable String checksum) {
    }

    /** What was read of a document, or of all of them, is read again next time. */
    void forget(String id) {
        remembered.remove(id);
    }

    void forgetAll() {
        remembered.clear();
    }

    /**
     * The text of a revision, put together from the last whole one before it.
     *
     * @throws StoreException when it or one before it is damaged
     */
    String text(String id, int number) throws SQLException {
        Kept kept = remembered.get(id);
        if (kept != null && kept.number == number) {
            return kept.text;
        }
        List<Row> rows = database.list(
                "SELECT body, checksum FROM revision WHERE document = ? AND number <= ? AND number >= (SELECT"
                        + " max(number) FROM revision WHERE document = ? AND number <= ? AND base IS NULL) ORDER BY"
                        + " number",
                row -> new Row(row.getObject(1), row.getString(2)),
                id,
                number,
                id,
                number);
        if (rows.isEmpty()) {
            throw new StoreException("A revision is missing");
        }
        String text = RevisionText.unpacked(rows.getFirst().body);
        for (Row difference : rows.subList(1, rows.size())) {
            text = RevisionText.applied(text, RevisionText.unpacked(difference.body));
        }
        String checksum = rows.getLast().checksum;
        if (checksum != null && !checksum.equals(RevisionText.checksum(text))) {
            throw new StoreException("A revision is damaged");
        }
        remembered.put(id, new Kept(number, text));
        return text;
    }

    /** Keeps the text after an edit. */
    void add(String id, int number, Instant at, Words words, String body, @Nullable Integer step) throws SQLException {
        Optional<String> difference = difference(id, number, body);
        database.update(
                "INSERT INTO revision (document, number, made_at, words, body, step, base, checksum) VALUES (?, ?, ?,"
                        + " ?, ?, ?, ?, ?)",
                id,
                number,
                at.truncatedTo(ChronoUnit.SECONDS).toString(),
                WordsJson.write(words),
                RevisionText.packed(difference.orElse(body)),
                step,
                difference.isPresent() ? number - 1 : null,
                RevisionText.checksum(body));
        remembered.put(id, new Kept(number, body));
    }

    /** What the revision before lacks of a text; empty where it is better kept whole. */
    private Optional<String> difference(String id, int number, String body) throws SQLException {
        if (number == 1) {
            return Optional.empty();
        }
        int whole = database.number(
                "SELECT coalesce(max(number), 0) FROM revision WHERE document = ? AND number < ? AND base IS NULL",
                id,
                number);
        if (number - whole > MOST_DIFFERENCES) {
            return Optional.empty();
        }
        try {
            String difference = RevisionText.difference(text(id, number - 1), body);
            return difference.length() * 2 < body.length() ? Optional.of(difference) : Optional.empty();
        } catch (StoreException | IndexOutOfBoundsException | Refusal damagedBefore) {
            return Optional.empty();
        }
    }

    /** Every edit, oldest first, those undone included. */
    List<Revision> history(String id, int current) throws SQLException {
        return database.list(
                "SELECT number, made_at, words FROM revision WHERE document = ? ORDER BY number",
                row -> new Revision(
                        row.getInt(1),
                        Instant.parse(row.getString(2)),
                        WordsJson.read(row.getString(3)),
                        row.getInt(1) == current),
                id);
    }
}
