package neatcorner.core.sawing;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Safety;

/**
 * Everything that is done along strips, setting by setting: all strips that want one go through at it.
 *
 * @param turns   in their order
 * @param changes how often a machine is taken up or set
 * @param plainly how often it would be board by board and job by job
 * @param bound   no order has fewer
 */
public record StripOrder(List<Turn> turns, int changes, int plainly, int bound) {
    /** Nothing to do. */
    static final StripOrder NOTHING = new StripOrder(List.of(), 0, 0, 0);

    /**
     * One setting.
     *
     * @param what    is set, to what
     * @param on      what goes through at it, in order
     * @param caution for the hands, the first time it applies
     */
    public record Turn(Words what, List<Words> on, Optional<Safety> caution) {
        public Turn {
            on = List.copyOf(on);
        }
    }

    public StripOrder {
        turns = List.copyOf(turns);
    }

    /** "Proven best", or at most how far from it. */
    public Words proof() {
        return changes == bound ? Words.of("proof.best") : Words.of("sawing.gap", changes - bound);
    }

    /** One after the other. */
    StripOrder then(StripOrder next) {
        return new StripOrder(
                Stream.concat(turns.stream(), next.turns.stream()).toList(),
                changes + next.changes,
                plainly + next.plainly,
                bound + next.bound);
    }
}
