package neatcorner.core.solve.board;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.Chance;
import neatcorner.core.solve.board.BoardAnswer.Sawn;

/**
 * Chooses boards one after the other, the one that gives most for what it costs first. The search takes some boards of
 * the best answer out again, weighs the kinds anew, those that were left over or cost much more than others, and fills
 * anew; it keeps whatever is better.
 */
final class BoardSolver {
    private static final BoardFilling.Effort QUICK = new BoardFilling.Effort(8, 60);
    private static final BoardFilling.Effort DEEP = new BoardFilling.Effort(24, 400);
    /** So many boards are tried before one is chosen; of more, those that look best. */
    private static final int MOST_TRIED = 6;
    /** The quick answer of few blanks is the best of so many rounds; of twice as many blanks of a quarter. */
    private static final int MOST_QUICK_ROUNDS = 12;

    private static final int QUICK_WORK = 5_000;
    /** A board of the next rank is as much worse as so many of the one before. */
    private static final long RANKS = 1_000;
    private static final double[] REACHES = {0.25, 0.5, 0.75, 1};
    private final BoardProblem problem;
    private final long bound;
    /** By board and kind, whether the one can be cut from the other at all. */
    private final boolean[][] uses;

    private final Groups groups;

    private BoardSolver(BoardProblem problem) {
        this.problem = problem;
        this.bound = bound(problem);
        this.groups = new Groups(problem);
        this.uses = problem.stock().stream()
                .map(board -> {
                    boolean[] of = new boolean[problem.kinds().size()];
                    for (int kind = 0; kind < of.length; kind++) {
                        of[kind] = problem.kinds().get(kind).profiles().stream()
                                .anyMatch(profile -> board.leaves().get(profile).count() > 0);
                    }
                    return of;
                })
                .toArray(boolean[][]::new);
    }

    /** Whether anything that is left can be cut from a board at all. */
    private boolean isOfUse(int stock, int[] left) {
        return IntStream.range(0, left.length).anyMatch(kind -> left[kind] > 0 && uses[stock][kind]);
    }

    /** The answer of simple rules, and for few blanks the best of a few rounds of search; always the same one. */
    static BoardAnswer quick(BoardProblem problem) {
        int[] rounds = {(int) Math.min(MOST_QUICK_ROUNDS, QUICK_WORK / Math.max(1, problem.size() * problem.size()))};
        return new BoardSolver(problem).search(() -> rounds[0]-- <= 0, _ -> {}, QUICK);
    }

    /** The best answer found before the stop. */
    static BoardAnswer solve(BoardProblem problem, BooleanSupplier stop, Consumer<BoardAnswer> better) {
        return new BoardSolver(problem).search(stop, better, DEEP);
    }

    private BoardAnswer search(BooleanSupplier stop, Consumer<BoardAnswer> better, BoardFilling.Effort most) {
        double[] even = new double[problem.kinds().size()];
        Arrays.fill(even, 1);
        BoardAnswer best = checked(construct(List.of(), even, QUICK, Optional.empty()));
        Chance chance = new Chance();
        while (!best.isProven() && !stop.getAsBoolean()) {
            BoardAnswer next = checked(again(best, chance, most));
            if (next.isBetterThan(best)) {
                best = next;
                better.accept(best);
            }
        }
        return best;
    }

    /** An answer that breaks a rule is a fault of the search: nothing is made rather than something wrong. */
    private BoardAnswer checked(BoardAnswer answer) {
        return BoardCheck.isLegal(problem, answer) ? answer : answer(List.of(), wanted());
    }

