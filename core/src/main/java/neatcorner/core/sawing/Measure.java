package neatcorner.core.sawing;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/** How one finds where to cut. */
public sealed interface Measure {
    /** How far, along the fence. */
    Length length();

    /** In words. */
    Words words();

    /** The same for a piece that is so much shorter. */
    Measure lessBy(Length less);

    /**
     * Only so much is taken off the raw end of a stick that it is clean.
     *
     * @param length from that end to where the piece begins at the fence
     */
    record Clean(Length length) implements Measure {
        @Override
        public Measure lessBy(Length less) {
            return new Clean(length);
        }

        @Override
        public Words words() {
            return Words.of("sawing.clean", length);
        }
    }

    /**
     * From the stop at the left, which the piece's furthest point touches, to the blade where it meets the fence.
     *
     * @param length between the two
     */
    record Stop(Length length) implements Measure {
        @Override
        public Measure lessBy(Length less) {
            return new Stop(length.minus(less));
        }

        @Override
        public Words words() {
            return Words.of("sawing.stop", length);
        }
    }

    /**
     * To a mark, from the left end of what lies on the saw; no stop helps.
     *
     * @param length    from the furthest point of that end to where the piece begins or ends at the fence
     * @param bladeLeft whether the blade goes left of the mark, else right
     * @param again     whether a piece of this length is cut already, from which it is taken
     */
    record Mark(Length length, boolean bladeLeft, boolean again) implements Measure {
        @Override
        public Measure lessBy(Length less) {
            return new Mark(length.minus(less), bladeLeft, again);
        }

        @Override
        public Words words() {
            Words mark = Words.of(bladeLeft ? "sawing.mark_right" : "sawing.mark_left", length);
            return again ? Words.of("sawing.mark_again", mark) : mark;
        }
    }
}
