package neatcorner.core.solve.board;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.solve.board.BoardAnswer.Sawn;

/** Kinds whose blanks are wished from one board, all of a group. */
final class Groups {
    /** So many groups may find no room on a board before it is left at those that do. */
    private static final int MOST_REFUSED = 3;
    private final BoardProblem problem;
    /** Kinds by group. */
    private final List<int[]> kinds;

    private final int[] none;

    Groups(BoardProblem problem) {
        this.problem = problem;
        this.kinds = problem.kinds().stream()
                .mapToInt(BoardProblem.Kind::group)
                .filter(group -> group > 0)
                .distinct()
                .mapToObj(group -> IntStream.range(0, problem.kinds().size())
                        .filter(kind -> problem.kinds().get(kind).group() == group)
                        .toArray())
                .toList();
        this.none = new int[problem.kinds().size()];
    }

    boolean isEmpty() {
        return kinds.isEmpty();
    }

    /** How many groups come from several boards. */
    int split(List<Sawn> sawn) {
        return (int) kinds.stream()
                .filter(group -> sawn.stream()
                                .filter(board -> board.lengths().stream()
                                        .flatMap(piece -> piece.strips().stream())
                                        .flatMap(strip -> strip.blanks().stream())
                                        .anyMatch(blank -> Arrays.stream(group).anyMatch(kind -> kind == blank.kind())))
                                .count()
                        > 1)
                .count();
    }

    /**
     * Cuts a board for whole groups, with whatever else finds room beside them.
     *
     * @param left how many there are of every kind; less afterwards by what was made
     * @return empty when it gives all of no group
     */
    Optional<Sawn> fill(EitherEnd filling, int[] left) {
        int[] sure = sure(filling, left);
        if (Arrays.equals(sure, none)) {
            return Optional.empty();
        }
        int[] more = sure.clone();
        for (int kind = 0; kind < more.length; kind++) {
            more[kind] += problem.kinds().get(kind).group() == 0 ? left[kind] : 0;
        }
        return made(filling, more, sure, left).or(() -> made(filling, sure, sure, left));
    }

    /** As many whole groups as the board gives; how many are tried at once doubles until it fails. */
    private int[] sure(EitherEnd filling, int[] left) {
        List<int[]> open = new ArrayList<>(kinds.stream()
                .filter(group -> Arrays.stream(group)
                        .allMatch(kind -> left[kind] == problem.kinds().get(kind).count()))
                .toList());
        int[] sure = none.clone();
        int step = 1;
        int refused = 0;
        while (!open.isEmpty() && refused < MOST_REFUSED) {
            int[] next = sure.clone();
            List<int[]> tried = open.subList(0, Math.min(step, open.size()));
            tried.forEach(group -> Arrays.stream(group).forEach(kind -> next[kind] += left[kind]));
            if (made(filling, next, next, left.clone()).isPresent()) {
                sure = next;
                tried.clear();
                step *= 2;
            } else if (tried.size() > 1) {
                step = tried.size() / 2;
            } else {
                tried.clear();
                refused++;
            }
        }
        return sure;
    }

    /** A board cut for what is offered, when it gives all that must be; then that is no more left. */
    private static Optional<Sawn> made(EitherEnd filling, int[] offered, int[] must, int[] left) {
        int[] now = offered.clone();
        Optional<Sawn> board = filling.fill(now);
        int[] made = IntStream.range(0, now.length).map(kind -> offered[kind] - now[kind]).toArray();
        if (board.isEmpty() || IntStream.range(0, made.length).anyMatch(kind -> made[kind] < must[kind])) {
            return Optional.empty();
        }
        Arrays.setAll(left, kind -> left[kind] - made[kind]);
        return board;
    }
}
