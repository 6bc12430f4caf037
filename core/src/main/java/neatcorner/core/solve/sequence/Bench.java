package neatcorner.core.solve.sequence;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A saw with what was cut so far, and how one came here. Equal where the same is left to do from the same stand. */
final class Bench {
    /** No setting yet, no stop yet. */
    static final int NONE = -1;
    private final SequenceProblem problem;
    private final BitSet done;
    private final int setting;
    private final int stop;
    private final @Nullable Bench before;
    private final List<SequenceAnswer.Step> steps;
    private final int settings;
    private final int stops;
    private final int marks;
    private final int longerAfterShorter;

    private Bench(SequenceProblem problem, BitSet done, int setting, int stop, @Nullable Bench before,
                  List<SequenceAnswer.Step> steps, int settings, int stops, int marks, int longerAfterShorter) {
        this.problem = problem;
        this.done = done;
        this.setting = setting;
        this.stop = stop;
        this.before = before;
        this.steps = steps;
        this.settings = settings;
        this.stops = stops;
        this.marks = marks;
        this.longerAfterShorter = longerAfterShorter;
    }

    /** Before the first cut. */
    static Bench empty(SequenceProblem problem) {
        return new Bench(problem, new BitSet(), NONE, NONE, null, List.of(), 0, 0, 0, 0);
    }

    /** Set so, with all cut that can be; empty where that is nothing. */
    Optional<Bench> set(int toSetting, int toStop) {
        return set(toSetting, toStop, NONE);
    }

    /** Set so, with this cut made to a mark and then all that can be. */
    Bench marked(int cut) {
        return set(problem.cuts().get(cut).setting(), stop, cut).orElseThrow();
    }

    private Optional<Bench> set(int toSetting, int toStop, int byMark) {
        BitSet now = (BitSet) done.clone();
        List<SequenceAnswer.Step> made = new ArrayList<>();
        if (byMark != NONE) {
            now.set(byMark);
            made.add(new SequenceAnswer.Step(byMark, true));
        }
        boolean more = true;
        while (more) {
            more = false;
            for (int i = now.nextClearBit(0); i < problem.cuts().size(); i = now.nextClearBit(i + 1)) {
                SequenceProblem.Cut cut = problem.cuts().get(i);
                boolean fits = cut.setting() == toSetting && (cut.stop().isEmpty() || cut.stop().getAsInt() == toStop);
                if (fits && isFree(cut, now)) {
                    now.set(i);
                    made.add(new SequenceAnswer.Step(i, false));
                    more = true;
                }
            }
        }
        boolean sets = toSetting != setting;
        boolean stopsAnew = toStop != stop;
        boolean longer = !sets && stopsAnew && stop != NONE && toStop < stop;
        return made.isEmpty() ? Optional.empty() : Optional.of(new Bench(
                problem, now, toSetting, toStop, this, made, settings + (sets ? 1 : 0), stops + (stopsAnew ? 1 : 0),
                marks + (byMark == NONE ? 0 : 1), longerAfterShorter + (longer ? 1 : 0)));
    }

    private static boolean isFree(SequenceProblem.Cut cut, BitSet done) {
        return cut.after().stream().allMatch(done::get);
    }

    int setting() {
        return setting;
    }

    int stop() {
        return stop;
    }

    boolean isDone(int cut) {
        return done.get(cut);
    }

    /** Whether it waits for nothing any more. */
    boolean isFree(int cut) {
        return isFree(problem.cuts().get(cut), done);
    }

    boolean isFinished() {
        return done.cardinality() == problem.cuts().size();
    }

    /** Whether any of the cuts since it was last set was made to the stop. */
    boolean usedItsStop() {
        return steps.stream()
                .anyMatch(step -> !step.marked() && problem.cuts().get(step.cut()).stop().isPresent());
    }

    int changes() {
        return settings + stops + marks;
    }

    /** How often a longer stop followed a shorter one at one setting. */
    int longerAfterShorter() {
        return longerAfterShorter;
    }

    /** Changes that are still to come whatever is done, as {@link SequenceProblem#bound} counts them. */
    int atLeast() {
        BitSet settingsLeft = new BitSet();
        BitSet stopsLeft = new BitSet();
        Set<Long> pairs = new HashSet<>();
        for (int i = done.nextClearBit(0); i < problem.cuts().size(); i = done.nextClearBit(i + 1)) {
            SequenceProblem.Cut cut = problem.cuts().get(i);
            settingsLeft.set(cut.setting());
            if (cut.stop().isPresent()) {
                stopsLeft.set(cut.stop().getAsInt());
                pairs.add(pair(cut.setting(), cut.stop().getAsInt()));
            }
        }
        if (setting != NONE) {
            settingsLeft.clear(setting);
        }
        if (stop != NONE) {
            stopsLeft.clear(stop);
            pairs.remove(pair(setting, stop));
        }
        int first = setting == NONE && !pairs.isEmpty() ? 1 : 0;
        return Math.max(settingsLeft.cardinality() + stopsLeft.cardinality(), pairs.size() + first);
    }

    private static long pair(int setting, int stop) {
        return ((long) setting << 32) + stop;
    }

    SequenceAnswer answer(int bound) {
        List<List<SequenceAnswer.Step>> all = new ArrayList<>();
        for (Bench at = this; at != null; at = at.before) {
            all.addFirst(at.steps);
        }
        List<SequenceAnswer.Step> order = new ArrayList<>(all.stream().flatMap(List::stream).toList());
        return new SequenceAnswer(whenNeeded(order), settings, stops, marks, Math.min(bound, changes()));
    }

    /** A cut to no stop is put off until another needs it, as long as the saw stands as it does. */
    private List<SequenceAnswer.Step> whenNeeded(List<SequenceAnswer.Step> order) {
        for (int i = order.size() - 2; i >= 0; i--) {
            SequenceAnswer.Step step = order.get(i);
            SequenceProblem.Cut cut = problem.cuts().get(step.cut());
            if (step.marked() || cut.stop().isPresent()) {
                continue;
            }
            int at = i + 1;
            while (at < order.size() && needs(order.get(at), cut.setting(), step.cut()) == Need.NO) {
                at++;
            }
            if (at < order.size() && needs(order.get(at), cut.setting(), step.cut()) == Need.YES) {
                order.remove(i);
                order.add(at - 1, step);
            }
        }
        return order;
    }

    private enum Need {
        YES,
        NO,
        /** It is made at another setting. */
        TOO_LATE
    }

    private Need needs(SequenceAnswer.Step step, int atSetting, int cut) {
        SequenceProblem.Cut other = problem.cuts().get(step.cut());
        return other.setting() != atSetting ? Need.TOO_LATE
                : other.after().contains(cut) && !step.marked() ? Need.YES : Need.NO;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Bench bench && setting == bench.setting && stop == bench.stop
                && done.equals(bench.done);
    }

    @Override
    public int hashCode() {
        return Objects.hash(done, setting, stop);
    }
}
