package neatcorner.files.json;

import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Supplier;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Shop;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A job or a shop as it stands in a file or in the store, with every field that this version does
 * not know kept for whoever does.
 *
 * @param <T> what it holds
 */
public final class Document<T> {
    private static final Kind<Job> JOB = new Kind<>("neat-corner job", 2, JobJson::read, JobJson::write);
    private static final Kind<Shop> SHOP = new Kind<>("neat-corner shop", 1, ShopJson::read, ShopJson::write);

    private final Kind<T> kind;
    private final T value;
    /** Gives what this version does not know. Asked for only on writing: most documents are only read. */
    private final Supplier<Unknown> unknown;

    /**
     * A kind of document.
     *
     * @param version that is written, and the newest that is read; every earlier one is read too
     */
    private record Kind<T>(String format, int version, Function<Fields, T> read, BiConsumer<T, ObjectNode> write) {
        ObjectNode written(T value) {
            ObjectNode node = Trees.object();
            node.put("format", format);
            node.put("version", version);
            write.accept(value, node);
            return node;
        }
    }

    private Document(Kind<T> kind, T value, Supplier<Unknown> unknown) {
        this.kind = kind;
        this.value = value;
        this.unknown = unknown;
    }

    /** A new job document. */
    public static Document<Job> of(Job job) {
        return new Document<>(JOB, job, () -> Unknown.NOTHING);
    }

    /** A new shop document. */
    public static Document<Shop> of(Shop shop) {
        return new Document<>(SHOP, shop, () -> Unknown.NOTHING);
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
            throw new FormatException("format", Words.of("refused.document.is", fields.text("format"), kind.format()));
        }
        int version = fields.whole("version");
        if (version < 1 || version > kind.version()) {
            throw new FormatException(
                    "version",
                    Words.of(
                            version > kind.version() ? "refused.document.version_newer" : "refused.document.version",
                            version,
                            kind.version()));
        }
        T value = kind.read().apply(fields);
        return new Document<>(kind, value, () -> Unknown.of((ObjectNode) tree, kind.written(value)));
    }

    /** What it holds. */
    public T value() {
        return value;
    }

    /** The same document with another value; what is not known here is carried along. */
    public Document<T> with(T other) {
        Unknown kept = unknown.get();
        if (kept.isEmpty()) {
            return new Document<>(kind, other, () -> kept);
        }
        ObjectNode known = kind.written(value);
        ObjectNode whole = known.deepCopy();
        kept.restore(whole);
        Unknown now = Unknown.of(whole, known);
        return new Document<>(kind, other, () -> now);
    }

    /** As text, for a file. */
    public String text() {
        ObjectNode node = kind.written(value);
        unknown.get().restore(node);
        return Trees.write(node);
    }
}
