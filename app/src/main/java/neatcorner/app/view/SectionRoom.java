package neatcorner.app.view;

import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.MakingDrawing;
import neatcorner.core.drawing.SectionDrawing;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Recess;
import neatcorner.core.section.SectionKey;
import neatcorner.core.words.Station;

/** The stick cut through with the package in it, and its making at the foot. */
final class SectionRoom implements Room {
    @Override
    public Station station() {
        return Station.SECTION;
    }

    @Override
    public Panel panel(Tools tools) {
        return new SectionDetail(tools.desk(), tools.typing());
    }

    @Override
    public Optional<Drawn> picture() {
        return Optional.of((desk, reader, width, height) -> SectionDrawing.draw(desk.plan(), reader, width, height));
    }

    @Override
    public void tally(Tally tally) {
        Plan plan = tally.plan();
        if (plan.job().section().recess().takesPackage()) {
            tally.big(plan.depth().left());
            tally.row(plan.depth().stack());
            if (plan.job().section().recess() instanceof Recess.Covering) {
                tally.row(plan.depth().front());
            }
        } else {
            plan.figure(SectionKey.FACE).ifPresent(tally::big);
            Stream.of(SectionKey.THICKNESS, SectionKey.OVERLAP)
                    .flatMap(key -> plan.figure(key).stream())
                    .forEach(tally::row);
        }
    }

    @Override
    public Optional<Foot> foot(Desk desk) {
        return Optional.of(new Foot(
                Labels.get("making.heading"),
                desk.book()
                        .say(
                                desk.plan().making().steps().size() == 1
                                        ? "making.summary_one"
                                        : "making.summary",
                                desk.plan().making().steps().size()),
                132,
                width -> MakingDrawing.draw(desk.plan(), PictureView.reader(desk), width)));
    }
}
