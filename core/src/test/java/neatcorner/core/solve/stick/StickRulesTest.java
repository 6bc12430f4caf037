package neatcorner.core.solve.stick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.google.ortools.Loader;
import com.google.ortools.linearsolver.MPConstraint;
import com.google.ortools.linearsolver.MPSolver;
import com.google.ortools.linearsolver.MPVariable;
import com.google.ortools.sat.BoolVar;
import com.google.ortools.sat.CircuitConstraint;
import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverStatus;
import com.google.ortools.sat.LinearExpr;
import com.google.ortools.sat.LinearExprBuilder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import neatcorner.core.Seed;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.solve.stick.StickProblem.Kind;
import neatcorner.core.solve.stick.StickProblem.Lie;
import neatcorner.core.solve.stick.StickProblem.Part;
import neatcorner.core.solve.stick.StickProblem.Stock;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Slanted ends, flips, groups, defects and locks: laid down as areas, and against general-purpose solvers. */
class StickRulesTest {
    private static final GeometryFactory AREAS = new GeometryFactory();
    private static final int WIDTH = 60;

    private static Part part(String name, int length, double left, double right, int kerf) {
        return new Part(name, Length.mm(length), end(left, false, kerf), end(right, true, kerf));
    }

    private static StickProblem.End end(double degrees, boolean right, int kerf) {
        double lean = WIDTH / Math.tan(Math.toRadians(degrees));
        return new StickProblem.End(
                Length.mm(right ? -lean : lean), Length.mm(kerf / Math.sin(Math.toRadians(degrees))));
    }

    /**
     * Up to six pieces with slanted ends, some that may be turned, one group, a stick with defects, one for sale,
     * perhaps a lock.
     */
    private static StickProblem problem(Random random, boolean mixed, int most) {
        int kerf = random.nextInt(5);
        double[] angles = mixed ? new double[] {45, 90, 60, 120} : new double[] {45};
        List<Kind> kinds = new ArrayList<>();
        int n = 2 + random.nextInt(most - 1);
        for (int i = 0; i < n; i++) {
            boolean flips = !mixed || random.nextInt(3) > 0;
            kinds.add(new Kind(
                    "p" + i,
                    List.of(part(
                            "p" + i,
                            200 + random.nextInt(500),
                            angles[random.nextInt(angles.length)],
                            angles[random.nextInt(angles.length)],
                            kerf)),
                    List.of(),
                    1,
                    flips));
        }
        if (mixed && random.nextBoolean()) {
            kinds.add(Kind.group(
                    "g", List.of(part("a", 210, 45, 45, kerf), part("b", 250, 45, 45, kerf)), Length.mm(kerf), 1));
        }
        List<Span> defects = mixed ? List.of(new Span(Length.mm(420), Length.mm(450 + random.nextInt(60)))) : List.of();
        List<Stock> stock = new ArrayList<>(List.of(
                new Stock("bought", Length.mm(1000), Optional.empty(), 100),
                new Stock("long", Length.mm(1300), Optional.empty(), 125),
                new Stock(
                        "odd",
                        Length.mm(700 + random.nextInt(400)),
                        Optional.of(1),
                        random.nextInt(2) * 40L,
                        defects)));
        List<StickProblem.Lock> locks =
                mixed && random.nextInt(3) == 0 ? List.of(new StickProblem.Lock(0, 2, 1)) : List.of();
        return new StickProblem(kinds, stock, Length.mm(kerf), Length.mm(random.nextInt(8)), Length.mm(150), locks);
    }

    private static Optional<StickAnswer> solved(StickProblem problem) {
        int[] asked = {0};
        return StickSolver.solve(problem, () -> ++asked[0] > 3000, better -> assertLaidDown(problem, better));
    }

