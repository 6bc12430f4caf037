package neatcorner.core.frame;

import java.util.List;
import neatcorner.core.outline.Point;

/**
 * A piece between two levels, where it has the same outline all through.
 *
 * @param low     mm over its back
 * @param high    mm over its back, above the low level
 * @param outline in the plane of the frame, one way round
 */
public record Slab(double low, double high, List<Point> outline) {
    public Slab {
        outline = List.copyOf(outline);
    }
}
