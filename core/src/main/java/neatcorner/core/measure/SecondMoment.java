package neatcorner.core.measure;

/**
 * A second moment of area: what a section's shape does for its stiffness.
 *
 * @param mm4 in mm⁴; finite
 */
public record SecondMoment(double mm4) implements Quantity {
    public SecondMoment {
        Finite.checked("second moment", mm4);
    }

    /** In in⁴. */
    public double toInches4() {
        return mm4 / Math.pow(25.4, 4);
    }
}
