package neatcorner.app.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import neatcorner.core.job.Job;
import neatcorner.core.job.Shop;
import neatcorner.files.json.Document;
import neatcorner.files.json.FormatException;
import neatcorner.files.store.ShopStore;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code neat-corner import FOLDER SHOP}: reads back what {@code export} wrote. */
@Command(name = "import", description = "Make a new shop of a folder of open files, as export writes them.", mixinStandardHelpOptions = true)
final class ImportCommand implements Runnable {
    @Parameters(index = "0", paramLabel = "FOLDER", description = "The folder, with shop.json, jobs and away in it.")
    private @Nullable Path folder;
    @Parameters(index = "1", paramLabel = "SHOP", description = "The new shop's file; nothing may be there yet.")
    private @Nullable Path shop;

    /** A job with the file it came from. */
    private record Read(Document<Job> job, boolean away) {
    }

    @Override
    public void run() {
        if (Files.exists(shop)) {
            throw new CommandException(shop + ": it is there already; name a new file");
        }
        Document<Shop> start = read(folder.resolve("shop.json"), Document::readShop);
        List<Read> jobs = Stream.concat(jobs("jobs").map(job -> new Read(job, false)), jobs("away").map(job -> new Read(job, true))).toList();
        try (ShopStore store = ShopStore.open(shop, Clock.systemUTC(), start)) {
            for (Read read : jobs) {
                String id = store.add(read.job(), "taken in from a file");
                if (read.away()) {
                    store.putAway(id, true);
                }
            }
        }
        System.out.println("made " + shop + " of the shop and " + jobs.size() + " jobs");
    }

    private Stream<Document<Job>> jobs(String name) {
        Path in = folder.resolve(name);
        if (!Files.isDirectory(in)) {
            return Stream.of();
        }
        try (Stream<Path> files = Files.list(in)) {
            return files.filter(file -> file.toString().endsWith(".json")).sorted().map(file -> read(file, Document::readJob)).toList().stream();
        } catch (IOException failed) {
            throw new CommandException(in + ": the folder cannot be read");
        }
    }

    private static <T> T read(Path file, Function<String, T> reading) {
        try {
            return reading.apply(JobFile.text(file));
        } catch (FormatException refused) {
            throw new CommandException(file + ": " + refused.getMessage());
        }
    }
}
