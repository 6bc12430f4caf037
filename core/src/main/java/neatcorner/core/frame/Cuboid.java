package neatcorner.core.frame;

import java.util.List;
import neatcorner.core.outline.Point;

/**
 * A box in space, in mm in the picture of the first part: to the right and down from the top left of its outside, and
 * before its back.
 *
 * @param left   its left edge
 * @param top    its upper edge
 * @param right  its right edge
 * @param bottom its lower edge
 * @param back   its back
 * @param front  its front
 */
public record Cuboid(double left, double top, double right, double bottom, double back, double front) {
    /** Boxes that come into one another by no more than this, in mm, only touch. */
    static final double TOUCH = 0.05;

    /** By how much two are in one another, the way they come apart soonest; 0 where they are apart. */
    public double into(Cuboid other) {
        double wide = Math.min(right, other.right) - Math.max(left, other.left);
        double high = Math.min(bottom, other.bottom) - Math.max(top, other.top);
        double deep = Math.min(front, other.front) - Math.max(back, other.back);
        double least = Math.min(deep, Math.min(wide, high));
        return least > TOUCH ? least : 0;
    }

    /** Its corners as seen from the front. */
    public List<Point> corners() {
        return List.of(
                new Point(left, top), new Point(right, top), new Point(right, bottom), new Point(left, bottom));
    }
}
