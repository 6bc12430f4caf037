package neatcorner.core.sawing;

import neatcorner.core.measure.Length;

/**
 * What is still in one piece, as it lies at the fence; along the stick from its left end.
 *
 * @param from     where its left end meets the fence
 * @param fromLean how much further right that end is at the edge toward the maker
 * @param to       where its right end meets the fence
 * @param toLean   how much further right that end is at the edge toward the maker
 * @param front    how much further left its left end is at the front than on the back, 0 or more
 */
public record Strip(Length from, Length fromLean, Length to, Length toLean, Length front) {
    /** A whole stick. */
    static Strip whole(Length length) {
        return new Strip(Length.ZERO, Length.ZERO, length, Length.ZERO, Length.ZERO);
    }

    /** The point that touches a stop at the left. */
    public Length furthest() {
        return from.plus(fromLean.min(Length.ZERO)).minus(front);
    }

    /** Turned over about its length, its other edge to the fence. */
    Strip turnedOver() {
        return new Strip(from.plus(fromLean), fromLean.negated(), to.plus(toLean), toLean.negated(), front);
    }

    /** Its shorter edge. */
    public Length shorterEdge() {
        return to.minus(from).min(to.plus(toLean).minus(from).minus(fromLean)).max(Length.ZERO);
    }

    /** Up to a cut that meets the fence here. */
    Strip upTo(Length at, Length lean) {
        return new Strip(from, fromLean, at, lean, front);
    }

    /** From a cut that meets the fence here. */
    Strip beyond(Length at, Length lean, Length further) {
        return new Strip(at, lean, to, toLean, further);
    }

    /** Whether a cut that meets the fence here goes through it. */
    boolean has(Length at) {
        return !at.isUnder(from) && !at.isOver(to);
    }
}
