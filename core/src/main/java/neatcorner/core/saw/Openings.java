package neatcorner.core.saw;

import java.util.function.DoubleUnaryOperator;

/**
 * Openings across a joint where it can be looked at, in mm; below zero where the pieces would run into one another.
 *
 * @param toeBack   at the outside corner, on the back
 * @param heelBack  at the inside corner, on the back
 * @param toeFront  at the outside corner, as far in front as the piece is thick
 * @param heelFront at the inside corner, in front
 */
public record Openings(double toeBack, double heelBack, double toeFront, double heelFront) {
    /** The widest. */
    public double widest() {
        return Math.max(Math.max(toeBack, heelBack), Math.max(toeFront, heelFront));
    }

    /** The least; below zero how deep the pieces would run into one another. */
    public double least() {
        return Math.min(Math.min(toeBack, heelBack), Math.min(toeFront, heelFront));
    }

    /** How far the two ends miss one another, apart or into one another. */
    public double miss() {
        return Math.max(widest(), -least());
    }

    /** Brought together until they touch. */
    public Openings touching() {
        double least = least();
        return map(opening -> opening - least);
    }

    /** What the heel has more than the toe, in the middle of the thickness. */
    public double heelOverToe() {
        return (heelBack + heelFront - toeBack - toeFront) / 2;
    }

    /** What the front has more than the back, in the middle of the joint. */
    public double frontOverBack() {
        return (toeFront + heelFront - toeBack - heelBack) / 2;
    }

    private Openings map(DoubleUnaryOperator change) {
        return new Openings(
                change.applyAsDouble(toeBack),
                change.applyAsDouble(heelBack),
                change.applyAsDouble(toeFront),
                change.applyAsDouble(heelFront));
    }
}
