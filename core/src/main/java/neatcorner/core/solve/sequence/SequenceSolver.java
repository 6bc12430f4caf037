package neatcorner.core.solve.sequence;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.stream.IntStream;

/** Straight through, and where that is not proven the best, a search. */
final class SequenceSolver {
    /** So often a cut is looked at in a search, some tenths of a second; then the best that is known is answered. */
    private static final long MOST_LOOKS = 1_500_000;
    /** Where one step of the search takes more looks than this, there is none. */
    private static final long MOST_A_STEP = 200_000;
    private final SequenceProblem problem;

    private final BooleanSupplier stop;

    /**
     * For a problem.
     *
     * @param stop says yes once nobody waits for a better order any more
     */
    SequenceSolver(SequenceProblem problem, BooleanSupplier stop) {
        this.problem = problem;
        this.stop = stop;
    }

    SequenceAnswer solve() {
        Bench straight = straight();
        boolean tooMuch = (long) problem.cuts().size() * problem.stops() > MOST_A_STEP;
        return straight.changes() == problem.bound() || tooMuch
                ? straight.answer(problem.bound())
                : searched(straight);
    }

    /** One setting after another: all it can cut, long before short. */
    private Bench straight() {
        Bench at = Bench.empty(problem);
        while (!at.isFinished()) {
            Bench now = at;
            int setting = free(now)
                    .map(cut -> problem.cuts().get(cut).setting())
                    .distinct()
                    .boxed()
                    .min(Comparator.comparingLong((Integer s) -> waiting(now, s)).thenComparing(s -> -undone(now, s)))
                    .orElseThrow();
            at = emptied(now, setting);
        }
        return at;
    }

    /** All at one setting; what waits for another is made to its mark, where it may be. */
    private Bench emptied(Bench from, int setting) {
        Bench at = from;
        Optional<Bench> next = longest(at, setting);
        while (next.isPresent()) {
            at = next.get();
            next = longest(at, setting).or(marked(at, setting));
        }
        return at;
    }

    private Supplier<Optional<Bench>> marked(Bench at, int setting) {
        return () -> undone(at)
                .filter(cut -> problem.cuts().get(cut).setting() == setting && problem.cuts().get(cut).marked())
                .mapToObj(at::marked)
                .findFirst();
    }

    /** The stop that is set, if it is good for anything; else the longest that cuts without any make room for. */
    private Optional<Bench> longest(Bench at, int setting) {
        Optional<Bench> same = at.set(setting, at.stop());
        if (same.filter(Bench::usedItsStop).isPresent()) {
            return same;
        }
        Bench from = same.orElse(at);
        OptionalInt stop = free(from)
                .mapToObj(cut -> problem.cuts().get(cut))
                .filter(cut -> cut.setting() == setting)
                .mapToInt(cut -> cut.stop().orElseThrow())
                .min();
        return stop.isPresent() ? at.set(setting, stop.getAsInt()) : same;
    }

    private IntStream undone(Bench at) {
        return IntStream.range(0, problem.cuts().size()).filter(cut -> !at.isDone(cut));
    }

    private IntStream free(Bench at) {
        return undone(at).filter(at::isFree);
    }

    private long undone(Bench at, int setting) {
        return undone(at).filter(cut -> problem.cuts().get(cut).setting() == setting).count();
    }

    /** How many of a setting's cuts wait for one of another setting. */
    private long waiting(Bench at, int setting) {
        return undone(at)
                .mapToObj(cut -> problem.cuts().get(cut))
                .filter(cut -> cut.setting() == setting)
                .filter(cut -> cut.after().stream()
                        .anyMatch(before -> !at.isDone(before)
                                && problem.cuts().get(before).setting() != setting))
                .count();
    }

    private static long total(Bench at) {
        return 1_000L * (at.changes() + at.atLeast()) + Math.min(999, at.longerAfterShorter());
    }

    private static long cost(Bench at) {
        return 1_000L * at.changes() + Math.min(999, at.longerAfterShorter());
    }

    private SequenceAnswer searched(Bench straight) {
        Map<Bench, Long> best = new HashMap<>();
        PriorityQueue<Bench> open = new PriorityQueue<>(Comparator.comparingLong(SequenceSolver::total)
                .thenComparing(Comparator.comparingInt(Bench::changes).reversed()));
        open.add(Bench.empty(problem));
        int bound = problem.bound();
        long looks = 0;
        while (looks < MOST_LOOKS && !open.isEmpty() && !stop.getAsBoolean()) {
            Bench at = open.remove();
            bound = Math.max(bound, (int) (total(at) / 1_000));
            if (at.isFinished()) {
                return at.answer(at.changes());
            }
            if (total(at) >= cost(straight)) {
                return straight.answer(straight.changes());
            }
            Set<Bench> all = next(at);
            looks += (long) problem.cuts().size() * (1 + all.size());
            for (Bench next : all) {
                if (cost(next) < best.getOrDefault(next, Long.MAX_VALUE)) {
                    best.put(next, cost(next));
                    open.add(next);
                }
            }
        }
        return straight.answer(bound);
    }

    private Set<Bench> next(Bench at) {
        Set<Bench> next = new HashSet<>();
        free(at).forEach(cut -> {
            SequenceProblem.Cut one = problem.cuts().get(cut);
            at.set(one.setting(), one.stop().orElse(at.stop())).ifPresent(next::add);
        });
        // One that could have its stop, too: the stop that is set may be wanted again.
        undone(at).filter(cut -> problem.cuts().get(cut).marked())
                .forEach(cut -> next.add(at.marked(cut)));
        return next;
    }
}
