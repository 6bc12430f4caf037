package neatcorner.core.saw;

import java.util.Arrays;
import java.util.Comparator;
import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;

/** What lies about in a shop and is thin enough to turn a cut by a hair. Thicknesses from memory. */
public enum Packing {
    /** A sheet of writing paper. */
    PAPER(0.1),
    /** A postcard. */
    CARD(0.3),
    /** A piece of veneer. */
    VENEER(0.6),
    /** A strip of mat board. */
    MAT(1.5);

    private static final Length NEAREST = Length.mm(80);
    private static final Length FURTHEST = Length.mm(450);
    private final Length thickness;

    Packing(double mm) {
        this.thickness = Length.mm(mm);
    }

    /** How thick it is. */
    public Length thickness() {
        return thickness;
    }

    /** How far from the blade it turns a cut by this much: t / tan δ. */
    public Length distance(Angle turn) {
        return thickness.times(1 / Math.abs(turn.tan()));
    }

    /** What turns a cut by this much from furthest away, where a small slip matters least; empty for too much. */
    public static Optional<Packing> turning(Angle turn) {
        return Arrays.stream(values())
                .filter(packing -> Math.abs(turn.tan()) > 1e-9)
                .filter(packing -> !packing.distance(turn).isUnder(NEAREST))
                .filter(packing -> !packing.distance(turn).isOver(FURTHEST))
                .max(Comparator.comparing(packing -> packing.distance(turn)));
    }
}
