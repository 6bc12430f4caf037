package neatcorner.core.fit;

import java.util.List;
import neatcorner.core.frame.Frame;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.section.Recess;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * How a surround comes onto a mirror that hangs: piece by piece, glued to the wall beside the glass. Glue stays off the
 * glass, an inch from the edge that shows, and on the outer two thirds of the width (common practice, no source).
 */
final class Surround {
    /** How wide a strip along the outside edge the glue may have. */
    static final FigureKey<Length> ZONE = FigureKey.length(Station.FIT, "surround.zone");
    /** Glue nearer to the edge that shows creeps out there. */
    private static final Length FROM_SIGHT = Length.inches(1);

    private Surround() {
    }

    static Length zone(Frame frame, Recess.Over over) {
        Length face = frame.narrowFace();
        return face.minus(over.overlap().max(FROM_SIGHT)).min(face.times(2 / 3.0));
    }

    static List<Words> steps(Frame frame, Recess.Over over, Ledger ledger) {
        ledger.warn(Safety.HUNG_MIRROR);
        Figure<Length> zone = ledger.enter(Figure.formula(ZONE)
                .with("face", frame.narrowFace())
                .with("overlap_on", over.overlap())
                .with("from_sight", FROM_SIGHT)
                .note("glue_zone")
                .gives(zone(frame, over).max(Length.ZERO)));
        return List.of(
                Words.of("fit.over.below"),
                Words.of("fit.over.backs", over.overlap()),
                Words.of("fit.over.clips"),
                Words.of("fit.over.dry", over.overlap()),
                Words.of("fit.over.glue", zone, over.stands()),
                Words.of("fit.over." + order(frame)),
                Words.of("fit.over.hold"));
    }

    private static String order(Frame frame) {
        if (!frame.job().isFitted()) {
            return "order_whole";
        }
        if (!frame.isFourSquare()) {
            return "order_round";
        }
        return frame.isSquared() ? "order_square" : "order";
    }
}
