package neatcorner.core.solve.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import neatcorner.core.Seed;
import neatcorner.core.solve.sequence.SequenceProblem.Cut;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

/** Cuts in an order, against every order there is. */
class SequenceTest {
    /** Chains of cuts as sticks give them, with settings and stops by chance. */
    private static SequenceProblem problem(long seed, int most) {
        Random random = new Random(seed);
        int settings = 1 + random.nextInt(4);
        int stops = 1 + random.nextInt(4);
        List<Cut> cuts = new ArrayList<>();
        while (cuts.size() < most) {
            int left = cuts.size();
            cuts.add(new Cut(random.nextInt(settings), OptionalInt.empty(), List.of(), false));
            while (cuts.size() < most && random.nextInt(4) > 0) {
                boolean parts = random.nextBoolean();
                cuts.add(new Cut(
                        random.nextInt(settings), OptionalInt.of(random.nextInt(stops)), List.of(left), parts));
                left = random.nextBoolean() ? cuts.size() - 1 : left;
            }
        }
        return new SequenceProblem(cuts);
    }

    /** The fewest changes of every order there is. */
    private static final class EveryOrder {
        private final SequenceProblem problem;
        private int best = Integer.MAX_VALUE;

        EveryOrder(SequenceProblem problem) {
            this.problem = problem;
        }

        int best() {
            go(new HashSet<>(), -1, -1, 0);
            return best;
        }

        private void go(Set<Integer> done, int setting, int stop, int cost) {
            if (cost >= best) {
                return;
            }
            if (done.size() == problem.cuts().size()) {
                best = cost;
                return;
            }
            for (int i = 0; i < problem.cuts().size(); i++) {
                Cut cut = problem.cuts().get(i);
                if (done.contains(i)) {
                    continue;
                }
                int sets = cut.setting() == setting ? 0 : 1;
                int at = cut.stop().orElse(stop);
                Set<Integer> now = new HashSet<>(done);
                now.add(i);
                if (done.containsAll(cut.after())) {
                    go(now, cut.setting(), at, cost + sets + (at == stop ? 0 : 1));
                }
                if (cut.marked()) {
                    go(now, cut.setting(), stop, cost + sets + 1);
                }
            }
        }
    }

    @Property(tries = 400, seed = Seed.FIXED)
    void nothingIsBetterThanWhatIsProvenBest(@ForAll long seed, @ForAll @IntRange(min = 1, max = 7) int most) {
        SequenceProblem problem = problem(seed, most);
        SequenceAnswer answer = problem.solve(() -> false);
        assertThat(answer.changes()).isEqualTo(new EveryOrder(problem).best());
        assertThat(answer.isProven()).isTrue();
    }

    @Property(tries = 60, seed = Seed.FIXED)
    void anOrderCanBeFollowedAndCostsWhatItSays(@ForAll long seed, @ForAll @IntRange(min = 1, max = 300) int most) {
        SequenceProblem problem = problem(seed, most);
        SequenceAnswer answer = problem.solve(() -> false);
        Set<Integer> done = new HashSet<>();
        int changes = 0;
        int setting = -1;
        int stop = -1;
        for (SequenceAnswer.Step step : answer.steps()) {
            Cut cut = problem.cuts().get(step.cut());
            assertThat(step.marked() ? cut.marked() : done.containsAll(cut.after())).isTrue();
            int at = step.marked() ? stop : cut.stop().orElse(stop);
            changes += (cut.setting() == setting ? 0 : 1) + (at == stop ? 0 : 1) + (step.marked() ? 1 : 0);
            setting = cut.setting();
            stop = at;
            assertThat(done.add(step.cut())).isTrue();
        }
        assertThat(done).hasSize(problem.cuts().size());
        assertThat(changes).isEqualTo(answer.changes());
        assertThat(answer.bound()).isLessThanOrEqualTo(changes);
    }
}
