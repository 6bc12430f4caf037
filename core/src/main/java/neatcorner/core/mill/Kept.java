package neatcorner.core.mill;

import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.rack.Board;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.solve.board.BoardAnswer;

/** What of a rest there is to put back once the work beside it is done: it was jointed or planed with that. */
final class Kept {
    private final Board board;
    private final Habits habits;
    private final Machines machines;

    Kept(Board board, Habits habits) {
        this.board = board;
        this.habits = habits;
        this.machines = new Machines(habits);
    }

    /** As it goes to the rack; empty when it is too small by then. */
    Optional<Milling.Rest> of(BoardAnswer.Rest rest, Iterable<Milling.Crosscut> lengths) {
        for (Milling.Crosscut piece : lengths) {
            if (!rest.x().isUnder(piece.x()) && !rest.x().plus(rest.length()).isOver(piece.right())) {
                return within(rest, piece);
            }
        }
        return Optional.of(rest(rest, rest.width(), rest.thick(), Milling.Rest.Place.END));
    }

    private Optional<Milling.Rest> within(BoardAnswer.Rest rest, Milling.Crosscut piece) {
        Optional<Milling.Rip> rip = piece.rips().stream()
                .filter(one -> one.y().equals(rest.y()) && one.width().equals(rest.width()))
                .findFirst();
        if (rip.isEmpty()) {
            Length jointed = board.condition().isRough() && !machines.isRipFirst(board)
                    ? habits.get(Habit.PLANING).over(2)
                    : Length.ZERO;
            return Optional.of(
                    rest(rest, rest.width(), rest.thick().minus(jointed), Milling.Rest.Place.BESIDE));
        }
        if (rest.x().equals(piece.x()) && rest.length().equals(piece.length())) {
            return Optional.of(rest(rest, rest.width(), rest.thick(), Milling.Rest.Place.BEHIND));
        }
        Length across = rip.get().across();
        Length through = rip.get().through();
        return across.isUnder(Machines.LEAST_WIDTH) || through.isUnder(Machines.LEAST_THICKNESS)
                ? Optional.empty()
                : Optional.of(rest(rest, across, through, Milling.Rest.Place.STRIP));
    }

    private static Milling.Rest rest(
            BoardAnswer.Rest rest, Length width, Length thick, Milling.Rest.Place place) {
        return new Milling.Rest(rest.x(), rest.y(), rest.length(), width, thick, place);
    }
}
