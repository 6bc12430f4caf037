package neatcorner.core.card;

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
     */
    record AtTheSaw(SawCut cut, Length kerf) implements Scene {
    }

    /** The stick in a machine, looked at along its length. */
    record InTheMachine(MakingStep step) implements Scene {
    }

    /** The part as a station shows it. */
    record OnTheBench(Station station) implements Scene {
    }

    /** The sticks with their pieces. */
    record OnTheRack() implements Scene {
    }
}
