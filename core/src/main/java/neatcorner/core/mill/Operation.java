package neatcorner.core.mill;

/** What is done to a board on the way to blanks, in no special order. */
public enum Operation {
    /** Metal is found and drawn. */
    METAL,
    /** Across the board, to a length. */
    CROSSCUT,
    /** One face made flat. */
    FLATTEN,
    /** One edge made straight and square to that face. */
    EDGE,
    /** The other face planed parallel to the first, to a thickness. */
    THICKNESS,
    /** Along the length, to a strip. */
    RIP,
    /** Through a strip's thickness, to leaves. */
    RESAW,
    /** A strip or its leaves planed to their thickness. */
    PLANE,
    /** The sawn edges planed off, to the finished width. */
    WIDTH,
    /** Across a strip, to a blank. */
    BLANK,
    /** Blanks glued to a wider or a thicker one. */
    GLUE
}
