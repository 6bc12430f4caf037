package neatcorner.core.recall;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;

/**
 * The latest results of a pure function. A plan is made at every keystroke, while what it rests on, such
 * as the section, mostly stays; results are kept by the value of the argument, so a plan is the same
 * with and without them. For any number of threads.
 *
 * @param <K> the argument, with equality by value
 * @param <V> the result, immutable
 */
public final class Recent<K, V> {
    private final Function<K, V> function;
    private final Map<K, V> kept;

    /**
     * Keeps the last results of a function.
     *
     * @param most how many, 1 or more; the one not asked for the longest goes first
     */
    public Recent(int most, Function<K, V> function) {
        this.function = function;
        this.kept = new LinkedHashMap<>(16, 0.75f, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<K, V> eldest) {
                return size() > most;
            }
        };
    }

    /** The result for an argument, kept or worked out now. */
    public V of(K argument) {
        synchronized (kept) {
            V known = kept.get(argument);
            if (known != null) {
                return known;
            }
        }
        V made = function.apply(argument);
        synchronized (kept) {
            kept.put(argument, made);
        }
        return made;
    }
}
