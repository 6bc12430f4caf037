package neatcorner.core.wood;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * A wood screw by its gauge.
 *
 * @param gauge the number, from 2 to 14
 */
public record Screw(int gauge) {
    /** Bits are sold by the sixty-fourth of an inch. */
    private static final long INCH_BITS = 64;

    /** Where the wood is thin. */
    public static final Screw FOUR = new Screw(4);
    /** For rings, plates and strainers. */
    public static final Screw SIX = new Screw(6);
    /** For cleats and battens. */
    public static final Screw EIGHT = new Screw(8);
    /** The root over the thread: 0.116 in of 0.164 in for no. 8 and alike for its neighbours (ibid., from memory). */
    private static final double ROOT = 0.71;
    /** A screw bears all it can across when so many of its diameters are in the wood (Wood Handbook, from memory). */
    private static final double FULL = 7;

    public Screw {
        if (gauge < 2 || gauge > 14) {
            throw new IllegalArgumentException("gauge is " + gauge + "; it must be from 2 to 14");
        }
    }

    /** Over the thread: 0.060 in and 0.013 in for every number (ASME B18.6.1, from memory). */
    public Length diameter() {
        return Length.mm((0.060 + 0.013 * gauge) * 25.4);
    }

    /**
     * The hole to bore for its thread: seven tenths of the root in soft wood, nine tenths in hard (Wood Handbook, from
     * memory), and between them in what is middling.
     */
    public Length pilot(Species.Hardness hardness) {
        double share = switch (hardness) {
            case SOFT -> 0.7;
            case MIDDLING -> 0.8;
            case HARD -> 0.9;
        };
        return diameter().times(ROOT * share);
    }

    /** A bit of this thickness as it is sold in the inch, and another in millimetres. */
    public static Words bit(Length inch, Length mm) {
        return Words.of("screw.bit", inchBit(inch), mmBit(mm));
    }

    /** As it is sold in the inch: in whole sixty-fourths. */
    public static Words inchBit(Length thick) {
        long parts = Math.round(thick.toInches() * INCH_BITS);
        long common = Math.min(Long.lowestOneBit(parts), INCH_BITS);
        return Words.of("screw.bit_inch", parts / common, INCH_BITS / common);
    }

    /** As it is sold by the half millimetre. */
    public static Words mmBit(Length thick) {
        long halves = Math.round(thick.toMm() * 2);
        return Words.of("screw.bit_mm", Words.plain(halves / 2 + (halves % 2 == 0 ? "" : ".5")));
    }

    /** What it bears across the grain of this wood, so deep in it, until it gives way, in N. */
    public double lateral(Strength wood, Length deep) {
        double diameter = diameter().toMm();
        return wood.screwLateral(diameter) * Math.min(1, deep.toMm() / (FULL * diameter));
    }
}
