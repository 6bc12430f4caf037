package neatcorner.app.cli;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.store.Revision;
import neatcorner.files.store.ShopStore;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code neat-corner export SHOP FOLDER}: every job and the shop itself as open files, with what was done to them. */
@Command(name = "export", description = "Write a whole shop as open files to a folder: shop.json, a file for every job, and their histories.", mixinStandardHelpOptions = true)
final class ExportCommand implements Runnable {
    @Parameters(index = "0", paramLabel = "SHOP", description = "The shop; no window may have it open.")
    private @Nullable Path shop;
    @Parameters(index = "1", paramLabel = "FOLDER", description = "A folder that is not there yet, or is empty.")
    private @Nullable Path folder;

    @Override
    public void run() {
        if (!Files.isRegularFile(shop)) {
            throw new CommandException(shop + ": there is no such shop");
        }
        prepare();
        try (ShopStore store = ShopStore.open(shop, Clock.systemUTC())) {
            write("shop.json", store.shop().text());
            write("shop.history.txt", history(store.history(ShopStore.shopId())));
            int number = 1;
            for (ShopStore.Listed job : store.jobs()) {
                String name = String.format(Locale.ROOT, "%s/%04d", job.away() ? "away" : "jobs", number++);
                write(name + ".json", store.job(job.id()).text());
                write(name + ".history.txt", history(store.history(job.id())));
            }
            // A damaged edit was passed over: what is written is the one before it.
            store.notices().forEach(notice -> System.err.println("neat-corner: " + notice));
            System.out.println("wrote the shop and " + store.jobs().size() + " jobs to " + folder);
        }
    }

    private void prepare() {
        try {
            if (Files.exists(folder) && (!Files.isDirectory(folder) || Files.list(folder).findAny().isPresent())) {
                throw new CommandException(folder + ": it is there and not empty; name another folder");
            }
            Files.createDirectories(folder.resolve("jobs"));
            Files.createDirectories(folder.resolve("away"));
        } catch (IOException failed) {
            throw new CommandException(folder + ": the folder cannot be made");
        }
    }

    private void write(String name, String text) {
        WholeFile.write(folder.resolve(name), text.getBytes(StandardCharsets.UTF_8));
    }

    private static String history(List<Revision> revisions) {
        return revisions.stream().map(r -> r.at() + "  " + r.words() + (r.current() ? "  (as it stands)" : "")).collect(Collectors.joining("\n", "", "\n"));
    }
}
