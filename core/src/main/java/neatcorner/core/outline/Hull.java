package neatcorner.core.outline;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A convex body in space: the hull of some places, with all that lies nearer to it than its rounding. A wire is two
 * places and half its thickness, a plate its corners on both sides.
 *
 * @param places at least one, in mm
 * @param round  in mm, zero or more
 */
public record Hull(List<Vector> places, double round) {
    /** Nearer than this, in mm, is touching. */
    private static final double TOUCHING = 1e-9;

    /** Nearer to a plane than this, in mm, is on it. */
    private static final double ON = 1e-6;

    private static final int MOST_STEPS = 64;
    /** A round cut is told by so many places. */
    private static final int RING = 20;
    /** Of a distance: when nothing brings it down by more, it is found. */
    private static final double FOUND = 1e-10;

    public Hull {
        places = List.copyOf(places);
        if (places.isEmpty() || round < 0) {
            throw new IllegalArgumentException("a hull needs a place and a rounding of zero or more");
        }
    }

    /** A round rod. */
    public static Hull rod(Vector from, Vector to, double thick) {
        return new Hull(List.of(from, to), thick / 2);
    }

    /** A flat outline, drawn out through a way. */
    public static Hull prism(List<Vector> outline, Vector through) {
        List<Vector> places = new ArrayList<>(outline);
        outline.forEach(place -> places.add(place.plus(through)));
        return new Hull(places, 0);
    }

    /**
     * What is free between two bodies, in mm: how far they are apart, below zero by how much they reach into one
     * another. Where even their hulls meet it is only known that they do, and all their rounding counts.
     *
     * <p>The distance is that of the places' differences from nothing, found by going to whichever of them lies
     * furthest towards it (the algorithm of Gilbert, Johnson and Keerthi).
     */
    public double gap(Hull other) {
        List<Vector> simplex = new ArrayList<>(List.of(places.getFirst().minus(other.places.getFirst())));
        Vector nearest = simplex.getFirst();
        for (int i = 0; i < MOST_STEPS && nearest.length() > TOUCHING; i++) {
            Vector next = furthest(nearest.times(-1)).minus(other.furthest(nearest));
            double square = nearest.dot(nearest);
            if (square - nearest.dot(next) <= FOUND * square) {
                break;
            }
            simplex.add(next);
            simplex = new ArrayList<>(least(simplex));
            Vector before = nearest;
            nearest = nearest(simplex).orElseThrow();
            if (nearest.dot(nearest) >= before.dot(before)) {
                nearest = before;
                break;
            }
        }
        return Math.max(0, nearest.length() - TOUCHING) - round - other.round;
    }

    /** The least that is free between one of these and one of those, in mm; without end where there are not two. */
    public static double gap(List<Hull> some, List<Hull> others) {
        double least = Double.POSITIVE_INFINITY;
        for (Hull one : some) {
            for (Hull other : others) {
                if (one.leastGap(other) < least) {
                    least = Math.min(least, one.gap(other));
                }
            }
        }
        return least;
    }

    /** What at least is free between two bodies: the gap of the balls around both. */
    private double leastGap(Hull other) {
        Vector middle = middle();
        Vector otherMiddle = other.middle();
        return middle.minus(otherMiddle).length() - reach(middle) - other.reach(otherMiddle);
    }

    private Vector middle() {
        Vector sum = places.getFirst();
        for (int i = 1; i < places.size(); i++) {
            sum = sum.plus(places.get(i));
        }
        return sum.times(1.0 / places.size());
    }

    private double reach(Vector middle) {
        double most = 0;
        for (Vector place : places) {
            most = Math.max(most, place.minus(middle).length());
        }
        return most + round;
    }

    /** The same body elsewhere. */
    public Hull moved(Vector by) {
        return new Hull(places.stream().map(by::plus).toList(), round);
    }

