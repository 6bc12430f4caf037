package neatcorner.core.solve.board;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.board.BoardAnswer.Blank;
import neatcorner.core.solve.board.BoardAnswer.Piece;
import neatcorner.core.solve.board.BoardAnswer.Rest;
import neatcorner.core.solve.board.BoardAnswer.Sawn;
import neatcorner.core.solve.board.BoardAnswer.Strip;

/**
 * Whether an answer may be cut as it stands: every cut runs from edge to edge of what is there by then and has its
 * kerf, no blank touches a hole or is made twice, and what is kept is not wood of anything else. Nothing of the search
 * is used.
 */
public final class BoardCheck {
    private static final System.Logger LOG = System.getLogger(BoardCheck.class.getName());
    private final BoardProblem problem;
    private final BoardProblem.Saw saw;

    /** A box of a board that is used for something. */
    private record Box(Length x, Length y, Length right, Length far, Length low, Length high) {
        boolean cuts(Box other) {
            return x.isUnder(other.right) && other.x.isUnder(right) && y.isUnder(other.far) && other.y.isUnder(far)
                    && low.isUnder(other.high) && other.low.isUnder(high);
        }
    }

    private BoardCheck(BoardProblem problem) {
        this.problem = problem;
        this.saw = problem.saw();
    }

    /** What is wrong with an answer; empty when it may be cut. */
    public static Optional<String> wrong(BoardProblem problem, BoardAnswer answer) {
        return new BoardCheck(problem).wrong(answer);
    }

    /** Whether it may be cut; what is wrong is written to the log, since it is a fault of the search. */
    static boolean isLegal(BoardProblem problem, BoardAnswer answer) {
        Optional<String> wrong = wrong(problem, answer);
        wrong.ifPresent(what -> LOG.log(System.Logger.Level.ERROR, "a board plan was dropped: " + what));
        return wrong.isEmpty();
    }

    private Optional<String> wrong(BoardAnswer answer) {
        int[] made = new int[problem.kinds().size()];
        boolean[] used = new boolean[problem.stock().size()];
        for (Sawn board : answer.sawn()) {
            if (used[board.stock()]) {
                return Optional.of("board " + board.stock() + " is cut twice");
            }
            used[board.stock()] = true;
            Optional<String> wrong = wrong(board, made);
            if (wrong.isPresent()) {
                return wrong.map(what -> "board " + board.stock() + ": " + what);
            }
        }
        for (int kind = 0; kind < made.length; kind++) {
            if (made[kind] + answer.missing().get(kind)
                    != problem.kinds().get(kind).count()) {
                return Optional.of("of " + problem.kinds().get(kind) + " made " + made[kind]
                        + " and missing " + answer.missing().get(kind));
            }
        }
        return Optional.empty();
    }

    private Optional<String> wrong(Sawn sawn, int[] made) {
        BoardProblem.Stock lower = problem.stock().get(sawn.stock());
        BoardProblem.Stock board = sawn.over() ? lower.over() : lower;
        List<Box> boxes = new ArrayList<>();
        Length from = saw.trim();
        for (Piece piece : sawn.lengths()) {
            if (piece.x().isUnder(from)) {
                return Optional.of("a length begins before its kerf, at " + piece.x());
            }
            if (piece.length().isUnder(board.least())) {
                return Optional.of("a length is too short for the machines: " + piece.length());
            }
            if (piece.length().isOver(saw.longest())) {
                return Optional.of("a length is too long to be handled: " + piece.length());
            }
            if (piece.right().isOver(board.length().minus(saw.trim()))) {
                return Optional.of("a length reaches into the end of the board");
            }
            from = piece.right().plus(saw.kerf());
            Length near = board.jointing();
            for (Strip strip : piece.strips()) {
                BoardProblem.Profile profile = problem.profiles().get(strip.profile());
                Length far = strip.y().plus(profile.width());
                if (strip.y().isUnder(near) || far.isOver(board.width())) {
                    return Optional.of("a strip begins before its kerf or leaves the board, at " + strip.y());
                }
                if (profile.atEdge() && !strip.y().isZero()) {
                    return Optional.of("a strip with a groove is not at its edge");
                }
                near = far.plus(saw.kerf());
                Optional<String> wrong = wrong(board, piece, strip, made, boxes);
                if (wrong.isPresent()) {
                    return wrong;
                }
            }
        }
        return rests(board, sawn.rests(), boxes);
    }

