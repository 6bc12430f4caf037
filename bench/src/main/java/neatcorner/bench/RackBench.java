package neatcorner.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import neatcorner.app.desk.Demo;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.RackItem;
import neatcorner.core.shop.Shop;
import neatcorner.files.json.Document;
import neatcorner.files.text.RackCsv;
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

/**
 * A rack of thousands: a re-plan after every digit, an edit of one item with the document that is saved, and the rack
 * as CSV.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 2)
@Fork(1)
@SuppressWarnings("NullAway.Init") // Set up before every measurement.
public class RackBench {
    /** How many off-cuts; they are of all the shop's mouldings in turn. */
    @Param({"100", "1000", "5000"})
    private int items;
    private Shop shop;
    private Job job;
    private OffCut changed;

    /** The demonstration's mouldings with off-cuts of random lengths. */
    @Setup
    public void fill() {
        Random random = new Random(7);
        Shop demo = Demo.shop().value();
        List<RackItem> rack = new ArrayList<>();
        for (int i = 0; i < items; i++) {
            rack.add(new OffCut(
                    "X-" + i,
                    demo.mouldings().get(i % demo.mouldings().size()).section(),
                    Length.inches(12 + random.nextInt(60)),
                    List.of(),
                    "shelf " + i % 40,
                    ""));
        }
        shop = demo.withRack(demo.rack().with(rack));
        job = Demo.jobs().getFirst().value();
        changed = (OffCut) shop.rack().item("X-7").orElseThrow();
    }

    /** As after every digit. */
    @Benchmark
    public Plan plan() {
        return Planner.plan(job, shop);
    }

    /** One item changed, and the whole document written. */
    @Benchmark
    public String edit() {
        return Document.of(new ShopEdit.Shelve(List.of(changed)).apply(shop)).text();
    }

    /** The rack as CSV, written and read. */
    @Benchmark
    public int csv() {
        return RackCsv.read(RackCsv.write(shop.rack().items()), shop).items().size();
    }
}
