package neatcorner.app.view;

import java.util.Optional;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.BehindDrawing;
import neatcorner.core.drawing.FitDrawing;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.drawing.SwingDrawing;
import neatcorner.core.job.Job;
import neatcorner.core.job.Placement;
import neatcorner.core.words.Station;

/** The package pulled apart, and the back with what holds it. */
final class FitRoom implements Room {
    @Override
    public Station station() {
        return Station.FIT;
    }

    @Override
    public Panel panel(Tools tools) {
        return new FitDetail(tools.desk(), tools.typing());
    }

    @Override
    public Optional<Drawn> picture() {
        return Optional.of((desk, reader, width, height) -> FitDrawing.draw(desk.plan(), reader, width, height));
    }

    @Override
    public void tally(Tally tally) {
        tally.plan().fit().sheets().stream().findFirst().ifPresent(sheet -> {
            tally.big(sheet.width(), tally.say(sheet.name()), tally.say("side.wide"));
            tally.big(sheet.height(), "", tally.say("side.high"));
        });
        Job job = tally.plan().job();
        if (job.seen() == job.holder() && job.section().recess().takesPackage()) {
            tally.row(tally.plan().depth().left());
        }
    }

    @Override
    public Optional<Foot> foot(Desk desk) {
        Optional<Placement.Hinged> hung = desk.plan().job().part().hung();
        if (hung.isPresent()) {
            return Optional.of(new Foot(
                    Labels.get("fit.swing"),
                    "",
                    230,
                    width -> SwingDrawing.draw(
                            desk.plan(),
                            hung.get(),
                            PictureView.reader(desk),
                            width,
                            PictureView.reader(desk).scale() * 220)));
        }
        if (!desk.plan().job().packed().behind().isEmpty()) {
            return Optional.of(new Foot(
                    Labels.get("fit.behind"),
                    "",
                    190,
                    width -> BehindDrawing.draw(
                            desk.plan(),
                            PictureView.reader(desk),
                            width,
                            PictureView.reader(desk).scale() * 180)));
        }
        return desk.plan().fit().points().isEmpty()
                ? Optional.empty()
                : Optional.of(new Foot(
                        Labels.get("fit.points"),
                        "",
                        190,
                        width -> FrameDrawing.back(
                                desk.plan(),
                                PictureView.reader(desk),
                                width,
                                PictureView.reader(desk).scale() * 180)));
    }
}
