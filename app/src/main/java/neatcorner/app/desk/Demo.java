package neatcorner.app.desk;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Shop;
import neatcorner.files.json.Document;
import neatcorner.files.picture.CustomerPicture;
import neatcorner.files.store.ShopStore;

/** The invented demonstration shop. It always works on a fresh copy, never on the maker's own shop. */
public final class Demo {
    private static final int JOBS = 30;

    private Demo() {
    }

    /** The shop. */
    public static Document<Shop> shop() {
        return Document.readShop(text("shop.json"));
    }

    /** The jobs. */
    public static List<Document<Job>> jobs() {
        return IntStream.rangeClosed(1, JOBS).mapToObj(n -> Document.readJob(text("job-" + n + ".json"))).toList();
    }

    private static String text(String name) {
        return new String(bytes(name), StandardCharsets.UTF_8);
    }

    private static byte[] bytes(String name) {
        try (InputStream stream = Demo.class.getResourceAsStream("/neatcorner/app/demo/" + name)) {
            if (stream == null) {
                throw new IOException("the demonstration lacks " + name);
            }
            return stream.readAllBytes();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** A store with the demonstration in it, at a place where none is yet. */
    public static ShopStore store(Path file, Clock clock) {
        ShopStore store = ShopStore.open(file, clock, shop());
        jobs().forEach(job -> {
            job.value().contents().picture()
                    .ifPresent(name -> store.keepPicture(new CustomerPicture(name, bytes("pictures/" + name))));
            store.add(job, Words.of("job.demonstration"));
        });
        return store;
    }
}
