package neatcorner.bench;

import java.util.concurrent.TimeUnit;
import neatcorner.app.desk.Demo;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.section.Ready;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Species;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A full plan of a leaning frame of 36 sides with a built-up section. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 8, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class LeaningBench {
    private final Shop shop = Demo.shop().value();
    private final Job job = leaning(Ready.BUILT_UP.in(Species.WALNUT, "built up"));
    private int turn;

    private static Job leaning(Section section) {
        Job plain = Job.starting("Leaning", Length.inches(40), Length.inches(40), section);
        return new Edit.Tilt(new Lean(30, Lean.Way.OUTWARDS)).apply(new Edit.Draw(
                new Outline.Regular(36, Outline.Across.FLATS, new Size(Line.GLASS, Length.inches(48)))).apply(plain));
    }

    /** The section as it was: what typing a size costs. */
    @Benchmark
    public Plan sameSection() {
        Length across = Length.inches(48).plus(Length.mm(turn++ % 100));
        return Planner.plan(
                job.withOutline(new Outline.Regular(36, Outline.Across.FLATS, new Size(Line.GLASS, across))), shop);
    }

    /** A section that was never seen before: what dragging one of its edges costs. */
    @Benchmark
    public Plan newSection() {
        Length face = Length.mm(60).plus(new Length(turn++ % 10_000_000));
        return Planner.plan(job.withSection(job.section().withFace(face)), shop);
    }
}
