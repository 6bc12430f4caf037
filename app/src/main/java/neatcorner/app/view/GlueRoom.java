package neatcorner.app.view;

import java.util.Optional;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.drawing.GlueClock;
import neatcorner.core.glue.GluePlanner;
import neatcorner.core.plan.Plan;
import neatcorner.core.saw.SawPlanner;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;

/** Clamps, closing order and diagonals; the glue's times at the foot. */
final class GlueRoom implements Room {
    @Override
    public Station station() {
        return Station.GLUE_UP;
    }

    @Override
    public Panel panel(Tools tools) {
        return new GlueDetail(tools.desk(), tools.typing());
    }

    @Override
    public Optional<Drawn> picture() {
        return Optional.of((desk, reader, width, height) ->
                FrameDrawing.draw(desk.plan(), Station.GLUE_UP, reader, width, height));
    }

    @Override
    public void tally(Tally tally) {
        Plan plan = tally.plan();
        plan.glue().checks().stream()
                .findFirst()
                .ifPresent(check -> tally.big(
                        check,
                        plan.frame().isFourSquare() ? Labels.get("side.both_diagonals") : tally.say(check.name())));
        plan.glue().checks().stream().skip(1).limit(5).forEach(tally::row);
        plan.glue().least().ifPresent(tally::row);
        plan.glue().most().ifPresent(tally::row);
        plan.figure(GluePlanner.LEAN).ifPresent(tally::row);
        plan.figure(GluePlanner.PUSH).ifPresent(tally::row);
        plan.figure(SawPlanner.LAST_TURN).ifPresent(tally::row);
    }

    @Override
    public Optional<Foot> foot(Desk desk) {
        return Optional.of(new Foot(
                Labels.get("clock.heading"),
                desk.book().say(Phrasebook.keyOf(desk.plan().glue().adhesive())),
                70,
                width -> GlueClock.draw(desk.plan(), PictureView.reader(desk), width)));
    }
}
