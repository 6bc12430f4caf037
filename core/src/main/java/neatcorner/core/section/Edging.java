package neatcorner.core.section;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;

/**
 * How one front edge of a strip is worked.
 *
 * @param kind  what is cut; a chamfer that is not as wide as deep is a bevel
 * @param width how far it reaches across the face; zero only for {@link Kind#SQUARE}, up to 150 mm
 * @param depth how far it reaches down the edge; zero only for {@link Kind#SQUARE}, up to 150 mm
 */
public record Edging(Kind kind, Length width, Length depth) {
    /** As it comes from the planer. */
    public static final Edging SQUARE = new Edging(Kind.SQUARE, Length.ZERO, Length.ZERO);
    private static final double QUIRK = 0.12;

    public Edging {
        kind = kind == Kind.CHAMFER && !width.equals(depth) ? Kind.BEVEL : kind;
        if (kind == Kind.SQUARE) {
            if (!width.isZero() || !depth.isZero()) {
                throw Refusal.of("edging.square_edge_has_no", width, depth);
            }
        } else {
            Range.within("width_of_the_edge", width, Length.mm(0.5), Recess.MOST);
            Range.within("depth_of_the_edge", depth, Length.mm(0.5), Recess.MOST);
        }
    }

    /** What is cut. */
    public enum Kind {
        /** Nothing. */
        SQUARE,
        /** A quarter round. */
        ROUND_OVER,
        /** A quarter hollow. */
        COVE,
        /** A hollow that runs into a round. */
        OGEE,
        /** A half round beside a small groove. */
        BEAD,
        /** An edge taken off at 45°. */
        CHAMFER,
        /** A slope of any width and depth. */
        BEVEL,
        /** A step. */
        STEP
    }

    /** An edge as large one way as the other. */
    public static Edging of(Kind kind, Length size) {
        return kind == Kind.SQUARE ? SQUARE : new Edging(kind, size, size);
    }

    /** The same of another width; a chamfer's depth follows. */
    public Edging withWidth(Length other) {
        return new Edging(kind, other, kind == Kind.CHAMFER ? other : depth);
    }

    /** The same of another depth; a chamfer's width follows. */
    public Edging withDepth(Length other) {
        return new Edging(kind, kind == Kind.CHAMFER ? other : width, other);
    }

    /** Of another kind, as large as it was; a square edge becomes a quarter of an inch. */
    public Edging as(Kind other) {
        Length size = kind == Kind.SQUARE ? Length.inches(0, 1, 4) : width.min(depth);
        return other == Kind.SQUARE
                ? SQUARE
                : other == Kind.BEVEL || other == Kind.STEP
                        ? new Edging(other, kind == Kind.SQUARE ? size : width, kind == Kind.SQUARE ? size : depth)
                        : of(other, size);
    }

    /**
     * How far the front lies below the strip's top, in mm.
     *
     * @param in mm from the edge across the face, zero or more
     */
    double below(double in) {
        if (kind == Kind.SQUARE || in >= width.toMm()) {
            return 0;
        }
        double u = in / width.toMm();
        return depth.toMm() * switch (kind) {
            case SQUARE -> 0;
            case ROUND_OVER -> 1 - Math.sqrt(1 - (1 - u) * (1 - u));
            case COVE -> Math.sqrt(1 - u * u);
            case OGEE -> (1 + Math.cos(Math.PI * u)) / 2;
            case BEAD -> u > 1 - QUIRK ? 1 : 1 - Math.sqrt(Math.max(0, 1 - Math.pow(2 * u / (1 - QUIRK) - 1, 2)));
            case CHAMFER, BEVEL -> 1 - u;
            case STEP -> 1;
        };
    }

    /** Where across the edge it bends or jumps, in mm from the edge, finely enough for drawing and areas. */
    double[] stops() {
        int steps = switch (kind) {
            case SQUARE -> 0;
            case CHAMFER, BEVEL, STEP -> 1;
            case ROUND_OVER, COVE, OGEE, BEAD -> 12;
        };
        double[] stops = new double[steps == 0 ? 0 : steps + (kind == Kind.BEAD ? 2 : 1)];
        for (int i = 0; i <= steps && steps > 0; i++) {
            stops[i] = width.toMm() * place(i, steps);
        }
        if (kind == Kind.BEAD) {
            stops[steps + 1] = width.toMm();
        }
        return stops;
    }

    /** Closer together where a quarter round is steep: even turns of its radius. */
    private double place(int i, int steps) {
        double share = (double) i / steps;
        return switch (kind) {
            case ROUND_OVER -> 1 - Math.cos(share * Math.PI / 2);
            case COVE -> Math.sin(share * Math.PI / 2);
            case BEAD -> (1 - QUIRK) * (1 - Math.cos(share * Math.PI)) / 2;
            default -> share;
        };
    }
}