    /**
     * Where its surface passes a plane, in order around; empty where it does not. Of a body with a rounding that is
     * told of a rod alone.
     *
     * @param place  of the plane
     * @param normal of the plane, of any length
     */
    public List<Vector> cut(Vector place, Vector normal) {
        Vector square = normal.unit();
        List<Vector> passed = new ArrayList<>(places.stream()
                .filter(at -> Math.abs(at.minus(place).dot(square)) < ON)
                .toList());
        for (int i = 0; i < places.size(); i++) {
            for (int j = i + 1; j < places.size(); j++) {
                passed.addAll(passed(places.get(i), places.get(j), place, square));
            }
        }
        Vector middle = passed.stream()
                .reduce(Vector::plus)
                .map(sum -> sum.times(1.0 / passed.size()))
                .orElse(place);
        Vector one = passed.isEmpty() ? square : passed.getFirst().minus(middle);
        Vector other = square.cross(one);
        List<Vector> around = new ArrayList<>(passed.stream()
                .sorted(Comparator.comparingDouble(at ->
                        Math.atan2(at.minus(middle).dot(other), at.minus(middle).dot(one))))
                .toList());
        withoutDents(around, square);
        return List.copyOf(around);
    }

    /** Edges within the body pass as well; what they add to an outline that goes around leftwards lies inside it. */
    private static void withoutDents(List<Vector> around, Vector normal) {
        for (int i = 0, straight = 0; around.size() > 2 && straight < around.size(); ) {
            Vector at = around.get(i % around.size());
            Vector before = at.minus(around.get((i + around.size() - 1) % around.size()));
            Vector behind = around.get((i + 1) % around.size()).minus(at);
            if (before.cross(behind).dot(normal) <= ON * ON) {
                around.remove(i % around.size());
                i = Math.max(0, i - 1);
                straight = 0;
            } else {
                i++;
                straight++;
            }
        }
    }

    /** Where the edge between two places passes a plane: one place, or a ring of them where the body is round. */
    private List<Vector> passed(Vector from, Vector to, Vector place, Vector normal) {
        double before = from.minus(place).dot(normal);
        double behind = to.minus(place).dot(normal);
        if (before * behind >= 0 || Math.min(Math.abs(before), Math.abs(behind)) < ON) {
            return List.of();
        }
        Vector way = to.minus(from);
        Vector middle = from.plus(way.times(before / (before - behind)));
        if (round == 0) {
            return List.of(middle);
        }
        Vector any = Math.abs(way.x()) < way.length() / 2 ? new Vector(1, 0, 0) : new Vector(0, 1, 0);
        Vector beside = way.cross(any).unit().times(round);
        Vector over = way.cross(beside).unit().times(round);
        List<Vector> ring = new ArrayList<>();
        for (int i = 0; i < RING; i++) {
            double turn = 2 * Math.PI * i / RING;
            Vector off = beside.times(Math.cos(turn)).plus(over.times(Math.sin(turn)));
            ring.add(middle.plus(off).minus(way.times(off.dot(normal) / way.dot(normal))));
        }
        return ring;
    }

    private Vector furthest(Vector way) {
        Vector furthest = places.getFirst();
        for (Vector place : places) {
            furthest = place.dot(way) > furthest.dot(way) ? place : furthest;
        }
        return furthest;
    }

    /** Those of up to four places that hold the nearest place of their hull to nothing. */
    private static List<Vector> least(List<Vector> simplex) {
        List<Vector> best = simplex.subList(0, 1);
        double least = Double.POSITIVE_INFINITY;
        for (int mask = 1; mask < 1 << simplex.size(); mask++) {
            List<Vector> some = new ArrayList<>();
            for (int i = 0; i < simplex.size(); i++) {
                if ((mask >> i & 1) == 1) {
                    some.add(simplex.get(i));
                }
            }
            Optional<Vector> nearest = nearest(some);
            double square = nearest.map(place -> place.dot(place)).orElse(Double.POSITIVE_INFINITY);
            if (square < least - 1e-18) {
                least = square;
                best = some;
            }
        }
        return best;
    }

    /** The place nearest to nothing on the flat through these; empty where it lies outside their hull. */
    private static Optional<Vector> nearest(List<Vector> some) {
        Vector first = some.getFirst();
        int n = some.size() - 1;
        double[][] rows = new double[n][n + 1];
        for (int i = 0; i < n; i++) {
            Vector way = some.get(i + 1).minus(first);
            for (int j = 0; j < n; j++) {
                rows[i][j] = way.dot(some.get(j + 1).minus(first));
            }
            rows[i][n] = -way.dot(first);
        }
        double[] shares = Elimination.solved(rows);
        double sum = 0;
        Vector place = first;
        for (int i = 0; i < n; i++) {
            if (!(shares[i] >= 0)) {
                return Optional.empty();
            }
            sum += shares[i];
            place = place.plus(some.get(i + 1).minus(first).times(shares[i]));
        }
        return sum <= 1 ? Optional.of(place) : Optional.empty();
    }
}
