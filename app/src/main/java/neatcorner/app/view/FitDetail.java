package neatcorner.app.view;

import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Straining;
import neatcorner.core.job.Job;
import neatcorner.core.pane.Pane;
import neatcorner.core.shop.Habit;

/** Sheets to cut, points, strainer, and the order in which it all goes in. */
final class FitDetail extends Panel {
    FitDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        heading(Labels.get("fit.sheets"));
        rows(box -> {
            desk.plan().fit().sheets().forEach(sheet -> box.getChildren().add(sheet(sheet)));
            desk.plan().fit().matOpenings().forEach(sheet -> box.getChildren().add(sheet(sheet)));
            if (desk.plan().fit().sheets().isEmpty() && desk.plan().fit().behind().isEmpty()) {
                box.getChildren().add(text(Labels.get("fit.nothing"), "soft"));
            }
        });
        rows(box -> {
            if (!desk.plan().fit().points().isEmpty()) {
                box.getChildren().add(text(Labels.get("fit.points"), "heading"));
            }
            desk.plan().fit().points().forEach(p -> box.getChildren().add(
                    text(book().say(p.said()))));
        });
        habit(Habit.POINT_SPACING, () -> !desk.plan().fit().points().isEmpty());
        CheckBox strainer = new CheckBox();
        strainer.setId("strainer");
        strainer.setOnAction(_ -> complain(strainer, desk.edit(new Edit.Strain(strainer.isSelected()))));
        onUpdate(() -> {
            strainer.setText(book().say("fit.strainer_choice", Straining.STRIP.thickness(), Straining.STRIP.face()));
            Job job = desk.plan().job();
            strainer.setSelected(job.at(job.holder()).choices().strainer());
            boolean can = Straining.canBeIn(desk.plan().packed().frame());
            strainer.setVisible(can);
            strainer.setManaged(can);
        });
        getChildren().add(strainer);
        rows(box -> desk.plan().fit().strainer().ifPresent(s -> {
            box.getChildren().addAll(figureRow(s.rail()), figureRow(s.stile()), figureRow(s.brace()));
        }));
        rows(box -> desk().plan().fit().behind().forEach(free -> box.getChildren().add(figureRow(free))));
        heading(Labels.get("fit.order"));
        rows(box -> steps(box, desk.plan().fit().order()));
    }

    private Node sheet(Pane sheet) {
        return spread(
                text(book().say(sheet.name()), "soft"),
                text(book().say("sheet.size", sheet.width(), sheet.height()), "strong"));
    }
}
