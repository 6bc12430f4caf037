package neatcorner.core.job;

/** Ways to join a corner, in the order of the strength they add. */
public enum JointKind {
    /** Sized and glued, nothing else. */
    GLUED,
    /** Glued, with pins driven crosswise through the outside edges. */
    PINNED,
    /** Glued, with V-shaped fasteners driven from the back. */
    V_FASTENED,
    /** Glued, with splines (keys) let in across the corner. */
    SPLINED,
    /** No joint at all: the frame is routed from one board. */
    SOLID
}
