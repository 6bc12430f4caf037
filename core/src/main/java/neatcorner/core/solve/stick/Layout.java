package neatcorner.core.solve.stick;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.solve.stick.StickAnswer.Placed;
import neatcorner.core.solve.stick.StickProblem.Kind;
import neatcorner.core.solve.stick.StickProblem.Lie;

/**
 * Lays pieces along the clean runs of one stick, each neighbour as near as its cuts allow. Where cuts may be
 * shared the order matters. How much neighbours share depends on their ends alone, so pieces with the same ends are
 * one sort, and the shortest order is found exactly by dynamic programming over how many of each sort are still to
 * be laid and the end that was laid last. Where lengths only add up, the order is by length, so that the stop is
 * moved least.
 */
final class Layout {
    /** With more states the order is not looked for exactly: the nearest neighbour is taken every time. */
    private static final int MOST_STATES = 50_000;
    /** Ways to share pieces out among the runs of a stick that are tried. */
    private static final int MOST_WAYS = 3_000;
    private final StickProblem problem;
    private final boolean additive;
    private final boolean narrowed;
    private final Length[] lengths;
    private final List<List<Span>> fillable;
    private final List<StickProblem.End> ends = new ArrayList<>();
    private final Map<Integer, Sort> sortOfKind = new HashMap<>();
    private long[][] between = {};

    Layout(StickProblem problem) {
        this.problem = problem;
        this.additive = problem.isAdditive();
        this.narrowed = problem.isNarrowed();
        this.lengths = problem.pieces().stream().map(Kind::length).toArray(Length[]::new);
        this.fillable = problem.stock().stream().map(problem::fillable).toList();
        if (!additive) {
            Map<List<Object>, Sort> sorts = new LinkedHashMap<>();
            for (int i = 0; i < problem.pieces().size(); i++) {
                Kind kind = problem.pieces().get(i);
                sortOfKind.put(
                        i,
                        sorts.computeIfAbsent(
                                List.of(kind.end(Lie.AS_IS, false), kind.end(Lie.AS_IS, true), kind.flips()),
                                _ -> sort(kind)));
            }
            between = new long[ends.size()][ends.size()];
            for (int i = 0; i < between.length; i++) {
                for (int j = 0; j < between.length; j++) {
                    between[i][j] = problem.between(ends.get(i), ends.get(j));
                }
            }
        }
    }

    /**
     * What was found out about pieces on a stick.
     *
     * @param placed in an order that fits; empty when none was found
     * @param sure   whether there is none when none was found
     */
    record Found(Optional<List<Placed>> placed, boolean sure) {
        /** Whether it is not proven that nothing fits. */
        boolean mayFit() {
            return placed.isPresent() || !sure;
        }
    }

    /** Pieces with the same ends: the ways they may lie, and which ends those bring to the left and to the right. */
    private record Sort(List<Lie> lies, int[] left, int[] right) {
    }

    private Sort sort(Kind kind) {
        List<Lie> lies = new ArrayList<>();
        List<List<Integer>> known = new ArrayList<>();
        for (Lie lie : kind.lies()) {
            List<Integer> both = List.of(number(kind.end(lie, false)), number(kind.end(lie, true)));
            if (!known.contains(both)) {
                known.add(both);
                lies.add(lie);
            }
        }
        return new Sort(
                lies,
                known.stream().mapToInt(List::getFirst).toArray(),
                known.stream().mapToInt(List::getLast).toArray());
    }

    private int number(StickProblem.End end) {
        if (!ends.contains(end)) {
            ends.add(end);
        }
        return ends.indexOf(end);
    }

    /** How many of each kind on one run of a stick. */
    Found onRun(int stock, int run, int[] counts) {
        return chain(counts, fillable.get(stock).get(run));
    }

    /** How many of each kind on all runs of a stick. */
    Found onStick(int stock, int[] counts) {
        List<Span> runs = fillable.get(stock);
        return runs.size() == 1 ? chain(counts, runs.getFirst()) : new Sharing(runs, counts).found();
    }

