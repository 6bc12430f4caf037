package neatcorner.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Quantity;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;

/**
 * A number that can explain itself.
 *
 * @param key      which number it is
 * @param name     its name for people
 * @param value    the exact value
 * @param rounding which way it goes when it is written
 * @param origin   who says so
 * @param working  how it came about
 * @param <Q>      what kind of number
 */
public record Figure<Q extends Quantity>(FigureKey<Q> key, Words name, Q value, Rounding rounding, Origin origin,
                                         Working working) {
    /** A number the maker gave. */
    public static <Q extends Quantity> Figure<Q> given(FigureKey<Q> key, Q value) {
        return new Figure<>(key, key.words(), value, Rounding.NEAREST, Origin.GIVEN, Working.NONE);
    }

    /** A number that is {@code origin}'s word, with nothing worked out. */
    public static <Q extends Quantity> Figure<Q> said(FigureKey<Q> key, Q value, Origin origin) {
        return new Figure<>(key, key.words(), value, Rounding.NEAREST, origin, Working.NONE);
    }

    /** A sum of lengths, written as it is worked out. */
    public static Sum sum(FigureKey<Length> key) {
        return new Sum(key);
    }

    /** A number found by a formula that is not a plain sum. */
    public static <Q extends Quantity> Formula<Q> formula(FigureKey<Q> key) {
        return new Formula<>(key);
    }

    /** Its name for machines. */
    public String id() {
        return key.id();
    }

    /** The same number, named and worked out alike, under the words of another origin. */
    public Figure<Q> from(Origin other) {
        return new Figure<>(key, name, value, rounding, other, working);
    }

    /** The same number under another name for people. */
    public Figure<Q> called(Words other) {
        return new Figure<>(key, other, value, rounding, origin, working);
    }

    /** Collects the lines of a formula; the caller computes the result. */
    public static sealed class Formula<Q extends Quantity> permits Sum {
        final FigureKey<Q> key;
        private Words name;
        private Rounding rounding = Rounding.NEAREST;
        private final List<Working.Line> lines = new ArrayList<>();
        private Optional<Words> note = Optional.empty();

        Formula(FigureKey<Q> key) {
            this.key = key;
            this.name = key.words();
        }

        /** Another name than the one its id leads to. */
        public Formula<Q> named(Words other) {
            name = other;
            return this;
        }

        /** A value the formula uses. */
        public Formula<Q> with(String words, Quantity amount, Object... args) {
            return line(Working.Step.WITH, words, amount, args);
        }

        /** The rule or its source. */
        public Formula<Q> note(String words, Object... args) {
            note = Optional.of(Words.of("working." + words, args));
            return this;
        }

        /** Which way the result is rounded when written; nearest unless said. */
        public Formula<Q> rounded(Rounding way) {
            rounding = way;
            return this;
        }

        Formula<Q> line(Working.Step step, String words, Quantity amount, Object... args) {
            lines.add(new Working.Line(step, Words.of("working." + words, args), amount));
            return this;
        }

        /** The figure with its result. */
        public Figure<Q> gives(Q result) {
            return new Figure<>(key, name, result, rounding, Origin.WORKED, new Working(lines, note));
        }
    }

    /** A plain sum of lengths: the working and the result are made by the same calls. */
    public static final class Sum extends Formula<Length> {
        private Length total = Length.ZERO;

        Sum(FigureKey<Length> key) {
            super(key);
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
