package neatcorner.core.measure;

/** A length that is not allowed where it was put. It says what, how much, and what is allowed. */
public final class OutOfRange extends IllegalArgumentException {
    private final String what;
    private final Length value;
    private final Length low;
    private final Length high;

    /** Names the quantity, its value and the permitted range, both ends included. */
    public OutOfRange(String what, Length value, Length low, Length high) {
        super(what + " is " + value + "; it must be from " + low + " to " + high);
        this.what = what;
        this.value = value;
        this.low = low;
        this.high = high;
    }

    /** The quantity's name. */
    public String what() {
        return what;
    }

    /** What it was. */
    public Length value() {
        return value;
    }

    /** The least it may be. */
    public Length low() {
        return low;
    }

    /** The most it may be. */
    public Length high() {
        return high;
    }
}
