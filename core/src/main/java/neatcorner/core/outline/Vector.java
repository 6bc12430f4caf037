package neatcorner.core.outline;

/**
 * A way in space, in millimetres: x to the right and y down in the plane of the frame as seen from the
 * front, z toward whoever looks at it.
 *
 * @param x to the right
 * @param y down
 * @param z forward
 */
public record Vector(double x, double y, double z) {
    /** Straight out of the frame, toward whoever looks at it. */
    public static final Vector FORWARD = new Vector(0, 0, 1);

    /** A place or way in the plane, at a height over it. */
    public static Vector of(Point place, double z) {
        return new Vector(place.x(), place.y(), z);
    }

    /** The sum. */
    public Vector plus(Vector other) {
        return new Vector(x + other.x, y + other.y, z + other.z);
    }

    /** The way from another place to this one. */
    public Vector minus(Vector other) {
        return new Vector(x - other.x, y - other.y, z - other.z);
    }

    /** So many times over. */
    public Vector times(double factor) {
        return new Vector(x * factor, y * factor, z * factor);
    }

    /** Zero when both are square to each other. */
    public double dot(Vector other) {
        return x * other.x + y * other.y + z * other.z;
    }

    /** The way that is square to both. */
    public Vector cross(Vector other) {
        return new Vector(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
    }

    /** How long it is. */
    public double length() {
        return Math.sqrt(dot(this));
    }

    /** The way of length one in this direction; it must have a length. */
    public Vector unit() {
        return times(1 / length());
    }
}
