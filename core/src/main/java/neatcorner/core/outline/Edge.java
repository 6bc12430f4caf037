package neatcorner.core.outline;

import java.util.ArrayList;
import java.util.List;

/**
 * One side of an outline, run through clockwise as seen from the front. Places along it are given by
 * a share from 0 at its start to 1 at its end; a line parallel to it lies so many millimetres
 * outwards of it everywhere.
 */
public sealed interface Edge {
    /** The place at a share of the way. */
    Point at(double share);

    /** The way one walks there, of length one. */
    Point heading(double share);

    /** How far a place lies outwards of this edge or of its continuation. */
    double outwardsOf(Point place);

    /** Which way is outwards at the nearest point of this edge, of length one. */
    Point outwardAt(Point place);

    /** The place at a share of the way on the line that lies {@code out} mm outwards. */
    default Point at(double share, double out) {
        return at(share).plus(heading(share).outward().times(out));
    }

    /** Whether this is a straight line. */
    default boolean isStraight() {
        return this instanceof Straight;
    }

    /** Points along the line {@code out} mm outwards, both ends included; two for a straight one. */
    default List<Point> points(double out, int steps) {
        int count = isStraight() ? 1 : steps;
        List<Point> points = new ArrayList<>(count + 1);
        for (int i = 0; i <= count; i++) {
            points.add(at((double) i / count, out));
        }
        return points;
    }

    /**
     * A straight side.
     *
     * @param from where it starts
     * @param to   where it ends, elsewhere than it starts
     */
    record Straight(Point from, Point to) implements Edge {
        @Override
        public Point at(double share) {
            return from.towards(to, share);
        }

        @Override
        public Point heading(double share) {
            return to.minus(from).unit();
        }

        @Override
        public double outwardsOf(Point place) {
            return place.minus(from).dot(heading(0).outward());
        }

        @Override
        public Point outwardAt(Point place) {
            return heading(0).outward();
        }
    }

    /**
     * A part of an ellipse whose axes lie level and upright, bulging outwards. Parallels of it are
     * true parallels at a constant distance, which for an ellipse are no ellipses.
     *
     * @param centre  of the ellipse
     * @param radiusX half its width, over 0
     * @param radiusY half its height, over 0; the same for a circle
     * @param from    direction of the outward normal at the start, in radians, clockwise from the right
     * @param sweep   how far that direction turns until the end, over 0 and up to π
     */
    record Arc(Point centre, double radiusX, double radiusY, double from, double sweep) implements Edge {
        /** The ellipse's own parameter where its normal points that way: tan t = (ry/rx)·tan ν. */
        private double parameter(double share) {
            double normal = from + share * sweep;
            return Math.atan2(radiusY * Math.sin(normal), radiusX * Math.cos(normal));
        }

        @Override
        public Point at(double share) {
            double t = parameter(share);
            return centre.plus(new Point(radiusX * Math.cos(t), radiusY * Math.sin(t)));
        }

        @Override
        public Point heading(double share) {
            return Point.heading(from + share * sweep + Math.PI / 2);
        }

        /** Whether it is part of a circle. */
        public boolean isRound() {
            return radiusX == radiusY;
        }

        /** Exact for circles; ellipses only ever meet their own continuation, where nobody asks. */
        @Override
        public double outwardsOf(Point place) {
            return centre.to(place) - radiusX;
        }

        @Override
        public Point outwardAt(Point place) {
            return place.minus(centre).unit();
        }

        /**
         * The least radius of curvature on the way, in millimetres: with the normal at ν it is
         * rx²·ry² / (rx²·cos²ν + ry²·sin²ν)^(3/2). A line further inwards than that would fold over.
         */
        public double leastRadius() {
            double least = Double.MAX_VALUE;
            for (int i = 0; i <= 8; i++) {
                double normal = from + sweep * i / 8;
                double c = radiusX * Math.cos(normal);
                double s = radiusY * Math.sin(normal);
                least = Math.min(least, radiusX * radiusX * radiusY * radiusY / Math.pow(c * c + s * s, 1.5));
            }
            return least;
        }
    }
}
