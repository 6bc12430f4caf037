package neatcorner.core.words;

import java.util.Locale;

/** The nine stations of the work, in order. */
public enum Station {
    /** What goes in the frame and how big. */
    BRIEF,
    /** The moulding cut through, and the package in it. */
    SECTION,
    /** How the corners are joined. */
    CORNERS,
    /** Pieces, saw settings and sticks. */
    CUTS,
    /** Adhesive, clamps and square. */
    GLUE_UP,
    /** Sanding and coats. */
    FINISH,
    /** Glass, mat, backing and points. */
    FIT,
    /** Weight, hardware and hook height. */
    HANG,
    /** What happened. */
    LOG;

    /** {@code glue_up} and the like. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }
}
