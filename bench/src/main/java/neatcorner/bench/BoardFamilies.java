package neatcorner.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.board.BoardAnswer;
import neatcorner.core.solve.board.BoardProblem;

/**
 * Boards put together from blanks, a twentieth wider than these, half as many more beside them: how soon an answer is
 * there, and how much wood it takes against the boards it could be made from. Needs how many of these boards, about how
 * many blanks on each, and the seconds to search.
 */
public final class BoardFamilies {
    private static final double KERF = 3.2;
    private static final double SPARE = 1.05;
    private final Random random;
    private final double[] widths;
    private final Map<List<Double>, Integer> blanks = new TreeMap<>((a, b) -> Arrays.compare(
            a.stream().mapToDouble(x -> x).toArray(), b.stream().mapToDouble(x -> x).toArray()));
    private final List<BoardProblem.Stock> stock = new ArrayList<>();
    private double known;

    private BoardFamilies(int seed) {
        this.random = new Random(seed);
        this.widths = random.doubles(3 + random.nextInt(4), 20, 80).map(w -> Math.round(w * 10) / 10.0).toArray();
    }

    /** Boards, blanks on each, and seconds; see the class. */
    public static void main(String[] args) {
        int boards = Integer.parseInt(args[0]);
        int each = Integer.parseInt(args[1]);
        double seconds = Double.parseDouble(args[2]);
        System.out.println("boards blanks kinds   quick ms  missing  wood/known "
                + " after search  missing  wood/known  gap said");
        for (int seed = 0; seed < 4; seed++) {
            new BoardFamilies(seed).run(boards, each, seconds);
        }
    }

    private void run(int boards, int each, double seconds) {
        for (int i = 0; i < boards; i++) {
            made(each);
        }
        known = stock.stream().mapToDouble(BoardProblem.Stock::worth).sum();
        for (int i = 0; i < boards / 2 + 1; i++) {
            stock.add(board(2_000 + random.nextInt(1_500), 120 + random.nextInt(140)));
        }
        Collections.shuffle(stock, random);
        BoardProblem problem = new BoardProblem(
                Arrays.stream(widths).mapToObj(w -> new BoardProblem.Profile(Length.mm(w), false)).toList(),
                blanks.entrySet().stream()
                        .map(kind -> new BoardProblem.Kind(
                                Length.mm(kind.getKey().get(1)),
                                List.of(kind.getKey().get(0).intValue()),
                                kind.getValue()))
                        .toList(),
                stock,
                new BoardProblem.Saw(
                        Length.mm(KERF),
                        Length.mm(KERF),
                        Length.mm(150),
                        Length.mm(10),
                        Length.mm(300),
                        Length.mm(50),
                        Length.mm(6),
                        Length.mm(9_000)));
        double best = Double.MAX_VALUE;
        BoardAnswer quick = problem.quick().orElseThrow();
        for (int i = 0; i < 8; i++) {
            long start = System.nanoTime();
            quick = problem.quick().orElseThrow();
            best = Math.min(best, (System.nanoTime() - start) / 1e6);
        }
        long start = System.nanoTime();
        BoardAnswer found = problem.solve(() -> System.nanoTime() - start > seconds * 1e9, _ -> {}).orElseThrow();
        System.out.printf(
                "%6d %6d %5d %10.1f %8d %11.3f %13.1f %8d %11.3f %9.3f%n",
                stock.size(),
                problem.size(),
                problem.kinds().size(),
                best,
                quick.missingCount(),
                quick.cost() / known,
                (System.nanoTime() - start) / 1e9,
                found.missingCount(),
                found.cost() / known,
                found.gap());
    }

    /** One board cut into lengths, these into strips, these into blanks. */
    private void made(int each) {
        double length = 2_000 + random.nextInt(1_500);
        double room = 120 + random.nextInt(140);
        List<Integer> strips = new ArrayList<>();
        double y = KERF;
        while (true) {
            int profile = random.nextInt(widths.length);
            if (y + widths[profile] > room) {
                break;
            }
            strips.add(profile);
            y += widths[profile] + KERF;
        }
        int lengths = 2 + random.nextInt(2);
        double one = (length - 20 - KERF * (lengths - 1)) / lengths;
        for (int i = 0; i < lengths; i++) {
            for (int profile : strips) {
                int count = 1 + random.nextInt(Math.max(1, each / Math.max(1, lengths * strips.size())));
                double[] shares = random.doubles(count, 0.5, 1.5).toArray();
                double all = Arrays.stream(shares).sum();
                for (double share : shares) {
                    double blank = Math.floor((one - KERF * (count - 1)) * share / all * 10) / 10;
                    blanks.merge(List.of((double) profile, blank), 1, Integer::sum);
                }
            }
        }
        stock.add(board(length, Math.max(y, room * 0.5) * SPARE));
    }

    private BoardProblem.Stock board(double length, double width) {
        return new BoardProblem.Stock(
                Length.mm(length),
                Length.mm(width),
                Length.mm(27),
                Length.mm(KERF),
                Length.ZERO,
                Length.ZERO,
                List.of(),
                Collections.nCopies(widths.length, new BoardProblem.Leaves(1, Length.mm(22))),
                Math.max(1, Math.round(length * width)),
                0);
    }
}
