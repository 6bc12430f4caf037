package neatcorner.core.section;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;

/**
 * The front of a section.
 *
 * @param shape how the front runs from the sight edge outwards
 * @param drop  from the highest to the lowest point of the front; zero for {@link Shape#FLAT}, up to
 *              150 mm
 */
public record Profile(Shape shape, Length drop) {
    /** A plain front. */
    public static final Profile FLAT = new Profile(Shape.FLAT, Length.ZERO);

    public Profile {
        Range.within("profile_drop", drop, Length.ZERO, Recess.MOST);
        if (shape == Shape.FLAT && !drop.isZero()) {
            throw Refusal.of("profile.profile_drop_is_flat", drop);
        }
    }

    /** How a front runs. */
    public enum Shape {
        /** Level. */
        FLAT,
        /** A hollow that falls toward the sight edge. */
        SCOOP,
        /** A straight fall toward the sight edge. */
        SLOPE,
        /** A straight fall toward the wall. */
        REVERSE_SLOPE,
        /** A half round. */
        ROUND,
        /** A lower strip along the sight edge, a third of the face wide. */
        STEP
    }

    /**
     * How far the front lies below its highest point.
     *
     * @param across 0 at the sight edge, 1 at the outside edge, both included
     */
    public Length below(double across) {
        return Length.mm(belowMm(across));
    }

    /** The same in mm, unrounded. */
    double belowMm(double across) {
        double u = Range.number("place_across_the_face", across, 0, 1);
        return drop.toMm() * switch (shape) {
            case FLAT -> 0;
            case SCOOP -> (1 - u) * (1 - u);
            case SLOPE -> 1 - u;
            case REVERSE_SLOPE -> u;
            case ROUND -> 1 - Math.sqrt(1 - (2 * u - 1) * (2 * u - 1));
            case STEP -> u < 1.0 / 3 ? 1 : 0;
        };
    }
}
