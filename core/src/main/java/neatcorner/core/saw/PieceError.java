package neatcorner.core.saw;

/**
 * What one piece is off by.
 *
 * @param left   its left end
 * @param right  its right end
 * @param length added to its outside edge, in mm
 */
public record PieceError(EndError left, EndError right, double length) {
    /** As it should be. */
    public static final PieceError NONE = new PieceError(EndError.NONE, EndError.NONE, 0);

    /** The larger error of its two swings, in rad, either way. */
    public double worstSwing() {
        return Math.max(Math.abs(left.swing()), Math.abs(right.swing()));
    }

    /** Both together. */
    public PieceError plus(PieceError other) {
        return new PieceError(left.plus(other.left), right.plus(other.right), length + other.length);
    }

    /** Both ends off by this, and as long as it should be. */
    public static PieceError swung(double left, double right) {
        return new PieceError(new EndError(left, 0), new EndError(right, 0), 0);
    }
}
