package neatcorner.files.json;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.measure.Unit;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import tools.jackson.databind.JsonNode;

/**
 * An object of a document with its path, so that whatever is wrong with a field can be said with the
 * field's name, its value and what is allowed.
 */
final class Fields {
    private final JsonNode node;
    private final String path;

    Fields(JsonNode node, String path) {
        if (!node.isObject()) {
            throw new FormatException(path, Words.of("refused.fields.is_object", shown(node)));
        }
        this.node = node;
        this.path = path;
    }

    /** The object a text holds. */
    static Fields of(String text) {
        return new Fields(Trees.read(text), "");
    }

    private static String shown(JsonNode node) {
        String text = node.toString();
        return text.length() > 60 ? text.substring(0, 57) + "…" : text;
    }

    String path(String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    boolean has(String name) {
        return node.has(name) && !node.get(name).isNull();
    }

    boolean isObject(String name) {
        return has(name) && node.get(name).isObject();
    }

    /** Whatever stands there; throws when it is missing. */
    JsonNode any(String name) {
        return get(name);
    }

    private JsonNode get(String name) {
        if (!has(name)) {
            throw new FormatException(path(name), Words.of("refused.fields.is_missing"));
        }
        return node.get(name);
    }

    Fields object(String name) {
        return new Fields(get(name), path(name));
    }

    <T> Optional<T> optional(String name, Function<String, T> read) {
        return has(name) ? Optional.of(read.apply(name)) : Optional.empty();
    }

    /** Builds a value; what its constructor refuses is said of this object. */
    <T> T build(Supplier<T> build) {
        try {
            return build.get();
        } catch (FormatException alreadySaid) {
            throw alreadySaid;
        } catch (Refusal refused) {
            throw new FormatException(path, refused.words());
        }
    }

    String text(String name) {
        JsonNode value = get(name);
        if (!value.isString()) {
            throw new FormatException(path(name), Words.of("refused.fields.is_text", shown(value)));
        }
        return value.stringValue();
    }

    String text(String name, String missing) {
        return has(name) ? text(name) : missing;
    }

    int whole(String name) {
        JsonNode value = get(name);
        if (!value.isIntegralNumber()) {
            throw new FormatException(path(name), Words.of("refused.fields.is_whole_number", shown(value)));
        }
        if (!value.canConvertToInt()) {
            throw new FormatException(
                    path(name),
                    Words.of("refused.fields.is_whole_number_2", shown(value), Integer.MIN_VALUE, Integer.MAX_VALUE));
        }
        return value.intValue();
    }

    /** A plain number without a unit, finite. */
    double number(String name) {
        JsonNode value = get(name);
        double number = value.isNumber() ? value.decimalValue().doubleValue() : Double.NaN;
        if (!Double.isFinite(number)) {
            throw new FormatException(path(name), Words.of("refused.fields.is_number", shown(value)));
        }
        return number;
    }

    /** Every field of this object as a length. */
    Map<String, Length> lengths() {
        Map<String, Length> values = new LinkedHashMap<>();
        node.propertyNames().forEach(name -> values.put(name, length(name)));
        return values;
    }

    boolean flag(String name, boolean missing) {
        if (!has(name)) {
            return missing;
        }
        JsonNode value = get(name);
        if (!value.isBoolean()) {
            throw new FormatException(path(name), Words.of("refused.fields.is_true_false", shown(value)));
        }
        return value.booleanValue();
    }

    /** A length, or this where none is said. */
    Length length(String name, Length otherwise) {
        return has(name) ? length(name) : otherwise;
    }

    /** A whole number, or this where none is said. */
    int whole(String name, int otherwise) {
        return has(name) ? whole(name) : otherwise;
    }

    /** A whole number from the one to the other, or this where none is said. */
    int whole(String name, int otherwise, int least, int most) {
        int value = whole(name, otherwise);
        if (value < least || value > most) {
            throw wrong(name, Words.of("refused.fields.is_out_of_range", value, least, most));
        }
        return value;
    }

    /** A length from the one to the other, or this where none is said. */
    Length length(String name, Length otherwise, Length least, Length most) {
        return has(name) ? length(name, least, most) : otherwise;
    }

    /** A length from the one to the other. */
    Length length(String name, Length least, Length most) {
        Length value = length(name);
        if (value.isUnder(least) || value.isOver(most)) {
            throw wrong(name, Words.of("refused.fields.is_out_of_range", value, least, most));
        }
        return value;
    }

    /** What is wrong with a field of this object. */
    FormatException wrong(String name, Words rule) {
        return new FormatException(path(name), rule);
    }

    /** Refuses fields of other names: a misspelt one would be as good as not there. */
    void knowsOnly(String... names) {
        for (String name : node.propertyNames()) {
            if (!List.of(names).contains(name)) {
                throw wrong(name, Words.of("refused.fields.is_unknown", String.join(", ", names)));
            }
        }
    }

    /** A number of millimetres, or a text with its unit. */
    Length length(String name) {
        return length(get(name), path(name));
    }

    private static Length length(JsonNode value, String path) {
        if (value.isNumber()) {
            BigDecimal mm = value.decimalValue();
            if (mm.abs().compareTo(BigDecimal.valueOf(1_000_000)) > 0) {
                throw new FormatException(path, Words.of("refused.fields.is_mm_under_kilometre", shown(value)));
            }
            return Length.mm(mm);
        }
        if (value.isString()) {
            String text = value.stringValue();
            if (!text.matches(".*[a-zA-Z\"'″′].*")) {
                throw new FormatException(path, Words.of("refused.fields.is_length_in_quotes", shown(value)));
            }
            try {
                return MeasureText.length(text, Unit.MM);
            } catch (Refusal refused) {
                throw new FormatException(path, Words.of("refused.fields.is", refused.words()));
            }
        }
        throw new FormatException(path, Words.of("refused.fields.is_number_of_millimetres", shown(value)));
    }

    Duration minutes(String name, Duration missing) {
        return has(name) ? Duration.ofMinutes(whole(name)) : missing;
    }

    Instant instant(String name) {
        try {
            return Instant.parse(text(name));
        } catch (DateTimeParseException refused) {
            throw new FormatException(path(name), Words.of("refused.fields.is_time_as_t", text(name)));
        }
    }

    <E extends Enum<E>> E constant(String name, Class<E> type) {
        return constant(text(name), type, path(name));
    }

    private static <E extends Enum<E>> E constant(String text, Class<E> type, String path) {
        for (E constant : type.getEnumConstants()) {
            if (name(constant).equals(text)) {
                return constant;
            }
        }
        throw new FormatException(
                path,
                Words.of(
                        "refused.fields.is_one_of",
                        text,
                        Arrays.stream(type.getEnumConstants()).map(Fields::name).collect(Collectors.joining(", "))));
    }

    /** As a constant is written: {@code saw_tooth}. */
    static String name(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    <T> List<T> list(String name, Function<Fields, T> read) {
        if (!has(name)) {
            return List.of();
        }
        List<T> values = new ArrayList<>();
        for (int i = 0; i < array(name).size(); i++) {
            Fields item = new Fields(array(name).get(i), path(name) + "[" + i + "]");
            values.add(item.build(() -> read.apply(item)));
        }
        return values;
    }

    /** A list in which an entry may be a length alone or an object. */
    <T> List<T> lengthsOr(String name, Function<Length, T> alone, Function<Fields, T> read) {
        List<T> values = new ArrayList<>();
        for (int i = 0; has(name) && i < array(name).size(); i++) {
            JsonNode value = array(name).get(i);
            String at = path(name) + "[" + i + "]";
            if (value.isObject()) {
                Fields item = new Fields(value, at);
                values.add(item.build(() -> read.apply(item)));
            } else {
                values.add(alone.apply(length(value, at)));
            }
        }
        return values;
    }

    <E extends Enum<E>> List<E> constants(String name, Class<E> type) {
        List<E> values = new ArrayList<>();
        for (int i = 0; has(name) && i < array(name).size(); i++) {
            JsonNode value = array(name).get(i);
            String at = path(name) + "[" + i + "]";
            if (!value.isString()) {
                throw new FormatException(at, Words.of("refused.fields.is_text", shown(value)));
            }
            values.add(constant(value.stringValue(), type, at));
        }
        return values;
    }

    private JsonNode array(String name) {
        JsonNode value = get(name);
        if (!value.isArray()) {
            throw new FormatException(path(name), Words.of("refused.fields.is_list", shown(value)));
        }
        return value;
    }

    /** Lengths by constant; names that are not known are left alone, for the document keeps them. */
    <E extends Enum<E>> Map<E, Length> lengthsBy(String name, Class<E> type) {
        Map<E, Length> values = new EnumMap<>(type);
        if (has(name)) {
            Fields fields = object(name);
            for (E constant : type.getEnumConstants()) {
                if (fields.has(name(constant))) {
                    values.put(constant, fields.length(name(constant)));
                }
            }
        }
        return values;
    }
}
