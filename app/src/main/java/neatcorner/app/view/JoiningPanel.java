package neatcorner.app.view;

import java.util.List;
import java.util.Locale;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.shop.School;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Phrasebook;

/** What may be seen of what holds corners, and the tools and sizes for it that are at hand. */
final class JoiningPanel extends Panel {
    JoiningPanel(Desk desk) {
        super(desk, NoTyping.HERE);
        heading(Labels.get("shop.joining"));
        choice(
                        Labels.get("shop.school"),
                        () -> List.of(School.values()),
                        () -> desk.shop().joining().school(),
                        school -> book().say(Phrasebook.keyOf(school)),
                        school -> desk.edit(new ShopEdit.ChooseSchool(school)))
                .setId("school");
        heading(Labels.get("shop.tools"));
        for (JoiningTool tool : JoiningTool.values()) {
            CheckBox there = new CheckBox();
            there.setId("tool-" + tool.name().toLowerCase(Locale.ROOT));
            there.setWrapText(true);
            there.setOnAction(_ -> complain(there, desk.edit(new ShopEdit.HaveTool(tool, there.isSelected()))));
            onUpdate(() -> {
                there.setText(book().say(Phrasebook.keyOf(tool)));
                there.setSelected(!desk.shop().joining().missing().contains(tool));
            });
            getChildren().add(there);
        }
        heading(Labels.get("shop.sizes"));
        for (Ware ware : Ware.values()) {
            sizes(ware);
        }
    }

    /** A box for each size, ticked where it is at hand. */
    private void sizes(Ware ware) {
        Label name = new Label();
        FlowPane boxes = new FlowPane(10, 4);
        getChildren().addAll(name, boxes);
        onUpdate(() -> name.setText(book().say(Phrasebook.keyOf(ware))));
        for (Length size : ware.sizes()) {
            CheckBox there = new CheckBox();
            there.setId("size-" + ware.name().toLowerCase(Locale.ROOT) + "-" + ware.sizes().indexOf(size));
            there.setOnAction(_ -> complain(there, desk().edit(new ShopEdit.HaveSize(ware, size, there.isSelected()))));
            onUpdate(() -> {
                there.setText(book().say(ware.marked(size)));
                there.setSelected(desk().shop().joining().drawers().has(ware, size));
            });
            boxes.getChildren().add(there);
        }
    }
}
