package neatcorner.core.sawing;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * What lies on the saw when a cut is made, and what is held.
 *
 * @param strip   what lies there
 * @param left    what will lie left of the blade
 * @param right   what will lie right of it
 * @param atStop  whether the left end touches a stop
 * @param clamped whether what must be held is too short for a hand
 */
public record Held(Strip strip, Strip left, Strip right, boolean atStop, boolean clamped) {
    /** A free end that is longer sags or tips. Common practice, no source. */
    private static final Length LONG = Length.mm(900);

    static Held of(Strip strip, Strip left, Strip right, boolean atStop, Length safe) {
        Held held = new Held(strip, left, right, atStop, false);
        return new Held(strip, left, right, atStop, held.held().shorterEdge().isUnder(safe));
    }

    /** Whether the part left of the blade is the one that is held: what touches a stop is, else the longer. */
    public boolean isLeft() {
        return atStop || left.shorterEdge().isOver(right.shorterEdge());
    }

    /** The part that is held. */
    public Strip held() {
        return isLeft() ? left : right;
    }

    private Strip free() {
        return isLeft() ? right : left;
    }

    /** Where the hand or the clamp goes, in words. */
    public Words words() {
        Words side = Words.of(isLeft() ? "sawing.left_of_blade" : "sawing.right_of_blade");
        Words how = clamped
                ? Words.of("sawing.clamp", side, held().shorterEdge())
                : Words.of("sawing.hold", side);
        boolean sags = free().shorterEdge().isOver(LONG) || held().shorterEdge().isOver(LONG.times(2));
        return sags ? Words.of("sawing.carried", how) : how;
    }
}
