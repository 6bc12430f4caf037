package neatcorner.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/**
 * A closed run of edges, clockwise as seen from the front. Every other line of a frame runs parallel
 * to it; where two neighbouring sides keep different distances, their corner lies where the two
 * parallels meet, never on the bisector.
 *
 * @param parts at least two, each starting where the one before ends
 */
public record Loop(List<Part> parts) {
    private static final double SAME_WAY = 1e-9;
    private static final int MOST_ROUNDS = 60;
    /** A corner further than this from its place on the loop, in mm, is none. */
    private static final double FAR = 1e5;

    /**
     * One edge of the loop.
     *
     * @param edge where it runs
     * @param side the member it becomes
     */
    public record Part(Edge edge, Side side) {
    }

    /** How far outwards of the loop a line runs at each side, in millimetres. */
    @FunctionalInterface
    public interface Distance {
        /** At this side; negative inwards. */
        double at(Side side);
    }

    public Loop {
        parts = List.copyOf(parts);
        if (parts.size() < 2) {
            throw new IllegalArgumentException("outline has " + parts.size() + " sides; it must have 2 or more");
        }
    }

    /** How many sides. */
    public int size() {
        return parts.size();
    }

    /** The members, in order. */
    public List<Side> round() {
        return parts.stream().map(Part::side).toList();
    }

    private Part before(int index) {
        return parts.get((index + parts.size() - 1) % parts.size());
    }

    /** Whether two sides run on into each other where this side starts. */
    public boolean isSmooth(int index) {
        Point before = before(index).edge().heading(1);
        Point after = parts.get(index).edge().heading(0);
        return Math.abs(before.cross(after)) < SAME_WAY && before.dot(after) > 0;
    }

    /**
     * The corner at which a side starts, on the line at these distances.
     *
     * @param index of the side, from 0
     * @throws Refusal when the two parallels do not meet there
     */
    public Point corner(int index, Distance distance) {
        Part before = before(index);
        Part after = parts.get(index);
        double outBefore = distance.at(before.side());
        double outAfter = distance.at(after.side());
        Point base = after.edge().at(0);
        if (isSmooth(index)) {
            if (Math.abs(outBefore - outAfter) > 1e-6) {
                throw noCorner("impossible.smooth_faces", before, after);
            }
            return base.plus(after.edge().heading(0).outward().times(outAfter));
        }
        Point place = base;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<Point> next = nearer(place, before.edge(), outBefore, after.edge(), outAfter)
                    .filter(p -> p.to(base) < FAR);
            if (next.isEmpty()) {
                break;
            }
            if (next.get().to(place) < 1e-9) {
                return next.get();
            }
            place = next.get();
        }
        throw noCorner("impossible.no_corner", before, after);
    }

    /**
     * One step of Newton's method for the place at both distances, exact at once for straight sides; empty where it
     * leads nowhere.
     */
    private static Optional<Point> nearer(Point place, Edge before, double outBefore, Edge after, double outAfter) {
        Point n = before.outwardAt(place);
        Point m = after.outwardAt(place);
        double missing = outBefore - before.outwardsOf(place);
        double missingToo = outAfter - after.outwardsOf(place);
        double det = n.cross(m);
        if (Math.abs(det) < 1e-12) {
            return Optional.empty();
        }
        return Optional.of(place.plus(
                new Point((missing * m.y() - missingToo * n.y()) / det, (missingToo * n.x() - missing * m.x()) / det)));
    }

    /** All corners of the line at these distances, each where a side starts. */
    public List<Point> corners(Distance distance) {
        List<Point> corners = new ArrayList<>(parts.size());
        for (int i = 0; i < parts.size(); i++) {
            corners.add(corner(i, distance));
        }
        return corners;
    }

    /**
     * The line itself at these distances, curves as runs of points.
     *
     * @param steps how many pieces a curved side becomes, at least 1
     */
    public List<Point> line(Distance distance, int steps) {
        List<Point> corners = corners(distance);
        List<Point> line = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            List<Point> run = run(i, corners.get(i), corners.get((i + 1) % parts.size()), distance, steps);
            line.addAll(run.subList(0, run.size() - 1));
        }
        return List.copyOf(line);
    }

    /** One side of the line at these distances, from its corner to the next, both included. */
    public List<Point> side(int index, Distance distance, int steps) {
        return run(index, corner(index, distance), corner((index + 1) % parts.size(), distance), distance, steps);
    }

    private List<Point> run(int index, Point from, Point to, Distance distance, int steps) {
        Part part = parts.get(index);
        List<Point> run = new ArrayList<>();
        run.add(from);
        if (part.edge() instanceof Edge.Arc arc) {
            run.addAll(between(arc, from, to, distance.at(part.side()), steps));
        }
        run.add(to);
        return run;
    }

    /** Points on the parallel of an arc between two places on it, both left out. */
    private static List<Point> between(Edge.Arc arc, Point from, Point to, double out, int steps) {
        double first = shareOf(arc, from, 0, out);
        double last = shareOf(arc, to, 1, out);
        List<Point> points = new ArrayList<>();
        for (int i = 1; i < steps; i++) {
            points.add(arc.at(first + (last - first) * i / steps, out));
        }
        return points;
    }

    /** The share at which the arc's parallel passes a corner; at a smooth joint that is the arc's own end. */
    private static double shareOf(Edge.Arc arc, Point corner, double usual, double out) {
        if (!arc.isRound() || arc.at(usual, out).to(corner) < 1e-9) {
            return usual;
        }
        Point way = corner.minus(arc.centre());
        double turned =
                Math.IEEEremainder(Math.atan2(way.y(), way.x()) - arc.from() - usual * arc.sweep(), 2 * Math.PI);
        return usual + turned / arc.sweep();
    }

    /** Two neighbouring sides whose lines do not meet at the distances asked for. */
    private static Refusal noCorner(String phrase, Part before, Part after) {
        return new Refusal(Words.of(phrase, before.side().words(), after.side().words()));
    }
}
