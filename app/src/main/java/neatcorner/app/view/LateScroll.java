package neatcorner.app.view;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import org.jspecify.annotations.Nullable;

/**
 * A place for content that scrolls up and down. The scroll pane itself, with its bars and their many
 * small parts, is made when the first content comes: the window opens sooner with empty places.
 */
final class LateScroll extends StackPane {
    private @Nullable ScrollPane pane;

    LateScroll(String... styles) {
        getStyleClass().addAll(styles);
    }

    /** Shows this content, from its top when it is another than before. */
    void show(Node content) {
        if (pane == null) {
            pane = new ScrollPane();
            pane.setFitToWidth(true);
            pane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
            getChildren().setAll(pane);
        }
        if (pane.getContent() != content) {
            pane.setContent(content);
            pane.setVvalue(0);
        }
    }
}
