package neatcorner.files.json;

import java.io.StringWriter;
import neatcorner.core.phrase.Words;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.ObjectReadContext;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.PrettyPrinter;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamConstraintsException;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.DefaultPrettyPrinter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * JSON text to trees and back with the library's parser and generator. Its object mapper could do the
 * same, but setting one up is a tenth of the time to the first window.
 */
final class Trees {
    private static final JsonFactory FACTORY = JsonFactory.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION).build();
    /** No document of ours goes a tenth as deep; more would only run out of stack. */
    private static final int DEEPEST = 100;
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private Trees() {
    }

    static ObjectNode object() {
        return NODES.objectNode();
    }

    /**
     * The one value in the text. A byte-order mark at its start is passed over.
     *
     * @throws FormatException with line and column when there is not exactly one
     */
    static JsonNode read(String text) {
        String bare = text.startsWith("\ufeff") ? text.substring(1) : text;
        try (JsonParser parser = FACTORY.createParser(ObjectReadContext.empty(), bare)) {
            if (parser.nextToken() == null) {
                throw new FormatException("", Words.of("refused.trees.is_empty_object"));
            }
            JsonNode tree = value(parser, 0);
            if (parser.nextToken() != null) {
                throw new FormatException(
                        "", Words.of("refused.trees.goes_on_after_its", place(parser.currentTokenLocation())));
            }
            return tree;
        } catch (StreamConstraintsException tooMuch) {
            throw new FormatException(
                    "", Words.of("refused.trees.holds_number_text_that", place(tooMuch.getLocation())));
        } catch (JacksonException broken) {
            boolean twice = broken.getOriginalMessage().startsWith("Duplicate");
            throw new FormatException(
                    "", Words.of(twice ? "refused.trees.twice" : "refused.trees.no_json", place(broken.getLocation())));
        }
    }

    /** Where, in our own words: the library's message echoes the file and names its own switches. */
    private static String place(@Nullable TokenStreamLocation at) {
        return at == null ? "" : " (line " + at.getLineNr() + ", column " + at.getColumnNr() + ")";
    }

    private static JsonNode value(JsonParser parser, int depth) {
        if (depth > DEEPEST) {
            throw new FormatException(
                    "", Words.of("refused.trees.is_nested_more_than", DEEPEST, place(parser.currentTokenLocation())));
        }
        return switch (parser.currentToken()) {
            case START_OBJECT -> {
                ObjectNode object = NODES.objectNode();
                while (parser.nextToken() != JsonToken.END_OBJECT) {
                    String name = parser.currentName();
                    parser.nextToken();
                    object.set(name, value(parser, depth + 1));
                }
                yield object;
            }
            case START_ARRAY -> {
                ArrayNode array = NODES.arrayNode();
                while (parser.nextToken() != JsonToken.END_ARRAY) {
                    array.add(value(parser, depth + 1));
                }
                yield array;
            }
            case VALUE_STRING -> NODES.stringNode(parser.getString());
            case VALUE_NUMBER_INT -> NODES.numberNode(parser.getBigIntegerValue());
            case VALUE_NUMBER_FLOAT -> NODES.numberNode(parser.getDecimalValue());
            case VALUE_TRUE, VALUE_FALSE -> NODES.booleanNode(parser.getBooleanValue());
            default -> NODES.nullNode();
        };
    }

    /** The tree as text for people, with a line break at its end. */
    static String write(JsonNode tree) {
        StringWriter text = new StringWriter();
        ObjectWriteContext pretty = new ObjectWriteContext.Base() {
            @Override
            public PrettyPrinter getPrettyPrinter() {
                return new DefaultPrettyPrinter();
            }

            @Override
            public boolean hasPrettyPrinter() {
                return true;
            }
        };
        try (JsonGenerator out = FACTORY.createGenerator(pretty, text)) {
            write(tree, out);
        }
        return text.append('\n').toString();
    }

    private static void write(JsonNode node, JsonGenerator out) {
        switch (node.getNodeType()) {
            case OBJECT -> {
                out.writeStartObject();
                node.properties().forEach(field -> {
                    out.writeName(field.getKey());
                    write(field.getValue(), out);
                });
                out.writeEndObject();
            }
            case ARRAY -> {
                out.writeStartArray();
                node.forEach(item -> write(item, out));
                out.writeEndArray();
            }
            case STRING -> out.writeString(node.stringValue());
            case NUMBER -> out.writeNumber(node.decimalValue());
            case BOOLEAN -> out.writeBoolean(node.booleanValue());
            default -> out.writeNull();
        }
    }
}
