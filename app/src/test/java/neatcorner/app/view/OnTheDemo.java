package neatcorner.app.view;

import static org.mockito.Mockito.mock;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
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
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** The real interface on a copy of the demonstration shop, on the toolkit's offscreen platform. */
@ExtendWith(ApplicationExtension.class)
abstract class OnTheDemo {
    final FilePort files = mock(FilePort.class);
    Path folder;
    Desk desk;
    MainView view;

    /** To be called by the subclass's own start: the extension looks for that in the class itself only. */
    void open(Stage stage) throws Exception {
        folder = Files.createTempDirectory("neat-corner-test");
        desk = new Desk(Demo.store(folder.resolve("shop.neatcorner"), Clock.systemUTC()), Clock.systemUTC(), Platform::runLater);
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
                ? List.copyOf(parent.getChildrenUnmodifiable()).stream().flatMap(child -> all(child, wanted)) : Stream.empty();
        return Stream.concat(Stream.of(root).filter(Node::isVisible).filter(wanted), below);
    }
}
