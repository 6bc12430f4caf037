package neatcorner.core.solve.sheet;

import java.util.function.IntPredicate;

/** A rectangle of panes that comes apart by cuts from edge to edge, in nanometres. */
sealed interface Block {
    long width();

    long height();

    /** The same lying on its side, every pane of it turned. */
    Block onItsSide();

    /** The same with other numbers for its panes. */
    Block renamed(int[] panes);

    /** Whether this holds of every pane. */
    boolean all(IntPredicate ofPane);

    /** A pane as it lies. */
    record Single(int pane, boolean turned, long width, long height) implements Block {
        /** A pane of a problem as it is given. */
        static Single upright(SheetProblem problem, int pane) {
            SheetProblem.Pane of = problem.panes().get(pane);
            return new Single(pane, false, of.width().nanometres(), of.height().nanometres());
        }

        @Override
        public Single onItsSide() {
            return new Single(pane, !turned, height, width);
        }

        @Override
        public Single renamed(int[] panes) {
            return new Single(panes[pane], turned, width, height);
        }

        @Override
        public boolean all(IntPredicate ofPane) {
            return ofPane.test(pane);
        }
    }

    /**
     * Two blocks beside or above each other; the lesser leaves a rest beside it.
     *
     * @param beside whether the second lies to the right of the first, else above it
     */
    record Pair(Block first, Block second, boolean beside, long width, long height) implements Block {
        @Override
        public Pair onItsSide() {
            return new Pair(first.onItsSide(), second.onItsSide(), !beside, height, width);
        }

        @Override
        public Pair renamed(int[] panes) {
            return new Pair(first.renamed(panes), second.renamed(panes), beside, width, height);
        }

        @Override
        public boolean all(IntPredicate ofPane) {
            return first.all(ofPane) && second.all(ofPane);
        }
    }
}
