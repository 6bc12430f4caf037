package neatcorner.core.measure;

/**
 * An angle, any size and sign.
 *
 * @param radians the angle in radians, finite
 */
public record Angle(double radians) implements Quantity, Comparable<Angle> {
    /** A square corner. */
    public static final Angle RIGHT = new Angle(Math.PI / 2);

    public Angle {
        Finite.checked("angle in radians", radians);
    }

    /** An angle in degrees. */
    public static Angle degrees(double degrees) {
        return new Angle(Math.toRadians(degrees));
    }

    /** The angle from the x axis to the point (x, y), from −180° to 180°. */
    public static Angle atan2(Length y, Length x) {
        return new Angle(Math.atan2(y.nanometres(), x.nanometres()));
    }

    /** In degrees. */
    public double toDegrees() {
        return Math.toDegrees(radians);
    }

    /** The sum. */
    public Angle plus(Angle other) {
        return new Angle(radians + other.radians);
    }

    /** The difference. */
    public Angle minus(Angle other) {
        return new Angle(radians - other.radians);
    }

    /** What is missing to a right angle. */
    public Angle complement() {
        return RIGHT.minus(this);
    }

    /** Its sine. */
    public double sin() {
        return Math.sin(radians);
    }

    /** Its cosine. */
    public double cos() {
        return Math.cos(radians);
    }

    /** Its tangent. */
    public double tan() {
        return Math.tan(radians);
    }

    @Override
    public int compareTo(Angle other) {
        return Double.compare(radians, other.radians);
    }

    @Override
    public String toString() {
        return toDegrees() + "°";
    }
}
