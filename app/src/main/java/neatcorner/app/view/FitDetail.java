package neatcorner.app.view;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartOffer;
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
        Button strainer = new Button(Labels.get("fit.add_strainer"));
        strainer.setId("strainer");
        strainer.getStyleClass().add("quiet");
        strainer.setOnAction(_ -> strainer().ifPresent(part -> complain(strainer, desk.edit(part))));
        onUpdate(() -> {
            strainer.setVisible(strainer().isPresent());
            strainer.setManaged(strainer.isVisible());
        });
        getChildren().add(strainer);
        rows(box -> desk().plan().fit().behind().forEach(free -> box.getChildren().add(figureRow(free))));
        heading(Labels.get("fit.order"));
        rows(box -> steps(box, desk.plan().fit().order()));
    }

    /** A strainer added to the part that holds what is framed, where one can be. */
    private Optional<Edit> strainer() {
        Frame holder = desk().plan().packed().frame();
        PartOffer offer = PartOffer.named("strainer");
        return offer.by(holder, holder.job().freeName(book().say(offer.words())))
                .map(part -> new Edit.InPart(holder.job().seen(), new Edit.AddPart(part)));
    }

    private Node sheet(Pane sheet) {
        return spread(
                text(book().say(sheet.name()), "soft"),
                text(book().say("sheet.size", sheet.width(), sheet.height()), "strong"));
    }
}
