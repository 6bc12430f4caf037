package neatcorner.app.view;

import java.util.List;
import java.util.Locale;
import javafx.scene.control.CheckBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.shop.School;
import neatcorner.core.words.Phrasebook;

/** What may be seen of what holds corners, and the tools for it that are at hand. */
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
    }
}
