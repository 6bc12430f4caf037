package neatcorner.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collection;

/**
 * A length in whole nanometres, positive, zero or negative. Sums, differences and whole multiples
 * are exact; anything past about nine million kilometres throws {@link ArithmeticException} rather
 * than wrap.
 *
 * @param nanometres the length, in nanometres
 */
public record Length(long nanometres) implements Quantity, Comparable<Length> {
    /** 1 in = 25.4 mm exactly (international yard and pound agreement, 1959). */
    public static final long NANOMETRES_PER_INCH = 25_400_000L;
    /** Nanometres in a millimetre. */
    public static final long NANOMETRES_PER_MM = 1_000_000L;
    /** No unit in use is so long that this many decimals of it reach a nanometre. */
    private static final int FINEST_DECIMALS = 20;
    /** No length at all. */
    public static final Length ZERO = new Length(0);

    /** A length in millimetres, to the nearest nanometre. Refuses NaN and infinities. */
    public static Length mm(double mm) {
        return ofNanometres(Finite.checked("length in mm", mm) * NANOMETRES_PER_MM);
    }

    /** A length in millimetres from its decimal digits; exact to the nanometre, beyond it nearest. */
    public static Length mm(BigDecimal mm) {
        return scaled(mm, NANOMETRES_PER_MM);
    }

    /** A length in inches, to the nearest nanometre. Refuses NaN and infinities. */
    public static Length inches(double inches) {
        return ofNanometres(Finite.checked("length in inches", inches) * NANOMETRES_PER_INCH);
    }

    /** {@code whole numerator/denominator} inches; exact for halves to 64ths. */
    public static Length inches(long whole, long numerator, long denominator) {
        if (denominator <= 0) {
            throw new IllegalArgumentException("denominator is " + denominator + "; it must be 1 or more");
        }
        BigDecimal part = BigDecimal.valueOf(Math.multiplyExact(numerator, NANOMETRES_PER_INCH))
                .divide(BigDecimal.valueOf(denominator), 0, RoundingMode.HALF_EVEN);
        return new Length(Math.addExact(Math.multiplyExact(whole, NANOMETRES_PER_INCH), part.longValueExact()));
    }

    /** Digits that lie far beyond a nanometre are not even looked at: writing them out could take minutes. */
    static Length scaled(BigDecimal value, long nanometresPerUnit) {
        long magnitude = (long) value.precision() - value.scale();
        if (value.signum() == 0 || magnitude < -FINEST_DECIMALS) {
            return ZERO;
        }
        if (magnitude > FINEST_DECIMALS) {
            throw new ArithmeticException("a length is past nine million kilometres");
        }
        return new Length(value.multiply(BigDecimal.valueOf(nanometresPerUnit))
                .setScale(0, RoundingMode.HALF_EVEN).longValueExact());
    }

    private static Length ofNanometres(double nanometres) {
        if (Math.abs(nanometres) > 9e15) {
            throw new ArithmeticException("length of " + nanometres + " nm is past 9 000 km");
        }
        return new Length(Math.round(nanometres));
    }

    /** The exact sum of all. */
    public static Length sum(Collection<Length> lengths) {
        return lengths.stream().reduce(ZERO, Length::plus);
    }

    /** The exact sum. */
    public Length plus(Length other) {
        return new Length(Math.addExact(nanometres, other.nanometres));
    }

    /** The exact difference. */
    public Length minus(Length other) {
        return new Length(Math.subtractExact(nanometres, other.nanometres));
    }

    /** The exact multiple. */
    public Length times(long factor) {
        return new Length(Math.multiplyExact(nanometres, factor));
    }

    /** A multiple, to the nearest nanometre. */
    public Length times(double factor) {
        return ofNanometres(nanometres * Finite.checked("factor", factor));
    }

    /** The part that is one of {@code parts}, to the nearest nanometre. */
    public Length over(double parts) {
        return times(1.0 / parts);
    }

    /** How many times {@code other} goes into this; {@code other} must not be zero. */
    public double ratio(Length other) {
        if (other.nanometres == 0) {
            throw new ArithmeticException("a length was divided by a length of zero");
        }
        return (double) nanometres / other.nanometres;
    }

    /** The same length with the other sign. */
    public Length negated() {
        return new Length(Math.negateExact(nanometres));
    }

    /** The size without the sign. */
    public Length abs() {
        return nanometres < 0 ? negated() : this;
    }

    /** The shorter of the two. */
    public Length min(Length other) {
        return compareTo(other) <= 0 ? this : other;
    }

    /** The longer of the two. */
    public Length max(Length other) {
        return compareTo(other) >= 0 ? this : other;
    }

    /** In millimetres, for geometry and drawing. */
    public double toMm() {
        return (double) nanometres / NANOMETRES_PER_MM;
    }

    /** In inches, for geometry and drawing. */
    public double toInches() {
        return (double) nanometres / NANOMETRES_PER_INCH;
    }

    /** In millimetres with every digit there is: six decimals at most, none for show. */
    public BigDecimal toExactMm() {
        BigDecimal mm = BigDecimal.valueOf(nanometres, 6).stripTrailingZeros();
        return mm.scale() < 0 ? mm.setScale(0) : mm;
    }

    /** Whether this is longer than nothing. */
    public boolean isPositive() {
        return nanometres > 0;
    }

    /** Whether this is less than nothing. */
    public boolean isNegative() {
        return nanometres < 0;
    }

    /** Whether this is exactly nothing. */
    public boolean isZero() {
        return nanometres == 0;
    }

    /** Strictly longer. */
    public boolean isOver(Length other) {
        return nanometres > other.nanometres;
    }

    /** Strictly shorter. */
    public boolean isUnder(Length other) {
        return nanometres < other.nanometres;
    }

    @Override
    public int compareTo(Length other) {
        return Long.compare(nanometres, other.nanometres);
    }

    @Override
    public String toString() {
        return toExactMm().toPlainString() + " mm";
    }
}