    /** Takes some boards out and fills again. */
    private BoardAnswer again(BoardAnswer best, Chance chance, BoardFilling.Effort most) {
        double reach = REACHES[chance.below(REACHES.length)];
        List<Sawn> kept = best.sawn().stream()
                .filter(_ -> chance.below(1000) >= reach * 1000)
                .toList();
        double[] weights = IntStream.range(0, problem.kinds().size())
                .mapToDouble(kind -> 0.8 + chance.below(400) * 0.001 + (best.missing().get(kind) > 0 ? 0.5 : 0))
                .toArray();
        if (chance.below(2) == 0) {
            // What is long finds the fewest places.
            double longest = problem.kinds().stream().mapToDouble(k -> k.length().toMm()).max().orElse(1);
            double power = 0.1 * chance.below(10);
            for (int i = 0; i < weights.length; i++) {
                weights[i] *= Math.pow(problem.kinds().get(i).length().toMm() / longest, power);
            }
        }
        return construct(kept, weights, chance.below(3) == 0 ? QUICK : most, Optional.of(chance));
    }

    private int[] wanted() {
        return problem.kinds().stream().mapToInt(BoardProblem.Kind::count).toArray();
    }

    private BoardAnswer construct(
            List<Sawn> kept, double[] weights, BoardFilling.Effort effort, Optional<Chance> chance) {
        int[] left = wanted();
        List<Sawn> sawn = new ArrayList<>(kept);
        boolean[] taken = new boolean[problem.stock().size()];
        for (Sawn board : kept) {
            taken[board.stock()] = true;
            board.lengths().forEach(piece -> piece.strips()
                    .forEach(strip -> strip.blanks().forEach(blank -> left[blank.kind()]--)));
        }
        Map<Integer, EitherEnd> known = new HashMap<>();
        IntFunction<EitherEnd> fillings = stock ->
                known.computeIfAbsent(stock, _ -> new EitherEnd(problem, stock, weights, effort, chance));
        int[] ranks = problem.stock().stream().mapToInt(BoardProblem.Stock::rank).distinct().sorted().toArray();
        for (int rank : ranks) {
            while (true) {
                // Groups come from one board each as long as there is one that gives all of any.
                Optional<Choice> next = groups.isEmpty()
                        ? Optional.empty()
                        : choose(rank, fillings, groups::fill, taken, left, chance);
                next = next.or(() -> choose(rank, fillings, EitherEnd::fill, taken, left, chance));
                if (next.isEmpty()) {
                    break;
                }
                Sawn board = next.get().board();
                taken[board.stock()] = true;
                sawn.add(board);
                System.arraycopy(next.get().left(), 0, left, 0, left.length);
            }
        }
        return answer(sawn, left);
    }

    /** Cuts a board for what is left, of which there is less afterwards. */
    private interface Fill {
        Optional<Sawn> fill(EitherEnd filling, int[] left);
    }

    /** A board that could be cut next, and what is wanted afterwards. */
    private record Choice(Sawn board, int[] left, double score) {
    }

    private Optional<Choice> choose(
            int rank,
            IntFunction<EitherEnd> fillings,
            Fill fill,
            boolean[] taken,
            int[] left,
            Optional<Chance> chance) {
        double[] promise = IntStream.range(0, taken.length)
                .mapToDouble(stock -> promise(stock, chance))
                .toArray();
        int[] candidates = IntStream.range(0, taken.length)
                .filter(stock -> !taken[stock] && problem.stock().get(stock).rank() == rank && isOfUse(stock, left))
                .boxed()
                .sorted(Comparator.comparingDouble(stock -> promise[stock]))
                .limit(chance.isPresent() ? 1 + chance.get().below(MOST_TRIED) : MOST_TRIED)
                .mapToInt(stock -> stock)
                .toArray();
        Choice best = null;
        for (int stock : candidates) {
            int[] now = left.clone();
            Optional<Sawn> board = fill.fill(fillings.apply(stock), now);
            if (board.isPresent()) {
                double score = score(fillings.apply(stock), board.get(), now);
                if (best == null || score > best.score()) {
                    best = new Choice(board.get(), now, score);
                }
            }
        }
        return best == null && candidates.length > 0 && candidates.length < countOf(rank, taken)
                ? firstOfUse(rank, fillings, fill, taken, left)
                : Optional.ofNullable(best);
    }

