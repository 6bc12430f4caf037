package neatcorner.app.view;

import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Habit;

/** Every piece with its lengths and the saw's settings at both ends. */
final class CutsDetail extends Panel {
    CutsDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        heading(Labels.get("cuts.pieces"));
        getChildren().add(text(book().say("sheet.lie"), "soft"));
        rows(box -> desk.plan().frame().pieces().forEach(member -> member(box, member)));
        heading(Labels.get("cuts.stock"));
        rows(box -> {
            desk.plan().figure("stick.count").map(this::figureRow).ifPresent(box.getChildren()::add);
            desk.plan().cuts().waste().map(this::figureRow).ifPresent(box.getChildren()::add);
            desk.plan().figure("stick.gap").map(this::figureRow).ifPresent(box.getChildren()::add);
            desk.plan().cuts().biggest().ifPresent(biggest -> {
                box.getChildren().add(text(book().say("text.biggest", biggest.stick(), biggest.width(), biggest.height()), "soft"));
            });
        });
        habit(Habit.KERF);
        habit(Habit.END_TRIM);
        habit(Habit.SAFE_HOLD);
    }

    private void member(VBox box, Member member) {
        VBox rows = new VBox(1);
        rows.getStyleClass().add("option");
        rows.getChildren().add(spread(text(book().say("cuts.member", member.side().words(), member.side().letters()), "strong"),
                text(book().write(member.longPoint()), "strong")));
        rows.getChildren().add(text(book().say("cuts.inner", member.shortPoint(), member.rabbet()), "soft"));
        rows.getChildren().add(text(book().say("cuts.left_end", member.left().said(true)), "soft"));
        rows.getChildren().add(text(book().say("cuts.right_end", member.right().said(false)), "soft"));
        if (!member.left().isUpright() || !member.right().isUpright()) {
            rows.getChildren().add(text(book().say("text.standing", member.left().saidStanding(), member.right().saidStanding()).strip(), "soft"));
        }
        member.curve().ifPresent(curve -> rows.getChildren().add(text(book().say("text.curve", curve.blank(), curve.turn(), curve.runOut()).strip(), "soft")));
        rows.setAccessibleText(book().say(member.side().words()));
        box.getChildren().add(rows);
    }
}
