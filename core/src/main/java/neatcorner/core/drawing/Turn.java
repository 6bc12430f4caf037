package neatcorner.core.drawing;

/**
 * How far something in space is turned from the side it is first shown from.
 *
 * @param aside of the eye, to the right round what is seen, in rad
 * @param down  of the eye, in rad; so little that it never stands on its head
 */
public record Turn(double aside, double down) {
    /** As it is first shown: from the front and from inside the frame. */
    public static final Turn NONE = new Turn(0, 0);
    /** From the front and from outside. */
    public static final Turn OUTSIDE = new Turn(Math.toRadians(65), Math.toRadians(-70));
    /** From behind. */
    public static final Turn BEHIND = new Turn(Math.PI, Math.toRadians(15));

    private static final double MOST_DOWN = Math.toRadians(80);

    public Turn {
        down = Math.clamp(down, -MOST_DOWN, MOST_DOWN);
    }

    /** Turned on. */
    public Turn by(double moreAside, double moreDown) {
        return new Turn(Math.IEEEremainder(aside + moreAside, 2 * Math.PI), down + moreDown);
    }
}
