package neatcorner.core.solve.stick;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;

/**
 * Whether an answer may be cut as it stands: checked from the problem alone, piece by piece, with nothing of
 * the search that found it. Every piece is there as often as it is wanted, no stick more often than it is; pieces
 * lie between the trims, on no defect, and a blade apart; what is locked lies where it was locked; the cost is that
 * of the sticks.
 */
public final class StickCheck {
    private static final System.Logger LOG = System.getLogger(StickCheck.class.getName());
    private final StickProblem problem;

    private StickCheck(StickProblem problem) {
        this.problem = problem;
    }

    /** What is wrong with an answer; empty when it may be cut. */
    public static Optional<String> wrong(StickProblem problem, StickAnswer answer) {
        return new StickCheck(problem).wrong(answer);
    }

    /** Whether it may be cut; what is wrong is written to the log, since it is a fault of the search. */
    static boolean isLegal(StickProblem problem, StickAnswer answer) {
        Optional<String> wrong = wrong(problem, answer);
        wrong.ifPresent(what -> LOG.log(System.Logger.Level.ERROR, "a stick plan was dropped: " + what));
        return wrong.isEmpty();
    }

    private Optional<String> wrong(StickAnswer answer) {
        int[] made = new int[problem.pieces().size()];
        int[] used = new int[problem.stock().size()];
        int[][] on = new int[used.length][made.length];
        long cost = 0;
        for (StickAnswer.Laid laid : answer.sticks()) {
            used[laid.stock()]++;
            cost += problem.stock().get(laid.stock()).cost();
            for (StickAnswer.Placed placed : laid.placed()) {
                made[placed.kind()]++;
                on[laid.stock()][placed.kind()]++;
            }
            Optional<String> wrong = wrong(laid);
            if (wrong.isPresent()) {
                return wrong;
            }
        }
        if (!Arrays.equals(made, problem.pieces().stream().mapToInt(StickProblem.Kind::count).toArray())) {
            return Optional.of("pieces made are " + Arrays.toString(made));
        }
        for (int k = 0; k < used.length; k++) {
            int there = problem.stock().get(k).count().orElse(Integer.MAX_VALUE);
            if (used[k] > there) {
                return Optional.of("stick " + k + " is used " + used[k] + " times; there are " + there);
            }
        }
        for (StickProblem.Lock lock : problem.locks()) {
            int wanted = problem.locks().stream()
                    .filter(l -> l.piece() == lock.piece() && l.stock() == lock.stock())
                    .mapToInt(StickProblem.Lock::count)
                    .sum();
            if (on[lock.stock()][lock.piece()] < wanted) {
                return Optional.of("piece " + lock.piece() + " is not on stick " + lock.stock()
                        + " as often as it is locked there");
            }
        }
        return cost == answer.cost() && answer.bound() <= cost
                ? Optional.empty()
                : Optional.of("cost is " + cost + ", said is " + answer.cost() + " over a bound of " + answer.bound());
    }

    private Optional<String> wrong(StickAnswer.Laid laid) {
        StickProblem.Stock stock = problem.stock().get(laid.stock());
        List<StickAnswer.Placed> placed = laid.placed().stream()
                .sorted(Comparator.comparing(StickAnswer.Placed::start))
                .toList();
        for (int i = 0; i < placed.size(); i++) {
            StickAnswer.Placed here = placed.get(i);
            Length from = here.start();
            Length to = from.plus(problem.pieces().get(here.kind()).length());
            boolean clean = stock.runs(problem.trim()).stream().anyMatch(run -> isIn(from, to, run));
            if (!clean) {
                return Optional.of("piece " + here.kind() + " from " + from + " to " + to
                        + " leaves the clean runs of stick " + laid.stock());
            }
            if (i > 0) {
                StickAnswer.Placed before = placed.get(i - 1);
                Length least = before.start()
                        .plus(problem.pieces().get(before.kind()).length())
                        .plus(new Length(problem.between(
                                problem.pieces().get(before.kind()).end(before.lie(), true),
                                problem.pieces().get(here.kind()).end(here.lie(), false))));
                if (from.isUnder(least)) {
                    return Optional.of("piece " + here.kind() + " starts at " + from + " on stick " + laid.stock()
                            + ", nearer than " + least + " allows");
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isIn(Length from, Length to, Span run) {
        return !from.isUnder(run.from()) && !to.isOver(run.to());
    }
}
