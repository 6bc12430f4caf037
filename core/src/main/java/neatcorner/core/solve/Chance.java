package neatcorner.core.solve;

/**
 * Numbers from a fixed sequence (Lehmer's generator with Park and Miller's multiplier): a search that draws from it
 * always goes the same way.
 */
public final class Chance {
    private long last = 1;

    /** A whole number from 0 to under {@code bound}. */
    public int below(int bound) {
        last = last * 48_271 % 2_147_483_647;
        return (int) (last % bound);
    }
}
