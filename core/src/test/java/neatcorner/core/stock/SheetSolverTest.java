package neatcorner.core.stock;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import neatcorner.core.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Panes on sheets, cut apart again by an independent checker that knows only areas. */
class SheetSolverTest {
    private static final GeometryFactory AREAS = new GeometryFactory();

    private static SheetProblem.Pane pane(int width, int height, int count, boolean turn) {
        return new SheetProblem.Pane(width + "×" + height, Length.mm(width), Length.mm(height), count, turn);
    }

    private static SheetProblem.Stock sheet(int width, int height, Optional<Integer> count, long cost) {
        return new SheetProblem.Stock(width + "×" + height, Length.mm(width), Length.mm(height), count, cost);
    }

    private static SheetAnswer solved(SheetProblem problem, int most) {
        int[] asked = {0};
        SheetAnswer answer = SheetSolver.solve(problem, () -> ++asked[0] > most, better -> assertCutApart(problem, better)).orElseThrow();
        assertCutApart(problem, answer);
        return answer;
    }

    /** Makes the cuts one after the other: each must run from edge to edge of one part that is there; at the end every pane lies alone in a part. */
    private static void assertCutApart(SheetProblem problem, SheetAnswer answer) {
        int[] made = new int[problem.panes().size()];
        long cost = 0;
        double kerf = problem.kerf().toMm();
        for (SheetAnswer.Laid laid : answer.sheets()) {
            SheetProblem.Stock stock = problem.stock().get(laid.stock());
            cost += stock.cost();
            double trim = problem.trim().toMm();
            List<Envelope> parts = new ArrayList<>(List.of(new Envelope(trim, stock.width().toMm() - trim, trim, stock.height().toMm() - trim)));
            for (SheetAnswer.Cut cut : laid.cuts()) {
                boolean upright = cut.x1().equals(cut.x2());
                double at = (upright ? cut.x1() : cut.y1()).toMm();
                double from = (upright ? cut.y1() : cut.x1()).toMm();
                double to = (upright ? cut.y2() : cut.x2()).toMm();
                Envelope part = parts.stream().filter(p -> near(upright ? p.getMinY() : p.getMinX(), from) && near(upright ? p.getMaxY() : p.getMaxX(), to)
                        && at > (upright ? p.getMinX() : p.getMinY()) - 1e-6 && at < (upright ? p.getMaxX() : p.getMaxY()) - 1e-6).findFirst()
                        .orElseThrow(() -> new AssertionError(cut + " runs from edge to edge of nothing in " + parts));
                parts.remove(part);
                Envelope first = upright ? new Envelope(part.getMinX(), at, part.getMinY(), part.getMaxY()) : new Envelope(part.getMinX(), part.getMaxX(), part.getMinY(), at);
                parts.add(first);
                double far = upright ? part.getMaxX() : part.getMaxY();
                if (at + kerf < far - 1e-6) {
                    parts.add(upright ? new Envelope(at + kerf, far, part.getMinY(), part.getMaxY()) : new Envelope(part.getMinX(), part.getMaxX(), at + kerf, far));
                    double strip = far - at - kerf;
                    assertThat(strip + kerf).as("nothing too narrow to snap falls off").isGreaterThan(problem.leastStrip().toMm() - 1e-6);
                }
            }
            List<Geometry> laidDown = new ArrayList<>();
            for (SheetAnswer.Placed placed : laid.panes()) {
                made[placed.pane()]++;
                SheetProblem.Pane pane = problem.panes().get(placed.pane());
                assertThat(placed.turned() && !pane.canTurn()).isFalse();
                double w = (placed.turned() ? pane.height() : pane.width()).toMm();
                double h = (placed.turned() ? pane.width() : pane.height()).toMm();
                Envelope box = new Envelope(placed.x().toMm(), placed.x().toMm() + w, placed.y().toMm(), placed.y().toMm() + h);
                assertThat(parts.stream().anyMatch(p -> near(p.getMinX(), box.getMinX()) && near(p.getMaxX(), box.getMaxX()) && near(p.getMinY(), box.getMinY())
                        && near(p.getMaxY(), box.getMaxY()))).as("%s is cut free in %s", placed, parts).isTrue();
                laidDown.add(AREAS.toGeometry(box));
            }
            Geometry all = AREAS.buildGeometry(laidDown).buffer(0);
            assertThat(all.getArea()).as("no two lie on each other").isCloseTo(laidDown.stream().mapToDouble(Geometry::getArea).sum(), org.assertj.core.api.Assertions.within(1e-3));
            assertThat(all.getCoordinates()).allMatch((Coordinate c) -> c.x > trim - 1e-6 && c.x < stock.width().toMm() - trim + 1e-6);
        }
        for (int i = 0; i < made.length; i++) {
            assertThat(made[i]).isEqualTo(problem.panes().get(i).count());
        }
        assertThat(answer.cost()).isEqualTo(cost);
        assertThat(answer.bound()).isLessThanOrEqualTo(cost);
    }

