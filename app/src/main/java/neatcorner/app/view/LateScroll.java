package neatcorner.app.view;

import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
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
            zoom(1);
            getChildren().setAll(pane);
        }
        if (pane.getContent() != content) {
            pane.setContent(content);
            pane.setVvalue(0);
        }
    }

    /** Shows the content so many times as wide as there is room, 1 or more, to be moved sideways. */
    void zoom(double times) {
        if (pane == null) {
            return;
        }
        pane.setHbarPolicy(times > 1 ? ScrollPane.ScrollBarPolicy.AS_NEEDED : ScrollPane.ScrollBarPolicy.NEVER);
        pane.setFitToWidth(times <= 1);
        if (pane.getContent() instanceof Region content) {
            content.setMinWidth(
                    times > 1 ? Math.round(times * pane.getViewportBounds().getWidth()) : Region.USE_COMPUTED_SIZE);
            content.setPrefWidth(
                    times > 1 ? Math.round(times * pane.getViewportBounds().getWidth()) : Region.USE_COMPUTED_SIZE);
        }
    }
}
