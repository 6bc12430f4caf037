package neatcorner.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;

/**
 * How cost grows with size: orders of 10 to 2 000 pieces in up to 200 kinds, ten seconds each;
 * {@code bench/growth [SEED]}.
 */
public final class StickGrowth {
    private static final double SECONDS = 10;

    private StickGrowth() {
    }

    /** One argument at most: the seed, 1 when not said. */
    public static void main(String[] args) {
        int seed = args.length > 0 ? Integer.parseInt(args[0]) : 1;
        System.out.println("pieces  kinds   quick ms   first 1 % s  proven s    gap %   heap MiB");
        for (int[] size : new int[][] {{10, 4}, {30, 8}, {100, 20}, {300, 40}, {600, 80}, {1000, 120}, {2000, 200}}) {
            run(problem(size[0], size[1], seed));
        }
    }

    private static StickProblem problem(int pieces, int kinds, int seed) {
        Random random = new Random(seed * 7919L + pieces);
        Set<Integer> lengths = new TreeSet<>();
        while (lengths.size() < kinds) {
            lengths.add(128 + random.nextInt(768));
        }
        List<StickProblem.Kind> wanted = new ArrayList<>();
        int left = pieces;
        for (int sixteenths : lengths) {
            int count = Math.max(1, Math.round((float) left / (kinds - wanted.size())));
            left -= count;
            wanted.add(new StickProblem.Kind("", Length.inches(0, sixteenths, 16), count));
        }
        List<StickProblem.Stock> stock = List.of(
                new StickProblem.Stock("8 ft", Length.inches(96), Optional.empty(), 1180),
                new StickProblem.Stock("10 ft", Length.inches(120), Optional.empty(), 1490),
                new StickProblem.Stock("12 ft", Length.inches(144), Optional.empty(), 1765));
        return new StickProblem(wanted, stock, Length.inches(0, 3, 16), Length.inches(0, 1, 4));
    }

    private static void run(StickProblem problem) {
        double quick = Double.MAX_VALUE;
        for (int i = 0; i < 8; i++) {
            long begin = System.nanoTime();
            StickSolver.quick(problem);
            quick = Math.min(quick, (System.nanoTime() - begin) / 1e6);
        }
        long start = System.nanoTime();
        double[] near = {-1};
        long[] heap = {0};
        StickAnswer answer = StickSolver.solve(problem, () -> System.nanoTime() - start > SECONDS * 1e9, better -> {
            heap[0] = Math.max(heap[0], Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory());
            if (near[0] < 0 && better.gap() <= 0.01) {
                near[0] = (System.nanoTime() - start) / 1e9;
            }
        }).orElseThrow();
        double took = (System.nanoTime() - start) / 1e9;
        System.out.printf(
                Locale.ROOT,
                "%6d  %5d  %9.1f  %11.2f  %8s  %7.2f  %9d%n",
                problem.pieces().stream().mapToInt(StickProblem.Kind::count).sum(),
                problem.pieces().size(),
                quick,
                near[0],
                answer.isProven() ? String.format(Locale.ROOT, "%.2f", took) : "no",
                answer.gap() * 100,
                heap[0] >> 20);
    }
}
