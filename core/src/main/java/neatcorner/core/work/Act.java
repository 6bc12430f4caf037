package neatcorner.core.work;

import neatcorner.core.job.PieceId;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** One act of the hands, told from every other of its job, also after the job was planned anew. */
public sealed interface Act {
    /** The part it is done to. */
    String part();

    /** Where in the work it belongs. */
    Station station();

    /**
     * A cut across a piece: that which makes one of its ends.
     *
     * @param part  whose piece it is
     * @param piece which
     * @param right whether it makes the right end, else the left
     * @param again how often the piece was spoiled before: 0 for the first of its name
     */
    record Saw(String part, PieceId piece, boolean right, int again) implements Act {
        /** Of a piece that was never spoiled. */
        public Saw(String part, PieceId piece, boolean right) {
            this(part, piece, right, 0);
        }

        /** Whether another cut is of the same piece, or of one that took its place. */
        public boolean isOfSamePiece(Saw other) {
            return part.equals(other.part) && piece.equals(other.piece);
        }

        @Override
        public Station station() {
            return Station.CUTS;
        }
    }

    /**
     * A size of the whole part, or of its wood, measured as it came out.
     *
     * @param part    that is measured
     * @param size    which, by its name among the figures
     * @param station where it is measured
     */
    record Size(String part, String size, Station station) implements Act {
        /** Of a figure of the plan: where it hangs, else where it is fitted up. */
        public static Size of(String part, FigureKey<?> size) {
            return new Size(part, size.id(), size.station() == Station.HANG ? Station.HANG : Station.FIT);
        }

        /** Of a number that is given to the plan: where it is typed. */
        public static Size given(String part, FigureKey<?> number) {
            return new Size(part, number.id(), number.station());
        }
    }

    /**
     * Anything else: a step that a station says.
     *
     * @param part    it is done to
     * @param station where
     * @param what    is done: the name of the phrase that says it, so that other numbers make no other act
     * @param nth     of those of one name, from 1
     */
    record Step(String part, Station station, String what, int nth) implements Act {
        /** Whether it cuts a sheet: glass, a mat, a backing. */
        public boolean cutsSheet() {
            return station == Station.FIT && what.startsWith("card.pane");
        }
    }
}
