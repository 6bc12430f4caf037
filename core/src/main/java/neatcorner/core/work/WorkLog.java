package neatcorner.core.work;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.job.PieceId;
import neatcorner.core.measure.Length;
import neatcorner.core.words.Station;

/**
 * What was done to one job and what came out, in the order it was written: of two lines on one thing the later holds,
 * whatever the clock said. It is only added to.
 */
public final class WorkLog {
    /** Nothing was done yet. */
    public static final WorkLog NOTHING = new WorkLog(List.of());
    private final List<LogLine> entries;
    private final Map<Act, LogLine> done = new LinkedHashMap<>();
    private final List<Deed.WentWrong> spoilt = new ArrayList<>();
    private final Map<Act, Deed.Measured> measured = new LinkedHashMap<>();
    private List<Deed.Laid> tookUp = List.of();

    /** Of these lines, the oldest first. */
    public WorkLog(List<LogLine> entries) {
        this.entries = List.copyOf(entries);
        for (LogLine entry : entries) {
            switch (entry.deed()) {
                case Deed.Done deed -> done.put(deed.act(), entry);
                case Deed.TakenBack deed -> done.remove(deed.act());
                case Deed.Measured deed -> measured.put(deed.act(), deed);
                case Deed.WentWrong deed -> spoilt.add(deed);
                case Deed.GoodAfterAll(Act.Saw piece) -> spare(piece);
                case Deed.TookUp deed -> tookUp = deed.sticks();
                case Deed.CornerWentWrong _, Deed.GoodAfterAll _, Deed.Remark _, Deed.Photo _ -> { }
            }
        }
    }

    /** Forgets the last that was written off of a piece. */
    private void spare(Act.Saw piece) {
        for (int i = spoilt.size() - 1; i >= 0; i--) {
            if (spoilt.get(i).act().isOfSamePiece(piece)) {
                spoilt.remove(i);
                return;
            }
        }
    }

    /** With one line more. */
    public WorkLog with(LogLine entry) {
        List<LogLine> more = new ArrayList<>(entries);
        more.add(entry);
        return new WorkLog(more);
    }

    /** All lines, the oldest first. */
    public List<LogLine> entries() {
        return entries;
    }

    /** Whether this is done, and was not taken back since. */
    public boolean isDone(Act act) {
        return done.containsKey(act);
    }

    /** The line in which it was done last; empty where it is not done. */
    public Optional<LogLine> done(Act act) {
        return Optional.ofNullable(done.get(act));
    }

    /** How it came out, as it was measured last; empty where it was not. */
    public Optional<Deed.Measured> measured(Act act) {
        return Optional.ofNullable(measured.get(act));
    }

    /** What was read of the sizes of a part. */
    public Readings readings(String part) {
        return new Readings(this, part);
    }

    /** Everything that was read, as it was read last. */
    public List<Deed.Measured> measured() {
        return List.copyOf(measured.values());
    }

    /** Every piece whose length was read and that was not spoiled since. */
    public List<Deed.Measured> pieces() {
        return measured.values().stream()
                .filter(read -> read.act() instanceof Act.Saw saw && saw.again() == timesSpoilt(saw))
                .toList();
    }

    private int timesSpoilt(Act.Saw act) {
        return (int) spoilt.stream()
                .filter(wrong -> wrong.act().isOfSamePiece(act))
                .count();
    }

    /** The same end of the piece that took the place of the ones that were spoiled. */
    public Act.Saw last(Act.Saw act) {
        return new Act.Saw(act.part(), act.piece(), act.right(), timesSpoilt(act));
    }

    /** Whether something was read before an act was done, or the act is not done. */
    public boolean wasReadBefore(Deed.Measured read, Act act) {
        return done(act).map(then -> position(read) < entries.lastIndexOf(then)).orElse(true);
    }

    /** The lines before something was read; none where it was not. */
    List<LogLine> until(Deed.Measured read) {
        return entries.subList(0, Math.max(0, position(read)));
    }

