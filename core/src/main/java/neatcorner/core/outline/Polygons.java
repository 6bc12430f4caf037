package neatcorner.core.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.phrase.Refusal;

/** What can be said of a closed run of places, the last joined to the first. */
public final class Polygons {
    private Polygons() {
    }

    /** The top left corner of the box around some places. */
    public static Point least(List<Point> places) {
        return new Point(
                places.stream().mapToDouble(Point::x).min().orElseThrow(),
                places.stream().mapToDouble(Point::y).min().orElseThrow());
    }

    /** Its area in mm², positive when it runs clockwise as seen from the front: half the sum of cross products. */
    public static double area(List<Point> places) {
        double twice = 0;
        for (int i = 0; i < places.size(); i++) {
            twice += places.get(i).cross(places.get((i + 1) % places.size()));
        }
        return twice / 2;
    }

    /** The middle of its area. */
    public static Point centroid(List<Point> places) {
        double twice = 0;
        double x = 0;
        double y = 0;
        for (int i = 0; i < places.size(); i++) {
            Point a = places.get(i);
            Point b = places.get((i + 1) % places.size());
            double cross = a.cross(b);
            twice += cross;
            x += (a.x() + b.x()) * cross;
            y += (a.y() + b.y()) * cross;
        }
        return new Point(x / (3 * twice), y / (3 * twice));
    }

    /** How far a place is from the straight way between two others, which may be one. */
    public static double off(Point place, Point from, Point to) {
        Point way = to.minus(from);
        double share = place.minus(from).dot(way) / way.dot(way);
        return Double.isNaN(share) ? place.to(from) : place.to(from.towards(to, Math.clamp(share, 0, 1)));
    }

    /** How long the way round is, in mm. */
    public static double around(List<Point> places) {
        double sum = 0;
        for (int i = 0; i < places.size(); i++) {
            sum += places.get(i).to(places.get((i + 1) % places.size()));
        }
        return sum;
    }

    /** How far one turns at the middle place, clockwise positive, from −π to π. */
    public static double turn(Point before, Point here, Point after) {
        Point in = here.minus(before);
        Point out = after.minus(here);
        return Math.atan2(in.cross(out), in.dot(out));
    }

    /** How wide or high it is, in mm. */
    public static double extent(List<Point> places, Axis axis) {
        var along = places.stream().mapToDouble(p -> axis == Axis.WIDTH ? p.x() : p.y()).summaryStatistics();
        return along.getMax() - along.getMin();
    }

    /**
     * Two sides that cross or touch though they are no neighbours, counted from 0, the smaller first. Sides
     * are taken from left to right and tried only against those that begin before they end.
     */
    public static Optional<int[]> crossing(List<Point> places) {
        int n = places.size();
        List<Reach> sides = new ArrayList<>(n);
        for (int i = 0; i < n; i++) {
            sides.add(Reach.of(i, places.get(i), places.get((i + 1) % n)));
        }
        sides.sort(Comparator.comparingDouble(Reach::left));
        for (int i = 0; i < n; i++) {
            Reach a = sides.get(i);
            for (int j = i + 1; j < n && sides.get(j).left() <= a.right(); j++) {
                Reach b = sides.get(j);
                int apart = Math.abs(a.side - b.side);
                if (apart > 1
                        && apart < n - 1
                        && a.low <= b.high
                        && b.low <= a.high
                        && crosses(
                                places.get(a.side),
                                places.get((a.side + 1) % n),
                                places.get(b.side),
                                places.get((b.side + 1) % n))) {
                    return Optional.of(new int[] {Math.min(a.side, b.side), Math.max(a.side, b.side)});
                }
            }
        }
        return Optional.empty();
    }

    /** The box around a side. */
    private record Reach(int side, double left, double right, double low, double high) {
        static Reach of(int side, Point a, Point b) {
            return new Reach(
                    side,
                    Math.min(a.x(), b.x()),
                    Math.max(a.x(), b.x()),
                    Math.min(a.y(), b.y()),
                    Math.max(a.y(), b.y()));
        }
    }

    private static boolean crosses(Point a, Point b, Point c, Point d) {
        double p = b.minus(a).cross(c.minus(a));
        double q = b.minus(a).cross(d.minus(a));
        double r = d.minus(c).cross(a.minus(c));
        double s = d.minus(c).cross(b.minus(c));
        if (p * q < 0 && r * s < 0) {
            return true;
        }
        return p == 0 && lies(c, a, b) || q == 0 && lies(d, a, b) || r == 0 && lies(a, c, d) || s == 0 && lies(b, c, d);
    }

    private static boolean lies(Point p, Point a, Point b) {
        return p.minus(a).dot(p.minus(b)) <= 0;
    }

    /** Whether every corner points outwards; for a clockwise run. */
    public static boolean isConvex(List<Point> places) {
        for (int i = 0; i < places.size(); i++) {
            if (turn(
                            places.get((i + places.size() - 1) % places.size()),
                            places.get(i),
                            places.get((i + 1) % places.size()))
                    < 0) {
                return false;
            }
        }
        return true;
    }

    /** What of a polygon lies within a convex, clockwise one; parts that come apart stay joined along its edge. */
    public static List<Point> within(List<Point> places, List<Point> convex) {
        List<Point> kept = places;
        for (int i = 0; i < convex.size(); i++) {
            Point from = convex.get(i);
            Point n = convex.get((i + 1) % convex.size()).minus(from).unit().outward();
            kept = cut(kept, n, n.dot(from));
        }
        return kept;
    }

    /** What is left of a polygon on the inner side of a line: n·p ≤ most. */
    private static List<Point> cut(List<Point> places, Point n, double most) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < places.size(); i++) {
            Point a = places.get(i);
            Point b = places.get((i + 1) % places.size());
            double over = n.dot(a) - most;
            double next = n.dot(b) - most;
            if (over <= 0) {
                kept.add(a);
            }
            if (over < 0 && next > 0 || over > 0 && next < 0) {
                kept.add(a.towards(b, over / (over - next)));
            }
        }
        return kept;
    }

    /**
     * How many times as large a polygon must be to be the least in which a w × h rectangle fits somewhere inside.
     * The rectangle fits where its middle keeps |nx|·w/2 + |ny|·h/2 from every side; the scale is found
     * by halving, to a millionth.
     *
     * @throws Refusal when a corner points inwards
     */
    static double scaleAround(List<Point> places, double w, double h) {
        if (!isConvex(places)) {
            throw Refusal.of("polygons.corner_of_outline_points");
        }
        double low = 0;
        double high = 1;
        while (!fits(places, high, w, h)) {
            high *= 2;
        }
        while (high - low > high * 1e-7) {
            double middle = (low + high) / 2;
            if (fits(places, middle, w, h)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return high;
    }

    /** Whether a w × h rectangle fits upright somewhere inside a convex polygon. */
    public static boolean holds(List<Point> places, double w, double h) {
        return fits(places, 1, w, h);
    }

    private static boolean fits(List<Point> places, double scale, double w, double h) {
        List<Point> room = places.stream().map(p -> p.times(scale)).toList();
        for (int i = 0; i < places.size() && !room.isEmpty(); i++) {
            Point from = places.get(i).times(scale);
            Point to = places.get((i + 1) % places.size()).times(scale);
            Point n = to.minus(from).unit().outward();
            room = cut(room, n, n.dot(from) - Math.abs(n.x()) * w / 2 - Math.abs(n.y()) * h / 2);
        }
        return !room.isEmpty();
    }
}
