package neatcorner.core.stock;

import java.util.List;

/**
 * Pieces on sticks.
 *
 * @param sticks as they are to be cut
 * @param cost   of all, in the smallest coin
 * @param bound  no layout costs less, as far as is proven; up to {@code cost}
 */
public record StickAnswer(List<Filled> sticks, long cost, long bound) {
    public StickAnswer {
        sticks = List.copyOf(sticks);
    }

    /**
     * One stick.
     *
     * @param stock  which kind of stick, counted from 0
     * @param counts how many of each kind of piece are cut from it
     */
    public record Filled(int stock, List<Integer> counts) {
        public Filled {
            counts = List.copyOf(counts);
        }
    }

    /** Whether nothing cheaper is possible. */
    public boolean isProven() {
        return cost <= bound;
    }

    /** How far it may be from the best, as a share of its cost; 0 when it is proven. */
    public double gap() {
        return cost == 0 ? 0 : (double) (cost - bound) / cost;
    }
}
