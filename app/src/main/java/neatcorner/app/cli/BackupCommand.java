package neatcorner.app.cli;

import java.nio.file.Path;
import neatcorner.files.store.ShopStore;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code neat-corner backup SHOP FILE}. */
@Command(
        name = "backup",
        description = "Write a whole copy of a shop to a new file, also while a window has it open.",
        mixinStandardHelpOptions = true)
final class BackupCommand implements Runnable {
    @Parameters(index = "0", paramLabel = "SHOP", description = "The shop.")
    private Path shop;
    @Parameters(index = "1", paramLabel = "FILE", description = "Where the copy goes; nothing may be there yet.")
    private Path copy;

    @Override
    public void run() {
        ShopStore.backup(shop, copy);
        System.out.println(copy + " is a copy of " + shop);
    }
}
