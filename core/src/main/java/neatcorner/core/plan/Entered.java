package neatcorner.core.plan;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.cut.CutLots;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.Entry;
import neatcorner.core.job.Job;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;

/** Numbers that are given to a plan, once they were read: the reading is entered in their place. */
public final class Entered {
    private Entered() {
    }

    /** What is given now for the number that is read so; empty where it is worked out, or the job has none such. */
    public static Optional<Length> now(Plan plan, Act act) {
        return number(plan.job(), act).flatMap(number -> now(plan.job(), act, number));
    }

    /**
     * What enters a reading; empty where it stands there already, is of no number that is given, or would make a piece
     * another that is cut.
     *
     * @throws neatcorner.core.phrase.Refusal where it leaves no frame
     */
    public static Optional<Edit> by(Plan plan, Deed.Measured read) {
        // What is off by less than can be read is as it was planned.
        return number(plan.job(), read.act())
                .map(number -> number instanceof Tape || read.isOff() ? read.value() : read.planned())
                .flatMap(value -> as(plan.job(), plan.get(WorkLog.class), read.act(), value))
                .filter(edit -> keepsCut(plan, Planner.edited(plan, edit)));
    }

    /**
     * What gives a number that is read so this value; empty where it has it, or is none that is given. Parts after this
     * one whose wood is the same, and was not read for itself, are taken to be milled with it.
     */
    public static Optional<Edit> as(Job job, WorkLog log, Act act, Length value) {
        return number(job, act)
                .filter(number -> !now(job, act, number).equals(Optional.of(value)))
                .map(number -> new Edit.CameOut(alike(job, log, act, number), number, name(job, act, number), value));
    }

    private static List<Integer> alike(Job job, WorkLog log, Act act, FigureKey<Length> number) {
        int part = job.indexOf(act.part());
        Job own = job.at(part);
        return IntStream.range(part, job.parts().size())
                .filter(i -> i == part || number.station() == Station.SECTION && isLike(own, job.at(i), number, log))
                .boxed()
                .toList();
    }

    private static boolean isLike(Job own, Job other, FigureKey<Length> number, WorkLog log) {
        Act act = Act.Size.given(other.part().name(), number);
        return own.section().name().equals(other.section().name())
                && log.measured(act).isEmpty()
                && now(own, Act.Size.given(own.part().name(), number), number).equals(now(other, act, number));
    }

    private static Words name(Job job, Act act, FigureKey<Length> number) {
        return Entry.of(job.at(job.indexOf(act.part())), number)
                .map(Entry::words)
                .orElseGet(number::words);
    }

    private static Optional<Length> now(Job job, Act act, FigureKey<Length> number) {
        Job part = job.at(job.indexOf(act.part()));
        return number instanceof Tape tape
                ? Optional.ofNullable(part.measured().get(tape))
                : Entry.of(part, number).map(entry -> entry.read().apply(part));
    }

    private static Optional<FigureKey<Length>> number(Job job, Act act) {
        boolean there = job.parts().stream().anyMatch(part -> part.name().equals(act.part()));
        if (!there || !(act instanceof Act.Size size)) {
            return Optional.empty();
        }
        Stream<FigureKey<Length>> entries =
                Entry.of(job.at(job.indexOf(size.part()))).stream().map(Entry::key);
        return Stream.concat(Stream.of(Tape.values()), entries)
                .filter(key -> key.id().equals(size.size()) && key.station() == size.station())
                .findFirst();
    }

    /** Whether every piece that is cut, or begun, stays as long as it was. */
    private static boolean keepsCut(Plan before, Plan after) {
        WorkLog log = before.get(WorkLog.class);
        return cut(after, log).containsAll(cut(before, log));
    }

    /** A piece that is cut, or begun, and how long it is. */
    private record Cut(String part, PieceId piece, Length length) {
    }

    private static Set<Cut> cut(Plan plan, WorkLog log) {
        return plan.get(CutLots.class).laid().stream()
                .flatMap(stick -> stick.spots().stream())
                .filter(spot -> log.isBegun(spot.part(), spot.piece()))
                .map(spot -> new Cut(spot.part(), spot.piece(), spot.length()))
                .collect(Collectors.toSet());
    }
}
