package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** Where the tape goes when a glued frame is checked, corner letters as on the drawing. */
public enum Tape implements FigureKey.OfLength {
    /** Outside, A to B. */
    TOP,
    /** Outside, B to C. */
    RIGHT,
    /** Outside, C to D. */
    BOTTOM,
    /** Outside, D to A. */
    LEFT,
    /** Corner to corner, A to C. */
    DIAGONAL_AC,
    /** Corner to corner, B to D. */
    DIAGONAL_BD;

    /** {@code measured.diagonal_ac} and the like. */
    @Override
    public String id() {
        return "measured." + name().toLowerCase(Locale.ROOT);
    }

    @Override
    public Station station() {
        return Station.GLUE_UP;
    }
}
