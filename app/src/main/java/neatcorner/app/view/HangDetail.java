package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Hardware;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;

/** Weight, hardware, wire and hook height. */
final class HangDetail extends Panel {
    HangDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        heading(() -> book().say(Phrasebook.keyOf(desk.plan().hang().chosen())));
        List<Optional<Hardware>> kinds = orNone(List.of(Hardware.values()));
        var with = choice(
                        Labels.get("hang.with"),
                        () -> kinds,
                        () -> desk.plan().job().choices().hardware(),
                        kind -> kind.map(k -> book().say(Phrasebook.keyOf(k)))
                                .orElseGet(() -> book().say(
                                                "hang.free", desk.plan().hang().recommended())),
                        kind -> desk.edit(new Edit.ChooseHardware(kind)));
        with.setId("hardware");
        onlyWhile(with, () -> !(desk.plan().hung().job().section().recess() instanceof Recess.Over));
        habit(Habit.CENTRE_HEIGHT, () -> desk.plan().job().isHung());
        rows(box -> desk.plan().job().carriedBy().ifPresent(said -> box.getChildren()
                .add(text(book().say(said), "soft"))));
        rows(box -> desk.plan().figures(Station.HANG).stream().filter(f -> !(f.key() instanceof Habit))
                .forEach(f -> box.getChildren().add(figureRow(f))));
        getChildren().add(text(book().say("sheet.foot"), "soft"));
    }
}
