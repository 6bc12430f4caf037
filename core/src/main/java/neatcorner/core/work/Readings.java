package neatcorner.core.work;

import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.words.Figure;
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

    /** A number that is given, with how it came about where a reading was entered in its place. */
    public Figure<Length> entered(Figure<Length> given) {
        return log.measured(Act.Size.given(part, given.key()))
                .filter(read -> read.isOff() && read.value().equals(given.value()))
                .map(read -> Figure.sum(given.key())
                        .named(given.name())
                        .start("read.planned", read.planned())
                        .plus("read.over", read.off().max(Length.ZERO))
                        .minus("read.under", read.off().negated().max(Length.ZERO))
                        .result()
                        .from(given.origin()))
                .orElse(given);
    }

    /**
     * What a size was taken to be when the first sheet was cut to it, where it was read once more since; empty where
     * nothing is cut, or nothing was read after that.
     */
    public Optional<Length> takenAtCut(FigureKey<?> size) {
        Act.Size act = Act.Size.of(part, size);
        Optional<Length> taken = log.measured(act).map(Deed.Measured::planned);
        boolean cut = false;
        boolean readSince = false;
        for (LogLine entry : log.entries()) {
            if (entry.deed() instanceof Deed.Measured read && read.act().equals(act)) {
                readSince = cut;
                taken = cut ? taken : Optional.of(read.value());
            } else if (entry.deed() instanceof Deed.Done(Act.Step step, _)
                    && step.part().equals(part)
                    && step.cutsSheet()
                    && log.isDone(step)) {
                cut = true;
            }
        }
        return readSince ? taken : Optional.empty();
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
     *
     * @param planned how long they are now by the plan: what was read of a piece of another length is none of it
     */
    public Length shortBy(Collection<String> sides, Length planned) {
        return shortBy(of(sides, planned));
    }

    /** What that came to from the start until something else was read: nothing first, then by every reading of them. */
    public Set<Length> shortsUntil(Collection<String> sides, Length planned, Deed.Measured read) {
        Set<Length> shorts = new HashSet<>(Set.of(Length.ZERO));
        WorkLog then = WorkLog.NOTHING;
        for (LogLine entry : log.until(read)) {
            // Most of a log is what was done, and that makes no piece shorter.
            boolean done = entry.deed() instanceof Deed.Done || entry.deed() instanceof Deed.TakenBack;
            if (!done
                    && entry.deed().act() instanceof Act.Saw saw
                    && saw.part().equals(part)
                    && sides.contains(saw.piece().letters())) {
                then = then.with(entry);
                shorts.add(then.readings(part).shortBy(sides, planned));
            }
        }
        return shorts;
    }

    private Stream<Deed.Measured> of(Collection<String> sides, Length planned) {
        return of(sides).stream().filter(read -> read.planned().equals(planned));
    }

    private static Length shortBy(Stream<Deed.Measured> pieces) {
        return pieces.filter(Deed.Measured::isShort)
                .map(read -> read.off().abs())
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }
}
