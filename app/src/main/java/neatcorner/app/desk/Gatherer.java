package neatcorner.app.desk;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;
import neatcorner.core.frame.Assembly;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.work.WorkLog;
import neatcorner.files.store.ShopStore;

/**
 * Reads and lays all open jobs, never on the interface thread. A job is read and its frame worked out again
 * only when it or the habits it starts from have changed; of several wishes that wait only the last is done.
 */
final class Gatherer {
    private final ShopStore store;
    private final Executor behindSaves;
    private final Executor aside;
    private final Executor interfaceThread;
    private final AtomicInteger last = new AtomicInteger();
    private boolean gathering;
    /** By the job's name in the store; touched on the thread aside only. */
    private final Map<String, Known> known = new HashMap<>();

    /** A job as it was last read. */
    private record Known(String state, Habits habits, Optional<Assembly> assembly, boolean atBench) {
    }

    /**
     * For a store.
     *
     * @param behindSaves runs work aside, but behind the edits that are being saved
     * @param aside       runs it there at once; work of both follows one after another
     */
    Gatherer(ShopStore store, Executor behindSaves, Executor aside, Executor interfaceThread) {
        this.store = store;
        this.behindSaves = behindSaves;
        this.aside = aside;
        this.interfaceThread = interfaceThread;
    }

    /** Reads what has changed and lays everything; the outcome is handed over on the interface thread. */
    void gather(List<String> ids, Shop shop, Answers answers, Laid laid, Consumer<Gathered> then) {
        gathering = true;
        start(behindSaves, () -> read(ids, shop).laid(shop, answers, laid), then);
    }

    /**
     * Lays what was gathered before once more, with the answers known now; what is being gathered just now will have
     * them anyway.
     */
    void relay(Gathered before, Shop shop, Answers answers, Laid laid, Consumer<Gathered> then) {
        if (!gathering) {
            start(aside, () -> before.laid(shop, answers, laid), then);
        }
    }

    /** Whether jobs are being read just now; asked on the interface thread, as all the rest. */
    boolean isGathering() {
        return gathering;
    }

    /** What is under way is of no use any more. */
    void drop() {
        last.incrementAndGet();
        gathering = false;
    }

    private void start(Executor on, Supplier<Gathered> work, Consumer<Gathered> then) {
        int mine = last.incrementAndGet();
        on.execute(() -> {
            if (last.get() != mine) {
                return;
            }
            Optional<Gathered> made = Optional.empty();
            try {
                made = Optional.of(work.get());
            } catch (RuntimeException bug) {
                FaultLog.keep("gathering all open jobs", bug);
            }
            Optional<Gathered> done = made;
            interfaceThread.execute(() -> {
                if (last.get() == mine) {
                    gathering = false;
                    done.ifPresent(then);
                }
            });
        });
    }

    private Gathered read(List<String> ids, Shop shop) {
        Map<String, String> states = store.states();
        known.keySet().retainAll(states.keySet());
        Gathered.Gathering gathering = new Gathered.Gathering();
        for (String id : ids) {
            String state = states.get(id);
            if (state != null) {
                Known one = known.get(id);
                if (one == null || !one.state.equals(state) || !one.habits.equals(shop.habits())) {
                    Job job = store.job(id).value();
                    WorkLog log = store.work(id);
                    one = new Known(
                            state,
                            shop.habits(),
                            assembly(job, shop, log),
                            !log.tookUp().isEmpty());
                    known.put(id, one);
                }
                boolean atBench = one.atBench;
                one.assembly.ifPresent(assembly -> gathering.add(id, assembly, atBench));
            }
        }
        return gathering.done();
    }

    /** Of a job that is to be cut still; empty where its numbers leave no frame. */
    private static Optional<Assembly> assembly(Job job, Shop shop, WorkLog log) {
        if (job.parts().stream()
                .map(part -> part.choices().cutting())
                .allMatch(cutting -> cutting.isMade() && cutting.isSheetsMade())) {
            return Optional.empty();
        }
        try {
            return Optional.of(Assembly.of(job, shop, log));
        } catch (Refusal notYet) {
            return Optional.empty();
        }
    }
}
