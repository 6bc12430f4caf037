package neatcorner.core.outline;

import neatcorner.core.measure.Finite;

/**
 * A place in the plane of a frame seen from the front, or the way from one place to another, in
 * millimetres; x runs to the right, y down.
 *
 * @param x finite
 * @param y finite
 */
public record Point(double x, double y) {
    public Point {
        Finite.checked("x in mm", x);
        Finite.checked("y in mm", y);
    }

    /** The place so far along another way. */
    public Point plus(Point way) {
        return new Point(x + way.x, y + way.y);
    }

    /** The way from another place to this one. */
    public Point minus(Point from) {
        return new Point(x - from.x, y - from.y);
    }

    /** This way so many times over. */
    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** Positive when both ways run alike, zero when they are square to each other. */
    public double dot(Point other) {
        return x * other.x + y * other.y;
    }

    /** Positive when the other way turns clockwise from this one, as it is seen from the front. */
    public double cross(Point other) {
        return x * other.y - y * other.x;
    }

    /** How long the way is, in millimetres. */
    public double length() {
        // Far from where a square overflows, and much quicker than Math.hypot.
        return Math.sqrt(x * x + y * y);
    }

    /** How far it is to another place, in millimetres. */
    public double to(Point other) {
        return other.minus(this).length();
    }

    /** The way of length one in this direction; the way must have a length. */
    public Point unit() {
        return times(1 / length());
    }

    /** A quarter turn against the clock: what is outwards for somebody who walks round clockwise. */
    public Point outward() {
        return new Point(y, -x);
    }

    /** The place at a share of the way to another, 0 here and 1 there. */
    public Point towards(Point other, double share) {
        return plus(other.minus(this).times(share));
    }

    /** The way of length one that points there, 0 to the right, a quarter turn down. */
    public static Point heading(double radians) {
        return new Point(Math.cos(radians), Math.sin(radians));
    }
}
