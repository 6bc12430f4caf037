package neatcorner.core.saw;

import java.util.List;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.work.Instrument;

/** A place of a frame where one looks or measures. */
public sealed interface Look {
    /** How finely a tape is read. */
    Length TAPE = Instrument.TAPE.doubt();

    /** How finely it is read, one standard deviation, in mm or rad. Common practice, no source. */
    double fine();

    /** Where it is, in words. */
    Words said(List<Member> sides);

    /**
     * A joint from outside to inside: how much wider it is inside, in mm, below zero outside.
     *
     * @param corner at the left end of the side of this number, from 0
     */
    record Across(int corner) implements Look {
        @Override
        public double fine() {
            return Trial.SEEN.toMm();
        }

        @Override
        public Words said(List<Member> sides) {
            return Words.of("look.across", sides.get(corner).side().from());
        }
    }

    /**
     * A joint from back to front: how much wider it is in front, in mm, below zero at the back.
     *
     * @param corner at the left end of the side of this number, from 0
     */
    record Through(int corner) implements Look {
        @Override
        public double fine() {
            return Trial.SEEN.toMm();
        }

        @Override
        public Words said(List<Member> sides) {
            return Words.of("look.through", sides.get(corner).side().from());
        }
    }

    /**
     * From one outside corner to another: how much further it is than planned, in mm.
     *
     * @param from corner, from 0
     * @param to   corner, from 0
     */
    record Diagonal(int from, int to) implements Look {
        @Override
        public double fine() {
            return TAPE.toMm();
        }

        @Override
        public Words said(List<Member> sides) {
            return Words.of("look.diagonal", sides.get(from).side().from(), sides.get(to).side().from());
        }
    }

    /**
     * How much longer a side is outside than planned, in mm.
     *
     * @param side from 0
     */
    record Side(int side) implements Look {
        @Override
        public double fine() {
            return TAPE.toMm() / 2;
        }

        @Override
        public Words said(List<Member> sides) {
            return Words.of("look.side", sides.get(side).side().letters());
        }
    }

    /**
     * Winding sticks across the face at both ends of a side, sighted along: how much the right end is turned against
     * the left one, its outside edge to the front, in rad. What the cuts are like does not matter to it.
     *
     * @param side from 0
     */
    record Winding(int side) implements Look {
        /** So long are the sticks, over which one sees half a millimetre. Common practice, no source. */
        public static final Length STICKS = Length.mm(300);

        /** How much one stick stands over the other at its end, in mm, where the ends are turned so, in rad. */
        public static double over(double turned) {
            return STICKS.toMm() * Math.tan(turned);
        }

        /** The other way round. */
        public static double turned(double over) {
            return Math.atan(over / STICKS.toMm());
        }

        @Override
        public double fine() {
            return Math.atan(TAPE.toMm() / STICKS.toMm());
        }

        @Override
        public Words said(List<Member> sides) {
            return Words.of(
                    "look.winding",
                    sides.get(side).side().letters(),
                    sides.get(side).side().to(),
                    sides.get(side).side().from());
        }
    }

    /**
     * An angle gauge on the cut at one end of a side: how much too pointed it is, in rad.
     *
     * @param side  from 0
     * @param right whether its right end, else its left
     */
    record Cut(int side, boolean right) implements Look {
        @Override
        public double fine() {
            return Trial.GAUGE.radians();
        }

        @Override
        public Words said(List<Member> sides) {
            return Words.of(
                    "look.cut",
                    sides.get(side).side().letters(),
                    Words.of(right ? "look.cut_right" : "look.cut_left"));
        }
    }
}
