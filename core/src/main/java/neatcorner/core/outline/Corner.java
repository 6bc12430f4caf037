package neatcorner.core.outline;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;

/**
 * A corner of a free outline, as the maker gave it.
 *
 * @param x to the right, within 20 m either way
 * @param y down, within 20 m either way
 */
public record Corner(Length x, Length y) {
    private static final Length FAR = Length.mm(20_000);

    public Corner {
        Range.within("corner_across", x, FAR.negated(), FAR);
        Range.within("corner_down", y, FAR.negated(), FAR);
    }

    /** The corner nearest to a place. */
    public static Corner of(Point place) {
        return new Corner(Length.mm(place.x()), Length.mm(place.y()));
    }

    /** Its place. */
    public Point place() {
        return new Point(x.toMm(), y.toMm());
    }
}
