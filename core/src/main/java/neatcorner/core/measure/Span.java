package neatcorner.core.measure;

import neatcorner.core.phrase.Refusal;

/**
 * A stretch of something long.
 *
 * @param from from its left end
 * @param to   not before {@code from}
 */
public record Span(Length from, Length to) {
    public Span {
        if (to.isUnder(from)) {
            throw Refusal.of("span.stretch_ends_before_starts", from, to);
        }
    }

    /** How long it is. */
    public Length length() {
        return to.minus(from);
    }
}
