package neatcorner.core.solve.stick;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import neatcorner.core.solve.Divisor;

/**
 * Fills one stick with the greatest value: a bounded knapsack, solved by branching. Kinds are taken in
 * the order of value for length; a branch is left when even filling what remains at the next kind's rate
 * would not beat the best so far (Martello and Toth, Knapsack Problems, 1990, ch. 2 and 3). Where that
 * grows too long and nothing worth having was found, the table of best values for every length settles
 * it, when all lengths are multiples of a grid that is coarse enough.
 */
final class Filling {
    /** Branches tried before the best so far is taken as it is. */
    private static final int MOST_BRANCHES = 30_000;
    /** Places of the table: pieces times lengths on the grid. */
    private static final long MOST_PLACES = 60_000_000;
    private static final double EPS = 1e-9;
    private final long[] needs;
    private int[] order = {};
    /** Of the kinds in their order: room, value, value for room, and the least room any from here on takes. */
    private long[] need = {};
    private double[] value = {};
    private double[] rate = {};
    private long[] leastNeed = {};
    private int[] most = {};
    private int[] chosen = {};
    private int[] best = {};
    private double bestValue;
    private int branches;
    private boolean proven = true;
    private Predicate<int[]> rule = _ -> true;
    private final long needGrid;

    Filling(long[] needs) {
        this.needs = needs;
        this.needGrid = Arrays.stream(needs).reduce(0, Divisor::common);
    }

    /** Whether the last answer is proven to be the best. */
    boolean isProven() {
        return proven;
    }

    /** The value of the last answer. */
    double value() {
        return bestValue;
    }

    /**
     * The most valuable filling of a room.
     *
     * @param values of one piece of each kind
     * @param left   how many of each kind may be taken
     * @param atLeast answers of no more value are not looked for; then nothing is chosen
     * @param rule   what must hold besides; what it refuses it must refuse with more pieces too
     * @return how many of each kind
     */
    int[] fill(long room, double[] values, int[] left, double atLeast, Predicate<int[]> rule) {
        this.rule = rule;
        this.most = left;
        order = IntStream.range(0, needs.length)
                .filter(i -> values[i] > EPS && left[i] > 0 && needs[i] <= room)
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -values[i] / needs[i])
                        .thenComparing(i -> -needs[i]))
                .mapToInt(i -> i)
                .toArray();
        int n = order.length;
        need = new long[n];
        value = new double[n];
        rate = new double[n];
        leastNeed = new long[n];
        for (int k = n - 1; k >= 0; k--) {
            need[k] = needs[order[k]];
            value[k] = values[order[k]];
            rate[k] = value[k] / need[k];
            leastNeed[k] = k == n - 1 ? need[k] : Math.min(need[k], leastNeed[k + 1]);
        }
        chosen = new int[needs.length];
        best = new int[needs.length];
        bestValue = atLeast;
        branches = 0;
        branch(0, room, 0);
        proven = branches <= MOST_BRANCHES;
        if (!proven && bestValue <= atLeast + EPS) {
            table(room, values, atLeast);
            if (!rule.test(best)) {
                best = new int[needs.length];
                bestValue = atLeast;
                proven = false;
            }
        }
        return best;
    }

    /** The best value of every length up to the room, piece by piece; then back through the pieces that made it. */
    private void table(long room, double[] values, double atLeast) {
        int lengths = (int) Math.min(Integer.MAX_VALUE - 1, room / needGrid);
        int items = 0;
        for (int kind : order) {
            items += (int) Math.min(most[kind], room / needs[kind]);
        }
        if ((long) items * lengths > MOST_PLACES) {
            return;
        }
        double[] worth = new double[lengths + 1];
        BitSet[] taken = new BitSet[items];
        int[] kindOf = new int[items];
        int item = 0;
        for (int kind : order) {
            int step = (int) (needs[kind] / needGrid);
            for (long n = Math.min(most[kind], room / needs[kind]); n > 0; n--) {
                BitSet set = new BitSet(lengths + 1);
                for (int at = lengths; at >= step; at--) {
                    double with = worth[at - step] + values[kind];
                    if (with > worth[at] + 1e-12) {
                        worth[at] = with;
                        set.set(at);
                    }
                }
                kindOf[item] = kind;
                taken[item++] = set;
            }
        }
        proven = true;
        if (worth[lengths] > atLeast + EPS) {
            bestValue = worth[lengths];
            int at = lengths;
            for (int i = items - 1; i >= 0; i--) {
                if (taken[i].get(at)) {
                    best[kindOf[i]]++;
                    at -= (int) (needs[kindOf[i]] / needGrid);
                }
            }
        }
    }

    private void branch(int at, long room, double sum) {
        if (sum > bestValue + EPS) {
            if (!rule.test(chosen)) {
                return;
            }
            bestValue = sum;
            System.arraycopy(chosen, 0, best, 0, best.length);
        }
        for (int k = at; k < order.length; k++) {
            if (room < leastNeed[k] || sum + room * rate[k] <= bestValue + EPS) {
                return;
            }
            if (need[k] > room) {
                continue;
            }
            if (++branches > MOST_BRANCHES) {
                return;
            }
            int kind = order[k];
            for (int c = (int) Math.min(most[kind], room / need[k]); c > 0; c--) {
                chosen[kind] = c;
                branch(k + 1, room - c * need[k], sum + c * value[k]);
            }
            chosen[kind] = 0;
        }
    }
}
