package neatcorner.app.view;

import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Reader;
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
    public Picture picture(Desk desk, Reader reader, double width, double height) {
        return FrameDrawing.draw(desk.plan(), Station.CUTS, reader, width, height);
    }

    @Override
    public void tally(Tally tally) {
        tally.pieces();
        tally.saw();
        tally.plan().cuts().share().ifPresent(tally::row);
    }

    @Override
    public boolean isLaidOut() {
        return true;
    }
}
