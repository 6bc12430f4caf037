package neatcorner.app.view;

import java.util.Optional;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.FinishDrawing;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.words.Station;

/** The frame in its wood, and the coats over the days. */
final class FinishRoom implements Room {
    @Override
    public Station station() {
        return Station.FINISH;
    }

    @Override
    public Panel panel(Tools tools) {
        return new FinishDetail(tools.desk(), tools.typing());
    }

    @Override
    public Optional<Drawn> picture() {
        return Optional.of((desk, reader, width, height) -> FrameDrawing.small(desk.plan(), reader, width, height));
    }

    @Override
    public void tally(Tally tally) {
        tally.text(tally.say("side.finish_total", tally.plan().finish().total()), "big-text");
        tally.text(tally.say("side.finish_steps", tally.plan().finish().steps().size()), "soft");
    }

    @Override
    public Optional<Foot> foot(Desk desk) {
        return desk.plan().finish().steps().isEmpty()
                ? Optional.empty()
                : Optional.of(new Foot(
                        Labels.get("finish.when"),
                        desk.book()
                                .say("side.finish_total", desk.plan().finish().total()),
                        Math.min(190, 40 + 24 * desk.plan().finish().steps().size()),
                        width -> FinishDrawing.draw(desk.plan(), PictureView.reader(desk), width)));
    }
}
