package neatcorner.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.BooleanSupplier;
import neatcorner.app.desk.Demo;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.files.json.Document;
import neatcorner.files.store.ShopStore;

/**
 * A shop with so many open jobs, all laid together: how long until they are, how long after an edit of one of
 * them, and how long the interface thread is ever held up. {@code bench/together}.
 */
public final class TogetherGrowth {
    private final ExecutorService interfaceThread = Executors.newSingleThreadExecutor();
    private final AtomicLong longest = new AtomicLong();

    private TogetherGrowth() {
    }

    /** Numbers of jobs; none for 100, 1 000 and 5 000. */
    public static void main(String[] args) throws Exception {
        for (int jobs : args.length == 0
                ? new int[] {100, 1000, 5000}
                : Arrays.stream(args).mapToInt(Integer::parseInt).toArray()) {
            new TogetherGrowth().measure(jobs);
        }
        System.exit(0);
    }

    private void measure(int jobs) throws Exception {
        Path folder = Files.createTempDirectory("neat-corner-together");
        ShopStore store = Demo.store(folder.resolve("shop.neatcorner"), Clock.systemUTC());
        List<Document<Job>> patterns = Demo.jobs();
        for (int i = patterns.size(); i < jobs; i++) {
            Document<Job> pattern = patterns.get(i % patterns.size());
            store.add(pattern.with(pattern.value().withTitle(pattern.value().title() + " " + i)), Words.plain("new"));
        }
        Desk desk = on(() -> new Desk(store, Clock.systemUTC(), this::run));
        long start = System.nanoTime();
        on(() -> {
            desk.cuts().showTogether(true);
            return desk;
        });
        until(() -> desk.cuts().together().isPresent());
        double first = seconds(start);
        longest.set(0);
        double[] edits = new double[5];
        for (int i = 0; i < edits.length; i++) {
            int width = 300 + i;
            start = System.nanoTime();
            on(() -> desk.edit(new Edit.Enter(Line.GLASS.size(Axis.WIDTH), Length.mm(width))));
            until(() -> !desk.cuts().isGathering());
            edits[i] = seconds(start);
        }
        Arrays.sort(edits);
        long used = Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
        System.out.printf(
                "%5d jobs: together after %.2f s; after an edit %.2f s (median of %d); the interface thread was held"
                        + " up %.0f ms at most; heap %d MB%n",
                jobs, first, edits[edits.length / 2], edits.length, longest.get() / 1e6, used >> 20);
        on(() -> {
            desk.close();
            return desk;
        });
    }

    private void run(Runnable work) {
        interfaceThread.execute(() -> {
            long start = System.nanoTime();
            work.run();
            longest.accumulateAndGet(System.nanoTime() - start, Math::max);
        });
    }

    private <T> T on(Callable<T> work) throws Exception {
        CompletableFuture<T> done = new CompletableFuture<>();
        run(() -> {
            try {
                done.complete(work.call());
            } catch (Exception failed) {
                done.completeExceptionally(failed);
            }
        });
        return done.get();
    }

    private void until(BooleanSupplier isSo) throws Exception {
        while (!on(isSo::getAsBoolean)) {
            Thread.sleep(2);
        }
    }

    private static double seconds(long start) {
        return (System.nanoTime() - start) / 1e9;
    }
}
