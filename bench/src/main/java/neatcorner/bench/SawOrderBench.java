package neatcorner.bench;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import neatcorner.app.desk.Demo;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.cut.Lots;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
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

/** All cuts of many frames in their order: alike, every one of another size, and every one of another shape too. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
public class SawOrderBench {
    /** What is sawn. */
    public enum Frames {
        /** Of one size. */
        ALIKE,
        /** Rectangles of as many sizes as frames. */
        SIZES,
        /** Polygons of three to eight sides, all of other sizes. */
        SHAPES
    }

    /** What. */
    @Param
    private Frames frames = Frames.ALIKE;

    /** About how many cuts. */
    @Param({"300", "1200", "4800"})
    private int cuts;

    private Optional<ToSaw> work = Optional.empty();

    /** Lays them on sticks. */
    @Setup
    public void sticks() {
        Shop shop = Demo.shop().value();
        List<Lots.Order> orders = IntStream.range(0, Math.max(1, cuts / 8))
                .mapToObj(i -> new Lots.Order("job " + i, Frame.of(job(i, shop), shop).result()))
                .toList();
        ToSaw toSaw = ToSaw.of(CutPlan.sticks(Lots.ofAll(orders, shop, Answers.NONE)), orders, shop.machines());
        Sawing sawing = toSaw.inOrder();
        System.out.println(frames + ": cuts " + sawing.cuts().size() + ", changes "
                + sawing.effort().changes() + " for " + sawing.plainly().changes() + ", bound " + sawing.bound());
        work = Optional.of(toSaw);
    }

    private Job job(int number, Shop shop) {
        double more = frames == Frames.ALIKE ? 0 : number * 0.35;
        Job plain = Job.starting(
                "Saw",
                Length.inches(9 + more % 17),
                Length.inches(12 + more % 13),
                shop.mouldings().getFirst().section());
        return frames == Frames.SHAPES
                ? new Edit.Draw(new Outline.Regular(
                                4 + number % 5,
                                Outline.Across.SIDE,
                                new Size(Line.SIGHT, Length.inches(8 + more % 7))))
                        .apply(plain)
                : plain;
    }

    /** In order. */
    @Benchmark
    public Sawing order() {
        return work.orElseThrow().inOrder();
    }
}
