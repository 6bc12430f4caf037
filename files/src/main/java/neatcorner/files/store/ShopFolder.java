package neatcorner.files.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Words;
import neatcorner.core.work.WorkLog;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.json.Document;
import neatcorner.files.json.FormatException;
import neatcorner.files.json.History;
import neatcorner.files.json.WorkJson;
import neatcorner.files.picture.CustomerPicture;

/**
 * A whole shop as open files: {@code shop.json} with all that belongs to the shop, {@code jobs} and
 * {@code away} with a file for every job, beside each the history of what was done to it, and {@code pictures}.
 */
public final class ShopFolder {
    private static final String SHOP = "shop";
    private static final String JOBS = "jobs";
    private static final String AWAY = "away";
    private static final String PICTURES = "pictures";
    private static final String DOCUMENT = ".json";
    private static final String HISTORY = ".history.json";
    private static final String WORK = ".work.json";
    private static final long LARGEST = 1L << 30;

    private ShopFolder() {
    }

    /**
     * Writes a shop to a folder that is not there yet or is empty.
     *
     * @return how many jobs were written
     * @throws StoreException when the folder holds something or cannot be made
     */
    public static int write(ShopStore store, Path folder) {
        prepare(folder);
        write(folder.resolve(SHOP), store.whole(ShopStore.shopId()));
        List<ShopStore.Listed> jobs = store.jobs();
        int number = 1;
        for (ShopStore.Listed job : jobs) {
            Path name = folder.resolve(job.away() ? AWAY : JOBS).resolve(String.format(Locale.ROOT, "%04d", number++));
            write(name, store.whole(job.id()));
            WorkLog work = store.work(job.id());
            if (!work.entries().isEmpty()) {
                WholeFile.write(beside(name, WORK), WorkJson.write(work).getBytes(StandardCharsets.UTF_8));
            }
        }
        for (String name : store.pictures()) {
            store.picture(name).ifPresent(picture -> WholeFile.write(
                    folder.resolve(PICTURES).resolve(picture.name()), picture.bytes()));
        }
        return jobs.size();
    }

    private static void prepare(Path folder) {
        try {
            if (Files.exists(folder)) {
                if (!Files.isDirectory(folder)) {
                    throw new StoreException(folder + ": it is a file; name a folder");
                }
                try (Stream<Path> inside = Files.list(folder)) {
                    if (inside.findAny().isPresent()) {
                        throw new StoreException(folder + ": it is there and not empty; name another folder");
                    }
                }
            }
            Files.createDirectories(folder.resolve(JOBS));
            Files.createDirectories(folder.resolve(AWAY));
            Files.createDirectories(folder.resolve(PICTURES));
        } catch (IOException failed) {
            throw new StoreException(folder + ": the folder cannot be made", failed);
        }
    }

    private static void write(Path name, History history) {
        WholeFile.write(beside(name, DOCUMENT), history.now().getBytes(StandardCharsets.UTF_8));
        WholeFile.write(beside(name, HISTORY), history.text().getBytes(StandardCharsets.UTF_8));
    }

    private static Path beside(Path name, String ending) {
        return name.resolveSibling(name.getFileName() + ending);
    }

    /** A job with what was done to it. */
    private record Read(ShopStore.Listed listed, History history, WorkLog work) {
    }

    /**
     * Makes a new shop of a folder. A document that was changed since, or has no history beside it, is taken
     * as it is, as one edit more. Everything is read before the shop is made.
     *
     * @return how many jobs were taken in
     * @throws StoreException when there is something at the new place, or a file cannot be read
     */
    public static int read(Path folder, Path shop, Clock clock) {
        if (Files.exists(shop)) {
            throw new StoreException(shop + ": it is there already; name a new file");
        }
        History all = history(folder.resolve(SHOP + DOCUMENT), clock, Document::readShop);
        List<CustomerPicture> pictures = pictures(folder);
        List<Read> jobs = Stream.concat(jobs(folder, JOBS, clock), jobs(folder, AWAY, clock)).toList();
        try (ShopStore store = ShopStore.open(shop, clock, Document.readShop(all.now()))) {
            store.replaceShop(all);
            for (Read job : jobs) {
                String id = store.add(job.listed, job.history);
                job.work.entries().forEach(entry -> store.log(id, entry));
            }
            pictures.forEach(store::keepPicture);
        }
        return jobs.size();
    }

    private static List<CustomerPicture> pictures(Path folder) {
        Path in = folder.resolve(PICTURES);
        if (!Files.isDirectory(in)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(in)) {
            return files.filter(file -> Contents.isPictureName(file.getFileName().toString()))
                    .sorted()
                    .map(CustomerPicture::kept)
                    .toList();
        } catch (IOException failed) {
            throw new StoreException(in + ": the folder cannot be read", failed);
        }
    }

    private static Stream<Read> jobs(Path folder, String name, Clock clock) {
        Path in = folder.resolve(name);
        if (!Files.isDirectory(in)) {
            return Stream.of();
        }
        try (Stream<Path> files = Files.list(in)) {
            return files
                    .filter(file -> file.toString().endsWith(DOCUMENT)
                            && !file.toString().endsWith(HISTORY)
                            && !file.toString().endsWith(WORK))
                    .sorted()
                    .map(file -> {
                        History history = history(file, clock, Document::readJob);
                        Job job = Document.readJob(history.now()).value();
                        return new Read(
                                new ShopStore.Listed("", job.title(), job.order(), name.equals(AWAY)),
                                history,
                                work(file));
                    })
                    .toList()
                    .stream();
        } catch (IOException failed) {
            throw new StoreException(in + ": the folder cannot be read", failed);
        }
    }

    private static <T> History history(Path file, Clock clock, Function<String, Document<T>> reading) {
        String text = WholeFile.readText(file, LARGEST);
        said(file, () -> reading.apply(text));
        Path beside = instead(file, HISTORY);
        Optional<History> kept = Files.isRegularFile(beside)
                ? Optional.of(said(beside, () -> History.read(WholeFile.readText(beside, LARGEST))))
                : Optional.empty();
        Words words = Words.of("shop.taken_in");
        return kept.map(history -> history.now().equals(text) ? history : history.then(clock.instant(), words, text))
                .orElseGet(() -> History.started(clock.instant(), words, text));
    }

    /** Another file of the same document. */
    private static Path instead(Path file, String ending) {
        String name = file.getFileName().toString();
        return file.resolveSibling(name.substring(0, name.length() - DOCUMENT.length()) + ending);
    }

    private static WorkLog work(Path file) {
        Path beside = instead(file, WORK);
        return Files.isRegularFile(beside)
                ? said(beside, () -> WorkJson.read(WholeFile.readText(beside, LARGEST)))
                : WorkLog.NOTHING;
    }

    private interface Reading<T> {
        T read();
    }

    private static <T> T said(Path file, Reading<T> reading) {
        try {
            return reading.read();
        } catch (FormatException refused) {
            throw new StoreException(file + ": " + refused.getMessage(), refused);
        }
    }
}
