package neatcorner.core.practice;

import java.util.List;
import java.util.Map;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.saw.Doctor;
import neatcorner.core.saw.Look;
import neatcorner.core.shop.Proof;
import neatcorner.core.words.Station;

/** What an exercise looks like. */
public sealed interface Shown {
    /** Two scraps put together. */
    record Scraps(Proof proof) implements Shown {
    }

    /**
     * A frame that gapes.
     *
     * @param ring  its sides
     * @param guess what is wrong with it
     * @param seen  what is written beside its corners, in mm
     */
    record Gaping(List<Member> ring, Doctor.Guess guess, Map<Look, Double> seen) implements Shown {
    }

    /**
     * A piece as it would come off the saw.
     *
     * @param rightEnd whether its right end is cut, else its left
     * @param leansOut whether that end is longest at the outside edge, as it must be
     * @param chipped  whether its face is
     * @param shorter  whether it is a blade shorter than it was to be
     */
    record Piece(boolean rightEnd, boolean leansOut, boolean chipped, boolean shorter) implements Shown {
    }

    /**
     * Pieces laid on sticks.
     *
     * @param stick  how long each is
     * @param gap    lost between neighbours
     * @param trim   lost at either end
     * @param sticks what is laid on each
     * @param left   what lies on none yet
     */
    record Sticks(Length stick, Length gap, Length trim, List<List<Length>> sticks, List<Length> left)
            implements Shown {
        public Sticks {
            sticks = List.copyOf(sticks);
            left = List.copyOf(left);
        }
    }

    /** A plan, at a station. */
    record Planned(Plan plan, Station station) implements Shown {
    }
}
