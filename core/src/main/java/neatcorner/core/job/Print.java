package neatcorner.core.job;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Words;

/**
 * Something printed, carved or inlaid along the stick that repeats and must land whole on every side.
 *
 * @param repeat  from one to the next, from 3 to 1500 mm
 * @param upright whether it has a way up
 */
public record Print(Length repeat, boolean upright) {
    /** One to start from. */
    public static final Print USUAL = new Print(Length.mm(100), false);

    public Print {
        Range.within("repeat_of_a_print", repeat, Length.mm(3), Length.mm(1500));
    }

    /** How the pieces are laid for it, in a sentence. */
    public Words said() {
        return Words.of(upright ? "print.said_upright" : "print.said", repeat);
    }

    /** With another repeat. */
    public Print withRepeat(Length other) {
        return new Print(other, upright);
    }

    /** With a way up, or without. */
    public Print withUpright(boolean other) {
        return new Print(repeat, other);
    }

    /** The whole repeats that hold so much. */
    public Length whole(Length length) {
        return repeat.times((length.nanometres() + repeat.nanometres() - 1) / repeat.nanometres());
    }
}
