package neatcorner.core.solve.board;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.Chance;
import neatcorner.core.solve.board.BoardAnswer.Blank;
import neatcorner.core.solve.board.BoardAnswer.Piece;
import neatcorner.core.solve.board.BoardAnswer.Sawn;
import neatcorner.core.solve.board.BoardAnswer.Strip;

/** Cuts a board from its left end or, when it has holes and that is better, from its right end. */
final class EitherEnd {
    private final BoardProblem problem;
    private final int stock;
    private final double[] weights;
    private final BoardFilling fromLeft;
    private final Optional<BoardFilling> fromRight;

    EitherEnd(
            BoardProblem problem,
            int stock,
            double[] weights,
            BoardFilling.Effort effort,
            Optional<Chance> chance) {
        this.problem = problem;
        this.stock = stock;
        this.weights = BoardFilling.weighed(problem, stock, weights);
        this.fromLeft = new BoardFilling(problem, stock, board(), this.weights, effort, chance);
        this.fromRight = board().holes().isEmpty()
                ? Optional.empty()
                : Optional.of(new BoardFilling(problem, stock, turned(), this.weights, effort, chance));
    }

    private BoardProblem.Stock board() {
        return problem.stock().get(stock);
    }

    /**
     * Cuts it; see {@link BoardFilling#fill}.
     *
     * @param left how many there are of every kind; less afterwards by what was made
     */
    Optional<Sawn> fill(int[] left) {
        int[] other = left.clone();
        Optional<Sawn> here = fromLeft.fill(left);
        Optional<Sawn> there = fromRight.flatMap(filling -> filling.fill(other)).map(this::turnedBack);
        if (there.isPresent() && (here.isEmpty() || score(there.get()) > score(here.get()))) {
            System.arraycopy(other, 0, left, 0, left.length);
            return there;
        }
        return here;
    }

    /** Weight of what is made, for what is gone. */
    double score(Sawn sawn) {
        double weight = 0;
        for (Piece piece : sawn.lengths()) {
            for (Strip strip : piece.strips()) {
                for (Blank blank : strip.blanks()) {
                    weight += weights[blank.kind()];
                }
            }
        }
        return weight / Math.max(1, Rests.cost(problem, board(), sawn.rests()));
    }

    /** This board turned end for end. */
    private BoardProblem.Stock turned() {
        BoardProblem.Stock board = board();
        return board.withHoles(board.holes().stream()
                .map(hole -> new BoardProblem.Hole(
                        board.length().minus(hole.right()), hole.y(), hole.length(), hole.width()))
                .toList());
    }

    private Sawn turnedBack(Sawn turned) {
        List<Piece> pieces = turned.lengths().reversed().stream().map(this::turnedBack).toList();
        return new Sawn(stock, pieces, Rests.of(problem, board(), pieces));
    }

    private Piece turnedBack(Piece piece) {
        Length whole = board().length();
        return piece.at(
                whole.minus(piece.right()),
                blank -> new Blank(
                        blank.kind(),
                        whole.minus(blank.x()).minus(problem.kinds().get(blank.kind()).length()),
                        blank.leaf()));
    }
}
