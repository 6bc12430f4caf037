package neatcorner.core.solve.stick;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import neatcorner.core.cut.Piece;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.solve.Divisor;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest sticks for the pieces of a {@link StickProblem}.
 *
 * <ol>
 *   <li>A quick answer: best fit decreasing and filling up stick by stick, the better of several orders
 *       ({@link StickPacking}).</li>
 *   <li>Bounds: what the wood alone costs, and the least cost when patterns may be cut a broken number of times
 *     ({@link PatternMaster}), rounded up to what prices can add up to.</li>
 *   <li>Where that linear program takes long, sticks are shaken in between: a few are unloaded and filled anew, so that
 *       what is left over gathers on one stick ({@link Shaking}).</li>
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
    /** Steps of the first linear program between two rounds of shaking, and tries of a round. */
    private static final int STEPS = 1_000;
    private static final int TRIES = 1_500;
    /** With more pieces the first fit is not tried: every stick it looks at is laid anew. */
    private static final int MOST_FIRST_FIT = 150;
    /** Rounds of shaking that may gain nothing, when all else is done and there is time left. */
    private static final int MOST_IDLE = 400;
    private final StickProblem problem;
    private final StickModel model;
    private final StickModel careful;
    private final Laying laying;
    private final BooleanSupplier stop;
    private final Consumer<StickAnswer> better;
    private final List<Pattern> pool = new ArrayList<>();
    private final long step;
    private final long committed;
    private final int count;
    private @Nullable Shaking shaking;
    private List<Pattern> best = List.of();
    private long bestCost = Long.MAX_VALUE;
    private long bound;

    private StickSolver(StickProblem problem, BooleanSupplier stop, Consumer<StickAnswer> better) {
        this.problem = problem;
        this.model = problem.hopeful();
        this.careful = problem.careful();
        this.laying = new Laying(problem, model);
        this.stop = stop;
        this.better = better;
        this.step = Math.max(1, model.places().stream().mapToLong(StickModel.Place::cost).reduce(0, Divisor::common));
        this.count = problem.pieces().stream().mapToInt(StickProblem.Kind::count).sum();
        this.committed = IntStream.range(0, problem.stock().size())
                .filter(problem::isLockedTo)
                .mapToLong(k -> problem.stock().get(k).cost())
                .sum();
    }

    /**
     * Solves a problem.
     *
     * @param stop   asked often; once it says yes, the best answer so far is returned soon
     * @param better told of every better answer and of every better bound, on the calling thread
     * @return the best answer found; empty when there are not enough sticks, or when it was stopped before
     *         any answer was found
     * @throws Refusal naming the stick that does not hold what is locked to it
     */
    public static Optional<StickAnswer> solve(
            StickProblem problem, BooleanSupplier stop, Consumer<StickAnswer> better) {
        return new StickSolver(problem, stop, better).solve();
    }

    /**
     * The answer of simple rules, never dearer than best fit decreasing, with the bound the wood alone gives; within
     * milliseconds.
     */
    public static Optional<StickAnswer> quick(StickProblem problem) {
        StickSolver solver = new StickSolver(problem, () -> true, _ -> { });
        solver.start(problem.wanted());
        return solver.best.isEmpty() && solver.bestCost == Long.MAX_VALUE
                ? Optional.empty()
                : Optional.of(solver.answer());
    }

    private void start(int[] left) {
        checkLocks();
        bound = roundedUp(materialCost(left));
        quick(careful, left, careful.limits(), Optional.empty()).ifPresent(patterns -> found(patterns, List.of()));
        if (!laying.isSure()) {
            quick(model, left, model.limits(), Optional.empty()).ifPresent(patterns -> found(patterns, List.of()));
            firstFit(left, model.limits()).ifPresent(patterns -> found(patterns, List.of()));
        }
    }

    /**
     * Piece by piece, the longest first, onto the first stick that takes it in some order; empty when there are too
     * many pieces or too few sticks.
     */
    private Optional<List<Pattern>> firstFit(int[] left, int[] limits) {
        if (count > MOST_FIRST_FIT) {
            return Optional.empty();
        }
        List<int[]> filled = new ArrayList<>();
        List<Integer> places = new ArrayList<>();
        List<Integer> byCost = IntStream.range(0, limits.length)
                .boxed()
                .sorted(Comparator.comparingDouble(k -> (double) model.cost(k) / Math.max(1, model.room(k))))
                .toList();
        for (int kind : IntStream.range(0, left.length)
                .boxed()
                .sorted(Comparator.comparingLong(i -> -model.needs()[i]))
                .toList()) {
            for (int n = 0; n < left[kind]; n++) {
                if (!isAdded(kind, filled, places) && !isOpened(kind, byCost, limits, filled, places)) {
                    return Optional.empty();
                }
            }
        }
        return Optional.of(IntStream.range(0, filled.size())
                .mapToObj(i -> Pattern.of(places.get(i), filled.get(i)))
                .toList());
    }

    private boolean isAdded(int kind, List<int[]> filled, List<Integer> places) {
        for (int i = 0; i < filled.size(); i++) {
            filled.get(i)[kind]++;
            if (laying.fits(Pattern.of(places.get(i), filled.get(i)))) {
                return true;
            }
            filled.get(i)[kind]--;
        }
        return false;
    }

    private boolean isOpened(int kind, List<Integer> byCost, int[] limits, List<int[]> filled, List<Integer> places) {
        for (int place : byCost) {
            int[] alone = new int[model.needs().length];
            alone[kind] = 1;
            if (limits[place] != 0 && laying.fits(Pattern.of(place, alone))) {
                limits[place]--;
                filled.add(alone);
                places.add(place);
                return true;
            }
        }
        return false;
    }

    private void checkLocks() {
        for (int k = 0; k < problem.stock().size(); k++) {
            if (!laying.holdsLocked(k)) {
                throw Refusal.of(
                        "stick_solver.pieces_locked_stick_do",
                        problem.stock().get(k).name(),
                        problem.stock().get(k).length());
            }
        }
    }

    private Optional<StickAnswer> solve() {
        int[] left = problem.wanted();
        int[] sticks = model.limits();
        start(left);
        laying.giveUpWhen(stop);
        search(left, sticks);
        if (bestCost == Long.MAX_VALUE) {
            return Optional.empty();
        }
        StickAnswer before = answer();
        List<Pattern> tidied = new Tidying(problem, model, laying, best).tidied(stop);
        StickAnswer tidy = answer(tidied, costOf(tidied, 0));
        if (!StickCheck.isLegal(problem, tidy)) {
            return Optional.of(before);
        }
        if (!tidy.equals(before)) {
            better.accept(tidy);
        }
        return Optional.of(tidy);
    }

    private void search(int[] left, int[] sticks) {
        if (isDone() && !best.isEmpty() || Arrays.stream(left).allMatch(n -> n == 0)) {
            return;
        }
        // Where an order is needed, what room alone proves comes first: it is sooner there, and there where orders are
        // too many.
        for (PatternMaster root : laying.isSure()
                ? List.of(master(left, sticks))
                : List.of(
                        new PatternMaster(model, left, sticks, new ArrayList<>(), (_, _) -> true),
                        master(left, sticks))) {
            if (solvedBetweenShakes(root) && root.isProven()) {
                if (root.isShort()) {
                    return;
                }
                bound = Math.max(bound, roundedUp(root.cost()));
                tell();
            }
        }
        quick(careful, left, sticks, Optional.of(stop)).ifPresent(patterns -> found(patterns, List.of()));
        Optional<List<int[]>> mixes = mixes(sticks);
        for (int departures = 0; departures <= MOST_DEPARTURES && !isDone(); departures++) {
            if (mixes.isPresent()) {
                tryMixes(mixes.get(), left, departures);
            } else {
                dive(left, sticks, 0, new ArrayList<>(), departures);
            }
        }
        for (int idle = 0; idle < MOST_IDLE && !isDone() && best.size() > 1; idle++) {
            long before = bestCost;
            shaken();
            idle = bestCost < before ? 0 : idle;
        }
    }

    /** Solves a linear program; where it takes long, sticks are shaken in between. */
    private boolean solvedBetweenShakes(PatternMaster root) {
        while (!isDone()) {
            int[] asked = {0};
            if (root.solve(() -> ++asked[0] > STEPS || stop.getAsBoolean())) {
                return true;
            }
            shaken();
        }
        return false;
    }

    private void shaken() {
        if (best.isEmpty()) {
            return;
        }
        if (shaking == null || shaking.patterns().size() > best.size()) {
            shaking = new Shaking(model, laying, best);
        }
        if (shaking.shake(TRIES, stop)) {
            found(shaking.patterns(), List.of());
        }
    }

    private PatternMaster master(int[] left, int[] sticks) {
        return new PatternMaster(model, left, sticks, pool, laying::mayFit);
    }

    /** What the wood alone costs when it is taken from the cheapest for its length first and none is wasted. */
    private double materialCost(int[] left) {
        double length = woodIn(left);
        List<StickModel.Place> byPrice = model.places().stream().filter(p -> p.room() > 0)
                .sorted(Comparator.comparingDouble(p -> (double) p.cost() / p.room())).toList();
        double cost = 0;
        for (StickModel.Place place : byPrice) {
            double there = place.limit() < 0 ? Double.MAX_VALUE : (double) place.limit() * place.room();
            double used = Math.min(length, there);
            cost += used * place.cost() / place.room();
            length -= used;
        }
        return cost;
    }

    private double woodIn(int[] left) {
        double length = 0;
        for (int i = 0; i < left.length; i++) {
            length += (double) model.needs()[i] * left[i];
        }
        return length;
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
        PatternMaster master = master(left, sticks);
        if (isDone() || !master.solve(stop) || master.isShort() || cost + roundedUp(master.cost()) >= bestCost) {
            return;
        }
        List<PatternMaster.Used> used = master.used().stream()
                .sorted(Comparator.comparingDouble((PatternMaster.Used u) -> -u.times())
                        .thenComparingLong(u -> -model.filled(u.pattern())))
                .toList();
        quick(careful, left, sticks, Optional.of(stop)).ifPresent(rest -> found(taken, rest));
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
        int[] priced = IntStream.range(0, sticks.length).filter(k -> model.cost(k) > 0).toArray();
        if (priced.length > MOST_PRICED || best.isEmpty()) {
            return Optional.empty();
        }
        double wood = woodIn(problem.wanted());
        int[] mix = sticks.clone();
        for (int k = 0; k < sticks.length; k++) {
            if (model.cost(k) == 0) {
                if (sticks[k] < 0) {
                    return Optional.empty();
                }
                wood -= (double) sticks[k] * model.room(k);
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
        // No plan uses more sticks of a kind than there are pieces.
        for (int n = 0; (sticks[k] < 0 || n <= sticks[k]) && n <= count && !stop.getAsBoolean(); n++) {
            long now = cost + n * model.cost(k);
            if (now >= bestCost) {
                return;
            }
            mix[k] = n;
            gather(mixes, mix, sticks, priced, at + 1, now, wood - n * Math.max(0.0, model.room(k)));
        }
    }

    private long costOf(int[] mix) {
        long cost = 0;
        for (int k = 0; k < mix.length; k++) {
            cost += Math.max(0, mix[k]) * model.cost(k);
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
                PatternMaster master = master(left, mix);
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
        return patterns.subList(from, patterns.size()).stream().mapToLong(p -> model.cost(p.stock())).sum();
    }

    /** What is left to make and to take from, and what was taken. */
    private record Node(int[] left, int[] sticks, List<Pattern> taken) {
        /** Takes a pattern up to so many times, as far as pieces and sticks go. */
        void take(Pattern pattern, int most) {
            int times =
                    pattern.times(left, sticks[pattern.stock()] < 0 ? most : Math.min(most, sticks[pattern.stock()]));
            pattern.take(left, times);
            if (sticks[pattern.stock()] >= 0) {
                sticks[pattern.stock()] -= times;
            }
            for (int i = 0; i < times; i++) {
                taken.add(pattern);
            }
        }
    }

    /** What is left packed at once by simple rules; empty when they do not fit it all in. */
    private static Optional<List<Pattern>> quick(
            StickModel model, int[] left, int[] limits, Optional<BooleanSupplier> thorough) {
        int size = Arrays.stream(left).sum();
        long[] lengths = new long[size];
        int[] kinds = new int[size];
        int at = 0;
        for (int i = 0; i < left.length; i++) {
            for (int n = 0; n < left[i]; n++) {
                lengths[at] = model.needs()[i];
                kinds[at++] = i;
            }
        }
        List<StickPacking.Stick> rack = new ArrayList<>();
        List<StickPacking.Stick> forSale = new ArrayList<>();
        for (int k = 0; k < limits.length; k++) {
            StickPacking.Stick stick = new StickPacking.Stick(k, model.room(k), model.cost(k));
            for (int n = 0; n < Math.min(Math.max(limits[k], 0), size); n++) {
                rack.add(stick);
            }
            if (limits[k] < 0) {
                forSale.add(stick);
            }
        }
        StickPacking packing = thorough.map(
                        stop -> new StickPacking(lengths, rack, forSale, StickPacking.THOROUGH, stop))
                .orElseGet(() -> new StickPacking(lengths, rack, forSale));
        return packing.pack().map(filled -> filled.stream().map(f -> {
            int[] counts = new int[left.length];
            f.pieces().forEach(piece -> counts[kinds[piece]]++);
            return Pattern.of(f.stick().place(), counts);
        }).toList());
    }

    /** An answer of two parts; kept when it is cheaper than the best so far and its pieces find an order that fits. */
    private void found(List<Pattern> taken, List<Pattern> rest) {
        long cost = 0;
        for (List<Pattern> part : List.of(taken, rest)) {
            for (Pattern pattern : part) {
                cost += model.cost(pattern.stock());
            }
        }
        if (cost >= bestCost || !taken.stream().allMatch(laying::fits) || !rest.stream().allMatch(laying::fits)) {
            return;
        }
        List<Pattern> all = new ArrayList<>(taken);
        all.addAll(rest);
        if (!StickCheck.isLegal(problem, answer(all, cost))) {
            return;
        }
        bestCost = cost;
        best = all;
        tell();
    }

    private void tell() {
        if (bestCost < Long.MAX_VALUE) {
            better.accept(answer());
        }
    }

    private StickAnswer answer() {
        return answer(best, bestCost);
    }

    private StickAnswer answer(List<Pattern> patterns, long cost) {
        return new StickAnswer(laying.sticks(patterns), cost + committed, Math.min(bound, cost) + committed);
    }
}
