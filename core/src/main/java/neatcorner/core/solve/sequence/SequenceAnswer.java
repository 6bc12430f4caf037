package neatcorner.core.solve.sequence;

import java.util.List;

/**
 * Cuts in an order.
 *
 * @param steps    every cut once
 * @param settings how often the saw is set
 * @param stops    how often the stop is set
 * @param marks    how many cuts are made to a mark of their own
 * @param bound    no order has fewer of the three together
 */
public record SequenceAnswer(List<Step> steps, int settings, int stops, int marks, int bound) {
    /**
     * One cut.
     *
     * @param cut    which, from 0
     * @param marked whether it is made to a mark
     */
    public record Step(int cut, boolean marked) {
    }

    public SequenceAnswer {
        steps = List.copyOf(steps);
    }

    /** How often something is set or measured. */
    public int changes() {
        return settings + stops + marks;
    }

    /** Whether nothing needs fewer changes. */
    public boolean isProven() {
        return changes() == bound;
    }
}
