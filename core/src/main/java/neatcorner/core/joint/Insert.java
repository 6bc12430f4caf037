package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
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
        STRIP,
        /** A block beside the wood, by its outline on the back and then by that on its front. */
        BLOCK
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

    /** Of a thing with an outline, the one at the back. */
    public List<Vector> outline() {
        return form == Form.BLOCK ? places.subList(0, places.size() / 2) : places;
    }

    /** What is seen of its edges, each from place to place. */
    public List<List<Vector>> edges() {
        return switch (form) {
            case WIRE, STRIP -> List.of(places);
            case PLATE -> List.of(closed(places));
            case BLOCK -> {
                List<Vector> back = outline();
                List<Vector> front = places.subList(back.size(), places.size());
                List<List<Vector>> edges = new ArrayList<>(List.of(closed(back), closed(front)));
                for (int i = 0; i < back.size(); i++) {
                    edges.add(List.of(back.get(i), front.get(i)));
                }
                yield edges;
            }
        };
    }

    private static List<Vector> closed(List<Vector> outline) {
        List<Vector> closed = new ArrayList<>(outline);
        closed.add(outline.getFirst());
        return closed;
    }

    /** Whether it lies on the back of the frame and not in its wood. */
    public boolean isBehind() {
        return high() <= 0;
    }

    /** How far its middle line reaches before the back of the frame, in mm. */
    public double high() {
        return levels().max().orElseThrow();
    }

    /** Where its middle line begins before the back of the frame, in mm; below zero behind it. */
    public double low() {
        return levels().min().orElseThrow();
    }

    private DoubleStream levels() {
        return bodies.stream().flatMap(body -> body.places().stream()).mapToDouble(Vector::z);
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
