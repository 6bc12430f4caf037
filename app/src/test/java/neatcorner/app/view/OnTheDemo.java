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
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import neatcorner.app.desk.Demo;
import neatcorner.app.desk.Desk;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Station;
import neatcorner.files.store.ShopStore;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** The real interface on a copy of the demonstration shop, on the toolkit's offscreen platform. */
@ResourceLock("the window")
abstract class OnTheDemo {
    /** Made once and copied for every case. */
    private static final Path PREPARED = prepared();
    final FilePort files = mock(FilePort.class);
    final Hand hand = new Hand();
    Path folder;
    Desk desk;
    MainView view;
    private Stage stage;

    private static Path prepared() {
        try {
            Path file = Files.createTempDirectory("neat-corner-demo").resolve("shop.neatcorner");
            Demo.store(file, Clock.systemUTC()).close();
            return file;
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    /** How long better ways to cut are looked for: what is not about cutting has no use for them. */
    Duration search() {
        return Duration.ofMillis(1);
    }

    @BeforeEach
    void open() throws Exception {
        FxToolkit.registerPrimaryStage();
        folder = Files.createTempDirectory("neat-corner-test");
        Path shop = Files.copy(PREPARED, folder.resolve("shop.neatcorner"));
        on(() -> {
            desk = new Desk(ShopStore.open(shop, Clock.systemUTC()), Clock.systemUTC(), Platform::runLater, search());
            view = new MainView(desk, files);
            view.complete();
            stage = new Stage();
            stage.setScene(new Scene(view, 1280, 800));
            stage.show();
            return true;
        });
    }

    @AfterEach
    void stop() throws Exception {
        on(() -> {
            stage.close();
            desk.close();
            return true;
        });
    }

    static <T> T on(Callable<T> work) throws Exception {
        return Hand.on(work);
    }

    /** Waits for what is worked out beside the window. */
    static void until(Callable<Boolean> isSo) throws Exception {
        WaitForAsyncUtils.waitFor(120, TimeUnit.SECONDS, () -> on(isSo));
    }

    static void settle() {
        Hand.settle();
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

    Node tag(String figure) {
        return all(
                        view,
                        node -> node instanceof TagField tag
                                && tag.figure().id().equals(figure)
                                && node.getScene() != null)
                .findFirst()
                .orElseThrow();
    }

    void type(String figure, String text) {
        hand.clickOn(tag(figure));
        hand.push(KeyCode.F2);
        hand.push(KeyCode.SHORTCUT, KeyCode.A);
        hand.write(text);
    }

    void choose(String id, Station station, int index) throws Exception {
        go(station);
        on(() -> {
            ComboBox<?> box = (ComboBox<?>) view.lookup(id);
            box.getSelectionModel().select(index);
            return true;
        });
        settle();
    }

    static Stream<Node> all(Node root, Predicate<Node> wanted) {
        Stream<Node> below = root instanceof Parent parent && root.isVisible()
                ? List.copyOf(parent.getChildrenUnmodifiable()).stream().flatMap(child -> all(child, wanted))
                : Stream.empty();
        return Stream.concat(Stream.of(root).filter(Node::isVisible).filter(wanted), below);
    }
}
