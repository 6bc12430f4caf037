package neatcorner.app.view;

import javafx.beans.binding.Bindings;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.skin.TextAreaSkin;
import javafx.scene.control.skin.TextFieldSkin;
import javafx.scene.shape.Path;

/**
 * Text fields whose caret stands instead of blinking. The usual blink is an animation that wakes the
 * whole toolkit sixty times a second for as long as a field is in hand, and the shop's laptop with it.
 * The style sheet names these as {@code -fx-skin}.
 */
public final class SteadyCaret {
    private SteadyCaret() {
    }

    /** The caret is the one path below a control whose opacity follows the blink; here it follows the focus. */
    private static void stand(TextInputControl control) {
        for (Node node : control.lookupAll("*")) {
            if (node instanceof Path caret && caret.opacityProperty().isBound()) {
                caret.opacityProperty()
                        .bind(Bindings.when(control.focusedProperty().and(control.editableProperty()))
                                .then(1.0)
                                .otherwise(0.0));
            }
        }
    }

    /** For one line. */
    public static final class OfField extends TextFieldSkin {
        /** For the style sheet. */
        public OfField(TextField field) {
            super(field);
            stand(field);
        }

        @Override
        public void setCaretAnimating(boolean on) {
            super.setCaretAnimating(false);
        }
    }

    /** For several lines. */
    public static final class OfArea extends TextAreaSkin {
        /** For the style sheet. */
        public OfArea(TextArea area) {
            super(area);
            stand(area);
        }

        @Override
        public void setCaretAnimating(boolean on) {
            super.setCaretAnimating(false);
        }
    }
}
