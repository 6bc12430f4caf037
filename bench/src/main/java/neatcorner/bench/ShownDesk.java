package neatcorner.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.stage.Stage;
import neatcorner.app.desk.Demo;
import neatcorner.app.desk.Desk;
import neatcorner.app.view.MainView;
import neatcorner.app.view.NoFiles;
import neatcorner.core.words.Station;

/**
 * The real window on the demonstration shop, to be measured.
 *
 * @param desk  what it shows
 * @param view  its root
 * @param scene 1280 by 800
 */
record ShownDesk(Desk desk, MainView view, Scene scene) {
    /** Starts the toolkit and hands the window over, shown and filled in, on the interface thread. */
    static void open(Consumer<ShownDesk> then) throws IOException {
        Path folder = Files.createTempDirectory("neat-corner-bench");
        Platform.startup(() -> {
            Desk desk = new Desk(
                    Demo.store(folder.resolve("shop.neatcorner"), Clock.systemUTC()),
                    Clock.systemUTC(),
                    Platform::runLater);
            MainView view = new MainView(desk, new NoFiles());
            view.complete();
            Scene scene = new Scene(view, 1280, 800);
            Stage stage = new Stage();
            stage.setScene(scene);
            stage.show();
            stage.requestFocus();
            then.accept(new ShownDesk(desk, view, scene));
        });
    }

    /** Takes up one of the demonstration's jobs at a station. */
    void take(int job, Station station) {
        desk.open(desk.jobs().get(job).id());
        desk.go(station);
    }
}
