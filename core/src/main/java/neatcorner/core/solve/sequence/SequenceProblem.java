package neatcorner.core.solve.sequence;

import java.util.List;
import java.util.OptionalInt;
import java.util.function.BooleanSupplier;

/**
 * Cuts to be brought into an order.
 *
 * @param cuts counted from 0; a cut only waits for cuts that can be made without it
 */
public record SequenceProblem(List<Cut> cuts) {
    /**
     * One cut.
     *
     * @param setting which way the saw must stand, from 0
     * @param stop    which stop it is made to, from 0, the longest first; empty where it needs none
     * @param after   the cuts that come before it
     * @param marked  whether it may be made to a mark instead, which is measured for it alone: then it waits for
     *                nothing and needs no stop
     */
    public record Cut(int setting, OptionalInt stop, List<Integer> after, boolean marked) {
        public Cut {
            after = List.copyOf(after);
            if (setting < 0 || stop.orElse(0) < 0) {
                throw new IllegalArgumentException("setting " + setting + " and stop " + stop + " count from 0");
            }
        }
    }

    public SequenceProblem {
        cuts = List.copyOf(cuts);
        for (Cut cut : cuts) {
            for (int before : cut.after()) {
                if (before < 0 || before >= cuts.size()) {
                    throw new IllegalArgumentException("a cut waits for " + before + " of " + cuts.size());
                }
            }
        }
    }

    /**
     * The best order that is found in a while, with how far it may be from the best.
     *
     * @param stop says yes once nobody waits for a better one any more; the one that is known is answered then
     */
    public SequenceAnswer solve(BooleanSupplier stop) {
        return new SequenceSolver(this, stop).solve();
    }

    /**
     * No order costs less: every setting and every stop must be set once; and, since at one time the saw stands at one
     * setting and one stop, every pair of the two that is wanted costs one change, the first two.
     */
    int bound() {
        long pairs = cuts.stream()
                .filter(cut -> cut.stop().isPresent())
                .map(cut -> List.of(cut.setting(), cut.stop().getAsInt()))
                .distinct()
                .count();
        long each = cuts.stream().mapToInt(Cut::setting).distinct().count() + stops();
        return (int) Math.max(each, pairs == 0 ? 0 : pairs + 1);
    }

    /** How many stops are wanted. */
    long stops() {
        return cuts.stream().flatMapToInt(cut -> cut.stop().stream()).distinct().count();
    }
}
