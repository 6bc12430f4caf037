package neatcorner.core.wood;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * A wood screw by its gauge, with the lengths that are commonly sold.
 *
 * @param gauge the number, from 2 to 14
 */
public record Screw(int gauge) {
    /** Bits are sold by the sixty-fourth of an inch and by the half millimetre. */
    private static final long INCH_BITS = 64;

    /** Where the wood is thin. */
    public static final Screw FOUR = new Screw(4);
    /** For rings, plates and strainers. */
    public static final Screw SIX = new Screw(6);
    /** For cleats and battens. */
    public static final Screw EIGHT = new Screw(8);
    private static final List<Length> LENGTHS = List.of(
            Length.inches(0, 1, 4),
            Length.inches(0, 3, 8),
            Length.inches(0, 1, 2),
            Length.inches(0, 5, 8),
            Length.inches(0, 3, 4),
            Length.inches(1),
            Length.inches(1, 1, 4),
            Length.inches(1, 1, 2),
            Length.inches(2),
            Length.inches(2, 1, 2),
            Length.inches(3));
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

    /** The longest that is sold and no longer than this; empty where the shortest is. */
    public Optional<Length> longest(Length room) {
        return LENGTHS.stream().filter(length -> !length.isOver(room)).max(Comparator.naturalOrder());
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

    /** The bit for its thread. */
    public Words bit(Species.Hardness hardness) {
        return bit(pilot(hardness));
    }

    /** The nearest bit to a hole that is sold in the inch, and the nearest in millimetres. */
    public static Words bit(Length hole) {
        long parts = Math.max(1, Math.round(hole.toInches() * INCH_BITS));
        long common = Math.min(Long.lowestOneBit(parts), INCH_BITS);
        double mm = Math.max(1, Math.round(hole.toMm() * 2)) / 2.0;
        return Words.of("screw.bit", parts / common, INCH_BITS / common, Words.plain(String.valueOf(mm)));
    }

    /** Its number and the bit for its thread. */
    public Words said(Species.Hardness hardness) {
        return Words.of("screw.said", gauge, bit(hardness));
    }

    /** What it bears across the grain of this wood, so deep in it, until it gives way, in N. */
    public double lateral(Strength wood, Length deep) {
        double diameter = diameter().toMm();
        return wood.screwLateral(diameter) * Math.min(1, deep.toMm() / (FULL * diameter));
    }
}
