package neatcorner.app.view;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.FaultLog;
import neatcorner.files.store.ShopStore;
import neatcorner.files.store.StoreException;

/** Opens the real window on a shop. */
public final class Window {
    private Window() {
    }

    /** There is nothing to show a window on after all. The message says what there is without. */
    public static final class NoDisplay extends RuntimeException {
        NoDisplay(Throwable cause) {
            super(
                    "no window can be opened, for the display does not answer (" + cause.getMessage()
                            + "); see neat-corner --help for what works without one",
                    cause);
        }
    }

    /**
     * Starts the toolkit, opens the shop and plans the job beside it, and shows the window when both are ready.
     *
     * @throws NoDisplay when the toolkit finds no display; the shop is closed again
     */
    public static void open(Path file, Function<Path, ShopStore> shop, Runnable whenShown) {
        CompletableFuture<Desk> desk = CompletableFuture.supplyAsync(() ->
                new Desk(shop.apply(file), Clock.systemUTC(), Platform::runLater));
        try {
            FaultLog.keepIn(Optional.ofNullable(file.getParent()).orElse(Path.of(".")));
            Platform.startup(() -> {
                try {
                    show(desk.join(), whenShown);
                } catch (CompletionException failed) {
                    if (!(failed.getCause() instanceof StoreException)) {
                        FaultLog.keep("opening the shop", failed);
                    }
                    refuse(
                            failed.getCause() instanceof StoreException said
                                    ? said.getMessage()
                                    : String.valueOf(failed.getCause()));
                }
            });
        } catch (UnsupportedOperationException | LinkageError none) {
            desk.handle((opened, _) -> {
                if (opened != null) {
                    opened.close();
                }
                return opened;
            }).join();
            throw new NoDisplay(none);
        }
    }

    private static void show(Desk desk, Runnable whenShown) {
        Stage stage = new Stage();
        MainView view = new MainView(desk, new Chooser(stage));
        Scene scene = new Scene(view, 1280, 800);
        stage.setTitle("Neat Corner");
        stage.setScene(scene);
        stage.setMinWidth(980);
        stage.setMinHeight(640);
        boolean[] warned = {false};
        stage.setOnCloseRequest(closing -> {
            view.requestFocus();
            if (desk.unsaved().isPresent() && !warned[0]) {
                warned[0] = true;
                closing.consume();
                view.say(Labels.get("window.unsaved", desk.unsaved().get()));
                return;
            }
            desk.close();
        });
        FaultLog.watch(() -> Platform.runLater(() -> view.say(Labels.get("window.fault"))));
        stage.setOnShown(_ -> whenShown.run());
        stage.show();
        view.focusDrawing();
        Tidying.watch(scene);
    }

    /** Said in a small window too, for whoever started it without a terminal. */
    private static void refuse(String reason) {
        System.err.println("neat-corner: " + reason);
        Label label = new Label(reason);
        label.setWrapText(true);
        label.setStyle("-fx-padding: 24; -fx-font-size: 15px;");
        Stage stage = new Stage();
        stage.setTitle("Neat Corner");
        stage.setScene(new Scene(label, 560, 160));
        stage.setOnHidden(_ -> System.exit(2));
        stage.show();
    }
}
