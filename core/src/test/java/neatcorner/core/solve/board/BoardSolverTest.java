package neatcorner.core.solve.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import neatcorner.core.Seed;
import neatcorner.core.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Blanks from boards, against a search of every way and against boards that were put together from blanks. */
class BoardSolverTest {
    private static Length mm(double mm) {
        return Length.mm(mm);
    }

    /** One board of at most 300 × 90 mm, everything on a grid of 10 mm. */
    private static BoardProblem small(Random random) {
        int wide = 4 + random.nextInt(6);
        int high = 15 + random.nextInt(16);
        List<BoardProblem.Profile> profiles = IntStream.rangeClosed(1, 1 + random.nextInt(2))
                .mapToObj(i -> new BoardProblem.Profile(mm(10 * (1 + random.nextInt(3)) + 10 * (i - 1)), false))
                .toList();
        List<BoardProblem.Kind> kinds = new ArrayList<>();
        int count = 1 + random.nextInt(5);
        while (kinds.stream().mapToInt(BoardProblem.Kind::count).sum() < count) {
            List<Integer> of = random.nextInt(4) == 0 && profiles.size() > 1 ? List.of(0, 1)
                    : List.of(random.nextInt(profiles.size()));
            kinds.add(new BoardProblem.Kind(mm(10 * (3 + random.nextInt(12))), of, 1));
        }
        List<BoardProblem.Hole> holes = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            int x = random.nextInt(high - 3);
            int y = random.nextInt(wide - 1);
            holes.add(new BoardProblem.Hole(mm(10 * x), mm(10 * y), mm(10 * (1 + random.nextInt(3))), mm(10)));
        }
        List<BoardProblem.Leaves> leaves = profiles.stream()
                .map(_ -> new BoardProblem.Leaves(1 + random.nextInt(2), mm(20)))
                .toList();
        return new BoardProblem(
                profiles,
                kinds,
                List.of(new BoardProblem.Stock(
                        mm(10 * high),
                        mm(10 * wide),
                        mm(50),
                        mm(10 * random.nextInt(2)),
                        mm(random.nextInt(3) == 0 ? 10 : 0),
                        mm(random.nextInt(3) == 0 ? 120 : 0),
                        holes,
                        leaves,
                        1_000_000,
                        0)),
                new BoardProblem.Saw(
                        mm(10), mm(3), mm(100), mm(10 * random.nextInt(2)), mm(100), mm(10 * wide), mm(50), mm(9_000)));
    }

    /** What can be made is never said to be missing, and costs no more than it must. */
    @Test
    void nothingThatCanBeMadeIsMissingOrDearer() {
        for (int seed = 0; seed < 100; seed++) {
            BoardProblem problem = small(new Random(seed));
            long[] best = new EveryWay(problem).best();
            boolean[] isBest = {false};
            int[] rounds = {0};
            BoardAnswer found = BoardSolver.solve(
                    problem,
                    () -> ++rounds[0] > 600 || isBest[0],
                    better -> isBest[0] = better.missingCount() == best[0] && better.cost() == best[1]);
            assertThat(BoardCheck.wrong(problem, found)).isEmpty();
            assertThat(found.missingCount()).as("missing of %s", problem).isEqualTo((int) best[0]);
            if (best[0] == 0) {
                assertThat(found.cost()).as("cost of %s", problem).isEqualTo(best[1]);
                assertThat(found.bound()).as("bound of %s", problem).isLessThanOrEqualTo(best[1]);
            }
        }
    }

    /**
     * Boards put together from blanks, a twentieth wider than these, and one more: no more wood is gone than these are.
     */
    @Property(tries = 20, seed = Seed.FIXED)
    void boardsPutTogetherFromBlanksGiveThem(@ForAll @IntRange(min = 0, max = 1_000_000) int seed) {
        Random random = new Random(seed);
        double[] widths = random.doubles(4, 20, 80).map(w -> Math.round(w * 10) / 10.0).toArray();
        List<BoardProblem.Kind> kinds = new ArrayList<>();
        List<BoardProblem.Stock> stock = new ArrayList<>();
        for (int board = 0; board < 6; board++) {
            double y = 3.2;
            while (y < 120) {
                int profile = random.nextInt(widths.length);
                int count = 1 + random.nextInt(3);
                double length = Math.floor((2_400 - 20 - 3.2 * (count - 1)) / count);
                kinds.add(new BoardProblem.Kind(mm(length), List.of(profile), count));
                y += widths[profile] + 3.2;
            }
            stock.add(board(2_400, y * 1.05, widths.length, 1, 0));
        }
        long known = stock.stream().mapToLong(BoardProblem.Stock::worth).sum();
        stock.add(board(2_400, 150, widths.length, 1, 0));
        BoardProblem problem = new BoardProblem(
                Arrays.stream(widths).mapToObj(w -> new BoardProblem.Profile(mm(w), false)).toList(),
                kinds,
                stock,
                new BoardProblem.Saw(mm(3.2), mm(3.2), mm(150), mm(10), mm(300), mm(50), mm(6), mm(9_000)));
        int[] rounds = {0};
        BoardAnswer found = BoardSolver.solve(problem, () -> ++rounds[0] > 40, _ -> {});
        assertThat(BoardCheck.wrong(problem, found)).isEmpty();
        assertThat(found.missingCount()).isZero();
        assertThat(found.cost()).isLessThanOrEqualTo(known * 103 / 100);
    }

    private static BoardProblem.Stock board(double length, double width, int profiles, int leaves, int rank) {
        return new BoardProblem.Stock(
                mm(length),
                mm(width),
                mm(27),
                mm(3.2),
                Length.ZERO,
                Length.ZERO,
                List.of(),
                Collections.nCopies(profiles, new BoardProblem.Leaves(leaves, mm(22))),
                Math.round(length * width),
                rank);
    }

    /** A wet board is left where it is as long as the dry ones give enough, even when it is the better fit. */
    @Test
    void boardsOfALaterRankComeLast() {
        BoardProblem.Saw saw =
                new BoardProblem.Saw(mm(3), mm(3), mm(100), Length.ZERO, mm(300), mm(50), mm(6), mm(9_000));
        List<BoardProblem.Profile> profiles = List.of(new BoardProblem.Profile(mm(40), false));
        List<BoardProblem.Stock> stock = List.of(board(1_000, 43.2, 1, 1, 1), board(2_500, 200, 1, 1, 0));
        BoardAnswer one = BoardSolver.quick(new BoardProblem(
                profiles, List.of(new BoardProblem.Kind(mm(1_000), List.of(0), 1)), stock, saw));
        assertThat(one.sawn()).extracting(BoardAnswer.Sawn::stock).containsExactly(1);
        BoardAnswer many = BoardSolver.quick(new BoardProblem(
                profiles, List.of(new BoardProblem.Kind(mm(1_000), List.of(0), 9)), stock, saw));
        assertThat(many.missingCount()).isZero();
        assertThat(many.late()).isPositive();
        assertThat(one.late()).isZero();
    }

    /** Two rips of 33.2 and a kerf of 3.2 fit a board of 73 whose edge takes 3.2, with a fifth of a millimetre left. */
    @Test
    void nothingIsRoundedToAGrid() {
        BoardProblem problem = new BoardProblem(
                List.of(new BoardProblem.Profile(mm(33.2), false)),
                List.of(new BoardProblem.Kind(mm(500), List.of(0), 2)),
                List.of(board(500, 73, 1, 1, 0)),
                new BoardProblem.Saw(mm(3.2), mm(3.2), mm(100), Length.ZERO, mm(300), mm(50), mm(6), mm(9_000)));
        assertThat(BoardSolver.quick(problem).missingCount()).isZero();
    }
}
