package neatcorner.core.measure;

/**
 * A turning or bending moment.
 *
 * @param newtonMetres in N·m; finite
 */
public record Moment(double newtonMetres) implements Quantity {
    /** 1 lbf (0.453 592 37 kg under standard gravity) on a lever of an inch. */
    private static final double POUND_INCH = 0.45359237 * Force.STANDARD_GRAVITY * 0.0254;

    public Moment {
        Finite.checked("moment in newton metres", newtonMetres);
    }

    /** In pounds of force on a lever of an inch. */
    public double toPoundInches() {
        return newtonMetres / POUND_INCH;
    }
}
