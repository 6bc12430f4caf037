package neatcorner.app.view;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.ClampKind;
import neatcorner.core.shop.Clamps;
import neatcorner.core.words.Phrasebook;

/** Clamps on hand, by their kind, with how far they reach. */
final class ClampsPanel extends Panel {
    private static final Length USUAL_REACH = Length.inches(96);

    ClampsPanel(Desk desk) {
        super(desk, NoTyping.HERE);
        heading(Labels.get("shop.clamps"));
        rows(box -> {
            for (ClampKind kind : ClampKind.values()) {
                box.getChildren().add(clamps(kind));
            }
        });
    }

    private HBox clamps(ClampKind kind) {
        int count = desk().shop().clamps(kind, Length.ZERO);
        Length reach = desk().shop().clamps().stream()
                .filter(c -> c.kind() == kind)
                .map(Clamps::reach)
                .max(Length::compareTo)
                .orElse(USUAL_REACH);
        TextField reaching = new TextField(book().exactly(reach));
        reaching.setPrefColumnCount(7);
        reaching.setAccessibleText(Labels.get("shop.reach"));
        reaching.setOnAction(_ -> complain(
                reaching,
                tried(() -> have(kind, Math.max(1, count), desk().parsed(reaching.getText())))));
        HBox buttons = new HBox(
                6,
                text(Integer.toString(count), "strong"),
                counting("−", "shop.less", kind, Math.max(0, count - 1), reach),
                counting("+", "shop.more", kind, count + 1, reach),
                text(Labels.get("shop.reach"), "soft"),
                reaching);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        return spread(text(book().say(Phrasebook.keyOf(kind)), "soft"), buttons);
    }

    private Button counting(String sign, String named, ClampKind kind, int count, Length reach) {
        Button button = new Button(sign);
        button.getStyleClass().add("quiet");
        button.setAccessibleText(Labels.get(named) + ", " + book().say(Phrasebook.keyOf(kind)));
        button.setOnAction(_ -> complain(button, have(kind, count, reach)));
        return button;
    }

    private Optional<String> have(ClampKind kind, int count, Length reach) {
        return desk().edit(new ShopEdit.HaveClamps(new Clamps(kind, count, reach)));
    }
}
