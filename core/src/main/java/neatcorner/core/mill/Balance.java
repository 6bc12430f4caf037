package neatcorner.core.mill;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import neatcorner.core.measure.Volume;

/**
 * Where the wood of the boards that are cut goes; all of it, to the last shaving.
 *
 * @param taken    of the boards as they lie on the rack
 * @param finished in the strips
 * @param rests    that go back to the rack
 * @param lost     by what takes it; every loss is named
 */
public record Balance(Volume taken, Volume finished, Volume rests, Map<Loss, Volume> lost) {
    /** Of nothing. */
    public static final Balance NONE = new Balance(Volume.ZERO, Volume.ZERO, Volume.ZERO, Map.of());

    public Balance {
        Map<Loss, Volume> sorted = new EnumMap<>(Loss.class);
        sorted.putAll(lost);
        lost = Collections.unmodifiableMap(sorted);
    }

    /** Of these boards and others. */
    Balance plus(Balance other) {
        Map<Loss, Volume> both = new EnumMap<>(Loss.class);
        for (Loss loss : Loss.values()) {
            both.put(loss, lost(loss).plus(other.lost(loss)));
        }
        return new Balance(
                taken.plus(other.taken), finished.plus(other.finished), rests.plus(other.rests), both);
    }

    /** What one thing takes. */
    public Volume lost(Loss loss) {
        return lost.getOrDefault(loss, Volume.ZERO);
    }
}
