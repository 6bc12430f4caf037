package neatcorner.app.view;

import java.util.Optional;
import neatcorner.core.drawing.WallDrawing;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Station;

/** The wall, and the back with its hardware. */
final class HangRoom implements Room {
    @Override
    public Station station() {
        return Station.HANG;
    }

    @Override
    public Panel panel(Tools tools) {
        return new HangDetail(tools.desk(), tools.typing());
    }

    @Override
    public Optional<Drawn> picture() {
        return Optional.of((desk, reader, width, height) -> WallDrawing.draw(desk.plan(), reader, width, height));
    }

    @Override
    public void tally(Tally tally) {
        Plan plan = tally.plan();
        plan.hang().hookHeight().ifPresent(tally::big);
        tally.row(plan.hang().weight().total());
        plan.hang().wire().ifPresent(wire -> tally.row(wire.tension()));
        plan.hang().rating().ifPresent(tally::row);
    }
}
