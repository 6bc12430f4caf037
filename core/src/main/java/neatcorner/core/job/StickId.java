package neatcorner.core.job;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.core.measure.Length;

/** Which stick: one with a label of its own, or one of several that are only counted. */
public sealed interface StickId {
    /**
     * A stick with a label.
     *
     * @param label as written on it
     */
    record Labelled(String label) implements StickId {
        @Override
        public String toString() {
            return label;
        }
    }

    /**
     * One of several sticks of a length: {@code rack 2438.4 #1}.
     *
     * @param from   where they are
     * @param length whole
     * @param number from 1
     */
    record Counted(From from, Length length, int number) implements StickId {
        @Override
        public String toString() {
            return from.name().toLowerCase(Locale.ROOT) + " " + length.toExactMm().toPlainString() + " #" + number;
        }
    }

    /** Where sticks that are only counted are. */
    enum From {
        /** On the rack. */
        RACK,
        /** To be bought. */
        TO_BUY
    }

    /** How a counted stick is written down, its length in millimetres. */
    Pattern COUNTED = Pattern.compile("(rack|to_buy) (\\d{1,6}(?:\\.\\d{1,6})?) #([1-9]\\d{0,5})");

    /** From its text, where it was written down; what is not that of a counted stick is a label. */
    static StickId read(String text) {
        Matcher parts = COUNTED.matcher(text);
        return parts.matches()
                ? new Counted(
                        From.valueOf(parts.group(1).toUpperCase(Locale.ROOT)),
                        Length.mm(new BigDecimal(parts.group(2))),
                        Integer.parseInt(parts.group(3)))
                : new Labelled(text);
    }
}