    /** Knows only areas: pieces as trapezoids turned as they lie, blades as slanted bands, defects as rectangles. */
    private static void assertLaidDown(StickProblem problem, StickAnswer answer) {
        int[] made = new int[problem.pieces().size()];
        long cost = 0;
        for (StickAnswer.Laid laid : answer.sticks()) {
            Stock stock = problem.stock().get(laid.stock());
            cost += stock.cost();
            double trim = problem.trim().toMm();
            Geometry clean = AREAS.toGeometry(new org.locationtech.jts.geom.Envelope(
                    trim - 1e-5, stock.length().toMm() - trim + 1e-5, -1, WIDTH + 1));
            for (Span defect : stock.defects()) {
                clean = clean.difference(AREAS.toGeometry(new org.locationtech.jts.geom.Envelope(
                        defect.from().toMm() + 1e-5, defect.to().toMm() - 1e-5, -2, WIDTH + 2)));
            }
            List<Geometry> pieces = new ArrayList<>();
            List<Geometry> blades = new ArrayList<>();
            for (StickAnswer.Placed placed : laid.placed()) {
                made[placed.kind()]++;
                Kind kind = problem.pieces().get(placed.kind());
                for (int n = 0; n < kind.parts().size(); n++) {
                    Part part = kind.parts().get(n);
                    double at = placed.start().plus(kind.starts().get(n)).toMm();
                    Geometry piece = turned(trapezoid(part, 0, 0), placed.lie(), part.length().toMm());
                    Geometry blade = turned(
                            trapezoid(
                                    part,
                                    part.left().kerf().toMm(),
                                    part.right().kerf().toMm()),
                            placed.lie(),
                            part.length().toMm());
                    pieces.add(AffineTransformation.translationInstance(at, 0).transform(piece));
                    blades.add(AffineTransformation.translationInstance(at, 0).transform(blade));
                }
            }
            for (int i = 0; i < pieces.size(); i++) {
                assertThat(clean.contains(pieces.get(i))).as("%s on %s", laid, problem).isTrue();
                for (int j = 0; j < pieces.size(); j++) {
                    if (i != j) {
                        assertThat(blades.get(i).intersection(pieces.get(j)).getArea())
                                .as("the blade of %d in %d: %s", i, j, laid)
                                .isLessThan(0.01);
                    }
                }
            }
        }
        for (int i = 0; i < made.length; i++) {
            assertThat(made[i]).isEqualTo(problem.pieces().get(i).count());
        }
        for (StickProblem.Lock lock : problem.locks()) {
            assertThat(answer.sticks().stream()
                            .filter(s -> s.stock() == lock.stock())
                            .mapToInt(s -> s.count(lock.piece()))
                            .sum())
                    .isGreaterThanOrEqualTo(lock.count());
        }
        assertThat(answer.cost()).as("%s of %s", answer, problem).isEqualTo(cost);
        assertThat(answer.bound()).isLessThanOrEqualTo(cost);
    }

    /** The far edge is y = 60, the fence; widened at both ends by what the blade takes there. */
    private static Geometry trapezoid(Part part, double left, double right) {
        double l = part.left().lean().toMm();
        double r = part.right().lean().toMm();
        double length = part.length().toMm();
        double farLeft = Math.max(0, -l);
        double nearLeft = Math.max(0, l);
        double farRight = length - Math.max(0, r);
        double nearRight = length - Math.max(0, -r);
        return AREAS.createPolygon(new Coordinate[] {
            new Coordinate(farLeft - left, WIDTH),
            new Coordinate(farRight + right, WIDTH),
            new Coordinate(nearRight + right, 0),
            new Coordinate(nearLeft - left, 0),
            new Coordinate(farLeft - left, WIDTH)
        });
    }

    private static Geometry turned(Geometry piece, Lie lie, double length) {
        return switch (lie) {
            case AS_IS -> piece;
            case TURNED -> AffineTransformation.rotationInstance(Math.PI, length / 2, WIDTH / 2.0).transform(piece);
            case OVER -> AffineTransformation.reflectionInstance(0, WIDTH / 2.0, 1, WIDTH / 2.0).transform(piece);
            case TURNED_OVER -> AffineTransformation.reflectionInstance(length / 2, 0, length / 2, 1).transform(piece);
        };
    }

