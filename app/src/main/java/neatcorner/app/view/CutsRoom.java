package neatcorner.app.view;

import neatcorner.core.saw.SawPlanner;
import neatcorner.core.words.Station;

/** Sticks, boards and sheets, large. */
final class CutsRoom implements Room {
    @Override
    public Station station() {
        return Station.CUTS;
    }

    @Override
    public Panel panel(Tools tools) {
        return new CutsDetail(tools.desk(), tools.typing());
    }

    @Override
    public void tally(Tally tally) {
        tally.pieces();
        tally.saw();
        tally.plan().cuts().share().ifPresent(tally::row);
        tally.plan().figure(SawPlanner.ALLOWED).ifPresent(tally::row);
    }
}
