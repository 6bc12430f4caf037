package neatcorner.files.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.PriorityQueue;
import neatcorner.core.outline.Point;

/**
 * The fewest corners of a closed run that stay near all of its points: Douglas and Peucker's way
 * ("Algorithms for the reduction of the number of points", Cartographica 10, 1973), the worst stretch
 * split first, so that one run ends at a nearness or at a number of corners, whichever comes first, and
 * no run is too long for the stack.
 */
final class Thinning {
    private final List<Point> points;
    private final List<Integer> kept = new ArrayList<>(List.of(0));
    private final PriorityQueue<Stretch> stretches = new PriorityQueue<>(
            Comparator.comparingDouble(Stretch::off).reversed().thenComparing(Stretch::from));

    /** Points {@code from} to {@code to}; of those between, {@code worst} lies furthest off the chord. */
    private record Stretch(int from, int to, int worst, double off) {
    }

    /** A run that goes from its last point back to its first. */
    Thinning(List<Point> points) {
        this.points = points;
        stretches.add(stretch(0, points.size()));
    }

    /** Adds corners until every point lies within {@code nearness} of a side, or there are {@code most} corners. */
    void until(double nearness, int most) {
        while (off() > nearness && kept.size() < most) {
            Stretch worst = stretches.remove();
            kept.add(worst.worst());
            stretches.add(stretch(worst.from(), worst.worst()));
            stretches.add(stretch(worst.worst(), worst.to()));
        }
    }

    /** How far the furthest point lies off its side. */
    double off() {
        return stretches.element().off();
    }

    List<Point> corners() {
        return kept.stream().sorted().map(points::get).toList();
    }

    private Stretch stretch(int from, int to) {
        Point a = points.get(from);
        Point b = points.get(to % points.size());
        int worst = from;
        double furthest = 0;
        for (int i = from + 1; i < to; i++) {
            double off = off(points.get(i), a, b);
            if (off > furthest) {
                furthest = off;
                worst = i;
            }
        }
        return new Stretch(from, to, worst, furthest);
    }

    /** From a place to the nearest of a chord. */
    private static double off(Point p, Point a, Point b) {
        double dx = b.x() - a.x();
        double dy = b.y() - a.y();
        double length = dx * dx + dy * dy;
        double share = length == 0 ? 0 : Math.clamp(((p.x() - a.x()) * dx + (p.y() - a.y()) * dy) / length, 0, 1);
        return Math.hypot(a.x() + share * dx - p.x(), a.y() + share * dy - p.y());
    }
}
