package neatcorner.bench;

import java.util.concurrent.TimeUnit;
import neatcorner.app.desk.Demo;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** A frame with a lining in it, a rim, an outer frame and an edging around it, and a backing frame behind. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 25, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class AssemblyBench {
    private final Shop shop = Demo.shop().value();
    private final Job job = six();
    private int turn;

    private Job six() {
        Job grown = Demo.jobs().get(16).value();
        grown = with(grown.at(0), "lining");
        grown = with(grown.at(grown.indexOf("rim")), "outer_frame");
        grown = with(grown, "edging");
        return grown.at(0);
    }

    private Job with(Job whole, String offer) {
        return whole.withPart(PartOffer.ALL.stream()
                .filter(one -> one.id().equals(offer))
                .findFirst()
                .orElseThrow()
                .by(Assembly.of(whole, shop).seen(), offer)
                .orElseThrow());
    }

    /** A size typed: the part that is shown is planned, and all six are laid on the sticks. */
    @Benchmark
    public Plan typed() {
        Length wide = Length.mm(300).plus(Length.mm(turn++ % 100));
        return Planner.plan(job.withGiven(Axis.WIDTH, new Size(Line.GLASS, wide)), shop);
    }

    /** A plan of each of the six, as the sheet wants them. */
    @Benchmark
    public Object eachPart() {
        return Planner.ofParts(Planner.plan(job, shop));
    }
}
