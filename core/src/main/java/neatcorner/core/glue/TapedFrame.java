package neatcorner.core.glue;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.recall.Known;

/**
 * A four-sided frame as the tape found it. Four sides and two diagonals are one reading more than a
 * quadrilateral needs, so the four corners are those that keep all readings best, by least squares;
 * what is left over says that a reading is wrong.
 *
 * @param corners A, B, C and D, in mm, clockwise as seen from the front
 */
record TapedFrame(List<Point> corners) {
    private static final int ROUNDS = 4000;
    /** A tape is read to about a millimetre; readings further apart than this belong to no one frame. */
    private static final Length WRONG = Length.mm(2);
    /** No pane turns further than this in an opening it still fits, in radians. */
    private static final double MOST_TURN = 0.08;

    private static final Map<Tape, int[]> ENDS = Map.of(
            Tape.TOP,
            new int[] {0, 1},
            Tape.RIGHT,
            new int[] {1, 2},
            Tape.BOTTOM,
            new int[] {2, 3},
            Tape.LEFT,
            new int[] {3, 0},
            Tape.DIAGONAL_AC,
            new int[] {0, 2},
            Tape.DIAGONAL_BD,
            new int[] {1, 3});

    /** The frame that keeps these readings best, starting from a right-angled one of this size. */
    static TapedFrame of(Map<Tape, Length> readings, double width, double height) {
        Point[] corners = {new Point(0, 0), new Point(width, 0), new Point(width, height), new Point(0, height)};
        for (int round = 0; round < ROUNDS; round++) {
            Point[] moves = {new Point(0, 0), new Point(0, 0), new Point(0, 0), new Point(0, 0)};
            double worst = 0;
            for (Map.Entry<Tape, Length> reading : readings.entrySet()) {
                int[] ends = Known.in(ENDS, reading.getKey());
                Point way = corners[ends[1]].minus(corners[ends[0]]);
                double over = way.length() - reading.getValue().toMm();
                Point pull = way.times(over / way.length() / 4);
                moves[ends[0]] = moves[ends[0]].plus(pull);
                moves[ends[1]] = moves[ends[1]].minus(pull);
            }
            for (int i = 0; i < 4; i++) {
                corners[i] = corners[i].plus(moves[i]);
                worst = Math.max(worst, moves[i].length());
            }
            if (worst < 1e-7) {
                break;
            }
        }
        return new TapedFrame(List.of(corners));
    }

    /** What the tape would read here. */
    Length reading(Tape tape) {
        int[] ends = Known.in(ENDS, tape);
        return Length.mm(corners.get(ends[0]).to(corners.get(ends[1])));
    }

    /**
     * A reading that the others contradict.
     *
     * @param tape    which
     * @param implied what the other readings make it
     */
    record Wrong(Tape tape, Length implied) {
    }

    /**
     * The reading that is most likely wrong where all cannot be true: the one without which the rest comes
     * nearest to what was planned. Empty where they agree as far as a tape can tell.
     */
    static List<Wrong> wrong(Map<Tape, Length> readings, Map<Tape, Length> planned) {
        double width = Known.in(planned, Tape.TOP).toMm();
        double height = Known.in(planned, Tape.LEFT).toMm();
        TapedFrame all = of(readings, width, height);
        if (readings.size() < 6
                || readings.entrySet().stream()
                        .noneMatch(r -> all.reading(r.getKey())
                                .minus(r.getValue())
                                .abs()
                                .isOver(WRONG.over(4)))) {
            return List.of();
        }
        List<Wrong> best = new ArrayList<>();
        double least = Double.MAX_VALUE;
        for (Tape left : readings.keySet()) {
            Map<Tape, Length> rest = new EnumMap<>(readings);
            rest.remove(left);
            Length implied = of(rest, width, height).reading(left);
            double away = implied.minus(Known.in(planned, left)).abs().toMm()
                    + rest.entrySet().stream()
                            .mapToDouble(r -> r.getValue()
                                    .minus(Known.in(planned, r.getKey()))
                                    .abs()
                                    .toMm())
                            .sum();
            if (away < least && implied.minus(readings.get(left)).abs().isOver(WRONG)) {
                least = away;
                best = List.of(new Wrong(left, implied));
            }
        }
        return best;
    }

    /**
     * How much larger a pane could be both ways and still lie in the opening, in mm; below zero when it does not
     * go in. The pane may turn: for every turn the room for its middle is what stays of the opening, drawn in
     * from each side by how far the pane reaches that way.
     *
     * @param inset how far the opening lies inside the top, right, bottom and left outside edge, in mm
     */
    double spare(double paneWidth, double paneHeight, double[] inset) {
        double low = -MOST_TURN;
        double high = MOST_TURN;
        List<Point> opening = inset(inset);
        for (int i = 0; i < 60; i++) {
            double one = low + (high - low) / 3;
            double other = high - (high - low) / 3;
            if (spare(opening, paneWidth, paneHeight, one) < spare(opening, paneWidth, paneHeight, other)) {
                low = one;
            } else {
                high = other;
            }
        }
        return spare(opening, paneWidth, paneHeight, (low + high) / 2);
    }

    private static double spare(List<Point> opening, double w, double h, double turn) {
        List<Point> turned = opening.stream()
                .map(p -> new Point(
                        p.x() * Math.cos(turn) + p.y() * Math.sin(turn),
                        p.y() * Math.cos(turn) - p.x() * Math.sin(turn)))
                .toList();
        double low = -Math.min(w, h);
        double high = w + h;
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (Polygons.holds(turned, w + middle, h + middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private List<Point> inset(double[] inset) {
        List<Point> inner = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            int before = (i + 3) % 4;
            Point n = normal(before);
            Point m = normal(i);
            double reach = n.dot(corners.get(i)) - inset[before];
            double reachToo = m.dot(corners.get(i)) - inset[i];
            double det = n.cross(m);
            inner.add(new Point((reach * m.y() - reachToo * n.y()) / det, (reachToo * n.x() - reach * m.x()) / det));
        }
        return inner;
    }

    /** Outwards of the side that starts at this corner. */
    private Point normal(int side) {
        return corners.get((side + 1) % 4).minus(corners.get(side)).unit().outward();
    }
}
