package neatcorner.app.view;

import java.util.Optional;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.words.Station;

/** The frame with its sizes. */
final class BriefRoom implements Room {
    @Override
    public Station station() {
        return Station.BRIEF;
    }

    @Override
    public Panel panel(Tools tools) {
        return new BriefDetail(tools.desk(), tools.typing(), tools.importOutline(), tools.importPicture());
    }

    @Override
    public Optional<Drawn> picture() {
        return Optional.of(
                (desk, reader, width, height) -> FrameDrawing.draw(desk.plan(), Station.BRIEF, reader, width, height));
    }

    @Override
    public void tally(Tally tally) {
        tally.outside();
    }
}