    /**
     * Pieces shared out among several runs, the longest first, each where it leaves the least; then every other way.
     */
    private final class Sharing {
        private final List<Span> runs;
        private final List<Integer> kinds = new ArrayList<>();
        private final int[][] on;
        private final Map<List<Integer>, Found> known = new HashMap<>();
        private final Set<String> tried = new HashSet<>();
        private int ways;
        private boolean sure = true;

        Sharing(List<Span> runs, int[] counts) {
            this.runs = runs;
            this.on = new int[runs.size()][counts.length];
            for (int kind : longestFirst(counts)) {
                for (int n = 0; n < counts[kind]; n++) {
                    kinds.add(kind);
                }
            }
        }

        Found found() {
            return share(0)
                    ? new Found(Optional.of(all()), true)
                    : new Found(Optional.empty(), sure && ways <= MOST_WAYS);
        }

        private boolean share(int at) {
            if (at == kinds.size()) {
                return true;
            }
            if (!tried.add(at + Arrays.deepToString(on)) || ++ways > MOST_WAYS) {
                return false;
            }
            int kind = kinds.get(at);
            Map<Integer, Length> rooms = new LinkedHashMap<>();
            for (int r = 0; r < on.length; r++) {
                on[r][kind]++;
                Found run = onRun(r);
                on[r][kind]--;
                sure &= run.sure;
                if (run.placed.isPresent()) {
                    rooms.put(r, runs.get(r).to().minus(end(run.placed.get())));
                }
            }
            for (int r : rooms.keySet().stream().sorted(Comparator.comparing(rooms::get)).toList()) {
                on[r][kind]++;
                if (share(at + 1)) {
                    return true;
                }
                on[r][kind]--;
            }
            return false;
        }

        private Found onRun(int r) {
            List<Integer> key = new ArrayList<>(List.of(r));
            Arrays.stream(on[r]).forEach(key::add);
            return known.computeIfAbsent(key, _ -> chain(on[r], runs.get(r)));
        }

        private List<Placed> all() {
            List<Placed> all = new ArrayList<>();
            for (int r = 0; r < on.length; r++) {
                all.addAll(onRun(r).placed.orElseThrow());
            }
            return all;
        }
    }

    private Length end(List<Placed> placed) {
        return placed.isEmpty() ? Length.ZERO : placed.getLast().start().plus(lengths[placed.getLast().kind()]);
    }

