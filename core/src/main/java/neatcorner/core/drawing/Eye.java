package neatcorner.core.drawing;

import java.util.Collection;
import java.util.function.Function;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;

/**
 * From where something in space is seen, without perspective: three unit vectors square to one another.
 *
 * @param to    from what is seen to the eye
 * @param right on the picture
 * @param down  on the picture
 */
record Eye(Vector to, Vector right, Vector down) {
    /** Seen from there, with this way to the right as far as can be. */
    static Eye of(Vector to, Vector along) {
        Vector eye = to.unit();
        Vector right = along.minus(eye.times(along.dot(eye))).unit();
        return new Eye(eye, right, eye.cross(right));
    }

    /** The same, turned aside and then down. */
    Eye turned(Turn turn) {
        Vector eye = to.times(Math.cos(turn.aside())).plus(right.times(Math.sin(turn.aside())));
        Vector aside = right.times(Math.cos(turn.aside())).minus(to.times(Math.sin(turn.aside())));
        return new Eye(
                eye.times(Math.cos(turn.down())).plus(down.times(Math.sin(turn.down()))),
                aside,
                down.times(Math.cos(turn.down())).minus(eye.times(Math.sin(turn.down()))));
    }

    /** How near to the eye a place is, more being nearer. */
    double near(Vector place) {
        return place.dot(to);
    }

    /** Where places are drawn, so that all of them fill a space. */
    Function<Vector, At> filling(Collection<Vector> places, double width, double height, double margin) {
        double left = places.stream().mapToDouble(p -> p.dot(right)).min().orElse(0);
        double top = places.stream().mapToDouble(p -> p.dot(down)).min().orElse(0);
        double wide = Math.max(1, places.stream().mapToDouble(p -> p.dot(right)).max().orElse(1) - left);
        double high = Math.max(1, places.stream().mapToDouble(p -> p.dot(down)).max().orElse(1) - top);
        double unit = Math.min((width - 2 * margin) / wide, (height - 2 * margin) / high);
        Point off = new Point((width - wide * unit) / 2 - left * unit, (height - high * unit) / 2 - top * unit);
        return place -> new At(off.x() + place.dot(right) * unit, off.y() + place.dot(down) * unit);
    }
}
