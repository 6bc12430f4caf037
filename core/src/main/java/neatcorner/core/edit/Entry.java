package neatcorner.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.job.Body;
import neatcorner.core.job.BorderKey;
import neatcorner.core.job.EdgeKey;
import neatcorner.core.job.ExtraKey;
import neatcorner.core.job.FixtureKey;
import neatcorner.core.job.Job;
import neatcorner.core.job.LayerKey;
import neatcorner.core.job.OuterKey;
import neatcorner.core.job.PanelKey;
import neatcorner.core.job.PlaceKey;
import neatcorner.core.job.Placement;
import neatcorner.core.job.PrintKey;
import neatcorner.core.job.SlatKey;
import neatcorner.core.job.Tape;
import neatcorner.core.job.TrimKey;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.FaceKey;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.FigureKey;

/**
 * A number of a job that can be typed on a tag. The set of entries is fixed but for the layers and
 * the given sizes, which depend on the job.
 *
 * @param key   which number; the figure that shows it has the same
 * @param words its name for people
 * @param read  the number as it stands
 * @param write the job with another number; throws {@link neatcorner.core.phrase.Refusal} when it is out
 *              of range, and the job stays as it was
 */
public record Entry(
        FigureKey<Length> key, Words words, Function<Job, Length> read, BiFunction<Job, Length, Job> write) {
    /** An entry under the usual name of its key. */
    Entry(FigureKey<Length> key, Function<Job, Length> read, BiFunction<Job, Length, Job> write) {
        this(key, key.words(), read, write);
    }

    /** The numbers that can be typed into this job as it stands. */
    public static List<Entry> of(Job job) {
        List<Entry> entries = new ArrayList<>();
        job.placement()
                .ifPresentOrElse(
                        placement -> addPlace(entries, placement, job.isHolding()),
                        () -> job.outline()
                                .entries()
                                .forEach(entry -> entries.add(new Entry(
                                        entry.key(),
                                        _ -> entry.now(),
                                        (j, l) -> j.withOutline(entry.with().apply(l))))));
        entries.addAll(SectionEntries.of(job.section()));
        addExtras(entries, job, EdgeKey.values(), Body::edge, Body::withEdge);
        addExtras(entries, job, SlatKey.values(), Body::slats, Body::withSlats);
        addExtras(entries, job, PanelKey.values(), Body::panel, Body::withPanel);
        addExtras(entries, job, TrimKey.values(), Body::trim, Body::withTrim);
        job.body().outer().ifPresent(outer -> addExtras(
                entries, job, new OuterKey[] {OuterKey.of(outer.form())}, Body::outer, Body::withOuter));
        job.faces().keySet().forEach(face -> entries.add(face(job, face)));
        job.contents().borders().ifPresent(_ -> addBorders(entries));
        for (int i = 0; i < job.contents().layers().size(); i++) {
            int index = i;
            entries.add(new Entry(
                    new LayerKey(index),
                    Words.of(
                            "figure.layer.of",
                            job.contents().layers().get(index).material()),
                    j -> j.contents().layers().get(index).thickness(),
                    (j, l) -> j.withContents(j.contents().withThickness(index, l))));
        }
        job.choices().cutting().print().ifPresent(_ -> entries.add(new Entry(
                PrintKey.REPEAT,
                j -> j.choices().cutting().print().orElseThrow().repeat(),
                (j, l) -> j.withChoices(j.choices()
                        .withCutting(j.choices()
                                .cutting()
                                .withPrint(j.choices().cutting().print().map(print -> print.withRepeat(l))))))));
        addBehind(entries, job.contents().behind().size());
        for (Habit habit : Habit.values()) {
            entries.add(habit(habit));
        }
        job.measured().keySet().forEach(tape -> entries.add(measured(tape)));
        return List.copyOf(entries);
    }

    /** The entry under this key, when the job has it now. */
    public static Optional<Entry> of(Job job, FigureKey<?> key) {
        return of(job).stream().filter(entry -> entry.key.equals(key)).findFirst();
    }

    /** The face of a side that has its own. */
    private static Entry face(Job job, String faceId) {
        Side side = job.outline().round().stream().filter(s -> s.faceId().equals(faceId)).findFirst().orElseThrow();
        return new Entry(FaceKey.of(side), j -> j.faces().get(faceId), (j, l) -> j.withFace(faceId, Optional.of(l)));
    }

    /** A habit, read without knowing the shop's: its override or its usual value. */
    public static Entry habit(Habit habit) {
        return new Entry(habit, j -> j.overrides().get(habit),
                (j, l) -> j.withOverrides(j.overrides().with(habit, l)));
    }

    /** A measurement of the glued frame; reads as zero until it is taken. */
    public static Entry measured(Tape tape) {
        return new Entry(tape, j -> j.measured().getOrDefault(tape, Length.ZERO), (j, l) -> j.withMeasured(tape, l));
    }

    private static void addPlace(List<Entry> entries, Placement placement, boolean holding) {
        entries.add(new Entry(
                PlaceKey.GAP,
                Words.of(placement instanceof Placement.OnTop ? "figure.place.beyond" : "figure.place.gap"),
                j -> j.placement().orElseThrow().gap(),
                (j, l) -> j.with(j.placement().orElseThrow().withGap(l))));
        if (placement instanceof Placement.OnTop) {
            entries.add(new Entry(
                    PlaceKey.HIGH,
                    j -> ((Placement.OnTop) j.placement().orElseThrow()).high(),
                    (j, l) -> j.with(((Placement.OnTop) j.placement().orElseThrow()).withHigh(l))));
        }
        if (placement instanceof Placement.Around && !holding) {
            entries.add(new Entry(
                    PlaceKey.PROUD,
                    j -> ((Placement.Around) j.placement().orElseThrow()).proud(),
                    (j, l) -> j.with(((Placement.Around) j.placement().orElseThrow()).withProud(l))));
        }
    }

    /** The numbers of something a part has beyond the pieces that go round it, where it has that. */
    private static <T> void addExtras(
            List<Entry> entries,
            Job job,
            ExtraKey<T>[] keys,
            Function<Body, Optional<T>> of,
            BiFunction<Body, Optional<T>, Body> with) {
        if (of.apply(job.body()).isEmpty()) {
            return;
        }
        for (ExtraKey<T> key : keys) {
            entries.add(new Entry(
                    key,
                    j -> key.of(of.apply(j.body()).orElseThrow()),
                    (j, l) -> j.with(with.apply(
                            j.body(), of.apply(j.body()).map(extra -> key.in(extra, l))))));
        }
    }

    private static void addBehind(List<Entry> entries, int many) {
        for (int i = 0; i < many; i++) {
            int index = i;
            for (FixtureKey.Of of : FixtureKey.Of.values()) {
                FixtureKey key = new FixtureKey(index, of);
                entries.add(new Entry(
                        key,
                        j -> key.of(j.contents().behind().get(index)),
                        (j, l) -> j.withContents(j.contents().withBehind(
                                index, key.in(j.contents().behind().get(index), l)))));
            }
        }
    }

    private static void addBorders(List<Entry> entries) {
        for (BorderKey border : BorderKey.values()) {
            entries.add(new Entry(
                    border,
                    j -> border.of(j.contents().borders().orElseThrow()),
                    (j, l) -> j.withContents(j.contents().withBorders(
                            j.contents().borders().map(b -> border.in(b, l))))));
        }
    }
}