    private List<Integer> longestFirst(int[] counts) {
        List<Integer> kinds = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > 0) {
                kinds.add(i);
            }
        }
        kinds.sort(Comparator.comparing((Integer i) -> lengths[i]).reversed().thenComparing(i -> i));
        return kinds;
    }

    private Found chain(int[] counts, Span run) {
        List<Integer> kinds = longestFirst(counts);
        if (kinds.isEmpty()) {
            return new Found(Optional.of(List.of()), true);
        }
        Row row = new Row(counts, kinds, run.from());
        List<Placed> placed = row.shortest();
        return new Found(
                end(placed).isOver(run.to()) ? Optional.empty() : Optional.of(placed), !narrowed && row.isExact());
    }

    /** Pieces one after the other from where a run begins. */
    private final class Row {
        private final int[] left;
        private final List<Integer> kinds;
        private final Length from;
        private final List<Sort> sorts = new ArrayList<>();
        private final List<Deque<Integer>> ofSort = new ArrayList<>();
        private final int[] weights;
        private final long states;
        private final List<Placed> placed = new ArrayList<>();

        Row(int[] counts, List<Integer> kinds, Length from) {
            this.left = counts.clone();
            this.kinds = kinds;
            this.from = from;
            for (int kind : additive ? List.<Integer>of() : kinds) {
                Sort sort = sortOfKind.get(kind);
                if (!sorts.contains(sort)) {
                    sorts.add(sort);
                    ofSort.add(new ArrayDeque<>());
                }
                for (int n = 0; n < counts[kind]; n++) {
                    ofSort.get(sorts.indexOf(sort)).addLast(kind);
                }
            }
            this.weights = new int[sorts.size()];
            long product = Math.max(1, ends.size());
            for (int s = 0; s < weights.length && product <= MOST_STATES; s++) {
                weights[s] = (int) (product / ends.size());
                product *= ofSort.get(s).size() + 1L;
            }
            this.states = product;
        }

        boolean isExact() {
            return states <= MOST_STATES;
        }

        List<Placed> shortest() {
            if (additive || !isExact()) {
                nearest();
            } else {
                exact();
            }
            return placed;
        }

        private void add(int kind, Lie lie) {
            Kind piece = problem.pieces().get(kind);
            Length at = from;
            if (!placed.isEmpty()) {
                Kind before = problem.pieces().get(placed.getLast().kind());
                at = end(placed)
                        .plus(new Length(
                                problem.between(before.end(placed.getLast().lie(), true), piece.end(lie, false))));
            }
            placed.add(new Placed(kind, at, lie));
            left[kind]--;
        }

        /**
         * Of every state, a number for what is still to be laid and the end laid last, the least that all gaps to come
         * add up to.
         */
        private void exact() {
            int all = (int) (states / ends.size());
            long[][] least = new long[all][ends.size()];
            int[][] choice = new int[all][ends.size()];
            for (int state = 1; state < all; state++) {
                Arrays.fill(least[state], Long.MAX_VALUE);
                for (int s = 0; s < sorts.size(); s++) {
                    if (state / weights[s] % (ofSort.get(s).size() + 1) == 0) {
                        continue;
                    }
                    Sort sort = sorts.get(s);
                    for (int lie = 0; lie < sort.left.length; lie++) {
                        long after = least[state - weights[s]][sort.right[lie]];
                        for (int end = 0; end < ends.size(); end++) {
                            if (between[end][sort.left[lie]] + after < least[state][end]) {
                                least[state][end] = between[end][sort.left[lie]] + after;
                                choice[state][end] = s * Lie.values().length + lie;
                            }
                        }
                    }
                }
            }
            int first = 0;
            long shortest = Long.MAX_VALUE;
            for (int s = 0; s < sorts.size(); s++) {
                for (int lie = 0; lie < sorts.get(s).left.length; lie++) {
                    long gaps = least[all - 1 - weights[s]][sorts.get(s).right[lie]];
                    if (gaps < shortest) {
                        shortest = gaps;
                        first = s * Lie.values().length + lie;
                    }
                }
            }
            int next = first;
            for (int state = all - 1; state > 0;) {
                int s = next / Lie.values().length;
                int lie = next % Lie.values().length;
                add(ofSort.get(s).removeFirst(), sorts.get(s).lies.get(lie));
                state -= weights[s];
                next = choice[state][sorts.get(s).right[lie]];
            }
        }

        /** The longest first, then whichever comes nearest; where lengths only add up, just the lie that does. */
        private void nearest() {
            add(kinds.getFirst(), Lie.AS_IS);
            for (int n = Arrays.stream(left).sum(); n > 0; n--) {
                StickProblem.End end = problem.pieces().get(placed.getLast().kind()).end(placed.getLast().lie(), true);
                int nearest = -1;
                Lie how = Lie.AS_IS;
                long least = Long.MAX_VALUE;
                for (int kind : additive ? List.of(longestLeft()) : kinds) {
                    for (Lie lie : left[kind] == 0 ? List.<Lie>of() : problem.pieces().get(kind).lies()) {
                        long gap = problem.between(end, problem.pieces().get(kind).end(lie, false));
                        if (gap < least) {
                            least = gap;
                            nearest = kind;
                            how = lie;
                        }
                    }
                }
                add(nearest, how);
            }
        }

        private int longestLeft() {
            return kinds.stream().filter(kind -> left[kind] > 0).findFirst().orElseThrow();
        }
    }
}
