package neatcorner.app.view;

import java.util.Optional;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.drawing.PartsDrawing;
import neatcorner.core.words.Station;

/** The frame with its sizes. */
final class BriefRoom implements Room {
    private static final double FOOT = 112;

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

    /** How the parts lie by one another, where there are several. */
    @Override
    public Optional<Foot> foot(Desk desk) {
        return desk.plan().job().parts().size() == 1
                ? Optional.empty()
                : Optional.of(new Foot(
                        Labels.get("brief.parts"),
                        Labels.get(PartsDrawing.isThroughTop(desk.plan()) ? "brief.parts_top" : "brief.parts_how"),
                        FOOT,
                        width -> PartsDrawing.draw(
                                desk.plan(),
                                PictureView.reader(desk),
                                width,
                                FOOT * desk.appearance().textSize() / 100.0)));
    }

    @Override
    public void tally(Tally tally) {
        tally.outside();
    }
}