    @Property(tries = 120, seed = Seed.FIXED)
    void nothingOverlapsUsesADefectOrOverfills(@ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        StickProblem problem;
        try {
            problem = problem(new Random(seed), true, 5);
        } catch (Refusal tooLong) {
            Assume.that(false);
            return;
        }
        try {
            StickAnswer answer = solved(problem).orElseThrow();
            assertLaidDown(problem, answer);
            assertThat(solved(problem)).as("same problem, same answer").contains(answer);
        } catch (Refusal conflict) {
            assertThat(conflict).hasMessageContaining("locked to stick odd");
        }
    }

    /**
     * A general constraint solver with the same rules: clean runs as circuits through pieces and groups in one of their
     * lies, arcs as long as the blade and the shared cut ask, locked pieces on their stick.
     */
    @Property(tries = 12, seed = Seed.FIXED)
    void costsAndBoundsAgreeWithAGeneralConstraintSolver(@ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        Loader.loadNativeLibraries();
        StickProblem problem;
        try {
            problem = problem(new Random(seed), seed % 4 > 0, 4);
        } catch (Refusal tooLong) {
            Assume.that(false);
            return;
        }
        OptionalLong best = byConstraints(problem);
        if (best.isEmpty()) {
            assertThatExceptionOfType(Refusal.class)
                    .isThrownBy(() -> solved(problem))
                    .withMessageContaining("locked to stick odd");
            return;
        }
        StickAnswer answer = solved(problem).orElseThrow();
        assertThat(answer.bound()).as("the bound is one: %s", problem).isLessThanOrEqualTo(best.getAsLong());
        assertThat(answer.cost()).as("%s", problem).isEqualTo(best.getAsLong());
    }

