package neatcorner.core.recall;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * The latest results of a pure function. A plan is made at every keystroke, while what it rests on, such
 * as the section, mostly stays; results are kept by the value of the argument, so a plan is the same
 * with and without them. The arguments are few and compared one by one, the latest first: hashing all
 * that a plan rests on would take longer. For any number of threads.
 *
 * @param <K> the argument, with equality by value
 * @param <V> the result, immutable
 */
public final class Recent<K, V> {
    private final int most;
    private final Function<K, V> function;
    /** The one asked for last at the end. */
    private final List<Kept<K, V>> kept = new ArrayList<>();

    private record Kept<K, V>(K argument, V result) {
    }

    /**
     * Keeps the last results of a function.
     *
     * @param most how many, 1 or more; the one not asked for the longest goes first
     */
    public Recent(int most, Function<K, V> function) {
        this.most = most;
        this.function = function;
    }

    /** The result for an argument, kept or worked out now. */
    public V of(K argument) {
        synchronized (kept) {
            for (int i = kept.size() - 1; i >= 0; i--) {
                if (kept.get(i).argument().equals(argument)) {
                    Kept<K, V> found = kept.remove(i);
                    kept.add(found);
                    return found.result();
                }
            }
        }
        V made = function.apply(argument);
        synchronized (kept) {
            // Another thread may have worked out the same meanwhile: kept twice, it would push out another.
            kept.removeIf(other -> other.argument().equals(argument));
            if (kept.size() == most) {
                kept.removeFirst();
            }
            kept.add(new Kept<>(argument, made));
        }
        return made;
    }
}
