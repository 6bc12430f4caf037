package neatcorner.core.stock;

/** A rectangle of panes that comes apart by cuts from edge to edge, in nanometres. */
sealed interface Block {
    long width();

    long height();

    /** A pane as it lies. */
    record Single(int pane, boolean turned, long width, long height) implements Block {
    }

    /**
     * Two blocks beside or above each other; the lesser leaves a rest beside it.
     *
     * @param beside whether the second lies to the right of the first, else above it
     */
    record Pair(Block first, Block second, boolean beside, long width, long height) implements Block {
        static Pair of(Block first, Block second, boolean beside, long kerf) {
            return beside ? new Pair(first, second, true, first.width() + kerf + second.width(), Math.max(first.height(), second.height()))
                    : new Pair(first, second, false, Math.max(first.width(), second.width()), first.height() + kerf + second.height());
        }
    }

    /** The same lying on its side, every pane of it turned. */
    default Block onItsSide() {
        return switch (this) {
            case Single(int pane, boolean turned, long width, long height) -> new Single(pane, !turned, height, width);
            case Pair(Block first, Block second, boolean beside, long width, long height) ->
                new Pair(first.onItsSide(), second.onItsSide(), !beside, height, width);
        };
    }
}
