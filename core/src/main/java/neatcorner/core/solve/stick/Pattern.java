package neatcorner.core.solve.stick;

import java.util.Arrays;

/**
 * A way to fill one stick.
 *
 * @param stock  which kind of stick
 * @param kinds  of pieces that are on it, rising; not to be changed
 * @param counts of each of them, 1 or more; not to be changed
 */
record Pattern(int stock, int[] kinds, int[] counts) {
    /** From how many there are of every kind. */
    static Pattern of(int stock, int[] all) {
        int[] kinds = new int[all.length];
        int size = 0;
        for (int i = 0; i < all.length; i++) {
            if (all[i] > 0) {
                kinds[size++] = i;
            }
        }
        int[] on = Arrays.copyOf(kinds, size);
        return new Pattern(stock, on, Arrays.stream(on).map(i -> all[i]).toArray());
    }

    /** How often it can be cut from what is left to make; up to {@code most}. */
    int times(int[] left, int most) {
        int times = most;
        for (int i = 0; i < kinds.length; i++) {
            times = Math.min(times, left[kinds[i]] / counts[i]);
        }
        return times;
    }

    /** Takes its pieces so many times from what is left to make. */
    void take(int[] left, int times) {
        for (int i = 0; i < kinds.length; i++) {
            left[kinds[i]] -= counts[i] * times;
        }
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Pattern(int s, int[] k, int[] c)
                && s == stock
                && Arrays.equals(k, kinds)
                && Arrays.equals(c, counts);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * stock + Arrays.hashCode(kinds)) + Arrays.hashCode(counts);
    }
}
