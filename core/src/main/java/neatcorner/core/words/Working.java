package neatcorner.core.words;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Quantity;
import neatcorner.core.phrase.Words;

/**
 * How a number came about, line by line in the maker's words.
 *
 * @param lines the sum from its first line to the last before the result; may be empty for a number
 *              that was simply given
 * @param note  a rule or source that the sum alone does not tell
 */
public record Working(List<Line> lines, Optional<Words> note) {
    /** A number with nothing to explain. */
    public static final Working NONE = new Working(List.of(), Optional.empty());

    public Working {
        lines = List.copyOf(lines);
    }

    /** What a line does to the sum so far. */
    public enum Step {
        /** The sum starts here. */
        START(""),
        /** Added. */
        PLUS("+"),
        /** Taken away. */
        MINUS("−"),
        /** Something the formula uses in its own way. */
        WITH("·");

        private final String sign;

        Step(String sign) {
            this.sign = sign;
        }

        /** The sign that stands before the words. */
        public String sign() {
            return sign;
        }
    }

    /**
     * One line of a sum.
     *
     * @param step   what it does
     * @param words  what it is
     * @param amount how much
     */
    public record Line(Step step, Words words, Quantity amount) {
    }
}
