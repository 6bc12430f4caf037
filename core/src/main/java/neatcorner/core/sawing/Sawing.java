package neatcorner.core.sawing;

import java.util.List;
import neatcorner.core.phrase.Words;

/**
 * Every cut at the saw, one after another.
 *
 * @param cuts    in their order; none without sticks
 * @param effort  what the order costs
 * @param plainly what it costs to cut stick by stick and piece by piece, each end as it comes, each length measured
 * @param bound   no order of these cuts has fewer changes
 */
public record Sawing(List<SawCut> cuts, Effort effort, Effort plainly, int bound) {
    public Sawing {
        cuts = List.copyOf(cuts);
    }

    /** The cuts in runs, between which something is set. */
    public List<Run> runs() {
        return Run.of(cuts);
    }

    /** Whether it is less work than cutting plainly; where nearly every end has its own setting no order is. */
    public boolean saves() {
        return effort.changes() < plainly.changes();
    }

    /** Whether nothing needs fewer changes. */
    public boolean isProven() {
        return effort.changes() == bound;
    }

    /** "Proven best", or at most how far from it. */
    public Words proof() {
        return isProven() ? Words.of("proof.best") : Words.of("sawing.gap", effort.changes() - bound);
    }
}
