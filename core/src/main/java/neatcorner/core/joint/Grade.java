package neatcorner.core.joint;

/** What is left of a joint when its glue has let go, the least first. Common practice, no source. */
public enum Grade {
    /** Nothing. */
    GLUE,
    /** Something that keeps the corner together. */
    FASTENED,
    /** Something that goes on bearing. */
    REINFORCED
}
