package neatcorner.app.view;

import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.LogDrawing;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Reader;
import neatcorner.core.words.Station;

/** What happened, over time, planned against measured. */
final class LogRoom implements Room {
    @Override
    public Station station() {
        return Station.LOG;
    }

    @Override
    public Panel panel(Tools tools) {
        return new LogDetail(tools.desk(), tools.typing());
    }

    @Override
    public Picture picture(Desk desk, Reader reader, double width, double height) {
        return LogDrawing.draw(desk.plan(), LogDetail.events(desk), reader, width, height);
    }

    @Override
    public void tally(Tally tally) {
        tally.text(Labels.get("log.tally", tally.plan().job().notes().size(), tally.desk().history().size()), "soft");
        tally.outside();
    }
}
