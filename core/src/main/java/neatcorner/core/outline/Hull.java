package neatcorner.core.outline;

import java.util.ArrayList;
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

    private static final int MOST_STEPS = 64;
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
        double[] shares = solved(rows);
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

    /** Cramer's rule for up to three unknowns; no numbers where the places are not independent. */
    private static double[] solved(double[][] rows) {
        int n = rows.length;
        double[] solved = new double[n];
        double all = determinant(rows, -1);
        for (int i = 0; i < n; i++) {
            solved[i] = determinant(rows, i) / all;
        }
        return solved;
    }

    /** Of the rows, with their last column in the place of one of the others. */
    private static double determinant(double[][] rows, int replaced) {
        int n = rows.length;
        double[][] m = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                m[i][j] = rows[i][j == replaced ? n : j];
            }
        }
        return switch (n) {
            case 0 -> 1;
            case 1 -> m[0][0];
            case 2 -> m[0][0] * m[1][1] - m[0][1] * m[1][0];
            default ->
                m[0][0] * (m[1][1] * m[2][2] - m[1][2] * m[2][1])
                        - m[0][1] * (m[1][0] * m[2][2] - m[1][2] * m[2][0])
                        + m[0][2] * (m[1][0] * m[2][1] - m[1][1] * m[2][0]);
        };
    }
}
