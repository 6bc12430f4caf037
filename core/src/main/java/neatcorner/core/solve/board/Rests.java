package neatcorner.core.solve.board;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.board.BoardAnswer.Piece;
import neatcorner.core.solve.board.BoardAnswer.Rest;
import neatcorner.core.solve.board.BoardAnswer.Strip;

/**
 * What is left of a board that is cut: before, between and beyond its lengths, beside their strips, behind the leaves
 * that are used, and beyond the blanks of a leaf. Kept is what has a clear rectangle of the least length and width
 * worth keeping.
 */
final class Rests {
    /** So much less of its wood counts, the narrower a rest is than its board. */
    private static final double NARROW = 0.25;
    /** The same for a shorter one. */
    private static final double SHORT = 0.15;

    private final BoardProblem problem;
    private final BoardProblem.Saw saw;
    private final BoardProblem.Stock board;
    private final List<Rest> kept = new ArrayList<>();

    private Rests(BoardProblem problem, BoardProblem.Stock board) {
        this.problem = problem;
        this.saw = problem.saw();
        this.board = board;
    }

    /** What is kept of a board, at least one length of which is cut. */
    static List<Rest> of(BoardProblem problem, BoardProblem.Stock board, List<Piece> pieces) {
        Rests rests = new Rests(problem, board);
        Length from = Length.ZERO;
        for (Piece piece : pieces) {
            rests.keep(from, Length.ZERO, piece.x().minus(problem.saw().kerf()), board.width(), board.thickness());
            rests.beside(piece);
            from = piece.right().plus(problem.saw().kerf());
        }
        rests.keep(from, Length.ZERO, board.length(), board.width(), board.thickness());
        return List.copyOf(rests.kept);
    }

    private void beside(Piece piece) {
        Length from = board.jointing();
        for (Strip strip : piece.strips()) {
            Length far = strip.y().plus(width(strip));
            keep(piece.x(), from, piece.right(), strip.y().minus(saw.kerf()), board.thickness());
            within(piece, strip);
            from = far.plus(saw.kerf());
        }
        keep(piece.x(), from, piece.right(), board.width(), board.thickness());
    }

    private void within(Piece piece, Strip strip) {
        Length leaf = board.leaves().get(strip.profile()).thick();
        for (int i = 0; i < strip.leaves(); i++) {
            int here = i;
            Length from = piece.x();
            for (BoardAnswer.Blank blank : strip.blanks().stream().filter(b -> b.leaf() == here).toList()) {
                keep(from, strip.y(), blank.x().minus(saw.kerf()), far(strip), leaf);
                from = blank.x().plus(problem.kinds().get(blank.kind()).length()).plus(saw.kerf());
            }
            keep(from, strip.y(), piece.right(), far(strip), leaf);
        }
        if (!width(strip).isOver(saw.height())) {
            BoardProblem.Leaves leaves = board.leaves().get(strip.profile());
            keep(piece.x(), strip.y(), piece.right(), far(strip), behind(board, leaves, strip.leaves(), saw));
        }
    }

    /** What of the thickness is left behind so many leaves, when it is sawn off; may be negative. */
    static Length behind(BoardProblem.Stock board, BoardProblem.Leaves leaves, int count, BoardProblem.Saw saw) {
        return board.thickness().minus(leaves.thick().plus(saw.resaw()).times(count));
    }

    private Length width(Strip strip) {
        return problem.profiles().get(strip.profile()).width();
    }

    private Length far(Strip strip) {
        return strip.y().plus(width(strip));
    }

    private void keep(Length x, Length y, Length right, Length far, Length thick) {
        Length length = right.minus(x);
        Length width = far.minus(y);
        if (isKept(x, y, length, width, thick)) {
            kept.add(new Rest(x, y, length, width, thick));
        }
    }

    private boolean isKept(Length x, Length y, Length length, Length width, Length thick) {
        return !length.isUnder(saw.keepLength())
                && !width.isUnder(saw.keepWidth())
                && !thick.isUnder(saw.keepThick())
                && isClear(x.nanometres(), y.nanometres(), x.plus(length).nanometres(), y.plus(width).nanometres());
    }

    /** Whether a clear rectangle of the least length and width lies in it; one pushed down and left till it stops. */
    private boolean isClear(long left, long near, long right, long far) {
        if (board.holes().isEmpty()) {
            return true;
        }
        List<Long> ys = new ArrayList<>(List.of(near));
        List<Long> xs = new ArrayList<>(List.of(left));
        for (BoardProblem.Hole hole : board.holes()) {
            ys.add(hole.far().nanometres());
            xs.add(hole.right().nanometres());
        }
        long length = saw.keepLength().nanometres();
        long width = saw.keepWidth().nanometres();
        return ys.stream()
                .filter(y -> y >= near && y + width <= far)
                .anyMatch(y -> xs.stream()
                        .filter(x -> x >= left && x + length <= right)
                        .anyMatch(x -> isClearOf(x, y, x + length, y + width)));
    }

    private boolean isClearOf(long left, long near, long right, long far) {
        return board.holes().stream()
                .noneMatch(hole -> hole.x().nanometres() < right
                        && hole.right().nanometres() > left
                        && hole.y().nanometres() < far
                        && hole.far().nanometres() > near);
    }

    /**
     * What is gone of a board, in its coin. A rest that is just worth keeping counts as a quarter of its wood, one
     * twice as long and twice as wide, or as the board, as nearly all of it: what is as wide and as long as the
     * board is of more use than the same wood in narrow strips or two short ends.
     */
    static long cost(BoardProblem problem, BoardProblem.Stock board, List<Rest> rests) {
        double least = problem.saw().keepLength().times(2L).min(board.length()).toMm();
        double narrow = problem.saw().keepWidth().times(2L).min(board.width()).toMm();
        double left = 0;
        for (Rest rest : rests) {
            left += rest.volume()
                    * Math.min(1, rest.length().toMm() / least)
                    * Math.min(1, rest.width().toMm() / narrow)
                    * (1 - NARROW * (1 - rest.width().ratio(board.width())))
                    * (1 - SHORT * (1 - rest.length().ratio(board.length())));
        }
        return Math.round(board.worth() * (1 - left / board.volume()));
    }
}