    private static boolean near(double one, double other) {
        return Math.abs(one - other) < 1e-6;
    }

    @Property(tries = 60)
    void everyPaneIsCutFreeByCutsFromEdgeToEdge(@ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        Random random = new Random(seed);
        List<SheetProblem.Pane> panes = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(6); i++) {
            panes.add(pane(100 + random.nextInt(400), 100 + random.nextInt(400), 1 + random.nextInt(3), random.nextBoolean()));
        }
        SheetProblem problem = new SheetProblem(panes, List.of(sheet(900, 700, Optional.empty(), 100), sheet(620, 620, Optional.of(2), 0)),
                Length.mm(random.nextInt(4)), Length.mm(random.nextInt(10)), Length.mm(random.nextInt(3) * 10));
        SheetAnswer answer = solved(problem, 300);
        int[] again = {0};
        assertThat(SheetSolver.solve(problem, () -> ++again[0] > 300, _ -> { })).as("same problem, same answer").contains(answer);
        assertThat(answer.cost()).isLessThanOrEqualTo(SheetSolver.quick(problem).orElseThrow().cost());
    }

    /** Perfect by construction: one sheet cut apart at random with nothing left is put together again. */
    @ParameterizedTest
    @CsvSource({"8,1,0", "12,2,3", "16,3,0"})
    void aSheetCutApartIsPutTogetherAgain(int count, int seed, int kerf) {
        Random random = new Random(seed);
        List<int[]> parts = new ArrayList<>(List.of(new int[] {1200, 900}));
        while (parts.size() < count) {
            int[] part = parts.stream().max((a, b) -> a[0] * a[1] - b[0] * b[1]).orElseThrow();
            int side = Math.max(part[0], part[1]);
            int at = side / 4 + random.nextInt(side / 2);
            parts.remove(part);
            parts.add(part[0] == side ? new int[] {at, part[1]} : new int[] {part[0], at});
            parts.add(part[0] == side ? new int[] {side - at - kerf, part[1]} : new int[] {part[0], side - at - kerf});
        }
        SheetProblem problem = new SheetProblem(parts.stream().map(p -> pane(p[0], p[1], 1, false)).toList(), List.of(sheet(1200, 900, Optional.empty(), 1)),
                Length.mm(kerf), Length.ZERO, Length.ZERO);
        SheetAnswer answer = solved(problem, 200_000);
        assertThat(answer.sheets()).hasSize(1);
        assertThat(answer.isProven()).isTrue();
    }

    /** Three panes over half a sheet both ways need three sheets, and that is proven; turned or not they cannot share. */
    @Test
    void panesTooLargeToShareAreProvenToNeedASheetEach() {
        SheetAnswer answer = solved(new SheetProblem(List.of(pane(520, 420, 3, true), pane(90, 90, 4, true)), List.of(sheet(800, 600, Optional.empty(), 7)), Length.ZERO,
                Length.ZERO, Length.ZERO), 2000);
        assertThat(answer.sheets()).hasSize(3);
        assertThat(answer.isProven()).isTrue();
    }

    @Test
    void whatCannotBeSaysWhichPaneAndWhatWouldHelp() {
        assertThatIllegalArgumentException().isThrownBy(() -> new SheetProblem(List.of(pane(500, 900, 1, false)), List.of(sheet(1000, 800, Optional.empty(), 1)), Length.ZERO,
                Length.ZERO, Length.ZERO)).withMessageContaining("500×900").withMessageContaining("may not be turned").withMessageContaining("larger sheet");
        assertThatIllegalArgumentException().isThrownBy(() -> new SheetProblem(List.of(pane(595, 300, 1, false)), List.of(sheet(600, 800, Optional.empty(), 1)), Length.ZERO,
                Length.ZERO, Length.mm(12))).as("5 mm cannot be snapped off").withMessageContaining("595×300");
        assertThatIllegalArgumentException().isThrownBy(() -> sheet(600, 800, Optional.of(-1), 1)).withMessageContaining("-1");
    }
}
