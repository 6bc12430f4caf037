package neatcorner.app.view;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.util.Duration;

/** What is said below everything for a while; a press takes it away. */
final class Notice extends HBox {
    private final Label message = new Label();
    private final Button showFile = new Button(Labels.get("file.show"));
    private final Button stop = new Button(Labels.get("file.stop"));
    private final PauseTransition hush = new PauseTransition();
    private Optional<Path> written = Optional.empty();

    /**
     * Nothing is said yet.
     *
     * @param show shows a file in its folder
     */
    Notice(Consumer<Path> show) {
        super(8);
        message.getStyleClass().add("message");
        message.setWrapText(true);
        message.setMaxWidth(620);
        message.setOnMouseClicked(_ -> silent());
        showFile.setId("show-file");
        showFile.getStyleClass().add("quiet");
        showFile.setOnAction(_ -> written.ifPresent(show));
        stop.setId("stop-writing");
        stop.getStyleClass().add("quiet");
        getChildren().setAll(message, showFile, stop);
        setAlignment(Pos.CENTER);
        setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
        getStyleClass().add("said");
        show(this, false);
        hush.setOnFinished(_ -> silent());
    }

    /** Says something, the longer the longer it is. */
    void say(String text) {
        message.setText(Labels.brief(text));
        show(showFile, false);
        show(stop, false);
        show(this, true);
        hush.setDuration(Duration.seconds(Math.clamp(text.length() / 12, 6, 20)));
        hush.playFromStart();
    }

    /** Says what is under way, until something else is said; it can be stopped. */
    void busy(String text, Runnable stopped) {
        say(text);
        hush.stop();
        stop.setOnAction(_ -> stopped.run());
        show(stop, true);
    }

    /** What is being said is of this file, which can be shown. */
    void of(Path file) {
        written = Optional.of(file);
        show(showFile, true);
    }

    private void silent() {
        hush.stop();
        show(this, false);
    }

    private static void show(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }
}