    private Optional<String> wrong(
            BoardProblem.Stock board, Piece piece, Strip strip, int[] made, List<Box> boxes) {
        BoardProblem.Profile profile = problem.profiles().get(strip.profile());
        BoardProblem.Leaves leaves = board.leaves().get(strip.profile());
        Length wood = leaves.thick().times(strip.leaves()).plus(saw.resaw().times(strip.leaves() - 1L));
        if (strip.leaves() < 1 || strip.leaves() > leaves.count() || wood.isOver(board.thickness())) {
            return Optional.of("a strip has " + strip.leaves() + " leaves");
        }
        if (strip.leaves() > 1 && profile.width().isOver(saw.height())) {
            return Optional.of("a strip is too high to resaw");
        }
        for (int leaf = 0; leaf < strip.leaves(); leaf++) {
            int here = leaf;
            Length from = piece.x().plus(board.snipe());
            Length low = leaves.thick().plus(saw.resaw()).times(leaf);
            for (Blank blank : strip.blanks().stream()
                    .filter(b -> b.leaf() == here)
                    .sorted(Comparator.comparing(Blank::x))
                    .toList()) {
                BoardProblem.Kind kind = problem.kinds().get(blank.kind());
                Length right = blank.x().plus(kind.length());
                if (!kind.profiles().contains(strip.profile())) {
                    return Optional.of("a blank lies on a strip of another size");
                }
                if (blank.x().isUnder(from) || right.isOver(piece.right().minus(board.snipe()))) {
                    return Optional.of("a blank has no room at " + blank.x());
                }
                Length far = strip.y().plus(profile.width());
                if (board.holes().stream()
                        .anyMatch(hole -> hole.x().isUnder(right)
                                && hole.right().isOver(blank.x())
                                && hole.y().isUnder(far)
                                && hole.far().isOver(strip.y())
                                && hole.low().isUnder(low.plus(leaves.thick()))
                                && hole.high().isOver(low))) {
                    return Optional.of("a blank lies on a hole at " + blank.x());
                }
                boxes.add(new Box(blank.x(), strip.y(), right, far, low, low.plus(leaves.thick())));
                made[blank.kind()]++;
                from = right.plus(saw.kerf());
            }
        }
        return strip.blanks().stream().allMatch(blank -> blank.leaf() >= 0 && blank.leaf() < strip.leaves())
                ? Optional.empty()
                : Optional.of("a blank lies on no leaf");
    }

    /** A thin rest is behind the leaves, or is one of them: the layers of the others cannot tell, so areas must do. */
    private static Optional<String> rests(BoardProblem.Stock board, List<Rest> rests, List<Box> blanks) {
        Box whole = new Box(
                Length.ZERO, Length.ZERO, board.length(), board.width(), Length.ZERO, board.thickness());
        double wood = 0;
        List<Box> full = new ArrayList<>(blanks);
        for (Rest rest : rests) {
            Box box = new Box(
                    rest.x(),
                    rest.y(),
                    rest.x().plus(rest.length()),
                    rest.y().plus(rest.width()),
                    Length.ZERO,
                    board.thickness());
            wood += rest.volume();
            if (rest.x().isNegative() || rest.y().isNegative() || box.right().isOver(whole.right())
                    || box.far().isOver(whole.far()) || rest.thick().isOver(board.thickness())) {
                return Optional.of("a rest leaves the board: " + rest);
            }
            if (rest.thick().equals(board.thickness())) {
                if (full.stream().anyMatch(box::cuts)) {
                    return Optional.of("a rest is wood of something else: " + rest);
                }
                full.add(box);
            }
        }
        double used = blanks.stream()
                .mapToDouble(b -> b.right().minus(b.x()).toMm()
                        * b.far().minus(b.y()).toMm()
                        * b.high().minus(b.low()).toMm())
                .sum();
        return wood + used > board.volume() * (1 + 1e-12)
                ? Optional.of("more wood comes out than there is: " + Arrays.toString(new double[] {wood, used}))
                : Optional.empty();
    }
}
