package neatcorner.app.cli;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import neatcorner.files.store.ShopFolder;
import neatcorner.files.store.ShopStore;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code neat-corner export SHOP FOLDER}: every job and the shop itself as open files, with what was done to them. */
@Command(
        name = "export",
        description =
                "Write a whole shop as open files to a folder: shop.json, a file for every job, and their histories.",
        mixinStandardHelpOptions = true)
final class ExportCommand implements Runnable {
    @Parameters(index = "0", paramLabel = "SHOP", description = "The shop; no window may have it open.")
    private Path shop;
    @Parameters(index = "1", paramLabel = "FOLDER", description = "A folder that is not there yet, or is empty.")
    private Path folder;

    @Override
    public void run() {
        if (!Files.isRegularFile(shop)) {
            throw new CommandException(shop + ": there is no such shop");
        }
        try (ShopStore store = ShopStore.open(shop, Clock.systemUTC())) {
            int jobs = ShopFolder.write(store, folder);
            store.notices().forEach(notice -> System.err.println("neat-corner: " + notice));
            System.out.println("wrote the shop and " + jobs + " jobs to " + folder);
        }
    }
}
