package neatcorner.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.solve.sheet.SheetSolver;

/**
 * Sheets cut apart at random from edge to edge, nothing left over, solved again within five seconds;
 * {@code bench/sheets [FIRST_SEED [SHRUNK_MM]]}: with a second number every pane is smaller by up to so much each way.
 * One sheet is the best there is. Area used counts the last sheet less the largest rectangle that is left of it.
 */
public final class SheetFamilies {
    private static final int SEEDS = 10;
    private static final int WIDTH = 1220;
    private static final int HEIGHT = 915;
    private static final double SECONDS = 5;

    private SheetFamilies() {
    }

    /** The first seed, 1 when not said, and by how many mm panes are shrunk at the most, 0 when not said. */
    public static void main(String[] args) {
        int first = args.length > 0 ? Integer.parseInt(args[0]) : 1;
        int shrunk = args.length > 1 ? Integer.parseInt(args[1]) : 0;
        System.out.println("panes  turn  kerf  sheets  area over the best  first after  seconds");
        for (int panes : new int[] {10, 20, 40}) {
            for (int seed = first; seed < first + SEEDS; seed++) {
                run(panes, seed % 2 == 0, seed % 3 == 0 ? 3 : 0, shrunk, new Random(seed * 1009L + panes));
            }
        }
    }

    private static void run(int count, boolean turn, int kerf, int shrunk, Random random) {
        List<int[]> parts = new ArrayList<>(List.of(new int[] {WIDTH, HEIGHT}));
        while (parts.size() < count) {
            int[] largest = parts.stream().max((a, b) -> a[0] * a[1] - b[0] * b[1]).orElseThrow();
            int[] part = random.nextInt(3) == 0 ? parts.get(random.nextInt(parts.size())) : largest;
            boolean across = random.nextInt(part[0] + part[1]) < part[0];
            int side = across ? part[0] : part[1];
            if (side < 130 + kerf) {
                continue;
            }
            int at = 60 + random.nextInt(side - 120 - kerf);
            parts.remove(part);
            parts.add(across ? new int[] {at, part[1]} : new int[] {part[0], at});
            parts.add(across ? new int[] {side - at - kerf, part[1]} : new int[] {part[0], side - at - kerf});
        }
        parts.replaceAll(p -> new int[] {p[0] - random.nextInt(shrunk + 1), p[1] - random.nextInt(shrunk + 1)});
        List<SheetProblem.Pane> panes = parts.stream()
                .map(p -> turn && random.nextBoolean() ? new int[] {p[1], p[0]} : p)
                .map(p -> new SheetProblem.Pane(p[0] + " × " + p[1], Length.mm(p[0]), Length.mm(p[1]), 1, turn))
                .toList();
        SheetProblem problem = new SheetProblem(
                panes,
                List.of(new SheetProblem.Stock("sheet", Length.mm(WIDTH), Length.mm(HEIGHT), Optional.empty(), 100)),
                Length.mm(kerf),
                Length.ZERO,
                Length.ZERO);
        long start = System.nanoTime();
        double[] last = {0};
        SheetAnswer answer = SheetSolver.solve(problem, () -> System.nanoTime() - start > SECONDS * 1e9,
                _ -> last[0] = (System.nanoTime() - start) / 1e9).orElseThrow();
        double used = answer.sheets().size() * (double) WIDTH * HEIGHT
                - answer.sheets().stream()
                        .flatMap(s -> s.largestRest().stream())
                        .mapToDouble(SheetAnswer.Rest::area)
                        .max()
                        .orElse(0);
        System.out.printf(
                Locale.ROOT,
                "%5d  %-4s  %4d  %6d  %17.1f %%  %10.2f  %7.2f%n",
                count,
                turn ? "yes" : "no",
                kerf,
                answer.sheets().size(),
                100 * (used / (WIDTH * (double) HEIGHT) - 1),
                last[0],
                (System.nanoTime() - start) / 1e9);
    }
}
