package neatcorner.core.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.stock.StickAnswer.Placed;
import neatcorner.core.stock.StickProblem.Lie;

/**
 * Lays pieces along the clean runs of one stick, each neighbour as near as its cuts allow. Where cuts may
 * be shared the order matters: from every start, the piece and lie that come nearest follow; the
 * shortest such chain is kept. Where lengths only add up, the order is by length, so that the stop is moved least.
 */
final class Layout {
    private final StickProblem problem;
    private final boolean additive;

    Layout(StickProblem problem) {
        this.problem = problem;
        this.additive = problem.isAdditive();
    }

    /** How many of each kind on one run of a stick; empty when no order was found that fits. */
    Optional<List<Placed>> onRun(int stock, int run, int[] counts) {
        Span span = problem.stock().get(stock).runs(problem.trim()).get(run);
        return chain(counts, span);
    }

    /** How many of each kind on all runs of a stick: the longest first, each where it still fits and leaves the least. */
    Optional<List<Placed>> onStick(int stock, int[] counts) {
        List<Span> runs = problem.stock().get(stock).runs(problem.trim());
        if (runs.size() == 1) {
            return chain(counts, runs.getFirst());
        }
        int[][] on = new int[runs.size()][counts.length];
        for (int kind : longestFirst(counts)) {
            for (int n = 0; n < counts[kind]; n++) {
                int best = -1;
                long least = Long.MAX_VALUE;
                for (int r = 0; r < on.length; r++) {
                    on[r][kind]++;
                    Optional<List<Placed>> tried = chain(on[r], runs.get(r));
                    on[r][kind]--;
                    long room = tried.isEmpty() ? Long.MAX_VALUE : runs.get(r).to().minus(end(tried.get())).nanometres();
                    if (room < least) {
                        least = room;
                        best = r;
                    }
                }
                if (best < 0) {
                    return Optional.empty();
                }
                on[best][kind]++;
            }
        }
        List<Placed> all = new ArrayList<>();
        for (int r = 0; r < on.length; r++) {
            all.addAll(chain(on[r], runs.get(r)).orElseThrow());
        }
        return Optional.of(all);
    }

    private Length end(List<Placed> placed) {
        return placed.isEmpty() ? Length.ZERO : placed.getLast().start().plus(problem.pieces().get(placed.getLast().kind()).length());
    }

    private List<Integer> longestFirst(int[] counts) {
        List<Integer> kinds = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            if (counts[i] > 0) {
                kinds.add(i);
            }
        }
        kinds.sort(Comparator.comparing((Integer i) -> problem.pieces().get(i).length()).reversed().thenComparing(i -> i));
        return kinds;
    }

    private Optional<List<Placed>> chain(int[] counts, Span run) {
        List<Integer> kinds = longestFirst(counts);
        if (kinds.isEmpty()) {
            return Optional.of(List.of());
        }
        List<Placed> best = List.of();
        Length shortest = Length.mm(1e9);
        List<Integer> starts = additive ? kinds.subList(0, 1) : kinds;
        for (int start : starts) {
            for (Lie lie : additive ? List.of(Lie.AS_IS) : problem.pieces().get(start).lies()) {
                List<Placed> tried = from(start, lie, counts, kinds, run.from());
                if (end(tried).isUnder(shortest)) {
                    shortest = end(tried);
                    best = tried;
                }
            }
        }
        return shortest.isOver(run.to()) ? Optional.empty() : Optional.of(best);
    }

    private List<Placed> from(int start, Lie lie, int[] counts, List<Integer> kinds, Length at) {
        int[] left = counts.clone();
        List<Placed> chain = new ArrayList<>();
        chain.add(new Placed(start, at, lie));
        left[start]--;
        for (int n = Arrays.stream(left).sum(); n > 0; n--) {
            Placed last = chain.getLast();
            StickProblem.Kind before = problem.pieces().get(last.kind());
            StickProblem.End end = before.end(last.lie(), true);
            int nearest = -1;
            Lie how = Lie.AS_IS;
            long least = Long.MAX_VALUE;
            for (int kind : kinds) {
                if (left[kind] == 0) {
                    continue;
                }
                for (Lie tried : problem.pieces().get(kind).lies()) {
                    long between = problem.between(end, problem.pieces().get(kind).end(tried, false));
                    if (between < least) {
                        least = between;
                        nearest = kind;
                        how = tried;
                    }
                }
                if (additive) {
                    break;
                }
            }
            chain.add(new Placed(nearest, last.start().plus(before.length()).plus(new Length(least)), how));
            left[nearest]--;
        }
        return chain;
    }
}