    /** How long the piece of a reading was planned when it was read; empty where its stick was not taken up before. */
    public Optional<Length> lengthWhen(Deed.Measured read) {
        return until(read).reversed().stream()
                .map(LogLine::deed)
                .filter(Deed.TookUp.class::isInstance)
                .findFirst()
                .flatMap(took -> ((Deed.TookUp) took)
                        .sticks().stream()
                                .flatMap(stick -> stick.spots().stream())
                                .filter(spot -> read.act() instanceof Act.Saw saw
                                        && spot.part().equals(saw.part())
                                        && spot.piece().equals(saw.piece()))
                                .map(Deed.Spot::length)
                                .findFirst());
    }

    private int position(Deed.Measured read) {
        return entries.stream().map(LogLine::deed).toList().lastIndexOf(read);
    }

    /** Every piece that was spoiled, in the order it was; none that is good after all. */
    public List<Deed.WentWrong> spoilt() {
        return List.copyOf(spoilt);
    }

    /** How long was spent at each station on what is done, each act from the look at its card on. */
    public Map<Station, Duration> spent() {
        Map<Station, Duration> spent = new EnumMap<>(Station.class);
        done.forEach((act, line) -> {
            if (line.deed() instanceof Deed.Done deed) {
                spent.merge(act.station(), deed.took(), Duration::plus);
            }
        });
        return spent;
    }

    /** How much of sticks all that was spoiled cost. */
    public Length lost() {
        return Length.sum(spoilt.stream().map(Deed.WentWrong::lost).toList());
    }

    /**
     * What spoiled a piece last.
     *
     * @throws java.util.NoSuchElementException for a piece that was not spoiled
     */
    public Deed.WentWrong lastSpoilt(Act.Saw piece) {
        return spoilt.reversed().stream()
                .filter(wrong -> wrong.act().isOfSamePiece(piece))
                .findFirst()
                .orElseThrow();
    }

    /** Pieces that are spoiled, and corners that went wrong. */
    public List<Deed> wentWrong() {
        return Stream.concat(
                        spoilt.stream(),
                        entries.stream().map(LogLine::deed).filter(Deed.CornerWentWrong.class::isInstance))
                .toList();
    }

    /** How many times a corner of a part went wrong. */
    public int cornersGoneWrong(String part) {
        return (int) entries.stream()
                .map(LogLine::deed)
                .filter(deed -> deed instanceof Deed.CornerWentWrong && deed.act().part().equals(part))
                .count();
    }

    /** Whether anything was put into a frame, or is hung. */
    public boolean isFramed() {
        return done.keySet().stream()
                .anyMatch(act -> act.station() == Station.HANG
                        || act instanceof Act.Step step && step.station() == Station.FIT && !step.cutsSheet());
    }

    /** The sticks as they were taken up last; empty where none were. */
    public List<Deed.Laid> tookUp() {
        return tookUp;
    }

    /** Whether an end of a piece is cut, or of one that took its place. */
    public boolean isBegun(String part, PieceId piece) {
        return done.keySet().stream()
                .anyMatch(act -> act instanceof Act.Saw saw
                        && saw.part().equals(part)
                        && saw.piece().equals(piece));
    }

    /** What was written before the first cut of a part; all of it where none is cut, or nothing was read since. */
    public WorkLog beforeCutting(String part) {
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i).deed() instanceof Deed.Done(Act.Saw saw, _) && saw.part().equals(part) && isDone(saw)) {
                boolean readSince = entries.subList(i, entries.size()).stream()
                        .anyMatch(entry -> entry.deed() instanceof Deed.Measured);
                return readSince ? new WorkLog(entries.subList(0, i)) : this;
            }
        }
        return this;
    }

    /** How many cuts across a piece are done. */
    public int cuts() {
        return (int) done.keySet().stream().filter(Act.Saw.class::isInstance).count();
    }

    /** What was remarked on it, the oldest first. */
    public List<LogLine> remarks(Act act) {
        return entries.stream()
                .filter(entry -> entry.deed() instanceof Deed.Remark remark && remark.act().equals(act))
                .toList();
    }

    /** The names of the pictures of it, the oldest first. */
    public List<String> photos(Act act) {
        return entries.stream()
                .map(LogLine::deed)
                .filter(deed -> deed instanceof Deed.Photo photo && photo.act().equals(act))
                .map(deed -> ((Deed.Photo) deed).picture())
                .toList();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof WorkLog log && entries.equals(log.entries);
    }

    @Override
    public int hashCode() {
        return entries.hashCode();
    }
}
