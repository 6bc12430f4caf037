package neatcorner.app.desk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.logging.FileHandler;
import java.util.logging.Formatter;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.logging.LogRecord;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Where faults of the program go with their traces, so that whoever mends it can read them and whoever
 * works with it need not: a small file beside the shop, replaced by a new one when it has grown. It names
 * classes and lines and nothing else, so that it can be sent to a stranger: messages of exceptions, which
 * may hold a path or a customer's name, are left out. What libraries warn of goes there too.
 */
public final class FaultLog {
    static {
        // Named, it is not looked for in every library at each start.
        System.setProperty("slf4j.provider", "org.slf4j.jul.JULServiceProvider");
        System.setProperty("slf4j.internal.verbosity", "ERROR");
    }

    private static final Logger LOG = LoggerFactory.getLogger("neatcorner");
    private static final java.util.logging.Logger EVERYTHING = LogManager.getLogManager().getLogger("");
    private static final int BYTES = 256 * 1024;
    private static final int FILES = 2;

    private FaultLog() {
    }

    /** From now on faults go to {@code faults.0.log} in this folder; where it cannot be written they are dropped. */
    public static synchronized void keepIn(Path folder) {
        silence();
        Handler file = new Late(folder);
        file.setLevel(Level.WARNING);
        EVERYTHING.addHandler(file);
    }

    /** Nothing is written to the terminal or anywhere else. */
    public static synchronized void silence() {
        for (Handler old : EVERYTHING.getHandlers()) {
            EVERYTHING.removeHandler(old);
            old.close();
        }
    }

    /** Faults that nobody caught, of any thread, are kept, and then {@code tell} is called on that thread. */
    public static void watch(Runnable tell) {
        Thread.setDefaultUncaughtExceptionHandler((thread, fault) -> {
            keep("uncaught in " + thread.getName(), fault);
            tell.run();
        });
    }

    /**
     * Keeps a fault.
     *
     * @param doing what the program was at, in its own words; nothing that a person typed
     */
    public static void keep(String doing, Throwable fault) {
        LOG.error(doing, fault);
    }

    /** A file that is opened when there is something to write: at the start of a good day nothing is. */
    private static final class Late extends Handler {
        private final Path folder;
        private Optional<FileHandler> file = Optional.empty();

        Late(Path folder) {
            this.folder = folder;
        }

        @Override
        public synchronized void publish(LogRecord kept) {
            if (!isLoggable(kept)) {
                return;
            }
            try {
                if (file.isEmpty()) {
                    Files.createDirectories(folder);
                    file = Optional.of(
                            new FileHandler(folder.resolve("faults.%g.log").toString(), BYTES, FILES, true));
                    file.get().setFormatter(new Traces());
                }
                file.get().publish(kept);
            } catch (IOException cannotBeKept) {
                setLevel(Level.OFF);
            }
        }

        @Override
        public synchronized void flush() {
            file.ifPresent(Handler::flush);
        }

        @Override
        public synchronized void close() {
            file.ifPresent(Handler::close);
            file = Optional.empty();
        }
    }

    /** When, what the program was at, and the way to the fault and to what caused it. */
    private static final class Traces extends Formatter {
        @Override
        public String format(LogRecord kept) {
            StringBuilder text = new StringBuilder();
            text.append(kept.getInstant()).append(' ').append(kept.getLoggerName()).append(": ");
            if (kept.getLoggerName().startsWith("neatcorner")) {
                text.append(kept.getMessage());
            }
            text.append(System.lineSeparator());
            for (Throwable fault = kept.getThrown(); fault != null; fault = fault.getCause()) {
                text.append("  ").append(fault.getClass().getName()).append(System.lineSeparator());
                for (StackTraceElement at : fault.getStackTrace()) {
                    text.append("    ").append(at).append(System.lineSeparator());
                }
            }
            return text.toString();
        }
    }
}
