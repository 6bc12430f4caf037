package neatcorner.app.desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/**
 * Where faults of the program go with their traces, so that whoever mends it can read them and whoever
 * works with it need not. A small file beside the shop, replaced by a new one when it has grown.
 */
public final class FaultLog {
    private static final Logger LOG = Logger.getLogger("neatcorner");
    private static final int BYTES = 256 * 1024;
    private static final int FILES = 2;

    static {
        LOG.setUseParentHandlers(false);
    }

    private FaultLog() {
    }

    /** From now on faults go to {@code faults.log} in this folder; where it cannot be written they are dropped. */
    public static synchronized void keepIn(Path folder) {
        try {
            Files.createDirectories(folder);
            FileHandler file = new FileHandler(folder.resolve("faults.%g.log").toString(), BYTES, FILES, true);
            file.setFormatter(new SimpleFormatter());
            for (var old : LOG.getHandlers()) {
                LOG.removeHandler(old);
                old.close();
            }
            LOG.addHandler(file);
        } catch (IOException cannotBeKept) {
            LOG.setLevel(Level.OFF);
        }
    }

    /** Keeps a fault with what was being done. */
    public static void keep(String doing, Throwable fault) {
        LOG.log(Level.SEVERE, doing, fault);
    }
}
