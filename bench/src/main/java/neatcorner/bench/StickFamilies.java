package neatcorner.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.TreeSet;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;

/** Families of stick problems from fixed seeds, each solved within its time; {@code bench/sticks [FIRST_SEED]}. */
public final class StickFamilies {
    private static final int SEEDS = 5;

    private StickFamilies() {
    }

    /** One argument at most: the first seed, 1 when not said. */
    public static void main(String[] args) {
        int first = args.length > 0 ? Integer.parseInt(args[0]) : 1;
        System.out.println("family                        pieces  quick  best  bound  proven  seconds");
        for (int seed = first; seed < first + SEEDS; seed++) {
            for (int frames : new int[] {4, 12, 30, 45, 60}) {
                run("shop, " + frames + " frames", order(frames, seed, false), 1);
                run("shop, " + frames + " frames, off-cuts", order(frames, seed, true), 1);
            }
            run("three to a stick", triplets(20, seed), 2);
            run("three to a stick", triplets(40, seed), 2);
            run("three to a stick", triplets(83, seed), 8);
            run("three to a stick, tenths", tenths(40, seed), 2);
            run("all different", different(2000, 1, seed), 10);
            run("many of many kinds", different(1000, 20, seed), 10);
            run("many of many kinds", different(1000, 20, seed), 1);
            run("partition, 6 sticks", partition(6, seed), 2);
            run("partition, 12 sticks", partition(12, seed), 2);
            run("partition, 24 sticks", partition(24, seed), 30);
            run("partition, 48 sticks", partition(48, seed), 30);
        }
    }

    /** Rectangular frames of one moulding, sold in three lengths; lengths to a sixteenth of an inch. */
    private static StickProblem order(int frames, int seed, boolean offCuts) {
        Random random = new Random(seed * 991L + frames);
        Map<Integer, Integer> pieces = new TreeMap<>();
        int sizes = Math.min(10, 1 + frames / 3);
        for (int f = 0, left = frames; f < sizes; f++) {
            int many = f == sizes - 1 ? left : Math.max(1, left / (sizes - f));
            left -= many;
            pieces.merge(128 + random.nextInt(512), 2 * many, Integer::sum);
            pieces.merge(128 + random.nextInt(512), 2 * many, Integer::sum);
        }
        List<StickProblem.Stock> stock = new ArrayList<>(List.of(
                sold(96, 1180 + random.nextInt(60)),
                sold(120, 1460 + random.nextInt(80)),
                sold(144, 1740 + random.nextInt(90))));
        for (int i = 0; offCuts && i < 10 + random.nextInt(31); i++) {
            stock.add(
                    new StickProblem.Stock("off-cut " + i, Length.inches(10 + random.nextInt(50)), Optional.of(1), 0));
        }
        return new StickProblem(
                pieces.entrySet().stream()
                        .map(e -> new StickProblem.Kind("", Length.inches(0, e.getKey(), 16), e.getValue()))
                        .toList(),
                stock,
                Length.inches(0, 3, 16),
                Length.inches(0, 1, 4));
    }

    private static StickProblem.Stock sold(int inches, long cost) {
        return new StickProblem.Stock(inches + " in", Length.inches(inches), Optional.empty(), cost);
    }

    /** Sticks of 1000 mm, each cut in three of a quarter to a half with nothing left. */
    private static StickProblem triplets(int sticks, int seed) {
        Random random = new Random(seed * 31L + sticks);
        Map<Integer, Integer> pieces = new TreeMap<>();
        for (int s = 0; s < sticks; s++) {
            int a = 380 + random.nextInt(110);
            int low = Math.max(251, 1000 - a - 499);
            int b = low + random.nextInt(Math.max(1, Math.min(499, 1000 - a - 251) - low + 1));
            List.of(a, b, 1000 - a - b).forEach(length -> pieces.merge(length, 1, Integer::sum));
        }
        return whole(pieces, 1000, 0, 1);
    }

    /** The same to a tenth of a millimetre: sticks of 2400 mm, each cut in three with nothing left. */
    private static StickProblem tenths(int sticks, int seed) {
        Random random = new Random(seed * 57L + sticks);
        Map<Integer, Integer> pieces = new TreeMap<>();
        for (int s = 0; s < sticks; s++) {
            int a = 6_000 + random.nextInt(3_500);
            int b = 6_000 + random.nextInt(3_500);
            List.of(a, b, 24_000 - a - b).forEach(length -> pieces.merge(length, 1, Integer::sum));
        }
        return whole(pieces, 24_000, 0, 10);
    }

    /** Kinds from 150 to 900 mm at random, so many of each, from sticks sold in two lengths. */
    private static StickProblem different(int kinds, int ofEach, int seed) {
        Random random = new Random(seed * 13L + kinds);
        TreeSet<Integer> lengths = new TreeSet<>();
        while (lengths.size() < kinds) {
            lengths.add(1_500 + random.nextInt(7_500));
        }
        return new StickProblem(
                lengths.stream()
                        .map(l -> new StickProblem.Kind("", Length.mm(l / 10.0), ofEach))
                        .toList(),
                List.of(
                        new StickProblem.Stock("a", Length.mm(2_400), Optional.empty(), 1_200),
                        new StickProblem.Stock("b", Length.mm(3_000), Optional.empty(), 1_480)),
                Length.mm(3),
                Length.mm(5));
    }

    /**
     * Sticks of 2400 mm cut in three to nine pieces, to a tenth of a millimetre, with kerfs of 3 mm and nothing left.
     */
    private static StickProblem partition(int sticks, int seed) {
        Random random = new Random(seed * 77L + sticks);
        Map<Integer, Integer> pieces = new TreeMap<>();
        int kerf = 30;
        for (int s = 0; s < sticks; s++) {
            int many = 3 + random.nextInt(7);
            TreeSet<Integer> cuts = new TreeSet<>();
            while (cuts.size() < many - 1) {
                int cut = 500 + random.nextInt(23_000);
                if (cuts.stream().noneMatch(other -> Math.abs(other - cut) < 400)) {
                    cuts.add(cut);
                }
            }
            cuts.add(24_000 + kerf);
            int last = 0;
            for (int cut : cuts) {
                pieces.merge(cut - last - kerf, 1, Integer::sum);
                last = cut;
            }
        }
        return whole(pieces, 24_000, kerf, 10);
    }

    private static StickProblem whole(Map<Integer, Integer> pieces, int stick, int kerf, double perMm) {
        return new StickProblem(
                pieces.entrySet().stream()
                        .map(e -> new StickProblem.Kind("", Length.mm(e.getKey() / perMm), e.getValue()))
                        .toList(),
                List.of(new StickProblem.Stock("", Length.mm(stick / perMm), Optional.empty(), 1)),
                Length.mm(kerf / perMm),
                Length.ZERO);
    }

    private static void run(String family, StickProblem problem, double seconds) {
        long start = System.nanoTime();
        long[] quick = {-1};
        StickAnswer answer = StickSolver.solve(problem, () -> System.nanoTime() - start > seconds * 1e9, better -> {
            if (quick[0] < 0) {
                quick[0] = better.cost();
            }
        }).orElseThrow();
        System.out.printf(
                Locale.ROOT,
                "%-30s %5d %6d %5d %6d  %-6s %7.2f%n",
                family,
                problem.pieces().stream().mapToInt(StickProblem.Kind::count).sum(),
                quick[0],
                answer.cost(),
                answer.bound(),
                answer.isProven() ? "yes" : "no",
                (System.nanoTime() - start) / 1e9);
    }
}
