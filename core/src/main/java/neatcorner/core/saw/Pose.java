package neatcorner.core.saw;

import neatcorner.core.outline.Vector;

/**
 * How a piece lies: where the start of its outside edge is, on its back, and its three ways, square to one another.
 *
 * @param at     the start, in mm
 * @param along  to its right end
 * @param across outwards
 * @param front  from its back to its front
 */
record Pose(Vector at, Vector along, Vector across, Vector front) {
    /** The first piece's, in whose axes all others are said. */
    static final Pose FIRST =
            new Pose(new Vector(0, 0, 0), new Vector(1, 0, 0), new Vector(0, 1, 0), new Vector(0, 0, 1));

    /** A way that is said in the piece's own axes. */
    Vector way(Vector own) {
        return along.times(own.x()).plus(across.times(own.y())).plus(front.times(own.z()));
    }

    /** A place that is said in the piece's own axes. */
    Vector place(Vector own) {
        return at.plus(way(own));
    }

    /** How a piece lies whose left end lies on the right end of this one: cut on cut, outside corner on corner. */
    Pose next(End there, End here) {
        Vector joint = way(there.joint());
        Vector normal = way(there.normal());
        Vector third = way(there.third(true));
        return new Pose(
                place(there.corner()),
                here.lying(new Vector(1, 0, 0), joint, normal, third),
                here.lying(new Vector(0, 1, 0), joint, normal, third),
                here.lying(new Vector(0, 0, 1), joint, normal, third));
    }

    /**
     * The turn, as a vector along its axis and as long as its angle in rad, that brings another pose's ways onto those
     * of this one; both differ by little. Half the sum of the cross products of the ways is its sine times the axis.
     */
    Vector turnFrom(Pose other) {
        return other.along.cross(along)
                .plus(other.across.cross(across))
                .plus(other.front.cross(front))
                .times(0.5);
    }
}
