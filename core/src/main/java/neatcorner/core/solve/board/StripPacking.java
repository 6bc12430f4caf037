package neatcorner.core.solve.board;

import java.util.Arrays;

/**
 * Lays pieces one behind the other into a run so that they weigh most: branch and bound over their lengths, the longest
 * first, within so many steps.
 */
final class StripPacking {
    private final long kerf;
    private final long[] lengths;
    private final double[] weights;
    private final int mostSteps;
    /** What could be laid, the longest first: which of the kinds asked for, its length with a kerf, and how many. */
    private final int[] which;

    private final long[] one;
    private final double[] weigh;
    private final int[] room;
    /** The most that a length of this or a later one weighs. */
    private final double[] dense;

    private final int[] taken;
    private final int[] best;
    private int count;
    private double bestWeight;
    private int steps;

    /**
     * For these kinds.
     *
     * @param lengths in nanometres, by kind
     * @param weights of one, by kind
     */
    StripPacking(long kerf, long[] lengths, double[] weights, int mostSteps) {
        this.kerf = kerf;
        this.lengths = lengths;
        this.weights = weights;
        this.mostSteps = mostSteps;
        int kinds = lengths.length;
        this.which = new int[kinds];
        this.one = new long[kinds];
        this.weigh = new double[kinds];
        this.room = new int[kinds];
        this.dense = new double[kinds + 1];
        this.taken = new int[kinds];
        this.best = new int[kinds];
    }

    /**
     * Fills a run.
     *
     * @param kinds that may lie in it, the longest first
     * @param left  how many there are, by kind
     * @return how many of each of these kinds; {@link #weight} tells what they weigh
     */
    int[] fill(int[] kinds, int[] left, long run) {
        count = 0;
        for (int i = 0; i < kinds.length; i++) {
            int kind = kinds[i];
            if (left[kind] > 0 && lengths[kind] <= run && weights[kind] > 0) {
                which[count] = i;
                one[count] = lengths[kind] + kerf;
                weigh[count] = weights[kind];
                room[count] = left[kind];
                count++;
            }
        }
        dense[count] = 0;
        for (int i = count - 1; i >= 0; i--) {
            dense[i] = Math.max(dense[i + 1], weigh[i] / one[i]);
        }
        Arrays.fill(taken, 0, count, 0);
        Arrays.fill(best, 0, count, 0);
        bestWeight = 0;
        steps = 0;
        go(0, run + kerf, 0);
        int[] laid = new int[kinds.length];
        for (int i = 0; i < count; i++) {
            laid[which[i]] = best[i];
        }
        return laid;
    }

    /** Of what was laid last. */
    double weight() {
        return bestWeight;
    }

    private void go(int from, long space, double weight) {
        if (weight > bestWeight) {
            bestWeight = weight;
            System.arraycopy(taken, 0, best, 0, count);
        }
        int at = from;
        while (at < count && one[at] > space) {
            at++;
        }
        if (at == count || ++steps > mostSteps || weight + space * dense[at] <= bestWeight * (1 + 1e-12)) {
            return;
        }
        for (int n = (int) Math.min(room[at], space / one[at]); n >= 0 && steps <= mostSteps; n--) {
            taken[at] = n;
            go(at + 1, space - n * one[at], weight + n * weigh[at]);
        }
        taken[at] = 0;
    }
}
