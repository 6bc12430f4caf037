package neatcorner.core.frame;

import java.util.Locale;
import neatcorner.core.job.Axis;

/** The four members of a rectangle, clockwise from the top, seen from the front. */
public enum Side {
    /** From corner A to corner B. */
    TOP('A', 'B', Axis.WIDTH),
    /** From corner B to corner C. */
    RIGHT('B', 'C', Axis.HEIGHT),
    /** From corner C to corner D. */
    BOTTOM('C', 'D', Axis.WIDTH),
    /** From corner D to corner A. */
    LEFT('D', 'A', Axis.HEIGHT);

    private final char from;
    private final char to;
    private final Axis axis;

    Side(char from, char to, Axis axis) {
        this.from = from;
        this.to = to;
        this.axis = axis;
    }

    /** The corner it starts from, going round. */
    public char from() {
        return from;
    }

    /** The corner it runs to. */
    public char to() {
        return to;
    }

    /** The way it runs. */
    public Axis axis() {
        return axis;
    }

    /** {@code A–B} and the like: what is pencilled on the piece. */
    public String letters() {
        return from + "–" + to;
    }

    /** {@code top} and the like, as figures are named. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The next one round. */
    public Side next() {
        return values()[(ordinal() + 1) % values().length];
    }

    /** The one before. */
    public Side previous() {
        return values()[(ordinal() + values().length - 1) % values().length];
    }

    /** The one across. */
    public Side opposite() {
        return next().next();
    }
}
