package neatcorner.core.joint;

import java.util.List;
import neatcorner.core.outline.Vector;

/**
 * A thing in a corner, by its places in the frame.
 *
 * @param form   what it looks like
 * @param places in mm, as the frame's own
 */
public record Insert(Form form, List<Vector> places) {
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
    }
}
