package neatcorner.core.joint;

import java.util.List;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Vector;

/**
 * A thing in a corner, by its places in the frame.
 *
 * @param form   what it looks like
 * @param places in mm, as the frame's own
 * @param bodies what it fills in space, in convex parts
 */
public record Insert(Form form, List<Vector> places, List<Hull> bodies) {
    /** What a thing in a corner looks like. */
    public enum Form {
        /** A wire from its head to its point. */
        WIRE,
        /** A thin plate, by its outline. */
        PLATE,
        /** A bent strip on edge, along its run. */
        STRIP
    }

    public Insert {
        places = List.copyOf(places);
        bodies = List.copyOf(bodies);
    }

    /** One that is convex. */
    Insert(Form form, List<Vector> places, Hull body) {
        this(form, places, List.of(body));
    }

    /** A wire so thick, in mm. */
    static Insert wire(Vector head, Vector point, double thick) {
        return new Insert(Form.WIRE, List.of(head, point), Hull.rod(head, point, thick));
    }

    /** Whether it lies on the back of the frame and not in its wood. */
    public boolean isBehind() {
        return bodies.stream().flatMap(body -> body.places().stream()).allMatch(place -> place.z() <= 0);
    }

    /** How much is free between this and another, in mm; below zero where they meet. */
    public double gap(List<Hull> others) {
        return Hull.gap(bodies, others);
    }

    /** The same elsewhere. */
    public Insert moved(Vector by) {
        return new Insert(
                form,
                places.stream().map(by::plus).toList(),
                bodies.stream().map(body -> body.moved(by)).toList());
    }
}
