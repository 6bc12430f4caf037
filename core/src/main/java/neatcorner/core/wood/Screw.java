package neatcorner.core.wood;

import neatcorner.core.measure.Length;

/**
 * A wood screw by its gauge.
 *
 * @param gauge the number, from 2 to 14
 */
public record Screw(int gauge) {
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

    /** What it bears across the grain of this wood, so deep in it, until it gives way, in N. */
    public double lateral(Strength wood, Length deep) {
        double diameter = diameter().toMm();
        return wood.screwLateral(diameter) * Math.min(1, deep.toMm() / (FULL * diameter));
    }
}
