package neatcorner.files.json;

import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import neatcorner.core.job.Job;
import neatcorner.core.job.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A job or a shop as it stands in a file or in the store, with every field that this version does
 * not know kept for whoever does.
 *
 * @param <T> what it holds
 */
public final class Document<T> {
    /** The version of both formats that is written, and the newest that is read. */
    public static final int VERSION = 1;
    private static final Kind<Job> JOB = new Kind<>("neat-corner job", JobJson::read, JobJson::write);
    private static final Kind<Shop> SHOP = new Kind<>("neat-corner shop", ShopJson::read, ShopJson::write);

    private final Kind<T> kind;
    private final T value;
    /** Gives what this version does not know. Asked for only on writing: most documents are only read. */
    private final Supplier<ObjectNode> unknown;

    private record Kind<T>(String format, Function<Fields, T> read, BiConsumer<T, ObjectNode> write) {
        ObjectNode written(T value) {
            ObjectNode node = Trees.object();
            node.put("format", format);
            node.put("version", VERSION);
            write.accept(value, node);
            return node;
        }
    }

    private Document(Kind<T> kind, T value, Supplier<ObjectNode> unknown) {
        this.kind = kind;
        this.value = value;
        this.unknown = unknown;
    }

    /** A new job document. */
    public static Document<Job> of(Job job) {
        return new Document<>(JOB, job, Trees::object);
    }

    /** A new shop document. */
    public static Document<Shop> of(Shop shop) {
        return new Document<>(SHOP, shop, Trees::object);
    }

    /** Reads a job; throws {@link FormatException} when it cannot be. */
    public static Document<Job> readJob(String text) {
        return read(JOB, text);
    }

    /** Reads a shop; throws {@link FormatException} when it cannot be. */
    public static Document<Shop> readShop(String text) {
        return read(SHOP, text);
    }

    private static <T> Document<T> read(Kind<T> kind, String text) {
        JsonNode tree = Trees.read(text);
        Fields fields = new Fields(tree, "");
        if (!fields.text("format").equals(kind.format())) {
            throw new FormatException("format", "is \"" + fields.text("format") + "\"; it must be \"" + kind.format() + "\"");
        }
        int version = fields.whole("version");
        if (version < 1 || version > VERSION) {
            throw new FormatException("version", "is " + version + "; this Neat Corner reads up to " + VERSION
                    + (version > VERSION ? ". The file was written by a newer one: update to open it" : ""));
        }
        T value = kind.read().apply(fields);
        return new Document<>(kind, value, () -> unknown((ObjectNode) tree, kind.written(value)));
    }

    /** What stands in {@code source} but not in {@code known}, object by object. */
    private static ObjectNode unknown(ObjectNode source, ObjectNode known) {
        ObjectNode rest = Trees.object();
        for (var field : source.properties()) {
            JsonNode mine = known.get(field.getKey());
            if (mine == null) {
                rest.set(field.getKey(), field.getValue());
            } else if (mine.isObject() && field.getValue().isObject()) {
                keep(rest, field.getKey(), unknown((ObjectNode) field.getValue(), (ObjectNode) mine));
            } else if (mine.isArray() && field.getValue().isArray()) {
                keep(rest, field.getKey(), unknownItems(field.getValue(), mine));
            }
        }
        return rest;
    }

    /** Items are told apart by their place; the rest of each stands under its number. */
    private static ObjectNode unknownItems(JsonNode source, JsonNode known) {
        ObjectNode rest = Trees.object();
        for (int i = 0; i < Math.min(source.size(), known.size()); i++) {
            if (source.get(i).isObject() && known.get(i).isObject()) {
                keep(rest, Integer.toString(i), unknown((ObjectNode) source.get(i), (ObjectNode) known.get(i)));
            }
        }
        return rest;
    }

    private static void keep(ObjectNode rest, String name, ObjectNode part) {
        if (!part.isEmpty()) {
            rest.set(name, part);
        }
    }

    private static void restore(JsonNode node, ObjectNode rest) {
        for (var field : rest.properties()) {
            if (node.isArray()) {
                JsonNode item = node.get(Integer.parseInt(field.getKey()));
                if (item != null && item.isObject()) {
                    restore(item, (ObjectNode) field.getValue());
                }
                continue;
            }
            JsonNode mine = node.get(field.getKey());
            if (mine == null) {
                ((ObjectNode) node).set(field.getKey(), field.getValue());
            } else if ((mine.isObject() || mine.isArray()) && field.getValue().isObject()) {
                restore(mine, (ObjectNode) field.getValue());
            }
        }
    }

    /** What it holds. */
    public T value() {
        return value;
    }

    /** The same document with another value; what is not known here is carried along. */
    public Document<T> with(T other) {
        ObjectNode kept = unknown.get();
        return new Document<>(kind, other, () -> kept);
    }

    /** As text, for a file. */
    public String text() {
        ObjectNode node = kind.written(value);
        restore(node, unknown.get());
        return Trees.write(node);
    }
}
