package neatcorner.core.measure;

import neatcorner.core.phrase.Range;

/**
 * A mass in whole nanograms, so that grams, ounces (28 349 523 125 ng) and pounds are all exact.
 *
 * @param nanograms the mass, in nanograms, zero or more
 */
public record Mass(long nanograms) implements Quantity, Comparable<Mass> {
    /** Nanograms in a gram. */
    public static final long NANOGRAMS_PER_GRAM = 1_000_000_000L;
    /** 1 lb = 0.453 592 37 kg exactly (international yard and pound agreement, 1959). */
    public static final long NANOGRAMS_PER_POUND = 453_592_370_000L;
    /** A sixteenth of a pound. */
    public static final long NANOGRAMS_PER_OUNCE = NANOGRAMS_PER_POUND / 16;
    /** No mass at all. */
    public static final Mass ZERO = new Mass(0);

    public Mass {
        if (nanograms < 0) {
            throw new IllegalArgumentException("mass is " + nanograms + " ng; it must be zero or more");
        }
    }

    /** A mass in kilograms, to the nearest nanogram, from 0 up to nine million kilograms. */
    public static Mass kg(double kg) {
        Range.number("mass_in_kg", kg, 0, 9e6);
        return new Mass(Math.round(kg * 1000 * NANOGRAMS_PER_GRAM));
    }

    /** A mass in pounds, to the nearest nanogram. */
    public static Mass pounds(double pounds) {
        Range.number("mass_in_lb", pounds, 0, 2e7);
        return new Mass(Math.round(pounds * NANOGRAMS_PER_POUND));
    }

    /** The exact sum. */
    public Mass plus(Mass other) {
        return new Mass(Math.addExact(nanograms, other.nanograms));
    }

    /** A multiple, to the nearest nanogram. */
    public Mass times(double factor) {
        return kg(toKg() * factor);
    }

    /** In kilograms. */
    public double toKg() {
        return (double) nanograms / NANOGRAMS_PER_GRAM / 1000;
    }

    /** In pounds. */
    public double toPounds() {
        return (double) nanograms / NANOGRAMS_PER_POUND;
    }

    /** Strictly heavier. */
    public boolean isOver(Mass other) {
        return nanograms > other.nanograms;
    }

    @Override
    public int compareTo(Mass other) {
        return Long.compare(nanograms, other.nanograms);
    }

    @Override
    public String toString() {
        return toKg() + " kg";
    }
}
