package neatcorner.core.job;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Range;
import neatcorner.core.words.Station;

/**
 * How far the work on a part has come.
 *
 * @param measured the glued frame under the tape, each reading up to 15 m; any may be missing
 * @param settled  stations the maker has ticked off
 * @param trouble  what went wrong at a corner and is not mended yet
 */
public record Progress(Map<Tape, Length> measured, Set<Station> settled, Optional<Trouble> trouble) {
    /** Nothing is done yet. */
    public static final Progress NONE = new Progress(Map.of(), Set.of(), Optional.empty());

    public Progress {
        measured.forEach((tape, length) -> Range.within(tape.words(), length, Size.LEAST, Length.mm(15_000)));
        measured = measured.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(measured));
        settled = settled.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(settled));
    }

    /**
     * How large the glued frame came out, outside: the mean of two opposite sides where both were read.
     *
     * @param wide from left to right, else from top to bottom
     */
    public Optional<Length> outside(boolean wide) {
        List<Length> readings = opposite(wide);
        return readings.isEmpty()
                ? Optional.empty()
                : Optional.of(Length.sum(readings).over(readings.size()));
    }

    /** By how much two opposite sides differ; empty where not both were read. */
    public Optional<Length> unlike(boolean wide) {
        List<Length> readings = opposite(wide);
        return readings.size() < 2
                ? Optional.empty()
                : Optional.of(readings.getFirst().minus(readings.getLast()).abs());
    }

    private List<Length> opposite(boolean wide) {
        return Stream.of(wide ? Tape.TOP : Tape.RIGHT, wide ? Tape.BOTTOM : Tape.LEFT)
                .flatMap(side -> Optional.ofNullable(measured.get(side)).stream())
                .toList();
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
        return new Progress(other, settled, trouble);
    }

    /** With these stations ticked off. */
    Progress withSettled(Set<Station> other) {
        return new Progress(measured, other, trouble);
    }

    /** With this trouble, or none. */
    Progress withTrouble(Optional<Trouble> other) {
        return new Progress(measured, settled, other);
    }
}
