package neatcorner.app.view;

import javafx.scene.control.Button;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;

/** What amounts are in, and everything the shop holds as open files. */
final class BooksPanel extends Panel {
    BooksPanel(Desk desk, FilePort files) {
        super(desk, NoTyping.HERE);
        heading(Labels.get("shop.money"));
        line(
                        Labels.get("shop.currency"),
                        () -> desk.shop().currency(),
                        text -> tried(() -> desk.edit(new ShopEdit.SetCurrency(text))))
                .setId("currency");
        heading(Labels.get("shop.everything"));
        getChildren().add(text(Labels.get("shop.everything_how"), "soft"));
        Button export = new Button(Labels.get("shop.export"));
        export.setId("export-everything");
        export.getStyleClass().add("quiet");
        export.setOnAction(_ -> files.whereTo(Labels.get("shop.export_folder")).ifPresent(desk::exportAll));
        getChildren().add(export);
    }
}
