package neatcorner.core.outline;

import neatcorner.core.measure.Angle;
import neatcorner.core.phrase.Range;

/**
 * How the sides of a frame stand. A side that lies flat has its face to the front; one that leans is
 * turned about its own length.
 *
 * @param degrees from flat, from 0 to 90, where the stick stands on edge
 * @param way     which edge stands forward
 */
public record Lean(double degrees, Way way) {
    /** No lean. */
    public static final Lean FLAT = new Lean(0, Way.OUTWARDS);

    public Lean {
        Range.number("lean_in_degrees", degrees, 0, 90);
    }

    /** Which way the sides lean toward the front. */
    public enum Way {
        /** The outside edge stands forward, as in a tray: the rim is wider than the floor. */
        OUTWARDS,
        /** The sight edge stands forward: the frame falls back toward the wall. */
        INWARDS
    }

    /** Whether there is none. */
    public boolean isFlat() {
        return degrees == 0;
    }

    /** From flat. */
    public Angle angle() {
        return Angle.degrees(degrees);
    }

    /** 1 when going outwards leads forward, −1 when it leads back. */
    public int forward() {
        return way == Way.OUTWARDS ? 1 : -1;
    }
}
