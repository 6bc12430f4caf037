package neatcorner.app.cli;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.Callable;
import neatcorner.app.desk.Demo;
import neatcorner.app.view.Shots;
import neatcorner.app.view.Window;
import picocli.CommandLine.Command;

/** {@code neat-corner demo}. */
@Command(
        name = "demo",
        description = "Open a copy of the demonstration shop; with no display, walk through it into pictures.",
        mixinStandardHelpOptions = true)
final class DemoCommand implements Callable<Integer> {
    @Override
    public Integer call() {
        try {
            Path folder = Files.createTempDirectory("neat-corner-demo");
            if (Display.isThere(System.getProperty("os.name"), System.getenv())) {
                Window.open(folder.resolve("demo.neatcorner"), path -> Demo.store(path, Clock.systemUTC()), () -> { });
                return Commands.WINDOW_OPEN;
            }
            Display.offscreen();
            List<Path> pictures = Shots.take(folder, Clock.systemUTC());
            System.out.println("No display: walked through the demonstration offscreen and wrote "
                    + pictures.size() + " pictures to " + folder);
            return 0;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }
}
