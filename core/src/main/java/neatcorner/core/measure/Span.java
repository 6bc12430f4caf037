package neatcorner.core.measure;

/**
 * A stretch of something long.
 *
 * @param from from its left end
 * @param to   not before {@code from}
 */
public record Span(Length from, Length to) {
    public Span {
        if (to.isUnder(from)) {
            throw new IllegalArgumentException("stretch from " + from + " to " + to + " ends before it starts; exchange the two");
        }
    }

    /** How long it is. */
    public Length length() {
        return to.minus(from);
    }
}
