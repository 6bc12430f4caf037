package neatcorner.core.recall;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import neatcorner.core.Seed;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class RecentTest {
    /** An argument that is equal by value and never the same object. */
    private record Argument(int number) {
    }

    /** The model: a list with the latest at its end. */
    @Property(tries = 300, seed = Seed.FIXED)
    void itIsTheFunctionAndWorksOutOnlyWhatWasNotAskedForLately(
            @ForAll @IntRange(min = 1, max = 6) int most,
            @ForAll @Size(max = 60) List<@IntRange(min = 0, max = 9) Integer> asked) {
        List<Integer> worked = new ArrayList<>();
        Recent<Argument, String> recent = new Recent<>(most, argument -> {
            worked.add(argument.number());
            return "made of " + argument.number();
        });
        List<Integer> kept = new ArrayList<>();
        for (int number : asked) {
            int before = worked.size();
            assertThat(recent.of(new Argument(number))).isEqualTo("made of " + number);
            boolean known = kept.remove((Integer) number);
            assertThat(worked.size() - before).as("%d after %s", number, kept).isEqualTo(known ? 0 : 1);
            kept.add(number);
            if (kept.size() > most) {
                kept.removeFirst();
            }
        }
    }

    @Test
    void manyThreadsGetTheFunctionsOwnResults() throws Exception {
        AtomicInteger worked = new AtomicInteger();
        Recent<Argument, Integer> squares = new Recent<>(8, argument -> {
            worked.incrementAndGet();
            return argument.number() * argument.number();
        });
        try (ExecutorService threads = Executors.newFixedThreadPool(4)) {
            List<Future<Boolean>> right = new ArrayList<>();
            for (int thread = 0; thread < 4; thread++) {
                right.add(threads.submit(() -> {
                    boolean all = true;
                    for (int i = 0; i < 20_000; i++) {
                        all &= squares.of(new Argument(i % 8)) == (i % 8) * (i % 8);
                    }
                    return all;
                }));
            }
            for (Future<Boolean> one : right) {
                assertThat(one.get()).isTrue();
            }
        }
        assertThat(worked.get()).as("worked out by each thread at most once").isBetween(8, 32);
    }
}
