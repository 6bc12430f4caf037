package neatcorner.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Job;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.shop.Habit;

/**
 * A number of a job that can be typed on a tag. The set of entries is fixed but for the layers and
 * the given sizes, which depend on the job.
 *
 * @param id    its name for machines; the figure that shows it has the same
 * @param read  the number as it stands
 * @param write the job with another number; throws {@link IllegalArgumentException} when it is out
 *              of range, and the job stays as it was
 */
public record Entry(String id, Function<Job, Length> read, BiFunction<Job, Length, Job> write) {
    /** The numbers that can be typed into this job as it stands. */
    public static List<Entry> of(Job job) {
        List<Entry> entries = new ArrayList<>();
        addOutline(entries, job.outline());
        entries.addAll(SectionEntries.of(job.section()));
        job.faces().forEach((side, face) -> entries.add(new Entry("face." + side, j -> j.faces().get(side),
                (j, l) -> j.withFace(side, Optional.of(l)))));
        job.contents().borders().ifPresent(_ -> addBorders(entries));
        for (int i = 0; i < job.contents().layers().size(); i++) {
            int index = i;
            entries.add(new Entry("layer." + (i + 1), j -> j.contents().layers().get(index).thickness(),
                    (j, l) -> j.withContents(j.contents().withThickness(index, l))));
        }
        job.choices().fastener().ifPresent(length -> entries.add(new Entry("joint.fastener", _ -> length,
                (j, l) -> j.withChoices(j.choices().withFastener(Optional.of(l))))));
        for (Habit habit : Habit.values()) {
            entries.add(habit(habit));
        }
        job.measured().keySet().forEach(tape -> entries.add(measured(tape)));
        return List.copyOf(entries);
    }

    /** The entry with this id, when the job has it now. */
    public static Optional<Entry> of(Job job, String id) {
        return of(job).stream().filter(entry -> entry.id.equals(id)).findFirst();
    }

    /** A habit, read without knowing the shop's: its override or its usual value. */
    public static Entry habit(Habit habit) {
        return new Entry(habit.id(), j -> j.overrides().get(habit),
                (j, l) -> j.withOverrides(j.overrides().with(habit, l)));
    }

    /** A measurement of the glued frame; reads as zero until it is taken. */
    public static Entry measured(Tape tape) {
        return new Entry(tape.id(), j -> j.measured().getOrDefault(tape, Length.ZERO), (j, l) -> j.withMeasured(tape, l));
    }

    private static void addOutline(List<Entry> entries, Outline outline) {
        switch (outline) {
            case Boxed boxed -> {
                for (Axis axis : Axis.values()) {
                    Line line = boxed.given(axis).line();
                    entries.add(new Entry(line.id(axis), j -> ((Boxed) j.outline()).given(axis).length(),
                            (j, l) -> j.withGiven(axis, new Size(line, l))));
                }
                if (boxed instanceof Boxed.Window window) {
                    entries.add(new Entry("outline.bar", _ -> window.bar(), (j, l) -> j.withOutline(
                            new Boxed.Window(window.width(), window.height(), window.rows(), window.columns(), l))));
                }
            }
            case Outline.Regular regular -> entries.add(new Entry("outline.size", _ -> regular.size().length(), (j, l) ->
                    j.withOutline(new Outline.Regular(regular.sides(), regular.across(), new Size(regular.line(), l)))));
            case Outline.Free free -> {
                for (int i = 0; i < free.corners().size(); i++) {
                    int side = i;
                    entries.add(new Entry("outline.side_" + (i + 1), _ -> free.side(side), (j, l) -> j.withOutline(free.withSide(side, l))));
                }
            }
        }
    }

    private static void addBorders(List<Entry> entries) {
        entries.add(border("border.top", Borders::top, (b, l) -> new Borders(l, b.sides(), b.bottom())));
        entries.add(border("border.sides", Borders::sides, (b, l) -> new Borders(b.top(), l, b.bottom())));
        entries.add(border("border.bottom", Borders::bottom, (b, l) -> new Borders(b.top(), b.sides(), l)));
    }

    private static Entry border(String id, Function<Borders, Length> read, BiFunction<Borders, Length, Borders> write) {
        return new Entry(id, j -> read.apply(j.contents().borders().orElseThrow()),
                (j, l) -> j.withContents(new Contents(j.contents().layers(),
                        Optional.of(write.apply(j.contents().borders().orElseThrow(), l)))));
    }
}
