package neatcorner.core.drawing;

import java.util.Optional;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Length;
import neatcorner.core.mill.Milling;

/**
 * What is chalked on a length of a board beside its cuts: a cross on what is waste, the size of what stays a board, and
 * which edge goes to the fence.
 */
final class Chalk {
    private static final double LEAST_LONG = 20;
    private static final double LEAST_HIGH = 11;
    /** A cross is no wider than this for its height. */
    private static final double CROSS = 3;

    private final Sketch sketch;
    private final Milling.Sawn sawn;
    private final Milling.Crosscut piece;
    private final BoardScale scale;

    /** For one length. */
    Chalk(Sketch sketch, Milling.Sawn sawn, Milling.Crosscut piece, BoardScale scale) {
        this.sketch = sketch;
        this.sawn = sawn;
        this.piece = piece;
        this.scale = scale;
    }

    /** Marks everything; returns where that ends, below the length. */
    double mark() {
        Length near = Length.ZERO;
        for (Milling.Rip rip : piece.rips()) {
            beside(near, rip.y());
            Length each = rip.width().over(rip.leaves());
            for (int layer = 1; layer <= rip.leaves(); layer++) {
                int here = layer;
                Length low = rip.y().plus(each.times(layer - 1L));
                Length from = piece.x();
                for (Milling.Blank blank : rip.blanks().stream()
                        .filter(blank -> blank.layer() == here)
                        .toList()) {
                    strip(from, blank.x(), low, each, rip);
                    from = blank.x().plus(blank.length());
                }
                strip(from, piece.right(), low, each, rip);
            }
            near = rip.far();
        }
        beside(near, sawn.board().width());
        sketch.small(
                new At(scale.x(piece.x()), scale.bottom() + sketch.em(9)),
                sketch.say(sawn.board().condition().isGrooved() ? "board.edge_grooved" : "board.edge"),
                Anchor.START);
        return scale.bottom() + sketch.em(14);
    }

    private void beside(Length near, Length far) {
        area(
                piece.x(),
                near,
                piece.right(),
                far,
                sawn.rests().stream()
                        .filter(rest -> rest.place() == Milling.Rest.Place.BESIDE
                                && !rest.x().isUnder(piece.x())
                                && rest.x().isUnder(piece.right())
                                && !rest.y().isUnder(near)
                                && rest.y().isUnder(far))
                        .findFirst());
    }

    /** Between the blanks of a leaf. */
    private void strip(Length x, Length right, Length low, Length each, Milling.Rip rip) {
        area(
                x,
                low,
                right,
                low.plus(each),
                sawn.rests().stream()
                        .filter(rest -> rest.place() == Milling.Rest.Place.STRIP
                                && rest.y().equals(rip.y())
                                && !rest.x().isUnder(x)
                                && rest.x().isUnder(right))
                        .findFirst());
    }

    /** Stays a board when there is such a rest, else it is waste. */
    private void area(Length x, Length near, Length right, Length far, Optional<Milling.Rest> rest) {
        double x1 = scale.x(x);
        double x2 = scale.x(right);
        double y1 = scale.y(far);
        double y2 = scale.y(near);
        if (x2 - x1 < sketch.em(LEAST_LONG) || y2 - y1 < sketch.em(LEAST_HIGH)) {
            return;
        }
        At middle = new At((x1 + x2) / 2, (y1 + y2) / 2);
        if (rest.isPresent()) {
            String text = sketch.say("board.stays", rest.get().length(), rest.get().width());
            if (sketch.widthOf(text, sketch.em(10.5), false) < x2 - x1) {
                sketch.text(middle, text, Ink.SOFT, 10.5, false, Anchor.MIDDLE);
            }
            return;
        }
        double high = (y2 - y1) * 0.35;
        double wide = Math.min((x2 - x1) * 0.35, high * CROSS);
        sketch.line(
                new At(middle.x() - wide, middle.y() - high),
                new At(middle.x() + wide, middle.y() + high),
                Ink.SOFT,
                sketch.em(0.8));
        sketch.line(
                new At(middle.x() - wide, middle.y() + high),
                new At(middle.x() + wide, middle.y() - high),
                Ink.SOFT,
                sketch.em(0.8));
    }
}
