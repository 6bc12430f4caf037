package neatcorner.core.solve.sheet;

import neatcorner.core.measure.Length;

/**
 * What may fall off beside a pane: nothing, what the kerf takes, or a strip wide enough to snap or to hold.
 *
 * @param kerf  lost to a cut, in nanometres, 0 or more
 * @param least the narrowest strip that comes off, in nanometres, 0 or more
 */
record SnapRule(long kerf, long least) {
    static SnapRule of(SheetProblem problem) {
        return new SnapRule(problem.kerf().nanometres(), problem.leastStrip().nanometres());
    }

    /**
     * Whether a pane can be cut from a room.
     *
     * @param over by how much the room is larger, in nanometres; a smaller one never holds it
     */
    boolean allows(long over) {
        return over == 0 || over > 0 && (over <= kerf || over - kerf >= least);
    }

    boolean allows(Length over) {
        return allows(over.nanometres());
    }
}
