package neatcorner.core.sawing;

/** What a cut makes. */
public enum Stroke {
    /** The left end of the first piece of a stick. */
    LEFT,
    /** The left end of a piece, and with it the one before off the stick, roughly long. */
    PART,
    /** The right end of a piece, and with it its length. */
    RIGHT,
    /** Both at once: the right end of a piece with its length, and the left end of the next. */
    BOTH;

    /** Whether a piece has its length after it. */
    public boolean makesLength() {
        return this == RIGHT || this == BOTH;
    }
}
