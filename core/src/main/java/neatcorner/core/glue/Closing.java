package neatcorner.core.glue;

/** How the corners are pressed together, with the clamps on hand. */
public enum Closing {
    /** Arms across, all corners at once. */
    CROSSED_ARMS,
    /** A band round all of them. */
    BAND,
    /** A vice at every corner. */
    FOUR_VICES,
    /** Two opposite corners, later the halves. */
    HALVES,
    /** One corner after the other in one vice. */
    ONE_VICE,
    /** No clamp: against a square block or by hand. */
    BY_HAND,
    /** Nothing is glued. */
    NOTHING
}
