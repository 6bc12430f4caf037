package neatcorner.core.measure;

/**
 * A length as it is written: a whole part, a fraction to be stacked, a unit and, when the tape has
 * no mark for the exact value, a sign for the residue.
 *
 * @param negative    below zero
 * @param whole       the whole part with any decimals, without sign
 * @param numerator   zero when there is no fraction
 * @param denominator 1 when there is no fraction
 * @param unit        what is counted
 * @param residue     where the exact value lies from what is written
 */
public record Numeral(boolean negative, String whole, int numerator, int denominator, Unit unit, Residue residue) {
    /** Where the exact value lies from the written one. */
    public enum Residue {
        /** They are the same. */
        NONE(""),
        /** A hair under the mark. */
        UNDER("\u00a0−"),
        /** A hair over the mark. */
        OVER("\u00a0+");

        private final String sign;

        Residue(String sign) {
            this.sign = sign;
        }

        /** Empty, or a space at which no line is broken and the sign. */
        public String sign() {
            return sign;
        }
    }

    /** Whether there is a fraction to stack. */
    public boolean hasFraction() {
        return numerator != 0;
    }

    /** Whether the whole part is to be written: always, but for a bare fraction. */
    public boolean showsWhole() {
        return !hasFraction() || !whole.equals("0");
    }

    /** On one line without the residue: {@code 15 9/16"}, {@code 394 mm}. Reads back as the mark. */
    public String mark() {
        StringBuilder text = new StringBuilder(negative ? "-" : "");
        if (showsWhole()) {
            text.append(whole);
        }
        if (hasFraction()) {
            text.append(showsWhole() ? " " : "").append(numerator).append('/').append(denominator);
        }
        return text.append(unit.mark()).toString();
    }

    /** On one line: {@code 15 9/16" −}. */
    @Override
    public String toString() {
        return mark() + residue.sign();
    }
}
