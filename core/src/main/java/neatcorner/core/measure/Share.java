package neatcorner.core.measure;

/**
 * A part of a whole, written in per cent.
 *
 * @param fraction 0 for none, 1 for all; finite
 */
public record Share(double fraction) implements Quantity {
    public Share {
        Finite.checked("share", fraction);
    }

    /** So many hundredths. */
    public static Share percent(double percent) {
        return new Share(percent / 100);
    }

    /** In whole hundredths: for estimates. */
    public static Share whole(double fraction) {
        return percent(Math.round(fraction * 100));
    }

    /** In per cent. */
    public double toPercent() {
        return fraction * 100;
    }
}
