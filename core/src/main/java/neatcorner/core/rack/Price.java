package neatcorner.core.rack;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;

/**
 * What something costs.
 *
 * @param minor in the smallest coin, from 0 to 1 000 000 000
 * @param per   what that is for
 */
public record Price(long minor, Per per) {
    private static final double MM_PER_FOOT = 304.8;

    public Price {
        if (minor < 0 || minor > 1_000_000_000L) {
            throw Refusal.of("price.price_is_in_smallest", minor);
        }
    }

    /** What a price is for. */
    public enum Per {
        /** A whole stick, board or sheet. */
        PIECE,
        /** A foot of length. */
        FOOT,
        /** A metre of length. */
        METRE,
        /** A board foot: 144 cubic inches. */
        BOARD_FOOT,
        /** A cubic metre. */
        CUBIC_METRE,
        /** A square foot of face. */
        SQUARE_FOOT,
        /** A square metre of face. */
        SQUARE_METRE
    }

    /** The whole price of something of this size, in the smallest coin, rounded up. */
    public long of(Length length, Length width, Length thickness) {
        double l = length.toMm();
        double w = width.toMm();
        double t = thickness.toMm();
        double amount = switch (per) {
            case PIECE -> 1;
            case FOOT -> l / MM_PER_FOOT;
            case METRE -> l / 1000;
            case BOARD_FOOT -> l * w * t / (144 * 25.4 * 25.4 * 25.4);
            case CUBIC_METRE -> l * w * t / 1e9;
            case SQUARE_FOOT -> l * w / (MM_PER_FOOT * MM_PER_FOOT);
            case SQUARE_METRE -> l * w / 1e6;
        };
        return (long) Math.ceil(minor * amount - 1e-6);
    }
}
