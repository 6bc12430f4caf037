package neatcorner.core.outline;

import java.util.Locale;

/** The two ways across a frame, seen from the front. */
public enum Axis {
    /** From left to right. */
    WIDTH,
    /** From top to bottom. */
    HEIGHT;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** {@code width} or {@code height}, as figures are named. */
    public String id() {
        return id;
    }
}
