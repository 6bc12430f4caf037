package neatcorner.core.solve.sheet;

/** A rectangle of panes that comes apart by cuts from edge to edge, in nanometres. */
sealed interface Block {
    long width();

    long height();

    /** A pane as it lies. */
    record Single(int pane, boolean turned, long width, long height) implements Block {
        /** A pane of a problem as it is given. */
        static Single upright(SheetProblem problem, int pane) {
            SheetProblem.Pane of = problem.panes().get(pane);
            return new Single(pane, false, of.width().nanometres(), of.height().nanometres());
        }
    }

    /**
     * Two blocks beside or above each other; the lesser leaves a rest beside it.
     *
     * @param beside whether the second lies to the right of the first, else above it
     */
    record Pair(Block first, Block second, boolean beside, long width, long height) implements Block {
    }

    /** The same lying on its side, every pane of it turned. */
    default Block onItsSide() {
        return switch (this) {
            case Single(int pane, boolean turned, long width, long height) -> new Single(pane, !turned, height, width);
            case Pair(Block first, Block second, boolean beside, long width, long height) ->
                new Pair(first.onItsSide(), second.onItsSide(), !beside, height, width);
        };
    }

    /** The same with other numbers for its panes. */
    default Block renamed(int[] panes) {
        return switch (this) {
            case Single(int pane, boolean turned, long width, long height) ->
                new Single(panes[pane], turned, width, height);
            case Pair(Block first, Block second, boolean beside, long width, long height) ->
                new Pair(first.renamed(panes), second.renamed(panes), beside, width, height);
        };
    }
}
