package neatcorner.core.solve.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.google.ortools.Loader;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.NoOverlap2dConstraint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import neatcorner.core.Seed;
import neatcorner.core.cut.Makes;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
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
        SheetAnswer answer = SheetSolver.solve(
                        problem, () -> ++asked[0] > most, better -> assertCutApart(problem, better))
                .orElseThrow();
        assertCutApart(problem, answer);
        return answer;
    }

    /**
     * Makes the cuts one after the other: each must run from edge to edge of one part that is there; at the end every
     * pane lies alone in a part.
     */
    private static void assertCutApart(SheetProblem problem, SheetAnswer answer) {
        int[] made = new int[problem.panes().size()];
        long cost = 0;
        double kerf = problem.kerf().toMm();
        for (SheetAnswer.Laid laid : answer.sheets()) {
            SheetProblem.Stock stock = problem.stock().get(laid.stock());
            cost += stock.cost();
            double trim = problem.trim().toMm();
            List<Envelope> parts = new ArrayList<>(List.of(new Envelope(
                    trim, stock.width().toMm() - trim, trim, stock.height().toMm() - trim)));
            for (SheetAnswer.Cut cut : laid.cuts()) {
                boolean upright = cut.x1().equals(cut.x2());
                double at = (upright ? cut.x1() : cut.y1()).toMm();
                double from = (upright ? cut.y1() : cut.x1()).toMm();
                double to = (upright ? cut.y2() : cut.x2()).toMm();
                Envelope part = parts.stream()
                        .filter(p -> near(upright ? p.getMinY() : p.getMinX(), from)
                                && near(upright ? p.getMaxY() : p.getMaxX(), to)
                                && at > (upright ? p.getMinX() : p.getMinY()) - 1e-6
                                && at < (upright ? p.getMaxX() : p.getMaxY()) - 1e-6)
                        .findFirst()
                        .orElseThrow(() -> new AssertionError(cut + " runs from edge to edge of nothing in " + parts));
                parts.remove(part);
                Envelope first = upright
                        ? new Envelope(part.getMinX(), at, part.getMinY(), part.getMaxY())
                        : new Envelope(part.getMinX(), part.getMaxX(), part.getMinY(), at);
                parts.add(first);
                double far = upright ? part.getMaxX() : part.getMaxY();
                if (at + kerf < far - 1e-6) {
                    parts.add(
                            upright
                                    ? new Envelope(at + kerf, far, part.getMinY(), part.getMaxY())
                                    : new Envelope(part.getMinX(), part.getMaxX(), at + kerf, far));
                    double strip = far - at - kerf;
                    assertThat(strip + kerf)
                            .as("nothing too narrow to snap falls off")
                            .isGreaterThan(problem.leastStrip().toMm() - 1e-6);
                }
            }
            List<Geometry> laidDown = new ArrayList<>();
            for (SheetAnswer.Placed placed : laid.panes()) {
                made[placed.pane()]++;
                SheetProblem.Pane pane = problem.panes().get(placed.pane());
                assertThat(placed.turned() && !pane.canTurn()).isFalse();
                double w = (placed.turned() ? pane.height() : pane.width()).toMm();
                double h = (placed.turned() ? pane.width() : pane.height()).toMm();
                Envelope box = new Envelope(
                        placed.x().toMm(),
                        placed.x().toMm() + w,
                        placed.y().toMm(),
                        placed.y().toMm() + h);
                assertThat(parts.stream()
                                .anyMatch(p -> near(p.getMinX(), box.getMinX())
                                        && near(p.getMaxX(), box.getMaxX())
                                        && near(p.getMinY(), box.getMinY())
                                        && near(p.getMaxY(), box.getMaxY())))
                        .as("%s is cut free in %s", placed, parts)
                        .isTrue();
                laidDown.add(AREAS.toGeometry(box));
            }
            Geometry all = AREAS.buildGeometry(laidDown).buffer(0);
            assertThat(all.getArea())
                    .as("no two lie on each other")
                    .isCloseTo(
                            laidDown.stream().mapToDouble(Geometry::getArea).sum(),
                            org.assertj.core.api.Assertions.within(1e-3));
            assertThat(all.getCoordinates())
                    .allMatch((Coordinate c) ->
                            c.x > trim - 1e-6 && c.x < stock.width().toMm() - trim + 1e-6);
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

    @Property(tries = 60, seed = Seed.FIXED)
    void everyPaneIsCutFreeByCutsFromEdgeToEdge(@ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        Random random = new Random(seed);
        List<SheetProblem.Pane> panes = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(6); i++) {
            panes.add(pane(
                    100 + random.nextInt(400), 100 + random.nextInt(400), 1 + random.nextInt(3), random.nextBoolean()));
        }
        SheetProblem problem = new SheetProblem(
                panes,
                List.of(sheet(900, 700, Optional.empty(), 100), sheet(620, 620, Optional.of(2), 0)),
                Length.mm(random.nextInt(4)),
                Length.mm(random.nextInt(10)),
                Length.mm(random.nextInt(3) * 10));
        SheetAnswer answer = solved(problem, 300);
        int[] again = {0};
        assertThat(SheetSolver.solve(problem, () -> ++again[0] > 300, _ -> {}))
                .as("same problem, same answer")
                .contains(answer);
        assertThat(answer.cost()).isLessThanOrEqualTo(SheetSolver.quick(problem).orElseThrow().cost());
    }

    /** Perfect by construction: one sheet cut apart at random with nothing left is put together again. */
    @ParameterizedTest
    @CsvSource({"8,1,0,false", "16,2,3,false", "40,3,0,true", "40,4,3,true", "60,5,0,false"})
    void aSheetCutApartIsPutTogetherAgain(int count, int seed, int kerf, boolean turn) {
        SheetAnswer answer = solved(cutApart(count, kerf, turn, 0, new Random(seed)), 200_000);
        assertThat(answer.sheets()).hasSize(1);
        assertThat(answer.isProven()).isTrue();
    }

    /** No two sides agree any more, yet one sheet is known to be enough. */
    @ParameterizedTest
    @CsvSource({
        "10,1,0,true,15",
        "20,1,3,false,2",
        "20,2,0,true,6",
        "20,3,0,false,15",
        "40,1,0,true,6",
        "40,3,3,false,6"
    })
    void soIsOneWhosePanesAreATouchSmaller(int count, int seed, int kerf, boolean turn, int touch) {
        assertThat(solved(cutApart(count, kerf, turn, touch, new Random(seed)), 20_000_000).sheets()).hasSize(1);
    }

    /** What is left of an answer on one sheet obeys the narrowest strip, whichever way it was found. */
    @Property(tries = 10, seed = Seed.FIXED)
    void noStripTooNarrowFallsOffOneSheet(@ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        Random random = new Random(seed);
        SheetProblem tight = cutApart(12 + random.nextInt(9), random.nextInt(4), random.nextBoolean(), 25, random);
        solved(
                new SheetProblem(
                        tight.panes(),
                        List.of(sheet(1240, 940, Optional.empty(), 1)),
                        tight.kerf(),
                        Length.mm(5),
                        Length.mm(random.nextInt(12))),
                20_000);
    }

    private static SheetProblem cutApart(int count, int kerf, boolean turn, int touch, Random random) {
        List<int[]> parts = new ArrayList<>(List.of(new int[] {1200, 900}));
        while (parts.size() < count) {
            int[] part = parts.stream().max((a, b) -> a[0] * a[1] - b[0] * b[1]).orElseThrow();
            int side = Math.max(part[0], part[1]);
            int at = side / 4 + random.nextInt(side / 2);
            parts.remove(part);
            parts.add(part[0] == side ? new int[] {at, part[1]} : new int[] {part[0], at});
            parts.add(part[0] == side ? new int[] {side - at - kerf, part[1]} : new int[] {part[0], side - at - kerf});
        }
        if (touch > 0) {
            parts.replaceAll(
                    part -> new int[] {part[0] - random.nextInt(touch + 1), part[1] - random.nextInt(touch + 1)});
        }
        return new SheetProblem(
                parts.stream()
                        .map(p -> turn && random.nextBoolean() ? pane(p[1], p[0], 1, true) : pane(p[0], p[1], 1, turn))
                        .toList(),
                List.of(sheet(1200, 900, Optional.empty(), 1)),
                Length.mm(kerf),
                Length.ZERO,
                Length.ZERO);
    }

    /** Three by two lying and four standing make ten of a sheet; the area alone allows no fewer sheets. */
    @Test
    void manyAlikeAreCutInTwoDirections() {
        SheetAnswer answer = solved(
                new SheetProblem(
                        List.of(pane(250, 380, 100, true)),
                        List.of(sheet(1220, 915, Optional.empty(), 1)),
                        Length.ZERO,
                        Length.ZERO,
                        Length.ZERO),
                1_000_000);
        assertThat(answer.sheets()).hasSize(10).allMatch(sheet -> sheet.panes().size() == 10);
        assertThat(answer.isProven()).isTrue();
    }

    /**
     * Of panes over a quarter of a sheet three share one at most, and three that do always come apart by cuts from edge
     * to edge, so CP-SAT need not know of cuts.
     */
    @Property(tries = 15, seed = Seed.FIXED)
    void fewestSheetsAreThoseOfAnIndependentSolver(@ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        Random random = new Random(seed);
        List<SheetProblem.Pane> panes = new ArrayList<>();
        for (int i = 0; i < 6 + random.nextInt(5); i++) {
            int width = 260 + random.nextInt(500);
            panes.add(pane(width, 1000 * 800 / 4 / width + 5 + random.nextInt(120), 1, random.nextBoolean()));
        }
        panes.removeIf(p -> p.height().toMm() > 800);
        SheetProblem problem = new SheetProblem(
                panes, List.of(sheet(1000, 800, Optional.empty(), 1)), Length.ZERO, Length.ZERO, Length.ZERO);
        SheetAnswer answer = solved(problem, 200_000);
        int fewest = fewestSheets(problem, answer.sheets().size());
        assertThat(answer.sheets()).hasSize(fewest);
        assertThat(answer.isProven()).as("so few panes are tried in every way").isTrue();
    }

    private static int fewestSheets(SheetProblem problem, int most) {
        Loader.loadNativeLibraries();
        CpModel model = new CpModel();
        List<BoolVar> used = new ArrayList<>();
        List<NoOverlap2dConstraint> sheets = new ArrayList<>();
        for (int k = 0; k < most; k++) {
            used.add(model.newBoolVar("used " + k));
            sheets.add(model.addNoOverlap2D());
        }
        for (SheetProblem.Pane pane : problem.panes()) {
            List<BoolVar> places = new ArrayList<>();
            for (int k = 0; k < most; k++) {
                for (boolean turned : pane.canTurn() ? new boolean[] {false, true} : new boolean[] {false}) {
                    long width = (long) (turned ? pane.height() : pane.width()).toMm();
                    long height = (long) (turned ? pane.width() : pane.height()).toMm();
                    if (width <= 1000 && height <= 800) {
                        BoolVar here = model.newBoolVar(pane.name() + " on " + k);
                        sheets.get(k)
                                .addRectangle(
                                        model.newOptionalFixedSizeIntervalVar(
                                                model.newIntVar(0, 1000 - width, "x"), width, here, "wide"),
                                        model.newOptionalFixedSizeIntervalVar(
                                                model.newIntVar(0, 800 - height, "y"), height, here, "high"));
                        model.addImplication(here, used.get(k));
                        places.add(here);
                    }
                }
            }
            model.addExactlyOne(places.toArray(BoolVar[]::new));
        }
        model.minimize(LinearExpr.sum(used.toArray(BoolVar[]::new)));
        CpSolver solver = new CpSolver();
        assertThat(solver.solve(model)).isEqualTo(CpSolverStatus.OPTIMAL);
        return (int) solver.objectiveValue();
    }

    /**
     * Three panes over half a sheet both ways need three sheets, and that is proven; turned or not they cannot share.
     */
    @Test
    void panesTooLargeToShareAreProvenToNeedASheetEach() {
        SheetAnswer answer = solved(
                new SheetProblem(
                        List.of(pane(520, 420, 3, true), pane(90, 90, 4, true)),
                        List.of(sheet(800, 600, Optional.empty(), 7)),
                        Length.ZERO,
                        Length.ZERO,
                        Length.ZERO),
                2000);
        assertThat(answer.sheets()).hasSize(3);
        assertThat(answer.isProven()).isTrue();
    }

    @Test
    void whatCannotBeSaysWhichPaneAndWhatWouldHelp() {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new SheetProblem(
                        List.of(pane(500, 900, 1, false)),
                        List.of(sheet(1000, 800, Optional.empty(), 1)),
                        Length.ZERO,
                        Length.ZERO,
                        Length.ZERO))
                .withMessageContaining("500×900")
                .withMessageContaining("may not be turned")
                .withMessageContaining("larger sheet");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new SheetProblem(
                        List.of(pane(595, 300, 1, false)),
                        List.of(sheet(600, 800, Optional.empty(), 1)),
                        Length.ZERO,
                        Length.ZERO,
                        Length.mm(12)))
                .as("5 mm cannot be snapped off")
                .withMessageContaining("595×300");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> sheet(600, 800, Optional.of(-1), 1))
                .withMessageContaining("-1");
    }
}
