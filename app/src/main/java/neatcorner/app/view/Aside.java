package neatcorner.app.view;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.application.Platform;
import org.jspecify.annotations.Nullable;

/**
 * Something worked out beside the window when it is asked for, and kept as long as what it depends on stays the same.
 *
 * @param <K> what it depends on
 * @param <T> what is worked out
 */
final class Aside<K, T> {
    private @Nullable K asked;
    private @Nullable T answer;

    /** Whether it was asked for just this. */
    boolean isAsked(K key) {
        return key.equals(asked);
    }

    /** What was worked out for this; empty as long as it is not known. */
    Optional<T> answer(K key) {
        return isAsked(key) ? Optional.ofNullable(answer) : Optional.empty();
    }

    /** Works it out on a thread of its own; {@code then} runs on the interface thread, unless something else was asked since. */
    void ask(K key, Supplier<T> work, Runnable then) {
        asked = key;
        answer = null;
        Thread.ofVirtual().start(() -> {
            T worked = work.get();
            Platform.runLater(() -> {
                if (isAsked(key)) {
                    answer = worked;
                    then.run();
                }
            });
        });
    }
}
