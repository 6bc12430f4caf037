package neatcorner.files.json;

import java.time.DateTimeException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.MissingResourceException;
import java.util.Optional;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Quantity;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What was done, kept so that it can be said later in other units and words: the phrase's key and what goes in its
 * gaps, as {@code {"say": "edit.enter", "with": [{"say": "figure.glass"}, {"mm": 304.8}]}}.
 */
public final class WordsJson {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.MM_TENTH);

    private WordsJson() {
    }

    /** As one line of JSON. */
    public static String write(Words words) {
        return node(words).toString();
    }

    static ObjectNode node(Words words) {
        ObjectNode node = Trees.object().put("say", words.key());
        if (!words.args().isEmpty()) {
            ArrayNode with = node.putArray("with");
            words.args().forEach(argument -> add(with, argument));
        }
        return node;
    }

    private static void add(ArrayNode with, Object argument) {
        switch (argument) {
            case Words words -> with.add(node(words));
            case Named named -> with.add(node(named.words()));
            case Enum<?> constant -> with.addObject().put("say", Phrasebook.keyOf(constant));
            case Figure<?> figure -> QuantityJson.write(figure.value(), with.addObject());
            case Quantity quantity -> QuantityJson.write(quantity, with.addObject());
            case Integer number -> with.add(number);
            case String text -> with.add(text);
            case Duration time -> with.addObject().put("duration", time.toString());
            default -> with.add(argument.toString());
        }
    }

    /**
     * Reads what was written. A sentence of an older version, and what this version has no phrase for, is said as it
     * stands.
     */
    public static Words read(String text) {
        if (!text.startsWith("{")) {
            return Words.plain(text);
        }
        try {
            return of(Trees.read(text)).orElseGet(() -> Words.plain(text));
        } catch (FormatException | JacksonException | DateTimeException sentence) {
            return Words.plain(text);
        }
    }

    /** From a node: a text is said as it is. */
    static Optional<Words> of(JsonNode node) {
        if (node.isString()) {
            return Optional.of(Words.plain(node.stringValue()));
        }
        if (!node.path("say").isString()) {
            return Optional.empty();
        }
        List<Object> with = new ArrayList<>();
        for (JsonNode argument : node.path("with")) {
            Optional<?> read = argument(argument);
            if (read.isEmpty()) {
                return Optional.empty();
            }
            with.add(read.get());
        }
        return sayable(new Words(node.path("say").stringValue(), with));
    }

    private static Optional<?> argument(JsonNode node) {
        if (node.isString()) {
            return Optional.of(node.stringValue());
        }
        if (node.isIntegralNumber()) {
            return Optional.of(node.intValue());
        }
        if (node.path("duration").isString()) {
            return Optional.of(Duration.parse(node.get("duration").stringValue()));
        }
        return node.has("say") ? of(node) : QuantityJson.read(node);
    }

    /** A later version may have another phrase under this key, or none. */
    private static Optional<Words> sayable(Words words) {
        try {
            BOOK.say(words);
            return Optional.of(words);
        } catch (MissingResourceException | IndexOutOfBoundsException | ClassCastException other) {
            return Optional.empty();
        }
    }
}
