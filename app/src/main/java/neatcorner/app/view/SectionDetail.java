package neatcorner.app.view;

import javafx.scene.control.Button;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.SectionDrawing;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Moulding;
import neatcorner.core.job.ShopEdit;

/** The moulding cut through, typed on the drawing. */
final class SectionDetail extends Panel {
    SectionDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        heading(() -> book().say("text.section", desk.plan().job().section().name(), desk.plan().job().section().species()));
        PictureView picture = new PictureView(desk, typing);
        picture.setId("section-picture");
        onUpdate(() -> {
            double size = desk.appearance().textSize() / 100.0;
            picture.setMinHeight(250 * size);
            picture.setPrefHeight(290 * size);
            picture.draw(Labels.get("picture.section"), space ->
                    SectionDrawing.draw(desk.plan(), PictureView.reader(desk), space.getWidth(), space.getHeight()));
        });
        getChildren().add(picture);
        MouldingChoice.add(this);
        MouldingChoice.addBottomRail(this);
        Button keep = new Button(Labels.get("section.keep"));
        keep.getStyleClass().add("quiet");
        keep.setOnAction(_ -> complain(keep, desk.edit(new ShopEdit.Keep(desk.plan().job().section(), Moulding.USUALLY_SOLD))));
        onUpdate(() -> {
            boolean unknown = desk.shop().stockFor(desk.plan().job().section()).isEmpty();
            keep.setVisible(unknown);
            keep.setManaged(unknown);
        });
        getChildren().add(keep);
        heading(Labels.get("section.package"));
        for (int i = 1; i <= 7; i++) {
            entry("layer." + i);
        }
        rows(box -> {
            box.getChildren().add(figureRow(desk.plan().depth().stack()));
            box.getChildren().add(figureRow(desk.plan().depth().left()));
            box.getChildren().add(figureRow(desk.plan().depth().front()));
        });
        habit(Habit.POINT_ROOM);
        habit(Habit.FRONT_WOOD);
    }
}
