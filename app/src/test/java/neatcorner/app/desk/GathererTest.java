package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.job.Job;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import neatcorner.files.json.Document;
import neatcorner.files.store.ShopStore;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** All open jobs are gathered with as little reading as can be, and only the last wish is handed over. */
class GathererTest {
    private final ShopStore store = mock(ShopStore.class);
    private final Map<String, String> states = new HashMap<>();
    private final Deque<Runnable> aside = new ArrayDeque<>();
    private final List<Gathered> handed = new ArrayList<>();
    private final Gatherer gatherer = new Gatherer(store, aside::add, aside::add, Runnable::run);
    private final Shop shop = Shop.starting();

    @BeforeEach
    void twoJobs() {
        is("a", "1", 8);
        is("b", "1", 10);
        when(store.states()).thenReturn(states);
    }

    private void is(String id, String state, int inches) {
        states.put(id, state);
        Job job = Job.starting(
                "frame",
                Length.inches(inches),
                Length.inches(12),
                shop.mouldings().getFirst().section());
        when(store.job(id)).thenReturn(Document.of(job));
        when(store.work(id)).thenReturn(WorkLog.NOTHING);
    }

    private void gather(Shop in) {
        gatherer.gather(List.of("a", "b"), in, Answers.NONE, Laid.STICKS, handed::add);
    }

    private void work() {
        while (!aside.isEmpty()) {
            aside.remove().run();
        }
    }

    @Test
    void onlyAJobThatChangedIsReadAgain() {
        gather(shop);
        work();
        is("a", "2", 9);
        gather(shop);
        work();
        verify(store, times(2)).job("a");
        verify(store, times(1)).job("b");
        assertThat(handed).hasSize(2);
        assertThat(handed.getLast().lots())
                .flatExtracting(lot -> lot.pieces().stream()
                        .map(piece -> piece.job())
                        .distinct()
                        .toList())
                .as("jobs of one title are told apart")
                .containsExactlyInAnyOrder("frame", "frame (2)");
        assertThat(handed.getLast().orders().getFirst().frame())
                .isNotEqualTo(handed.getFirst().orders().getFirst().frame());
        assertThat(handed.getLast().orders().getLast().frame()).isSameAs(handed.getFirst().orders().getLast().frame());
    }

    /** What lies on a stick that was taken up at the bench stays there: it is not laid with the others. */
    @Test
    void whatIsAtTheBenchIsLeftOut() {
        is("a", "2", 8);
        Act cut = new Act.Saw("frame", new PieceId("A–B", 1, 0), true);
        Deed.Laid stick = new Deed.Laid("cap", StickId.read("rack 2438.4 #1"), List.of());
        when(store.work("a"))
                .thenReturn(new WorkLog(List.of(new LogLine(
                        Instant.EPOCH, "", new Deed.TookUp(cut, List.of(stick)), Words.of("card.take")))));
        gather(shop);
        work();
        assertThat(handed.getLast().atBench()).isEqualTo(1);
        assertThat(handed.getLast().orders()).hasSize(1);
        assertThat(handed.getLast().panes()).hasSize(2);
    }

    /** Habits are in every frame: after one has changed, all are worked out anew. */
    @Test
    void anotherHabitChangesEveryFrame() {
        gather(shop);
        work();
        gather(new ShopEdit.SetHabit(Habit.PLAY, Length.mm(4)).apply(shop));
        work();
        verify(store, times(2)).job("b");
    }

    /**
     * Better answers that come in while jobs wait to be read must not push the reading aside; what goes wrong ends it.
     */
    @Test
    void answersDoNotTakeTheTurnOfAReading() {
        gather(shop);
        work();
        is("a", "2", 9);
        gather(shop);
        gatherer.relay(handed.getLast(), shop, Answers.NONE, Laid.STICKS, handed::add);
        assertThat(gatherer.isGathering()).isTrue();
        work();
        assertThat(gatherer.isGathering()).isFalse();
        assertThat(handed).hasSize(2);
        verify(store, times(2)).job("a");
        when(store.states()).thenThrow(new IllegalStateException("a bug"));
        gather(shop);
        work();
        assertThat(gatherer.isGathering()).isFalse();
        assertThat(handed).hasSize(2);
    }

    @Test
    void ofWishesThatWaitOnlyTheLastIsDone() {
        gather(shop);
        gather(shop);
        gather(shop);
        work();
        assertThat(handed).hasSize(1);
        gather(shop);
        gatherer.drop();
        work();
        assertThat(handed).hasSize(1);
    }
}
