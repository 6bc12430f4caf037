package neatcorner.core.making;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.outline.Point;
import neatcorner.core.section.Silhouette;

/** A surface of a stick, and how much of it is left to ride on. */
public enum Surface {
    /** Toward the wall. */
    BACK,
    /** What is seen. */
    FRONT,
    /** The sight edge. */
    INNER,
    /** The outside edge. */
    OUTER;

    /** Along how many millimetres of the section a stick touches the table, and from where to where. */
    record Contact(double total, double from, double to) {
    }

    /** Whether the stick lies on its wide side. */
    public boolean isFlatwise() {
        return this == BACK || this == FRONT;
    }

    /** How far a point of the section lies from this surface of a stick, in mm, into the stick. */
    public double off(Point p, Silhouette stick) {
        return switch (this) {
            case BACK -> p.y() - stick.low();
            case FRONT -> stick.high() - p.y();
            case INNER -> p.x() - stick.left();
            case OUTER -> stick.right() - p.x();
        };
    }

    /** What touches when the stick lies on this surface. */
    Contact contact(Silhouette stick) {
        List<double[]> touching = stick.touching(switch (this) {
            case BACK -> new Point(0, -1);
            case FRONT -> new Point(0, 1);
            case INNER -> new Point(-1, 0);
            case OUTER -> new Point(1, 0);
        });
        double total = touching.stream().mapToDouble(t -> t[1] - t[0]).sum();
        List<Double> ends = new ArrayList<>();
        touching.forEach(t -> ends.addAll(List.of(t[0], t[1])));
        return new Contact(
                total,
                ends.stream().min(Double::compare).orElse(0.0),
                ends.stream().max(Double::compare).orElse(0.0));
    }
}
