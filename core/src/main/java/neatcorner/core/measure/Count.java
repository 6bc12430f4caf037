package neatcorner.core.measure;

/**
 * A number of things.
 *
 * @param value how many, zero or more
 */
public record Count(int value) implements Quantity {
    public Count {
        if (value < 0) {
            throw new IllegalArgumentException("count is " + value + "; it must be zero or more");
        }
    }
}
