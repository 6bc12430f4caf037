package neatcorner.core.phrase;

/** Refuses values that are not within their range. */
public final class Range {
    private Range() {
    }

    /**
     * The value, when it lies from {@code low} to {@code high}, both ends included; else a {@link Refusal}.
     *
     * @param what names it: phrase {@code what.WHAT}
     * @param args of that phrase
     */
    public static <T extends Comparable<T>> T within(String what, T value, T low, T high, Object... args) {
        return within(Words.of("what." + what, args), value, low, high);
    }

    /**
     * The value, when it lies from {@code low} to {@code high}, both ends included; else a {@link Refusal} that names
     * it so.
     */
    public static <T extends Comparable<T>> T within(Words what, T value, T low, T high) {
        if (value.compareTo(low) < 0 || value.compareTo(high) > 0) {
            throw Refusal.of("range", what, value, low, high);
        }
        return value;
    }

    /** The number, when it lies from {@code low} to {@code high}, both ends included; NaN does not. */
    public static double number(String what, double value, double low, double high, Object... args) {
        if (!(value >= low && value <= high)) {
            throw Refusal.of("range", Words.of("what." + what, args), plain(value), plain(low), plain(high));
        }
        return value;
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e15
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
