package neatcorner.app.view;

import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What the keys do. */
final class ShortcutsCard extends VBox {
    private final Button close = new Button(Labels.get("keys.close"));

    ShortcutsCard(Runnable closed) {
        getStyleClass().addAll("card", "shortcuts");
        setId("shortcuts");
        getChildren().add(Panel.text(Labels.get("keys.heading"), "heading"));
        for (Shortcut shortcut : Shortcut.values()) {
            getChildren().add(Panel.spread(Panel.text(Labels.get("keys." + shortcut.name().toLowerCase(Locale.ROOT))),
                    Panel.text(shortcut.shown(), "strong")));
        }
        getChildren().addAll(Panel.text(Labels.get("keys.tags"), "soft"), Panel.text(Labels.get("keys.spots"), "soft"));
        close.getStyleClass().add("quiet");
        close.setOnAction(_ -> closed.run());
        getChildren().add(close);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        // There is one thing to press here, and what lies behind is not for the keys while the card is open.
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.TAB) {
                key.consume();
            }
        });
    }

    @Override
    public void requestFocus() {
        close.requestFocus();
    }
}
