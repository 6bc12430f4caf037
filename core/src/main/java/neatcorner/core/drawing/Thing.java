package neatcorner.core.drawing;

import neatcorner.core.job.PieceId;
import neatcorner.core.job.StickId;

/** A thing in a picture that can be pressed or dragged to another place. */
public sealed interface Thing {
    /** What is written on it, for whoever does not see the picture. */
    String label();

    /**
     * A piece on a stick.
     *
     * @param of the name of the job or the part it is one of
     * @param id which
     */
    record Piece(String of, PieceId id) implements Thing {
        @Override
        public String label() {
            return id.toString();
        }
    }

    /**
     * A stick.
     *
     * @param id which
     */
    record Stick(StickId id) implements Thing {
        @Override
        public String label() {
            return id.toString();
        }
    }

    /**
     * A corner of a frame.
     *
     * @param side   at the right end of which it is, counted from 0
     * @param letter what is pencilled there
     */
    record Corner(int side, String letter) implements Thing {
        @Override
        public String label() {
            return letter;
        }
    }

    /**
     * Something seen in space, that can be turned.
     *
     * @param label what it is
     */
    record InSpace(String label) implements Thing {
    }

    /**
     * A defect of a board.
     *
     * @param index counted from 0
     */
    record Defect(int index) implements Thing {
        @Override
        public String label() {
            return Integer.toString(index + 1);
        }
    }
}
