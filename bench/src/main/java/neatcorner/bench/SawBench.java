package neatcorner.bench;

import java.util.LinkedHashMap;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.SplittableRandom;
import java.util.concurrent.TimeUnit;
import neatcorner.app.desk.Demo;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.saw.Budget;
import neatcorner.core.saw.Doctor;
import neatcorner.core.saw.Look;
import neatcorner.core.saw.Spread;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Ten thousand frames cut by chance, the whole error budget, and the doctor with every joint looked at. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class SawBench {
    /** How many sides. */
    @Param({"4", "8", "12", "36"})
    private int sides;

    private Optional<Posed> posed = Optional.empty();

    /** The frame, its doctor and what is seen of it. */
    private record Posed(Plan plan, Doctor doctor, SequencedMap<Look, Double> seen) {
    }

    /** A polygon of so many sides with every joint open by what a saw does that is off by a fifth of a degree. */
    @Setup
    public void frame() {
        Job plain = Job.starting(
                "Saw",
                Length.inches(40),
                Length.inches(40),
                Demo.shop().value().mouldings().getFirst().section());
        Plan plan = Planner.plan(
                new Edit.Draw(new Outline.Regular(
                                sides, Outline.Across.FLATS, new Size(Line.GLASS, Length.inches(40))))
                        .apply(plain),
                Demo.shop().value());
        Doctor doctor = Doctor.of(plan.saw()).orElseThrow();
        SequencedMap<Look, Double> seen = new LinkedHashMap<>();
        doctor.looks().stream()
                .filter(look -> look instanceof Look.Across || look instanceof Look.Through)
                .forEach(look -> seen.put(look, look instanceof Look.Across ? 0.3 : 0.0));
        posed = Optional.of(new Posed(plan, doctor, seen));
    }

    private Plan plan() {
        return posed.orElseThrow().plan();
    }

    /** By chance. */
    @Benchmark
    public Spread spread() {
        return Spread.of(
                        plan().saw().ring(),
                        plan().saw().trust(),
                        Spread.FRAMES,
                        new SplittableRandom(Spread.SEED),
                        _ -> { },
                        () -> false)
                .orElseThrow();
    }

    /** With what to better first, and the pane. */
    @Benchmark
    public Budget budget() {
        return Budget.of(plan().frame(), plan().saw(), SplittableRandom::new, _ -> { }, () -> false)
                .orElseThrow();
    }

    /** One answer of the doctor. */
    @Benchmark
    public Doctor.Diagnosis diagnose() {
        return posed.orElseThrow().doctor().diagnose(posed.orElseThrow().seen());
    }
}
