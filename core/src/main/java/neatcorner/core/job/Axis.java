package neatcorner.core.job;

/** The two ways across a frame, seen from the front. */
public enum Axis {
    /** From left to right. */
    WIDTH,
    /** From top to bottom. */
    HEIGHT;

    /** {@code width} or {@code height}, as figures are named. */
    public String id() {
        return name().toLowerCase(java.util.Locale.ROOT);
    }
}
