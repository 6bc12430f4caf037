package neatcorner.core.saw;

/**
 * What one end of a piece is off by.
 *
 * @param swing added to what the saw swings from square for it, in rad; over 0 the end is too pointed
 * @param tilt  added to what the blade tilts for it, in rad; over 0 its front ends too short
 */
public record EndError(double swing, double tilt) {
    /** As it should be. */
    public static final EndError NONE = new EndError(0, 0);

    /** Both together. */
    public EndError plus(EndError other) {
        return new EndError(swing + other.swing, tilt + other.tilt);
    }
}
