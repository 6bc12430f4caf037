package neatcorner.core.solve.board;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.Chance;
import neatcorner.core.solve.board.BoardAnswer.Blank;
import neatcorner.core.solve.board.BoardAnswer.Piece;
import neatcorner.core.solve.board.BoardAnswer.Sawn;
import neatcorner.core.solve.board.BoardAnswer.Strip;

/**
 * Cuts a board from its left end or, when it has holes and that is better, from its right end; and with its other face
 * down when some of its holes do not go through.
 */
final class EitherEnd {
    private static final List<Boolean> ONE_WAY = List.of(false);
    private static final List<Boolean> BOTH_WAYS = List.of(false, true);
    private final BoardProblem problem;
    private final int stock;
    private final double[] weights;
    private final List<Lying> lying = new ArrayList<>();

    /**
     * A board as it may lie.
     *
     * @param isTurned end for end
     * @param isOver   on its upper face
     */
    private record Lying(BoardFilling filling, boolean isTurned, boolean isOver) {
    }

    EitherEnd(
            BoardProblem problem,
            int stock,
            double[] weights,
            BoardFilling.Effort effort,
            Optional<Chance> chance) {
        this.problem = problem;
        this.stock = stock;
        this.weights = BoardFilling.weighed(problem, stock, weights);
        BoardProblem.Stock board = board();
        for (boolean over : board.holes().stream().allMatch(BoardProblem.Hole::isThrough) ? ONE_WAY : BOTH_WAYS) {
            BoardProblem.Stock faced = over ? board.over() : board;
            for (boolean turned : board.holes().isEmpty() ? ONE_WAY : BOTH_WAYS) {
                lying.add(new Lying(
                        new BoardFilling(
                                problem, stock, turned ? faced.turned() : faced, this.weights, effort, chance),
                        turned,
                        over));
            }
        }
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
        Optional<Sawn> best = Optional.empty();
        int[] after = left;
        for (Lying way : lying) {
            int[] now = left.clone();
            Optional<Sawn> sawn = way.filling().fill(now).map(laid -> asItWas(laid, way));
            if (sawn.isPresent() && (best.isEmpty() || score(sawn.get()) > score(best.get()))) {
                best = sawn;
                after = now;
            }
        }
        System.arraycopy(after, 0, left, 0, left.length);
        return best;
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

    private Sawn asItWas(Sawn sawn, Lying way) {
        if (!way.isTurned()) {
            return new Sawn(stock, sawn.lengths(), sawn.rests(), way.isOver());
        }
        List<Piece> pieces = sawn.lengths().reversed().stream().map(this::turnedBack).toList();
        return new Sawn(stock, pieces, Rests.of(problem, board(), pieces), way.isOver());
    }

    private Piece turnedBack(Piece piece) {
        Length whole = board().length();
        Piece back = piece.at(
                whole.minus(piece.right()),
                blank -> new Blank(
                        blank.kind(),
                        whole.minus(blank.x()).minus(problem.kinds().get(blank.kind()).length()),
                        blank.leaf()));
        return new Piece(
                back.x(),
                back.length(),
                back.strips().stream().map(strip -> leftAligned(strip, back)).toList());
    }

    /** Blanks of a strip without a hole begin at its left end, as they are crosscut. */
    private Strip leftAligned(Strip strip, Piece piece) {
        Length far = strip.y().plus(problem.profiles().get(strip.profile()).width());
        if (board().holes().stream()
                .anyMatch(hole -> hole.y().isUnder(far)
                        && hole.far().isOver(strip.y())
                        && hole.x().isUnder(piece.right())
                        && hole.right().isOver(piece.x()))) {
            return strip;
        }
        List<Blank> blanks = new ArrayList<>();
        for (int leaf = 0; leaf < strip.leaves(); leaf++) {
            int here = leaf;
            List<Blank> on =
                    strip.blanks().stream().filter(b -> b.leaf() == here).toList();
            Length by = on.stream()
                    .map(Blank::x)
                    .min(Length::compareTo)
                    .map(x -> x.minus(piece.x()).minus(board().snipe()))
                    .orElse(Length.ZERO);
            on.forEach(blank ->
                    blanks.add(new Blank(blank.kind(), blank.x().minus(by), blank.leaf())));
        }
        return new Strip(strip.profile(), strip.y(), strip.leaves(), blanks);
    }
}
