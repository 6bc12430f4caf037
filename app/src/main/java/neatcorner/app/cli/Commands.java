package neatcorner.app.cli;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.Callable;
import neatcorner.app.desk.FaultLog;
import neatcorner.app.desk.Places;
import neatcorner.app.view.Window;
import neatcorner.core.phrase.Refusal;
import neatcorner.files.disk.FileRefused;
import neatcorner.files.store.ShopStore;
import neatcorner.files.store.StoreException;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/** The command line. */
@Command(
        name = "neat-corner",
        mixinStandardHelpOptions = true,
        version = "Neat Corner 0.1.0",
        description = "From what goes in the frame to a frame on the wall. Without a command: opens your shop.",
        subcommands = {
            DemoCommand.class,
            PlanCommand.class,
            SheetCommand.class,
            CardsCommand.class,
            CutsCommand.class,
            MillCommand.class,
            DrawCommand.class,
            OutlineCommand.class,
            StickPlanCommand.class,
            SheetPlanCommand.class,
            ShotsCommand.class,
            BackupCommand.class,
            CompactCommand.class,
            ExportCommand.class,
            ImportCommand.class
        })
public final class Commands implements Callable<Integer> {
    /** The answer of {@link #run} while a window is open: the process ends with it. */
    public static final int WINDOW_OPEN = -1;
    /** The answer of {@link #run} when something given to it was not right. */
    public static final int BAD_INPUT = 2;
    private static final int BUG = 1;
    @Option(names = "--shop", paramLabel = "FILE", description = "Another shop than your own.")
    private @Nullable Path shop;

    /**
     * Runs a command. The plain start, with nothing to parse, does not wait for the parser.
     *
     * @return 0 when it was done, 2 when the input was not right and nothing was written
     */
    public static int run(String... args) {
        if (args.length == 0 && Display.isThere(System.getProperty("os.name"), System.getenv())) {
            try {
                return new Commands().call();
            } catch (Window.NoDisplay refused) {
                return complain(String.valueOf(refused.getMessage()));
            }
        }
        FaultLog.silence();
        CommandLine line = new CommandLine(new Commands());
        line.setExpandAtFiles(false);
        line.setParameterExceptionHandler((wrong, _) -> complain(String.valueOf(wrong.getMessage())));
        line.setExecutionExceptionHandler((failed, _, _) -> {
            if (failed instanceof CommandException
                    || failed instanceof StoreException
                    || failed instanceof ParameterException
                    || failed instanceof FileRefused
                    || failed instanceof Window.NoDisplay) {
                return complain(String.valueOf(failed.getMessage()));
            }
            return failed instanceof Refusal refused
                    ? complain(CommandException.said(refused))
                    : keepFault(failed);
        });
        try {
            return line.execute(args);
        } catch (Error fault) {
            return keepFault(fault);
        }
    }

    /** A bug: its trace goes to the log beside the shop, a sentence to the person. */
    private static int keepFault(Throwable fault) {
        Path folder = Optional.ofNullable(ownShop().toAbsolutePath().getParent()).orElse(Path.of("."));
        FaultLog.keepIn(folder);
        FaultLog.keep("a command", fault);
        System.err.println(
                "neat-corner: something went wrong in the program itself; nothing was changed. What happened is kept"
                        + " in "
                        + folder.resolve("faults.0.log"));
        return BUG;
    }

    private static Path ownShop() {
        return Places.shop(System.getProperty("os.name"), Path.of(System.getProperty("user.home")), System.getenv());
    }

    private static int complain(String message) {
        System.err.println("neat-corner: " + message);
        return BAD_INPUT;
    }

    @Override
    public Integer call() {
        if (!Display.isThere(System.getProperty("os.name"), System.getenv())) {
            throw new CommandException(
                    "there is no display to open a window on; see neat-corner --help for what works without one");
        }
        Path file = Optional.ofNullable(shop).orElseGet(Commands::ownShop);
        Window.open(file.toAbsolutePath(), path -> ShopStore.open(path, Clock.systemUTC()), () -> { });
        return WINDOW_OPEN;
    }
}
