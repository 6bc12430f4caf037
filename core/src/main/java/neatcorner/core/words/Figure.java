package neatcorner.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Quantity;
import neatcorner.core.measure.Rounding;

/**
 * A number that can explain itself.
 *
 * @param id       its name for machines, unique in a plan, such as {@code sight.width}
 * @param name     its name for people
 * @param value    the exact value
 * @param rounding which way it goes when it is written
 * @param origin   who says so
 * @param working  how it came about
 * @param <Q>      what kind of number
 */
public record Figure<Q extends Quantity>(String id, Words name, Q value, Rounding rounding, Origin origin,
                                         Working working) {
    /** A number the maker gave. */
    public static <Q extends Quantity> Figure<Q> given(String id, Q value) {
        return new Figure<>(id, nameOf(id), value, Rounding.NEAREST, Origin.GIVEN, Working.NONE);
    }

    /** A number that is {@code origin}'s word, with nothing worked out. */
    public static <Q extends Quantity> Figure<Q> said(String id, Q value, Origin origin) {
        return new Figure<>(id, nameOf(id), value, Rounding.NEAREST, origin, Working.NONE);
    }

    /** A sum of lengths, written as it is worked out. */
    public static Sum sum(String id) {
        return new Sum(id);
    }

    /** A number found by a formula that is not a plain sum. */
    public static Formula formula(String id) {
        return new Formula(id);
    }

    /** The same number, named and worked out alike, under the words of another origin. */
    public Figure<Q> from(Origin other) {
        return new Figure<>(id, name, value, rounding, other, working);
    }

    /** The same number under another name for people. */
    public Figure<Q> called(Words other) {
        return new Figure<>(id, other, value, rounding, origin, working);
    }

    private static Words nameOf(String id) {
        return Words.of("figure." + id);
    }

    /** Collects the lines of a formula; the caller computes the result. */
    public static sealed class Formula permits Sum {
        final String id;
        private Words name;
        private Rounding rounding = Rounding.NEAREST;
        private final List<Working.Line> lines = new ArrayList<>();
        private Optional<Words> note = Optional.empty();

        Formula(String id) {
            this.id = id;
            this.name = nameOf(id);
        }

        /** Another name than the one its id leads to. */
        public Formula named(Words other) {
            name = other;
            return this;
        }

        /** A value the formula uses. */
        public Formula with(String words, Quantity amount, Object... args) {
            return line(Working.Step.WITH, words, amount, args);
        }

        /** The rule or its source. */
        public Formula note(String words, Object... args) {
            note = Optional.of(Words.of("working." + words, args));
            return this;
        }

        /** Which way the result is rounded when written; nearest unless said. */
        public Formula rounded(Rounding way) {
            rounding = way;
            return this;
        }

        Formula line(Working.Step step, String words, Quantity amount, Object... args) {
            lines.add(new Working.Line(step, Words.of("working." + words, args), amount));
            return this;
        }

        /** The figure with its result. */
        public <Q extends Quantity> Figure<Q> gives(Q result) {
            return new Figure<>(id, name, result, rounding, Origin.WORKED, new Working(lines, note));
        }
    }

    /** A plain sum of lengths: the working and the result are made by the same calls. */
    public static final class Sum extends Formula {
        private Length total = Length.ZERO;

        Sum(String id) {
            super(id);
        }

        /** The first line. */
        public Sum start(String words, Length amount, Object... args) {
            total = total.plus(amount);
            line(Working.Step.START, words, amount, args);
            return this;
        }

        /** Adds; a zero amount leaves no line. */
        public Sum plus(String words, Length amount, Object... args) {
            if (!amount.isZero()) {
                total = total.plus(amount);
                line(Working.Step.PLUS, words, amount, args);
            }
            return this;
        }

        /** Takes away; a zero amount leaves no line. */
        public Sum minus(String words, Length amount, Object... args) {
            if (!amount.isZero()) {
                total = total.minus(amount);
                line(Working.Step.MINUS, words, amount, args);
            }
            return this;
        }

        @Override
        public Sum named(Words other) {
            super.named(other);
            return this;
        }

        @Override
        public Sum rounded(Rounding way) {
            super.rounded(way);
            return this;
        }

        @Override
        public Sum note(String words, Object... args) {
            super.note(words, args);
            return this;
        }

        /** The figure with the total. */
        public Figure<Length> result() {
            return gives(total);
        }
    }
}
