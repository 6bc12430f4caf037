package neatcorner.core.measure;

/** The door at which NaN and infinities are turned away. */
public final class Finite {
    private Finite() {
    }

    /** The value, when it is a number; else {@link IllegalArgumentException} naming {@code what}. */
    public static double checked(String what, double value) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException(what + " is " + value + "; it must be a number");
        }
        return value;
    }

    /** The value, when it lies from {@code low} to {@code high}, both ends included. */
    public static double within(String what, double value, double low, double high) {
        if (!(value >= low && value <= high)) {
            throw new IllegalArgumentException(what + " is " + value + "; it must be from " + low + " to " + high);
        }
        return value;
    }
}
