package neatcorner.core.measure;

/**
 * A force.
 *
 * @param newtons the force in newtons, finite
 */
public record Force(double newtons) implements Quantity {
    /** Standard gravity, m/s² (CGPM 1901). */
    public static final double STANDARD_GRAVITY = 9.80665;

    public Force {
        Finite.checked("force in newtons", newtons);
    }

    /** The weight of a mass under standard gravity. */
    public static Force weightOf(Mass mass) {
        return new Force(mass.toKg() * STANDARD_GRAVITY);
    }

    /** The mass that weighs as much: what makers mean by "pounds of pull". */
    public Mass asMass() {
        return Mass.kg(newtons / STANDARD_GRAVITY);
    }
}
