package neatcorner.app.view;

import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.glue.Square;
import neatcorner.core.job.Adhesive;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;

/** Glue, clamps in order, and the square of the glued frame. */
final class GlueDetail extends Panel {
    GlueDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        heading(Labels.get("glue.adhesive"));
        choice(Labels.get("glue.with"), () -> List.of(Adhesive.values()), () -> desk.plan().glue().adhesive(),
                a -> book().say(Phrasebook.keyOf(a)), a -> desk.edit(new Edit.ChooseAdhesive(a))).setId("adhesive");
        rows(box -> desk.plan().glue().times().forEach(time -> box.getChildren().add(text(book().say(time), "soft"))));
        heading(Labels.get("glue.steps"));
        rows(box -> steps(box, desk.plan().glue().steps()));
        heading(Labels.get("glue.square"));
        getChildren().add(text(Labels.get("glue.how"), "soft"));
        rows(this::square);
        sawLinks();
    }

    private void square(VBox box) {
        desk().plan().glue().square().ifPresent(square -> box.getChildren().add(verdict(square)));
        desk().plan().glue().mostLean().ifPresent(most -> box.getChildren().add(figureRow(most)));
        if (!desk().plan().job().measured().isEmpty()) {
            Button again = new Button(book().say("remedy.measure_again"));
            again.getStyleClass().add("quiet");
            again.setOnAction(_ -> complain(again, desk().edit(new Edit.MeasureAgain())));
            box.getChildren().add(again);
        }
    }

    private Label verdict(Square square) {
        boolean fine = desk().plan().findings(Station.GLUE_UP).stream()
                .noneMatch(f -> f.id().equals("out_of_square") || f.id().equals("sides_not_alike"));
        return fine ? text(Labels.get("glue.is_square"), "good-word")
                : text(book().say("glue.leans", square.leaning(), square.difference().abs()), "caution-word");
    }
}
