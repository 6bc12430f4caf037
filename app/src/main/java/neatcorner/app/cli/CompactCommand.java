package neatcorner.app.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import neatcorner.files.store.ShopStore;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code neat-corner compact SHOP}. */
@Command(
        name = "compact",
        description = "Give the room back that removed jobs left in a shop's file; no window may have it open.",
        mixinStandardHelpOptions = true)
final class CompactCommand implements Runnable {
    @Parameters(paramLabel = "SHOP", description = "The shop.")
    private Path shop;

    @Override
    public void run() {
        if (!Files.isRegularFile(shop)) {
            throw new CommandException(shop + ": there is no such shop");
        }
        long before = size();
        try (ShopStore store = ShopStore.open(shop, Clock.systemUTC())) {
            store.compact();
        }
        System.out.println(shop + ": " + (before >> 10) + " KB before, " + (size() >> 10) + " KB now");
    }

    private long size() {
        try {
            return Files.size(shop);
        } catch (IOException failed) {
            throw new CommandException(shop + ": it cannot be read");
        }
    }
}
