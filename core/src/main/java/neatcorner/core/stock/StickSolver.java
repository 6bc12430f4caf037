package neatcorner.core.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * The cheapest sticks for the pieces of a {@link StickProblem}.
 *
 * <ol>
 *   <li>A quick answer: best fit decreasing and filling up stick by stick, the better of several orders
 *       ({@link StickPacking}).</li>
 *   <li>Bounds: what the wood alone costs, and the least cost when patterns may be cut a broken number of times ({@link PatternMaster}),
 *       rounded up to what prices can add up to.</li>
 *   <li>What is paid depends only on how many of each kind of stick are used. The mixes that would be
 *       cheaper than the best answer are listed, the cheapest first; those that hold the pieces not even
 *       in broken numbers are refuted, and raise the bound.</li>
 *   <li>Better answers within a mix: whole multiples of the patterns of that solution are taken, the rest is solved
 *       anew, and so on down; where all are broken, the largest is taken. Where that leads to nothing
 *       better, single patterns are taken instead, first one departure from the usual choice, then two
 *       (limited discrepancy search, Harvey and Ginsberg, 1995).</li>
 * </ol>
 *
 * <p>Same problem, same answers in the same order; only when it is stopped may differ. Everything runs on
 * the calling thread.
 */
public final class StickSolver {
    private static final int MOST_DEPARTURES = 40;
    /** With more priced kinds of sticks, mixes are not listed. */
    private static final int MOST_PRICED = 4;
    private static final int MOST_MIXES = 4_000;
    /** Patterns this near to whole are taken as whole. */
    private static final double NEARLY = 0.92;
    private final StickProblem problem;
    private final BooleanSupplier stop;
    private final Consumer<StickAnswer> better;
    private final List<Pattern> pool = new ArrayList<>();
    private final long step;
    private List<Pattern> best = List.of();
    private long bestCost = Long.MAX_VALUE;
    private long bound;

    private StickSolver(StickProblem problem, BooleanSupplier stop, Consumer<StickAnswer> better) {
        this.problem = problem;
        this.stop = stop;
        this.better = better;
        this.step = Math.max(1, problem.stock().stream().mapToLong(StickProblem.Stock::cost).reduce(0, StickSolver::gcd));
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }

    /**
     * Solves a problem.
     *
     * @param stop   asked often; once it says yes, the best answer so far is returned soon
     * @param better told of every better answer and of every better bound, on the calling thread
     * @return the best answer found; empty when there are not enough sticks, or when it was stopped before
     *         any answer was found
     */
    public static Optional<StickAnswer> solve(StickProblem problem, BooleanSupplier stop, Consumer<StickAnswer> better) {
        return new StickSolver(problem, stop, better).solve();
    }

    private Optional<StickAnswer> solve() {
        int[] left = problem.pieces().stream().mapToInt(StickProblem.Kind::count).toArray();
        int[] sticks = problem.stock().stream().mapToInt(s -> s.count().orElse(-1)).toArray();
        bound = roundedUp(materialCost());
        quick(left, sticks).ifPresent(patterns -> found(patterns, List.of()));
        if (isDone() && !best.isEmpty()) {
            return Optional.of(answer());
        }
        PatternMaster root = new PatternMaster(problem, left, sticks, pool);
        if (root.solve(stop) && root.isProven()) {
            if (root.isShort()) {
                return Optional.empty();
            }
            bound = Math.max(bound, roundedUp(root.cost()));
            tell();
        }
        Optional<List<int[]>> mixes = mixes(sticks);
        for (int departures = 0; departures <= MOST_DEPARTURES && !isDone(); departures++) {
            if (mixes.isPresent()) {
                tryMixes(mixes.get(), left, departures);
            } else {
                dive(left, sticks, 0, new ArrayList<>(), departures);
            }
        }
        return best.isEmpty() ? Optional.empty() : Optional.of(answer());
    }

    /** What the wood alone costs when it is taken from the cheapest for its length first and none is wasted. */
    private double materialCost() {
        double length = 0;
        for (int i = 0; i < problem.pieces().size(); i++) {
            length += (double) problem.need(i) * problem.pieces().get(i).count();
        }
        List<Integer> byPrice = IntStream.range(0, problem.stock().size()).filter(k -> problem.room(k) > 0).boxed()
                .sorted(Comparator.comparingDouble(k -> (double) problem.stock().get(k).cost() / problem.room(k))).toList();
        double cost = 0;
        for (int k : byPrice) {
            double there = problem.stock().get(k).count().map(n -> (double) n * problem.room(k)).orElse(Double.MAX_VALUE);
            double used = Math.min(length, there);
            cost += used * problem.stock().get(k).cost() / problem.room(k);
            length -= used;
        }
        return cost;
    }

