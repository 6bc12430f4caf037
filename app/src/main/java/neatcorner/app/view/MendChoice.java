package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Length;
import neatcorner.core.mend.Mending;

/** What went wrong at the corner that is looked at, how much, and how it is mended. */
final class MendChoice {
    /** What is seen before it is measured. */
    private static final Length FIRST_SEEN = Length.mm(1);

    private MendChoice() {
    }

    static void add(Panel panel) {
        Desk desk = panel.desk();
        panel.heading(Labels.get("mend.heading"));
        ComboBox<Optional<Trouble.Kind>> seen = panel.choice(
                Labels.get("mend.seen"),
                () -> Panel.orNone(List.of(Trouble.Kind.values())),
                () -> trouble(desk).map(Trouble::kind),
                kind -> kind.map(what -> panel.book().say(what.words())).orElseGet(() -> Labels.get("mend.nothing")),
                kind -> desk.edit(new Edit.Mishap(kind.map(what -> new Trouble(
                        what,
                        desk.corner(),
                        trouble(desk).map(Trouble::amount).filter(what::allows).orElse(FIRST_SEEN))))));
        seen.setId("trouble");
        TextField much = panel.line(
                Labels.get("mend.much"),
                () -> trouble(desk).map(had -> panel.book().exactly(had.amount())).orElse(""),
                typed -> panel.tried(() -> trouble(desk)
                        .flatMap(had -> desk.edit(new Edit.Mishap(
                                Optional.of(new Trouble(had.kind(), had.corner(), desk.parsed(typed))))))));
        much.setId("trouble-amount");
        panel.onlyWhile(seen, () -> !desk.plan().frame().isSolid());
        panel.onlyWhile(much, () -> trouble(desk).isPresent());
        panel.rows(box -> {
            Mending mending = desk.plan().get(Mending.class);
            desk.plan().figures(Mending.FIGURES).stream().skip(1).map(panel::figureRow).forEach(box.getChildren()::add);
            panel.steps(box, mending.steps());
        });
    }

    private static Optional<Trouble> trouble(Desk desk) {
        return desk.plan().job().trouble();
    }
}
