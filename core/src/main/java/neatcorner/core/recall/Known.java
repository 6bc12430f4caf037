package neatcorner.core.recall;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads a map that has every key it is asked for: another is a bug and says which. */
public final class Known {
    private Known() {
    }

    /** The value of a key that is there. */
    public static <K, V> V in(Map<K, V> map, K key) {
        @Nullable V value = map.get(key);
        if (value == null) {
            throw new IllegalStateException("there is no " + key + " among " + map.keySet());
        }
        return value;
    }
}
