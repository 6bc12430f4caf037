package neatcorner.app.desk;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.Machines;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.Shop;
import neatcorner.files.json.Document;
import neatcorner.files.picture.CustomerPicture;
import neatcorner.files.store.ShopStore;

/** The invented demonstration shop. It always works on a fresh copy, never on the maker's own shop. */
public final class Demo {
    private static final int JOBS = 30;
    private static final int LAST_PROOF_DAYS = 3;

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

    /** The shop with its proofs moved so that the last was made a few days before. */
    private static Document<Shop> asOf(Document<Shop> shop, LocalDate today) {
        Machines machines = shop.value().machines();
        LocalDate last = machines.all().stream()
                .flatMap(machine -> machine.proofs().stream())
                .map(Proof::day)
                .max(Comparator.naturalOrder())
                .orElse(today);
        long days = last.until(today, ChronoUnit.DAYS) - LAST_PROOF_DAYS;
        List<Machine> moved = machines.all().stream()
                .map(machine -> machine.withProofs(
                        machine.proofs().stream().map(proof -> proof.later(days)).toList()))
                .toList();
        return shop.with(shop.value().withMachines(new Machines(moved, Optional.of(today))));
    }

    /** A store with the demonstration in it, at a place where none is yet. */
    public static ShopStore store(Path file, Clock clock) {
        LocalDate today = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        ShopStore store = ShopStore.open(file, clock, asOf(shop(), today));
        jobs().forEach(job -> {
            job.value().contents().picture()
                    .ifPresent(name -> store.keepPicture(new CustomerPicture(name, bytes("pictures/" + name))));
            store.add(job, Words.of("job.demonstration"));
        });
        return store;
    }
}
