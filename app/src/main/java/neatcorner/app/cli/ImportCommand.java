package neatcorner.app.cli;

import java.nio.file.Path;
import java.time.Clock;
import neatcorner.files.store.ShopFolder;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code neat-corner import FOLDER SHOP}: reads back what {@code export} wrote. */
@Command(
        name = "import",
        description = "Make a new shop of a folder of open files, as export writes them.",
        mixinStandardHelpOptions = true)
final class ImportCommand implements Runnable {
    @Parameters(index = "0", paramLabel = "FOLDER", description = "The folder, with shop.json, jobs and away in it.")
    private Path folder;
    @Parameters(index = "1", paramLabel = "SHOP", description = "The new shop's file; nothing may be there yet.")
    private Path shop;

    @Override
    public void run() {
        int jobs = ShopFolder.read(folder, shop, Clock.systemUTC());
        System.out.println("made " + shop + " of the shop and " + jobs + " jobs");
    }
}
