package neatcorner.app.view;

import java.util.Optional;
import neatcorner.core.drawing.LogDrawing;
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
    public Optional<Drawn> picture() {
        return Optional.of((desk, reader, width, height) ->
                LogDrawing.draw(desk.plan(), LogDetail.events(desk), reader, width, height));
    }

    @Override
    public void tally(Tally tally) {
        tally.text(Labels.get("log.tally", tally.plan().job().notes().size(), tally.desk().history().size()), "soft");
        tally.outside();
    }
}
