package neatcorner.core.rack;

import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
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
        PIECE(""),
        /** A foot of length. */
        FOOT(" / ft"),
        /** A metre of length. */
        METRE(" / m"),
        /** A board foot: 144 cubic inches. */
        BOARD_FOOT(" / bd ft"),
        /** A cubic metre. */
        CUBIC_METRE(" / m³"),
        /** A square foot of face. */
        SQUARE_FOOT(" / ft²"),
        /** A square metre of face. */
        SQUARE_METRE(" / m²");

        private final String suffix;

        Per(String suffix) {
            this.suffix = suffix;
        }
    }

    /**
     * What a person wrote: {@code 19.80} for the piece, {@code 2.10 / ft}, {@code 6.90 / m} or {@code 8.40 / bd ft}; a
     * refusal says so.
     */
    public static Price parse(String typed) {
        String[] parts = typed.strip().split("\\s*/\\s*", 2);
        String suffix = parts.length == 1 ? "" : " / " + parts[1];
        return Stream.of(Per.values())
                .filter(per -> per.suffix.equals(suffix))
                .findFirst()
                .map(per -> new Price(Money.minor(parts[0]), per))
                .orElseThrow(() -> Refusal.of("price.price_is_written", typed.strip()));
    }

    /** As {@link #parse} reads it, without the currency. */
    public String text() {
        return new Money(minor, "").text() + per.suffix;
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
