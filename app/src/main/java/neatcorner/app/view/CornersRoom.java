package neatcorner.app.view;

import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.CornerSheet;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Reader;
import neatcorner.core.words.Station;

/** One corner large: flat, in space, and the face of its mitre. */
final class CornersRoom implements Room {
    @Override
    public Station station() {
        return Station.CORNERS;
    }

    @Override
    public Panel panel(Tools tools) {
        return new CornersDetail(tools.desk(), tools.typing());
    }

    @Override
    public Picture picture(Desk desk, Reader reader, double width, double height) {
        return CornerSheet.draw(desk.plan(), reader, width, height);
    }

    @Override
    public void tally(Tally tally) {
        tally.text(tally.say(tally.plan().joints().chosen().words()), "big-text");
        tally.plan().joints().used().settings().stream().findFirst().ifPresent(tally::big);
        tally.saw();
    }
}
