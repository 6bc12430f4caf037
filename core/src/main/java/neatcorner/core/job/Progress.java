package neatcorner.core.job;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Set;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Range;
import neatcorner.core.words.Station;

/**
 * How far the work on a part has come.
 *
 * @param measured the glued frame under the tape, each reading up to 15 m; any may be missing
 * @param settled  stations the maker has ticked off
 */
public record Progress(Map<Tape, Length> measured, Set<Station> settled) {
    /** Nothing is done yet. */
    public static final Progress NONE = new Progress(Map.of(), Set.of());

    public Progress {
        measured.forEach((tape, length) -> Range.within(tape.words(), length, Size.LEAST, Length.mm(15_000)));
        measured = measured.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(measured));
        settled = settled.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(settled));
    }

    /** With one reading more or changed. */
    Progress withMeasured(Tape tape, Length length) {
        EnumMap<Tape, Length> changed = new EnumMap<>(Tape.class);
        changed.putAll(measured);
        changed.put(tape, length);
        return withMeasured(changed);
    }

    /** With these readings only. */
    Progress withMeasured(Map<Tape, Length> other) {
        return new Progress(other, settled);
    }

    /** With these stations ticked off. */
    Progress withSettled(Set<Station> other) {
        return new Progress(measured, other);
    }
}
