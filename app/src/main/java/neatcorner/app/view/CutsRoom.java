package neatcorner.app.view;

import java.util.Optional;
import neatcorner.app.desk.CutDesk;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Laid;
import neatcorner.core.drawing.SawCutDrawing;
import neatcorner.core.saw.SawPlanner;
import neatcorner.core.words.Station;

/** Sticks, boards and sheets, large. */
final class CutsRoom implements Room {
    private static final double STRIP = 226;

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

    /** The strip at the saw for the cut one stands at, where sticks are laid. */
    @Override
    public Optional<Foot> foot(Desk desk) {
        return Optional.of(desk.cuts())
                .filter(cuts -> cuts.laid() == Laid.STICKS)
                .flatMap(CutDesk::cut)
                .map(cut -> new Foot(
                        Labels.get("sawing.foot", cut.number(), desk.book().say(cut.title())),
                        desk.book().say(cut.measure().words()),
                        STRIP,
                        width -> SawCutDrawing.draw(
                                cut,
                                desk.cuts().kerf(),
                                PictureView.reader(desk),
                                width,
                                STRIP * desk.appearance().textSize() / 100.0)));
    }
}
