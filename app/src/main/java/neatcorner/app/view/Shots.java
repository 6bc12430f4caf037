package neatcorner.app.view;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.SnapshotParameters;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import neatcorner.app.desk.Appearance;
import neatcorner.app.desk.Demo;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Laid;
import neatcorner.app.desk.Page;
import neatcorner.core.drawing.Palette;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.practice.Practice;
import neatcorner.core.words.Station;
import neatcorner.files.store.ShopStore;

/** Walks through every main view of the demonstration and keeps a picture of each. */
public final class Shots {
    private static final int WIDTH = 1280;
    private static final int HEIGHT = 800;
    private static final int MOST_WAITS = 1200;
    /** One answer asks for the next: nothing is waited for only when nothing was for so many looks. */
    private static final int STILL = 6;
    private final Path folder;
    private final List<Path> written = new ArrayList<>();
    private final Desk desk;

    private Shots(Path folder, Desk desk) {
        this.folder = folder;
        this.desk = desk;
    }

    /**
     * Renders the views at 1280 × 800 into a folder, which is made when it is missing.
     *
     * @return the files, in the order of the walk
     */
    public static List<Path> take(Path folder, Clock clock) {
        try {
            Files.createDirectories(folder);
            Path work = Files.createTempDirectory("neat-corner-shots");
            Platform.startup(() -> Platform.setImplicitExit(false));
            ShopStore store = Demo.store(work.resolve("demo.neatcorner"), clock);
            Desk desk = on(() -> new Desk(store, clock, Platform::runLater));
            Shots shots = new Shots(folder, desk);
            shots.walk();
            on(() -> {
                desk.close();
                return true;
            });
            return List.copyOf(shots.written);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private void walk() {
        Scene scene = on(() -> {
            MainView view = new MainView(desk, new NoFiles());
            Scene made = new Scene(view, WIDTH, HEIGHT);
            Stage stage = new Stage();
            stage.setScene(made);
            stage.show();
            return made;
        });
        on(() -> {
            ((MainView) scene.getRoot()).complete();
            return true;
        });
        settle(scene);
        on(() -> {
            ((MainView) scene.getRoot()).focusDrawing();
            return true;
        });
        for (Station station : Station.values()) {
            on(() -> {
                prepare(desk, station);
                return true;
            });
            shoot(scene, (station.ordinal() + 1) + "-" + station.id().replace('_', '-'));
        }
        shoot(scene, "16-all-cuts", () -> {
            job(desk, 0);
            desk.go(Station.CUTS);
            desk.cuts().showTogether(true);
        });
        shoot(scene, "17-boards", () -> {
            desk.cuts().showTogether(false);
            job(desk, 2);
            desk.go(Station.CUTS);
            desk.cuts().lay(Laid.BOARDS);
        });
        shoot(scene, "19-rack", () -> {
            desk.cuts().lay(Laid.STICKS);
            job(desk, 2);
            desk.show(Page.SHOP);
        });
        on(() -> {
            desk.goTo(Page.PRACTICE);
            desk.practice().practise(Practice.STICKS);
            return true;
        });
        awaitTheSolver();
        shoot(scene, "14-practice", () -> {
            for (int piece = 0; piece < 4; piece++) {
                desk.practice().answer(piece, piece / 2);
            }
        });
        shoot(scene, "11-parts-evening-mm", () -> {
            job(desk, 16);
            desk.look(new Appearance(Graduation.MM_HALF, Palette.EVENING, 100));
            desk.go(Station.BRIEF);
            desk.lookAtPart(1);
        });
        shoot(scene, "10-proving", () -> {
            job(desk, 2);
            desk.look(new Appearance(Graduation.INCH_16, Palette.DAY, 100));
            desk.goTo(Page.PROVING);
        });
        on(() -> {
            job(desk, 0);
            desk.goTo(Page.ORDER);
            return true;
        });
        awaitTheSolver();
        shoot(scene, "15-order-of-cuts", () -> desk.cuts().goToCut(25));
        on(() -> {
            desk.goTo(Page.BENCH);
            return true;
        });
        awaitTheSolver();
        shoot(scene, "18-bench", () -> desk.bench().goTo(30));
        shoot(scene, "12-doctor-large-text", () -> {
            job(desk, 0);
            desk.look(new Appearance(Graduation.INCH_16, Palette.DAY, 140));
            desk.goTo(Page.DOCTOR);
            gaping(scene);
        });
    }

    /** Every corner of the frame in hand is seen to be open inside. */
    private static void gaping(Scene scene) {
        scene.getRoot().applyCss();
        scene.getRoot().layout();
        for (int corner = 0; corner < 4; corner++) {
            if (scene.lookup("#doctor-across-" + corner) instanceof ComboBox<?> open
                    && scene.lookup("#doctor-across-" + corner + "-gap") instanceof TextField gap) {
                open.getSelectionModel().select(2);
                gap.setText(corner == 2 ? "0.5 mm" : "0.4 mm");
                gap.fireEvent(new ActionEvent());
                scene.getRoot().applyCss();
            }
        }
    }

    /** Each station with the job that shows it best. */
    private static void prepare(Desk desk, Station station) {
        job(desk, switch (station) {
            case SECTION -> 4;
            case FINISH -> 2;
            case CORNERS -> 0;
            case FIT -> 1;
            case HANG -> 4;
            default -> 0;
        });
        if (station == Station.GLUE_UP) {
            desk.edit(new Edit.Measure(Tape.DIAGONAL_AC, Length.inches(21, 13, 16)));
            desk.edit(new Edit.Measure(Tape.DIAGONAL_BD, Length.inches(21, 11, 16)));
        }
        if (station == Station.LOG) {
            desk.note("Two sticks had a knot near the end; cut from the clean side.");
        }
        desk.go(station);
    }

    private static void job(Desk desk, int index) {
        desk.open(desk.jobs().get(index).id());
    }

    private void shoot(Scene scene, String name, Runnable before) {
        on(() -> {
            before.run();
            return true;
        });
        shoot(scene, name);
    }

    /** A picture shows what the solver has found in the end. */
    private void awaitTheSolver() {
        int still = 0;
        for (int i = 0; i < MOST_WAITS && still < STILL; i++) {
            still = on(this::isWorking) ? 0 : still + 1;
            try {
                Thread.sleep(50);
            } catch (InterruptedException interrupted) {
                Thread.currentThread().interrupt();
            }
        }
    }

    private boolean isWorking() {
        return desk.improver().isWorking() || desk.cuts().isGathering() || desk.cuts().isMilling()
                || desk.cuts().sawing().isEmpty()
                || desk.page() == Page.PRACTICE && desk.practice().exercise().isEmpty()
                || desk.page() == Page.BENCH && desk.bench().told().isEmpty();
    }

    /** Layout settles over a few pulses before a picture is taken. */
    private static void settle(Scene scene) {
        for (int i = 0; i < 3; i++) {
            on(() -> {
                scene.getRoot().applyCss();
                scene.getRoot().layout();
                return true;
            });
        }
    }

    private void shoot(Scene scene, String name) {
        settle(scene);
        awaitTheSolver();
        settle(scene);
        Path file = folder.resolve(name + ".png");
        BufferedImage image = on(() -> image(scene));
        try {
            ImageIO.write(image, "png", file.toFile());
        } catch (IOException failed) {
            throw new UncheckedIOException("the picture " + file + " cannot be written", failed);
        }
        written.add(file);
    }

    private static BufferedImage image(Scene scene) {
        ((Region) scene.getRoot()).resize(WIDTH, HEIGHT);
        SnapshotParameters parameters = new SnapshotParameters();
        parameters.setFill(Color.WHITE);
        parameters.setViewport(new Rectangle2D(0, 0, WIDTH, HEIGHT));
        WritableImage taken = scene.getRoot().snapshot(parameters, new WritableImage(WIDTH, HEIGHT));
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        int[] pixels = new int[WIDTH * HEIGHT];
        taken.getPixelReader().getPixels(0, 0, WIDTH, HEIGHT, PixelFormat.getIntArgbInstance(), pixels, 0, WIDTH);
        image.setRGB(0, 0, WIDTH, HEIGHT, pixels, 0, WIDTH);
        return image;
    }

    /** Runs on the interface thread and waits. */
    private static <T> T on(Supplier<T> work) {
        CompletableFuture<T> done = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                done.complete(work.get());
            } catch (RuntimeException | Error failed) {
                done.completeExceptionally(failed);
            }
        });
        return done.join();
    }
}