    private static OptionalLong byConstraints(StickProblem problem) {
        CpModel model = new CpModel();
        int n = problem.pieces().size();
        LinearExprBuilder cost = LinearExpr.newBuilder();
        List<List<BoolVar>> uses = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            uses.add(new ArrayList<>());
        }
        for (int k = 0; k < problem.stock().size(); k++) {
            Stock stock = problem.stock().get(k);
            List<Integer> before = uses.stream().map(List::size).toList();
            for (int copy = 0; copy < stock.count().orElse(n); copy++) {
                BoolVar touched = model.newBoolVar("");
                cost.addTerm(touched, stock.cost());
                for (Span run : stock.runs(problem.trim())) {
                    run(model, problem, run, touched, uses);
                }
            }
            for (StickProblem.Lock lock : problem.locks()) {
                if (lock.stock() == k) {
                    model.addExactlyOne(uses.get(lock.piece()).stream()
                            .skip(before.get(lock.piece()))
                            .toArray(BoolVar[]::new));
                }
            }
        }
        uses.forEach(of -> model.addExactlyOne(of.toArray(BoolVar[]::new)));
        model.minimize(cost);
        CpSolver solver = new CpSolver();
        solver.getParameters().setNumWorkers(1).setRandomSeed(1);
        CpSolverStatus status = solver.solve(model);
        assertThat(status).isIn(CpSolverStatus.OPTIMAL, CpSolverStatus.INFEASIBLE);
        return status == CpSolverStatus.OPTIMAL
                ? OptionalLong.of(Math.round(solver.objectiveValue()))
                : OptionalLong.empty();
    }

    private static void run(CpModel model, StickProblem problem, Span run, BoolVar touched, List<List<BoolVar>> uses) {
        int n = problem.pieces().size();
        CircuitConstraint circuit = model.addCircuit();
        LinearExprBuilder length = LinearExpr.newBuilder();
        BoolVar empty = model.newBoolVar("");
        circuit.addArc(0, 0, empty);
        for (int i = 0; i < n; i++) {
            Kind kind = problem.pieces().get(i);
            List<BoolVar> lies = new ArrayList<>();
            for (Lie lie : kind.lies()) {
                int node = 1 + 4 * i + lie.ordinal();
                BoolVar here = model.newBoolVar("");
                circuit.addArc(node, node, here.not());
                circuit.addArc(0, node, model.newBoolVar(""));
                circuit.addArc(node, 0, model.newBoolVar(""));
                length.addTerm(here, kind.length().nanometres());
                model.addImplication(here, touched);
                model.addImplication(here, empty.not());
                uses.get(i).add(here);
                lies.add(here);
                for (int j = 0; j < n; j++) {
                    for (Lie other : j == i ? List.<Lie>of() : problem.pieces().get(j).lies()) {
                        BoolVar arc = model.newBoolVar("");
                        circuit.addArc(node, 1 + 4 * j + other.ordinal(), arc);
                        length.addTerm(
                                arc,
                                problem.between(
                                        kind.end(lie, true),
                                        problem.pieces().get(j).end(other, false)));
                    }
                }
            }
            for (Lie lie : Lie.values()) {
                if (!kind.lies().contains(lie)) {
                    circuit.addArc(1 + 4 * i + lie.ordinal(), 1 + 4 * i + lie.ordinal(), model.trueLiteral());
                }
            }
        }
        model.addLessOrEqual(length, run.length().nanometres());
    }

    /** The broken-number bound against a general linear solver over every pattern there is. */
    @Property(tries = 25, seed = Seed.FIXED)
    void theLinearBoundAgreesWithAGeneralLinearSolver(@ForAll @IntRange(min = 1, max = 1_000_000) int seed) {
        Loader.loadNativeLibraries();
        Random random = new Random(seed);
        List<Kind> kinds = random.ints(5, 150, 700)
                .mapToObj(l -> new Kind("p" + l, Length.mm(l), 1 + random.nextInt(9)))
                .toList();
        StickProblem problem = new StickProblem(
                kinds,
                List.of(
                        new Stock("a", Length.mm(1000), Optional.empty(), 90 + random.nextInt(20)),
                        new Stock("b", Length.mm(1400), Optional.of(3), 120 + random.nextInt(30))),
                Length.mm(3),
                Length.mm(5));
        StickModel model = problem.hopeful();
        PatternMaster master =
                new PatternMaster(model, problem.wanted(), model.limits(), new ArrayList<>(), (_, _) -> true);
        assertThat(master.solve(() -> false)).isTrue();
        MPSolver glop = MPSolver.createSolver("GLOP");
        MPConstraint[] made = kinds.stream()
                .map(k -> glop.makeConstraint(k.count(), MPSolver.infinity()))
                .toArray(MPConstraint[]::new);
        MPConstraint three = glop.makeConstraint(0, 3);
        for (int s = 0; s < 2; s++) {
            for (int[] pattern : patterns(model, model.room(s), 0, new int[5], new ArrayList<>())) {
                MPVariable times = glop.makeNumVar(0, MPSolver.infinity(), "");
                glop.objective().setCoefficient(times, model.cost(s));
                for (int i = 0; i < 5; i++) {
                    made[i].setCoefficient(times, pattern[i]);
                }
                if (s == 1) {
                    three.setCoefficient(times, 1);
                }
            }
        }
        glop.objective().setMinimization();
        glop.solve();
        // The master never makes more of a kind on one stick than is wanted at all, so its bound may be higher, never
        // lower.
        assertThat(master.cost()).isGreaterThanOrEqualTo(glop.objective().value() - 1e-4);
        if (kinds.stream().allMatch(k -> k.count() >= 9)) {
            assertThat(master.cost()).isCloseTo(glop.objective().value(), org.assertj.core.api.Assertions.within(1e-4));
        }
    }

    private static List<int[]> patterns(StickModel model, long room, int kind, int[] chosen, List<int[]> all) {
        if (kind == chosen.length) {
            all.add(chosen.clone());
            return all;
        }
        for (int n = 0; n * model.needs()[kind] <= room; n++) {
            chosen[kind] = n;
            patterns(model, room - n * model.needs()[kind], kind + 1, chosen, all);
        }
        chosen[kind] = 0;
        return all;
    }

    /**
     * Two pieces of 500 along their long edges, 60 wide, cut at 45° with a blade that takes 3: turned over they take 2
     * · 500 + 3·√2 − 60.
     */
    @Test
    void neighboursOfAPlainStripShareOneSlantedCut() {
        Part piece = new Part("p", Length.mm(500), end(45, false, 3), end(45, true, 3));
        double both = 1000 + 3 * Math.sqrt(2) - 60;
        for (double length : new double[] {both + 0.01, both - 0.01}) {
            List<Stock> stock = List.of(new Stock("s", Length.mm(length), Optional.empty(), 1));
            StickAnswer flipped = solved(new StickProblem(
                            List.of(new Kind("p", List.of(piece), List.of(), 2, true)),
                            stock,
                            Length.mm(3),
                            Length.ZERO))
                    .orElseThrow();
            assertThat(flipped.cost()).isEqualTo(length > both ? 1 : 2);
            assertThat(flipped.isProven()).isTrue();
            assertThat(solved(new StickProblem(
                                    List.of(new Kind("p", List.of(piece), List.of(), 2, false)),
                                    stock,
                                    Length.mm(3),
                                    Length.ZERO))
                            .orElseThrow()
                            .cost())
                    .as("a moulding cannot be turned")
                    .isEqualTo(2);
        }
    }

    /**
     * One remnant of 600 is worth more than three of 200; the short off-cut is used up before the long one is touched.
     */
    @Test
    void whatIsLeftIsLeftInOnePieceAndShortOffCutsGoFirst() {
        List<Stock> rack = List.of(
                new Stock("long", Length.mm(1000), Optional.of(3), 0),
                new Stock("short", Length.mm(400), Optional.of(1), 0));
        StickProblem problem = new StickProblem(
                List.of(new Kind("p", Length.mm(400), 3)), rack, Length.ZERO, Length.ZERO, Length.mm(150), List.of());
        StickAnswer answer = solved(problem).orElseThrow();
        assertThat(answer.sticks()).extracting(StickAnswer.Laid::stock).containsExactlyInAnyOrder(0, 1);
        assertThat(Length.sum(answer.sticks().stream().map(problem::left).toList())).isEqualTo(Length.mm(200));
        assertThat(Arrays.stream(problem.wanted()).sum()).isEqualTo(3);
    }

    @Test
    void whatCannotBeSaysWhichItemAndWhatWouldHelp() {
        Stock one = new Stock("C-4", Length.mm(1000), Optional.of(1), 0);
        Kind kind = new Kind("rail", Length.mm(600), 2);
        List<StickProblem.Lock> two = List.of(new StickProblem.Lock(0, 0, 2));
        StickProblem crowded = new StickProblem(
                List.of(kind),
                List.of(one, new Stock("s", Length.mm(1000), Optional.empty(), 9)),
                Length.ZERO,
                Length.ZERO,
                Length.ZERO,
                two);
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> StickSolver.quick(crowded))
                .withMessageContaining("C-4")
                .withMessageContaining("take one of the locks away");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Stock(
                        "C-5", Length.mm(500), Optional.of(1), 0, List.of(new Span(Length.mm(450), Length.mm(510)))))
                .withMessageContaining("C-5")
                .withMessageContaining("between 0 and 500");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new StickProblem(
                        List.of(Kind.group(
                                "frame 1",
                                List.of(part("a", 700, 45, 45, 3), part("b", 700, 45, 45, 3)),
                                Length.mm(3),
                                1)),
                        List.of(one),
                        Length.ZERO,
                        Length.ZERO))
                .withMessageContaining("frame 1")
                .withMessageContaining("cut apart");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new StickProblem(
                        List.of(kind),
                        List.of(one),
                        Length.ZERO,
                        Length.ZERO,
                        Length.ZERO,
                        List.of(new StickProblem.Lock(0, 0, 3))))
                .withMessageContaining("rail")
                .withMessageContaining("from 1 to 2");
    }
}
