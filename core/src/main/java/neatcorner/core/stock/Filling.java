package neatcorner.core.stock;

import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.stream.IntStream;

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
    private double[] values = {};
    private int[] most = {};
    private int[] chosen = {};
    private int[] best = {};
    private double bestValue;
    private int branches;
    private boolean proven = true;
    private final long needGrid;

    Filling(long[] needs) {
        this.needs = needs;
        this.needGrid = Arrays.stream(needs).reduce(0, Filling::gcd);
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
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
     * @return how many of each kind
     */
    int[] fill(long room, double[] values, int[] left, double atLeast) {
        this.values = values;
        this.most = left;
        order = IntStream.range(0, needs.length).filter(i -> values[i] > EPS && left[i] > 0 && needs[i] <= room).boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> -values[i] / needs[i]).thenComparing(i -> -needs[i])).mapToInt(i -> i).toArray();
        chosen = new int[needs.length];
        best = new int[needs.length];
        bestValue = atLeast;
        branches = 0;
        branch(0, room, 0);
        proven = branches <= MOST_BRANCHES;
        if (!proven && bestValue <= atLeast + EPS) {
            table(room, atLeast);
        }
        return best;
    }

    /** The best value of every length up to the room, piece by piece; then back through the pieces that made it. */
    private void table(long room, double atLeast) {
        int lengths = (int) Math.min(Integer.MAX_VALUE - 1, room / needGrid);
        int items = 0;
        for (int kind : order) {
            items += (int) Math.min(most[kind], room / needs[kind]);
        }
        if ((long) items * lengths > MOST_PLACES) {
            return;
        }
        double[] value = new double[lengths + 1];
        BitSet[] taken = new BitSet[items];
        int[] kindOf = new int[items];
        int item = 0;
        for (int kind : order) {
            int need = (int) (needs[kind] / needGrid);
            for (long n = Math.min(most[kind], room / needs[kind]); n > 0; n--) {
                BitSet set = new BitSet(lengths + 1);
                for (int at = lengths; at >= need; at--) {
                    double with = value[at - need] + values[kind];
                    if (with > value[at] + 1e-12) {
                        value[at] = with;
                        set.set(at);
                    }
                }
                kindOf[item] = kind;
                taken[item++] = set;
            }
        }
        proven = true;
        if (value[lengths] > atLeast + EPS) {
            bestValue = value[lengths];
            int at = lengths;
            for (int i = items - 1; i >= 0; i--) {
                if (taken[i].get(at)) {
                    best[kindOf[i]]++;
                    at -= (int) (needs[kindOf[i]] / needGrid);
                }
            }
        }
    }

    private void branch(int at, long room, double value) {
        if (value > bestValue + EPS) {
            bestValue = value;
            System.arraycopy(chosen, 0, best, 0, best.length);
        }
        for (int k = at; k < order.length; k++) {
            int kind = order[k];
            if (value + room * (values[kind] / needs[kind]) <= bestValue + EPS) {
                return;
            }
            if (needs[kind] > room) {
                continue;
            }
            if (++branches > MOST_BRANCHES) {
                return;
            }
            int count = (int) Math.min(most[kind], room / needs[kind]);
            for (int c = count; c > 0; c--) {
                chosen[kind] = c;
                branch(k + 1, room - c * needs[kind], value + c * values[kind]);
            }
            chosen[kind] = 0;
        }
    }
}
