package neatcorner.files.json;

import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was done to a document, as an open file beside it: every edit as its difference from the one before.
 *
 * @param edits   at least one, oldest first, those undone included
 * @param current where the document stands, from 1
 */
public record History(List<Edit> edits, int current) {
    private static final String FORMAT = "neat-corner history";
    /** From version 2 on, words may be data. */
    private static final int VERSION = 2;

    public History {
        edits = List.copyOf(edits);
        if (current < 1 || current > edits.size()) {
            throw Refusal.of("history.current_is", current, edits.size());
        }
    }

    /**
     * One edit with the whole text it left.
     *
     * @param at    when it was made, to the second
     * @param words what it did
     * @param step  the number of the step it was done in with edits of other documents; empty where it stands alone
     * @param text  of the document after it
     */
    public record Edit(Instant at, Words words, Optional<Integer> step, String text) {
    }

    /** A document that was made just now. */
    public static History started(Instant at, Words words, String text) {
        return new History(List.of(new Edit(at, words, Optional.empty(), text)), 1);
    }

    /** The document as it stands. */
    public String now() {
        return edits.get(current - 1).text();
    }

    /** With one edit more, after where the document stands; what had been undone is gone. */
    public History then(Instant at, Words words, String text) {
        List<Edit> longer = new ArrayList<>(edits.subList(0, current));
        longer.add(new Edit(at, words, Optional.empty(), text));
        return new History(longer, longer.size());
    }

    /** As JSON. */
    public String text() {
        ObjectNode node = Trees.object().put("format", FORMAT).put("version", VERSION).put("current", current);
        ArrayNode list = node.putArray("edits");
        String before = "";
        for (Edit edit : edits) {
            TextChange change = TextChange.between(before, edit.text());
            ObjectNode item = list.addObject().put("at", edit.at().toString());
            item.set("words", WordsJson.node(edit.words()));
            edit.step().ifPresent(step -> item.put("step", step));
            item.put("keep_start", change.keepStart()).put("keep_end", change.keepEnd()).put("text", change.text());
            before = edit.text();
        }
        return Trees.write(node);
    }

    /** Reads one; throws {@link FormatException} when it cannot be. */
    public static History read(String text) {
        Fields fields = new Fields(Trees.read(text), "");
        if (!fields.text("format").equals(FORMAT)) {
            throw new FormatException("format", Words.of("refused.history.is", fields.text("format"), FORMAT));
        }
        if (fields.whole("version") < 1 || fields.whole("version") > VERSION) {
            throw new FormatException(
                    "version", Words.of("refused.history.is_this_version_reads", fields.whole("version"), VERSION));
        }
        String[] before = {""};
        return fields.build(() -> new History(
                fields.list("edits", item -> {
                    before[0] = new TextChange(item.whole("keep_start"), item.whole("keep_end"), item.text("text"))
                            .of(before[0]);
                    return new Edit(
                            time(item),
                            words(item),
                            item.has("step") ? Optional.of(item.whole("step")) : Optional.empty(),
                            before[0]);
                }),
                fields.whole("current")));
    }

    private static Words words(Fields item) {
        return WordsJson.of(item.any("words"))
                .orElseThrow(() -> new FormatException(item.path("words"), Words.of("refused.history.words")));
    }

    private static Instant time(Fields item) {
        try {
            return Instant.parse(item.text("at"));
        } catch (DateTimeException refused) {
            throw new FormatException(item.path("at"), Words.of("refused.history.is_time_as_t", item.text("at")));
        }
    }
}
