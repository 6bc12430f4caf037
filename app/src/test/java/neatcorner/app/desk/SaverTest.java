package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.atomic.AtomicInteger;
import neatcorner.files.store.StoreException;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** The order in which edits reach the disk, whatever the disk does. */
class SaverTest {
    private final List<String> told = Collections.synchronizedList(new ArrayList<>());
    private final List<RuntimeException> bugs = Collections.synchronizedList(new ArrayList<>());

    private Saver saver() {
        return new Saver(Runnable::run, why -> told.add(why.orElse("saved")), bugs::add);
    }

    private static StoreException full() {
        StoreException full = mock(StoreException.class);
        when(full.getMessage()).thenReturn("the disk is full");
        return full;
    }

    /**
     * Edits fail at random and are tried again: each is saved once, none before the one it builds on, and who waits is
     * told why and when it is over.
     */
    @Property(tries = 30, seed = "20261128")
    void everyEditIsSavedOnceAndInOrder(@ForAll long seed) throws Exception {
        Random random = new Random(seed);
        List<Integer> saved = Collections.synchronizedList(new ArrayList<>());
        StoreException full = full();
        int failures = 0;
        Saver saver = saver();
        for (int edit = 0; edit < 20; edit++) {
            int mine = edit;
            AtomicInteger left = new AtomicInteger(random.nextInt(5) == 0 ? 1 + random.nextInt(3) : 0);
            failures += left.get();
            saver.save(() -> {
                if (left.getAndDecrement() > 0) {
                    saver.retry();
                    throw full;
                }
                saved.add(mine);
            });
        }
        assertThat(saver.<Integer>ask(saved::size)).as("what is asked after them is answered after them").isEqualTo(20);
        saver.close();
        assertThat(saved).isSorted().doesNotHaveDuplicates().hasSize(20);
        assertThat(Collections.frequency(told, "the disk is full")).isEqualTo(failures);
        assertThat(told.isEmpty() || told.getLast().equals("saved")).isTrue();
        assertThat(bugs).isEmpty();
        assertThat(saver.pending()).isZero();
        told.clear();
    }

    /** A fault of our own is no reason to keep the maker's next edit waiting. */
    @Test
    void aBugIsToldAndTheNextEditSaved() throws Exception {
        Saver saver = saver();
        List<String> saved = Collections.synchronizedList(new ArrayList<>());
        saver.save(() -> {
            throw new IllegalStateException("a bug");
        });
        saver.save(() -> saved.add("next"));
        saver.ask(() -> Optional.empty());
        saver.close();
        assertThat(saved).containsExactly("next");
        assertThat(bugs).singleElement().satisfies(bug -> assertThat(bug).hasMessage("a bug"));
        assertThat(told).isEmpty();
    }

    /** While something cannot be saved nothing after it is, and that is known. */
    @Test
    void nothingIsSavedThatBuildsOnWhatIsNot() throws Exception {
        Saver saver = saver();
        StoreException full = full();
        CountDownLatch tried = new CountDownLatch(1);
        AtomicInteger after = new AtomicInteger();
        saver.save(() -> {
            tried.countDown();
            throw full;
        });
        saver.save(after::incrementAndGet);
        tried.await();
        while (told.isEmpty()) {
            Thread.onSpinWait();
        }
        assertThat(saver.isFailing()).isTrue();
        assertThat(saver.pending()).isEqualTo(2);
        assertThat(after).hasValue(0);
        saver.close();
        assertThat(told).contains("the disk is full");
    }
}
