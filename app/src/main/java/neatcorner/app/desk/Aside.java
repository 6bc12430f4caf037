package neatcorner.app.desk;

import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Something worked out beside the window when it is asked for, and kept as long as what it depends on stays the same.
 *
 * @param <K> what it depends on
 * @param <T> what is worked out
 */
public final class Aside<K, T> {
    private volatile @Nullable K asked;
    private @Nullable T answer;
    private final Executor interfaceThread;

    /** One whose answers come in on this thread. */
    public Aside(Executor interfaceThread) {
        this.interfaceThread = interfaceThread;
    }

    /** Whether it was asked for just this. */
    public boolean isAsked(K key) {
        return key.equals(asked);
    }

    /** What was worked out for this; empty as long as it is not known. */
    public Optional<T> answer(K key) {
        return isAsked(key) ? Optional.ofNullable(answer) : Optional.empty();
    }

    /**
     * Works it out on a thread of its own.
     *
     * @param work given a question that says yes once something else was asked since, so that it may stop
     * @param then runs on the interface thread, unless something else was asked since
     */
    public void ask(K key, Function<BooleanSupplier, T> work, Runnable then) {
        asked = key;
        answer = null;
        Thread.ofVirtual().start(() -> {
            T worked = work.apply(() -> !isAsked(key));
            interfaceThread.execute(() -> {
                if (isAsked(key)) {
                    answer = worked;
                    then.run();
                }
            });
        });
    }

    /** Forgets what was worked out, so that it is asked for again. */
    public void forget(Runnable then) {
        asked = null;
        answer = null;
        then.run();
    }
}
