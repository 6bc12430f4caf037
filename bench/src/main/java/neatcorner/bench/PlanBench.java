package neatcorner.bench;

import java.util.List;
import java.util.concurrent.TimeUnit;
import neatcorner.app.desk.Demo;
import neatcorner.core.job.Job;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import neatcorner.files.json.Document;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A full re-plan of one job, as after every digit; and how it grows with the number of frames alike. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class PlanBench {
    private final Shop shop = Demo.shop().value();
    private final List<Job> demo = Demo.jobs().stream().map(Document::value).toList();
    /** How many frames alike. */
    @Param({"1", "6", "25", "100"})
    private int quantity;

    /** The set of pressings: mat, glass, splines. */
    @Benchmark
    public Plan pressings() {
        return Planner.plan(demo.getFirst().withQuantity(quantity), shop);
    }

    /** Unequal mitres, two mouldings. */
    @Benchmark
    public Plan wideBottomRail() {
        return Planner.plan(demo.get(2).withQuantity(quantity), shop);
    }
}
