package neatcorner.core.work;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.words.FigureKey;

/** What was read of one part: where there is a reading, it takes over from what was planned. */
public final class Readings {
    /** Nothing was read. */
    public static final Readings NONE = new Readings(WorkLog.NOTHING, "");
    private final WorkLog log;
    private final String part;

    Readings(WorkLog log, String part) {
        this.log = log;
        this.part = part;
    }

    /** What was read of this size last; empty where it was not measured. */
    public Optional<Deed.Measured> of(FigureKey<?> size) {
        return log.measured(Act.Size.of(part, size));
    }

    /** What was read of the pieces for some sides, of all alike frames, less those that were spoiled since. */
    public List<Deed.Measured> of(Collection<String> sides) {
        return log.pieces().stream()
                .filter(read -> read.act() instanceof Act.Saw saw
                        && saw.part().equals(part)
                        && sides.contains(saw.piece().letters()))
                .toList();
    }

    /**
     * How much shorter than planned the shortest of these sides came out, so that whatever lies between their ends has
     * so much less room; nothing where none did by more than a reading is sure to. A piece that came out long is none
     * of it: it is trimmed.
     */
    public Length shortBy(Collection<String> sides) {
        return of(sides).stream()
                .filter(Deed.Measured::isShort)
                .map(read -> read.off().abs())
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }
}
