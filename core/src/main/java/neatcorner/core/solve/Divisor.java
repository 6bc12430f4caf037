package neatcorner.core.solve;

/** The largest number that divides others; costs and lengths come in its steps. */
public final class Divisor {
    private Divisor() {
    }

    /** Of two numbers, not negative (Euclid); of any number and 0 that number. */
    public static long common(long a, long b) {
        return b == 0 ? a : common(b, a % b);
    }
}
