package neatcorner.app.view;

import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Reader;
import neatcorner.core.words.Station;

/** The frame with its sizes. */
final class BriefRoom implements Room {
    @Override
    public Station station() {
        return Station.BRIEF;
    }

    @Override
    public Panel panel(Tools tools) {
        return new BriefDetail(tools.desk(), tools.typing(), tools.importOutline());
    }

    @Override
    public Picture picture(Desk desk, Reader reader, double width, double height) {
        return FrameDrawing.draw(desk.plan(), Station.BRIEF, reader, width, height);
    }

    @Override
    public void tally(Tally tally) {
        tally.outside();
    }
}
