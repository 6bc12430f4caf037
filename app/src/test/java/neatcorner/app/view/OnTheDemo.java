package neatcorner.app.view;

import static org.mockito.Mockito.mock;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.Stage;
import neatcorner.app.desk.Demo;
import neatcorner.app.desk.Desk;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Station;
import neatcorner.files.store.ShopStore;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The real interface on a copy of the demonstration shop, on the toolkit's offscreen platform. */
@ExtendWith(ApplicationExtension.class)
abstract class OnTheDemo {
    /** Long enough to prove nearly all of the demo's cuts. */
    private static final Duration SEARCH = Duration.ofMillis(400);
    /** Made once and copied for every case. */
    private static final Path PREPARED = prepared();
    final FilePort files = mock(FilePort.class);
    Path folder;
    Desk desk;
    MainView view;

    private static Path prepared() {
        try {
            Path file = Files.createTempDirectory("neat-corner-demo").resolve("shop.neatcorner");
            Demo.store(file, Clock.systemUTC()).close();
            return file;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** To be called by the subclass's own start: the extension looks for that in the class itself only. */
    void open(Stage stage) throws Exception {
        folder = Files.createTempDirectory("neat-corner-test");
        Path shop = Files.copy(PREPARED, folder.resolve("shop.neatcorner"));
        desk = new Desk(ShopStore.open(shop, Clock.systemUTC()), Clock.systemUTC(), Platform::runLater, SEARCH);
        view = new MainView(desk, files);
        view.complete();
        stage.setScene(new Scene(view, 1280, 800));
        stage.show();
    }

    @AfterEach
    void stop() throws Exception {
        on(() -> {
            desk.close();
            return true;
        });
    }

    static <T> T on(Callable<T> work) throws Exception {
        T result = WaitForAsyncUtils.asyncFx(work).get(10, TimeUnit.SECONDS);
        WaitForAsyncUtils.waitForFxEvents();
        return result;
    }

    static void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    Plan plan() throws Exception {
        return on(desk::plan);
    }

    void go(Station station) throws Exception {
        on(() -> {
            desk.go(station);
            return true;
        });
    }

    void take(int job) throws Exception {
        on(() -> {
            desk.open(desk.jobs().get(job).id());
            return true;
        });
    }

    static Stream<Node> all(Node root, Predicate<Node> wanted) {
        Stream<Node> below = root instanceof Parent parent && root.isVisible()
                ? List.copyOf(parent.getChildrenUnmodifiable()).stream().flatMap(child -> all(child, wanted))
                : Stream.empty();
        return Stream.concat(Stream.of(root).filter(Node::isVisible).filter(wanted), below);
    }
}