    private boolean isDone() {
        return stop.getAsBoolean() || bestCost <= bound;
    }

    /**
     * Costs are sums of prices, so nothing between two multiples of their common divisor can be. The slack
     * is well over what the tolerances of the linear program add up to.
     */
    private long roundedUp(double cost) {
        return (long) Math.ceil(cost / step - 1e-3) * step;
    }

    private void dive(int[] left, int[] sticks, long cost, List<Pattern> taken, int departures) {
        if (Arrays.stream(left).allMatch(n -> n == 0)) {
            found(taken, List.of());
            return;
        }
        PatternMaster master = new PatternMaster(problem, left, sticks, pool);
        if (isDone() || !master.solve(stop) || master.isShort() || cost + roundedUp(master.cost()) >= bestCost) {
            return;
        }
        List<PatternMaster.Used> used = master.used().stream().sorted(Comparator.comparingDouble((PatternMaster.Used u) -> -u.times())
                .thenComparingLong(u -> -filled(u.pattern()))).toList();
        quick(left, sticks).ifPresent(rest -> found(taken, rest));
        int spent = 0;
        Node whole = new Node(left.clone(), sticks.clone(), new ArrayList<>(taken));
        for (PatternMaster.Used u : used) {
            whole.take(u.pattern(), (int) Math.floor(u.times() + 1 - NEARLY));
        }
        if (whole.taken.size() > taken.size()) {
            dive(whole.left, whole.sticks, cost + costOf(whole.taken, taken.size()), whole.taken, departures);
            spent = 1;
        }
        for (PatternMaster.Used u : used) {
            if (spent > departures || isDone()) {
                return;
            }
            Node one = new Node(left.clone(), sticks.clone(), new ArrayList<>(taken));
            one.take(u.pattern(), 1);
            if (one.taken.size() > taken.size()) {
                dive(one.left, one.sticks, cost + costOf(one.taken, taken.size()), one.taken, departures - spent);
                spent++;
            }
        }
    }

    /**
     * What is paid depends only on how many of each priced stick are used: every mix of numbers that costs
     * from the bound up to less than the best answer and holds the wood, the cheapest first. Sticks
     * that cost nothing are there in all of them. Empty where there would be too many mixes.
     */
    private Optional<List<int[]>> mixes(int[] sticks) {
        int[] priced = IntStream.range(0, sticks.length).filter(k -> problem.stock().get(k).cost() > 0).toArray();
        if (priced.length > MOST_PRICED || best.isEmpty()) {
            return Optional.empty();
        }
        double wood = 0;
        for (int i = 0; i < problem.pieces().size(); i++) {
            wood += (double) problem.need(i) * problem.pieces().get(i).count();
        }
        int[] mix = sticks.clone();
        for (int k = 0; k < sticks.length; k++) {
            if (problem.stock().get(k).cost() == 0) {
                if (sticks[k] < 0) {
                    return Optional.empty();
                }
                wood -= (double) sticks[k] * problem.room(k);
            }
        }
        List<int[]> mixes = new ArrayList<>();
        gather(mixes, mix, sticks, priced, 0, 0, wood);
        mixes.sort(Comparator.comparingLong(this::costOf));
        return mixes.size() > MOST_MIXES ? Optional.empty() : Optional.of(mixes);
    }

    private void gather(List<int[]> mixes, int[] mix, int[] sticks, int[] priced, int at, long cost, double wood) {
        if (cost >= bestCost || mixes.size() > MOST_MIXES) {
            return;
        }
        if (at == priced.length) {
            if (cost >= bound && wood <= 0.5) {
                mixes.add(mix.clone());
            }
            return;
        }
        int k = priced[at];
        for (int n = 0; sticks[k] < 0 || n <= sticks[k]; n++) {
            long now = cost + n * problem.stock().get(k).cost();
            if (now >= bestCost) {
                return;
            }
            mix[k] = n;
            gather(mixes, mix, sticks, priced, at + 1, now, wood - n * Math.max(0.0, problem.room(k)));
        }
    }

    private long costOf(int[] mix) {
        long cost = 0;
        for (int k = 0; k < mix.length; k++) {
            cost += Math.max(0, mix[k]) * problem.stock().get(k).cost();
        }
        return cost;
    }

