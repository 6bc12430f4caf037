package neatcorner.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.IntFunction;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.stage.Stage;
import neatcorner.app.desk.Demo;
import neatcorner.app.desk.Desk;
import neatcorner.app.view.MainView;
import neatcorner.app.view.NoFiles;
import neatcorner.core.job.Edit;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Outline;

/**
 * How long a frame of the window takes while something is dragged: the preview is planned, the drawing
 * made anew and laid out, and the drawing painted into a picture. Software painting, no display:
 * {@code bench/drag}.
 */
public final class DragFrames {
    private static final int FRAMES = 400;
    private static final int WARM = 200;

    private DragFrames() {
    }

    /** No arguments. */
    public static void main(String[] args) throws Exception {
        Path folder = Files.createTempDirectory("neat-corner-drag");
        Platform.startup(() -> {
            Desk desk = new Desk(Demo.store(folder.resolve("shop.neatcorner"), Clock.systemUTC()), Clock.systemUTC(), Platform::runLater);
            MainView view = new MainView(desk, new NoFiles());
            view.complete();
            Scene scene = new Scene(view, 1280, 800);
            Stage stage = new Stage();
            stage.setScene(scene);
            stage.show();
            desk.open(desk.jobs().get(9).id());
            desk.go(Station.BRIEF);
            Outline.Free free = (Outline.Free) desk.plan().job().outline();
            Corner corner = free.corners().get(1);
            measure("a corner of a polygon", desk, scene, i -> new Edit.Draw(free.withCorner(1,
                    new Corner(corner.x().plus(Length.mm(i % 60 * 0.5)), corner.y()))));
            desk.open(desk.jobs().get(4).id());
            desk.go(Station.SECTION);
            measure("a rabbet of a built-up section", desk, scene, i -> new Edit.Enter("section.lip", Length.mm(6 + i % 97 * 0.05)));
            measure("an edge of a built-up section", desk, scene, i -> new Edit.Enter("strip.2.inner_width", Length.mm(6 + i % 89 * 0.05)));
            System.exit(0);
        });
    }

    private static void measure(String what, Desk desk, Scene scene, IntFunction<Edit> edit) {
        Node drawing = scene.lookup("#frame-picture");
        double[] update = new double[FRAMES];
        double[] whole = new double[FRAMES];
        for (int i = -WARM; i < FRAMES; i++) {
            long start = System.nanoTime();
            desk.drag(Optional.of(edit.apply(i + WARM)), true);
            scene.getRoot().applyCss();
            scene.getRoot().layout();
            long updated = System.nanoTime();
            drawing.snapshot(null, null);
            if (i >= 0) {
                update[i] = (updated - start) / 1e6;
                whole[i] = (System.nanoTime() - start) / 1e6;
            }
        }
        desk.drag(Optional.empty(), false);
        Arrays.sort(update);
        Arrays.sort(whole);
        System.out.printf("%-34s plan and layout: median %.1f ms, 95 %% %.1f ms; with painting and copying the picture: median %.1f ms, 95 %% %.1f ms%n", what,
                update[FRAMES / 2], update[FRAMES * 95 / 100], whole[FRAMES / 2], whole[FRAMES * 95 / 100]);
    }
}
