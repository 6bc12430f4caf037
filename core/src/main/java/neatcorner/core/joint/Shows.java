package neatcorner.core.joint;

/** Where something of a joint is seen when the frame is done. */
enum Shows {
    /** Nowhere. */
    NOWHERE,
    /** On the back, which hangs to the wall. */
    BEHIND,
    /** On the outside edges. */
    ON_EDGE,
    /** On the face. */
    ON_FACE;

    /** Whether someone before the wall may see it. */
    boolean isSeen() {
        return this == ON_EDGE || this == ON_FACE;
    }
}
