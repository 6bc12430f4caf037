package neatcorner.app.cli;

import java.nio.file.Path;
import java.time.Clock;
import neatcorner.app.view.Shots;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** {@code neat-corner shots DIR}. */
@Command(
        name = "shots",
        description = "Render each main view at 1280 × 800 from the demonstration.",
        mixinStandardHelpOptions = true)
final class ShotsCommand implements Runnable {
    @Parameters(paramLabel = "DIR", description = "The folder for the pictures.")
    private Path folder;

    @Override
    public void run() {
        Display.offscreen();
        Shots.take(folder, Clock.systemUTC()).forEach(System.out::println);
    }
}
