package neatcorner.bench;

import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.time.Clock;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.stage.Stage;
import neatcorner.app.view.Window;
import neatcorner.files.store.ShopStore;

/**
 * Time from the start of the process to the first usable window: {@code bare} for a JavaFX window
 * with one button, or the shop file to open. Run by {@code bench/first-window}.
 */
public final class FirstWindow {
    private FirstWindow() {
    }

    /** One argument: {@code bare}, or a shop file. */
    public static void main(String[] args) {
        if (args[0].equals("bare")) {
            Platform.startup(() -> {
                Stage stage = new Stage();
                stage.setScene(new Scene(new Button("bare"), 1280, 800));
                stage.setOnShown(_ -> sayAfterTwoFrames());
                stage.show();
            });
        } else {
            Window.open(
                    Path.of(args[0]),
                    path -> ShopStore.open(path, Clock.systemUTC()),
                    FirstWindow::sayAfterTwoFrames);
        }
    }

    /** Usable is when it has been painted: the second frame has begun. */
    private static void sayAfterTwoFrames() {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames == 2) {
                    System.out.println(System.currentTimeMillis()
                            - ManagementFactory.getRuntimeMXBean().getStartTime());
                    System.exit(0);
                }
            }
        }.start();
    }
}
