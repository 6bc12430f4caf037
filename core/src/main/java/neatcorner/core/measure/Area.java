package neatcorner.core.measure;

/**
 * An area.
 *
 * @param mm2 in square millimetres; finite
 */
public record Area(double mm2) implements Quantity {
    /** Square millimetres in a square inch. */
    private static final double MM2_PER_SQUARE_INCH = 25.4 * 25.4;

    public Area {
        Finite.checked("area", mm2);
    }

    /** In square inches. */
    public double toSquareInches() {
        return mm2 / MM2_PER_SQUARE_INCH;
    }
}
