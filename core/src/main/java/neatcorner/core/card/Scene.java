package neatcorner.core.card;

import java.util.Optional;
import neatcorner.core.making.MakingStep;
import neatcorner.core.measure.Length;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.words.Station;

/** What is looked at while it is done. */
public sealed interface Scene {
    /**
     * The stick at the saw.
     *
     * @param cut  as it is made
     * @param kerf what the blade takes
     * @param less how much shorter than planned it is cut there, to match a piece that came out short; else nothing
     */
    record AtTheSaw(SawCut cut, Length kerf, Length less) implements Scene {
        /** How long the piece was to be by the plan, as it is measured; empty for a cut that makes no length. */
        public Optional<Length> planned() {
            return cut.stroke().makesLength()
                    ? Optional.of(cut.measure().length().plus(less))
                    : Optional.empty();
        }
    }

    /** The stick in a machine, looked at along its length. */
    record InTheMachine(MakingStep step) implements Scene {
    }

    /** The part as a station shows it. */
    record OnTheBench(Station station) implements Scene {
    }

    /**
     * A corner of the part from the front.
     *
     * @param corner at the end of which side, from 0
     */
    record AtTheCorner(int corner) implements Scene {
    }

    /** The sticks with their pieces. */
    record OnTheRack() implements Scene {
    }
}
