package neatcorner.core.mill;

import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.rack.Board;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.solve.board.BoardProblem;

/** What the machines of a shop take from a board, and what they can take in. */
final class Machines {
    /** A thinner rest is no board any more. */
    static final Length LEAST_THICKNESS = Length.mm(6);
    /** Nor a narrower one. */
    static final Length LEAST_WIDTH = Length.mm(50);

    private final Habits habits;

    Machines(Habits habits) {
        this.habits = habits;
    }

    /** Off the near edge; none where its groove is. */
    Length jointing(Board board) {
        return board.condition().isGrooved() ? Length.ZERO : habits.get(Habit.JOINTING);
    }

    /** At either end of a length that is planed. */
    Length snipe(Board board) {
        return board.condition().isRough() ? habits.get(Habit.SNIPE) : Length.ZERO;
    }

    /** The shortest length that may be planed; any that is planed already may be cut up. */
    Length leastLength(Board board) {
        return board.condition().isRough() ? habits.get(Habit.PLANER_LENGTH) : Length.ZERO;
    }

    /** A board that is not flat, or too wide, is ripped before its face is made flat: a narrow strip loses less. */
    boolean isRipFirst(Board board) {
        return board.condition().isRough()
                && (!board.condition().isFlat() || isTooWide(board.width()));
    }

    /** Wider than jointer and planer take. */
    boolean isTooWide(Length width) {
        return width.isOver(habits.get(Habit.PLANER_WIDTH));
    }

    /** What can still be planed to the least that a planer takes. */
    Length leastThickness() {
        return habits.get(Habit.PLANER_THIN).plus(habits.get(Habit.PLANING)).max(LEAST_THICKNESS);
    }

    /** What is left of a board's length beside trim and snipe. */
    Length clear(Board board) {
        return board.length()
                .minus(habits.get(Habit.END_TRIM).plus(snipe(board)).times(2));
    }

    /**
     * What of a board a defect spoils. One that goes no deeper than the planing of a rough face is gone with it; how
     * far a board that is not flat loses its first face is not known, so any other is taken so much deeper.
     */
    Optional<BoardProblem.Hole> hole(Board board, Board.Defect defect) {
        BoardProblem.Hole through =
                new BoardProblem.Hole(defect.x(), defect.y(), defect.length(), defect.width());
        if (defect.shallow().isEmpty()) {
            return Optional.of(through);
        }
        Board.Shallow shallow = defect.shallow().get();
        if (board.condition().isRough() && !shallow.depth().isOver(habits.get(Habit.PLANING).over(2))) {
            return Optional.empty();
        }
        Length thick = board.thickness();
        Length depth = shallow.depth().plus(board.condition().loss(1));
        if (!depth.isUnder(thick)) {
            return Optional.of(through);
        }
        return Optional.of(
                shallow.face() == Board.Face.LOWER
                        ? through.between(Length.ZERO, depth)
                        : through.between(thick.minus(depth), BoardProblem.Hole.THROUGH));
    }
}
