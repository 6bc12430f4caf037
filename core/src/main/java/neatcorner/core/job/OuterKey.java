package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.measure.Length;

/** The number that is given of an outside that is sawn to a shape, by another name for each form. */
public enum OuterKey implements ExtraKey<OuterShape> {
    /** The radius of rounded corners. */
    ROUND_CORNERS,
    /** What is cut off along both sides of a corner. */
    CUT_CORNERS,
    /** How far the ends of an arched top lie below its middle. */
    ARCHED_TOP;

    /** That of a form. */
    public static OuterKey of(OuterShape.Form form) {
        return switch (form) {
            case ROUND_CORNERS -> ROUND_CORNERS;
            case CUT_CORNERS -> CUT_CORNERS;
            case ARCHED_TOP -> ARCHED_TOP;
        };
    }

    @Override
    public Length of(OuterShape shape) {
        return shape.size();
    }

    @Override
    public OuterShape in(OuterShape shape, Length length) {
        return shape.withSize(length);
    }

    /** {@code outer.round_corners} and the like. */
    @Override
    public String id() {
        return "outer." + name().toLowerCase(Locale.ROOT);
    }
}