    /** One round over the mixes that may still be possible; the cheapest of them is the bound. */
    private void tryMixes(List<int[]> mixes, int[] left, int departures) {
        for (int m = 0; m < mixes.size() && !isDone(); m++) {
            int[] mix = mixes.get(m);
            if (costOf(mix) >= bestCost) {
                break;
            }
            if (departures == 0) {
                PatternMaster master = new PatternMaster(problem, left, mix, pool);
                if (master.solve(stop) && master.isProven() && master.isShort()) {
                    mixes.remove(m--);
                    bounded(mixes);
                    continue;
                }
            }
            dive(left, mix, 0, new ArrayList<>(), departures);
        }
        if (!stop.getAsBoolean()) {
            bounded(mixes);
        }
    }

    /** The cheapest mix that is not refuted bounds; when none is left, the best answer does. */
    private void bounded(List<int[]> mixes) {
        long now = mixes.isEmpty() ? bestCost : Math.min(bestCost, costOf(mixes.getFirst()));
        if (now > bound) {
            bound = now;
            tell();
        }
    }

    private long costOf(List<Pattern> patterns, int from) {
        return patterns.subList(from, patterns.size()).stream().mapToLong(p -> problem.stock().get(p.stock()).cost()).sum();
    }

    /** What is left to make and to take from, and what was taken. */
    private record Node(int[] left, int[] sticks, List<Pattern> taken) {
        /** Takes a pattern up to so many times, as far as pieces and sticks go. */
        void take(Pattern pattern, int most) {
            int times = pattern.times(left, sticks[pattern.stock()] < 0 ? most : Math.min(most, sticks[pattern.stock()]));
            pattern.take(left, times);
            if (sticks[pattern.stock()] >= 0) {
                sticks[pattern.stock()] -= times;
            }
            for (int i = 0; i < times; i++) {
                taken.add(pattern);
            }
        }
    }

    private long filled(Pattern pattern) {
        long sum = 0;
        for (int i = 0; i < pattern.kinds().length; i++) {
            sum += problem.need(pattern.kinds()[i]) * pattern.counts()[i];
        }
        return sum;
    }

    /** What is left packed at once by simple rules; empty when they do not fit it all in. */
    private Optional<List<Pattern>> quick(int[] left, int[] sticks) {
        int size = Arrays.stream(left).sum();
        long[] lengths = new long[size];
        int[] kinds = new int[size];
        int at = 0;
        for (int i = 0; i < left.length; i++) {
            for (int n = 0; n < left[i]; n++) {
                lengths[at] = problem.pieces().get(i).length().nanometres();
                kinds[at++] = i;
            }
        }
        List<StickPacking.Stick> rack = new ArrayList<>();
        List<StickPacking.Stick> forSale = new ArrayList<>();
        Map<StickPacking.Stick, Integer> stock = new HashMap<>();
        for (int k = 0; k < sticks.length; k++) {
            StickPacking.Stick stick = new StickPacking.Stick(problem.room(k) - problem.gap().nanometres(), k, sticks[k] < 0);
            stock.put(stick, k);
            for (int n = 0; n < Math.min(Math.max(sticks[k], 0), size); n++) {
                rack.add(stick);
            }
            if (sticks[k] < 0) {
                forSale.add(stick);
            }
        }
        return new StickPacking(lengths, problem.gap().nanometres(), rack, forSale).pack().map(filled -> filled.stream().map(f -> {
            int[] counts = new int[left.length];
            f.pieces().forEach(piece -> counts[kinds[piece]]++);
            return Pattern.of(stock.get(f.stick()), counts);
        }).toList());
    }

    /** An answer of two parts; kept when it is cheaper than the best so far. */
    private void found(List<Pattern> taken, List<Pattern> rest) {
        long cost = 0;
        for (List<Pattern> part : List.of(taken, rest)) {
            for (Pattern pattern : part) {
                cost += problem.stock().get(pattern.stock()).cost();
            }
        }
        if (cost < bestCost) {
            bestCost = cost;
            best = new ArrayList<>(taken);
            best.addAll(rest);
            tell();
        }
    }

    private void tell() {
        if (!best.isEmpty()) {
            better.accept(answer());
        }
    }

    private StickAnswer answer() {
        List<StickAnswer.Filled> sticks = best.stream().sorted(Comparator.comparingInt(Pattern::stock)
                .thenComparing(p -> -filled(p)).thenComparing(p -> p.kinds().length == 0 ? 0 : p.kinds()[0])).map(p -> {
                    Integer[] counts = new Integer[problem.pieces().size()];
                    Arrays.fill(counts, 0);
                    for (int i = 0; i < p.kinds().length; i++) {
                        counts[p.kinds()[i]] = p.counts()[i];
                    }
                    return new StickAnswer.Filled(p.stock(), List.of(counts));
                }).toList();
        return new StickAnswer(sticks, bestCost, Math.min(bound, bestCost));
    }
}