    private int countOf(int rank, boolean[] taken) {
        return (int) IntStream.range(0, taken.length)
                .filter(stock -> !taken[stock] && problem.stock().get(stock).rank() == rank)
                .count();
    }

    /** The first of all boards that gives anything, when those that promised most give nothing. */
    private Optional<Choice> firstOfUse(
            int rank, IntFunction<EitherEnd> fillings, Fill fill, boolean[] taken, int[] left) {
        for (int stock = 0; stock < taken.length; stock++) {
            if (!taken[stock] && problem.stock().get(stock).rank() == rank && isOfUse(stock, left)) {
                int[] now = left.clone();
                Optional<Sawn> board = fill.fill(fillings.apply(stock), now);
                if (board.isPresent()) {
                    return Optional.of(new Choice(board.get(), now, score(fillings.apply(stock), board.get(), now)));
                }
            }
        }
        return Optional.empty();
    }

    /** What the wood of a board costs for its volume; with chance, sometimes another comes first. */
    private double promise(int stock, Optional<Chance> chance) {
        BoardProblem.Stock board = problem.stock().get(stock);
        double dear = board.worth() / board.volume();
        return chance.map(c -> dear * (0.7 + 0.0006 * c.below(1000))).orElse(dear);
    }

    /** What a choice is worth: what ends the work comes before what leaves a little for another board. */
    private static double score(EitherEnd filling, Sawn board, int[] after) {
        return filling.score(board) * (Arrays.stream(after).allMatch(n -> n == 0) ? 1.05 : 1);
    }

    private BoardAnswer answer(List<Sawn> sawn, int[] left) {
        long cost = 0;
        long late = 0;
        for (Sawn board : sawn) {
            BoardProblem.Stock stock = problem.stock().get(board.stock());
            cost += Rests.cost(problem, stock, board.rests());
            late += stock.rank() == 0 ? 0 : stock.worth() * Math.powExact(RANKS, stock.rank() - 1);
        }
        return new BoardAnswer(
                sawn.stream().sorted(Comparator.comparingInt(Sawn::stock)).toList(),
                Arrays.stream(left).boxed().toList(),
                late,
                groups.split(sawn),
                cost,
                Math.min(bound, cost));
    }

    /**
     * Every blank takes at least what is gone where it lies, with the kerf behind it and the kerf or the jointed edge
     * beside it, of the cheapest wood it can be cut from.
     */
    private static long bound(BoardProblem problem) {
        double least = 0;
        for (BoardProblem.Kind kind : problem.kinds()) {
            double one = Double.MAX_VALUE;
            double length = kind.length().plus(problem.saw().kerf().min(problem.saw().trim())).toMm();
            for (BoardProblem.Stock board : problem.stock()) {
                for (int profile : kind.profiles()) {
                    if (board.leaves().get(profile).count() > 0) {
                        Length beside = problem.saw().kerf().min(board.jointing());
                        one = Math.min(
                                one,
                                board.worth() / board.volume()
                                        * length
                                        * problem.profiles().get(profile).width().plus(beside).toMm()
                                        * gone(problem, board, profile));
                    }
                }
            }
            least += one == Double.MAX_VALUE ? 0 : one * kind.count();
        }
        return (long) Math.floor(least);
    }

    /** What of a board's thickness is gone for a blank at least, in mm: its share when as many leaves as can be are. */
    private static double gone(BoardProblem problem, BoardProblem.Stock board, int profile) {
        BoardProblem.Leaves leaves = board.leaves().get(profile);
        boolean isResawn = !problem.profiles().get(profile).width().isOver(problem.saw().height());
        return IntStream.rangeClosed(1, leaves.count())
                .mapToDouble(count -> {
                    Length behind = Rests.behind(board, leaves, count, problem.saw());
                    boolean isKept = isResawn && !behind.isUnder(problem.saw().keepThick());
                    return board.thickness().minus(isKept ? behind : Length.ZERO).toMm() / count;
                })
                .min()
                .orElseThrow();
    }
}
