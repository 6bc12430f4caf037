package neatcorner.core.solve.board;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.board.BoardAnswer.Blank;
import neatcorner.core.solve.board.BoardAnswer.Piece;

/** Moves lengths along a board to its right end where that leaves more that is worth keeping, as before a hole. */
final class Sliding {
    private final BoardProblem problem;
    private final BoardProblem.Stock board;

    Sliding(BoardProblem problem, BoardProblem.Stock board) {
        this.problem = problem;
        this.board = board;
    }

    /** The lengths where the board keeps most: all as they lie, or the last few, or all, moved to the right. */
    List<Piece> best(List<Piece> pieces) {
        List<Piece> best = pieces;
        long least = cost(pieces);
        Length room = board.length().minus(problem.saw().trim()).minus(pieces.getLast().right());
        if (!room.isPositive()) {
            return pieces;
        }
        for (int first = pieces.size() - 1; first >= 0; first--) {
            for (Length by : steps(pieces.get(first), room)) {
                List<Piece> moved = new ArrayList<>(pieces.subList(0, first));
                pieces.subList(first, pieces.size()).forEach(piece -> moved.add(moved(piece, by)));
                if (moved.stream().allMatch(this::isClear) && cost(moved) < least) {
                    best = List.copyOf(moved);
                    least = cost(moved);
                }
            }
        }
        return best;
    }

    /** All the way, or up to a hole, or past one; with the whole length, or with one of its blanks. */
    private List<Length> steps(Piece piece, Length room) {
        List<Length> rights = Stream.concat(
                        Stream.of(piece.right().minus(board.snipe())),
                        piece.strips().stream()
                                .flatMap(strip -> strip.blanks().stream())
                                .map(blank -> blank.x()
                                        .plus(problem.kinds().get(blank.kind()).length())))
                .distinct()
                .toList();
        return Stream.concat(
                        Stream.of(room),
                        board.holes().stream()
                                .flatMap(hole -> Stream.concat(
                                        rights.stream().map(right -> hole.x().minus(right)),
                                        Stream.of(
                                                hole.right()
                                                        .plus(problem.saw().kerf())
                                                        .minus(piece.x()),
                                                hole.right().minus(piece.x())))))
                .filter(by -> by.isPositive() && !by.isOver(room))
                .distinct()
                .toList();
    }

    private long cost(List<Piece> pieces) {
        return Rests.cost(problem, board, Rests.of(problem, board, pieces));
    }

    private static Piece moved(Piece piece, Length by) {
        return piece.at(
                piece.x().plus(by),
                blank -> new Blank(blank.kind(), blank.x().plus(by), blank.leaf()));
    }

    private boolean isClear(Piece piece) {
        return board.holes().stream().allMatch(hole -> piece.strips().stream()
                .filter(strip -> hole.y()
                                .isUnder(strip.y()
                                        .plus(problem.profiles()
                                                .get(strip.profile())
                                                .width()))
                        && hole.far().isOver(strip.y()))
                .allMatch(strip -> strip.blanks().stream()
                        .filter(blank -> hole.touches(
                                blank.leaf(),
                                board.leaves().get(strip.profile()),
                                problem.saw().resaw()))
                        .noneMatch(blank -> hole.x()
                                .isUnder(blank.x()
                                        .plus(problem.kinds().get(blank.kind()).length()))
                        && hole.right().isOver(blank.x()))));
    }
}
