package neatcorner.app.view;

import java.util.Optional;
import neatcorner.core.drawing.CornerSheet;
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
    public Optional<Drawn> picture() {
        return Optional.of((desk, reader, width, height) ->
                CornerSheet.draw(desk.plan(), desk.corner(), desk.turn(), reader, width, height));
    }

    @Override
    public void tally(Tally tally) {
        tally.text(tally.say(tally.plan().joints().said()), "big-text");
        tally.plan().joints().settings().stream().findFirst().ifPresent(tally::big);
        tally.saw();
    }
}
