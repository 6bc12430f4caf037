package neatcorner.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import neatcorner.app.desk.Demo;
import neatcorner.app.desk.LogDesk;
import neatcorner.core.job.PieceId;
import neatcorner.core.phrase.Words;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.LogLine;
import neatcorner.files.store.ShopStore;

/**
 * A shop whose logs have so many lines in all: how long until the log of one job is there, and until words are found
 * among all. {@code bench/log}.
 */
public final class LogGrowth {
    private static final int JOBS = 500;
    private static final int ROUNDS = 15;
    private static final List<String> SAID = List.of("a knot near the end", "band slipped", "glue ran", "rabbet shy");

    private LogGrowth() {
    }

    /** Numbers of lines; none for 1 000, 10 000 and 100 000. */
    public static void main(String[] args) throws Exception {
        for (int lines : args.length == 0
                ? new int[] {1_000, 10_000, 100_000}
                : Arrays.stream(args).mapToInt(Integer::parseInt).toArray()) {
            measure(lines);
        }
    }

    private static void measure(int lines) throws Exception {
        Path folder = Files.createTempDirectory("neat-corner-log");
        try (ShopStore store = Demo.store(folder.resolve("shop.neatcorner"), Clock.systemUTC())) {
            List<String> jobs = new ArrayList<>(
                    store.jobs().stream().map(ShopStore.Listed::id).toList());
            while (jobs.size() < JOBS) {
                jobs.add(store.add(Demo.jobs().get(jobs.size() % Demo.jobs().size()), Words.plain("new")));
            }
            for (int i = 0; i < lines; i++) {
                Act act = new Act.Saw("frame", new PieceId("A–B", i % 97 + 1, 0), true);
                Deed deed = i % 10 == 0
                        ? new Deed.Remark(act, SAID.get(i / 10 % SAID.size()) + " " + i)
                        : new Deed.Done(act, Duration.ofSeconds(i % 200));
                Words said = Words.of("sawing.right_end", Words.of("stick.piece", "A–B", i % 97 + 1));
                store.log(
                        jobs.get(i % jobs.size()),
                        new LogLine(Instant.EPOCH.plusSeconds(i), "", deed, said),
                        deed instanceof Deed.Remark remark ? remark.text() : "right end of A–B #" + (i % 97 + 1));
            }
            String job = jobs.getFirst();
            System.out.printf(
                    "%,d lines: log of one job %s, rare word %s, common word %s, none %s%n",
                    lines,
                    median(() -> store.work(job)),
                    median(() -> store.search("knot " + (lines / 40 * 40), LogDesk.MOST, _ -> "")),
                    median(() -> store.search("right A", LogDesk.MOST, _ -> "")),
                    median(() -> store.search("walrus", LogDesk.MOST, _ -> "")));
        }
    }

    private static String median(Supplier<?> work) {
        long[] took = new long[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long start = System.nanoTime();
            var _ = work.get();
            took[i] = System.nanoTime() - start;
        }
        Arrays.sort(took);
        return String.format("%.1f ms", took[ROUNDS / 2] / 1e6);
    }
}
