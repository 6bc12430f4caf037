package neatcorner.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.Seed;
import neatcorner.core.outline.Point;
import neatcorner.core.strength.Ring.Bay;
import neatcorner.core.strength.Ring.Forces;
import neatcorner.core.strength.Ring.Load;
import neatcorner.core.strength.Ring.Loads;
import neatcorner.core.strength.Ring.Spot;
import neatcorner.core.strength.Ring.Tie;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;

/** The statics of a closed ring against handbook cases and against a matrix stiffness computation by a library. */
class RingTest {
    private static final double STIFF = 2e9;

    private static Ring box(double wide, double high, double level, double upright) {
        Point a = new Point(0, 0);
        Point b = new Point(wide, 0);
        Point c = new Point(wide, high);
        Point d = new Point(0, high);
        return new Ring(
                List.of(new Bay(a, b, level), new Bay(b, c, upright), new Bay(c, d, level), new Bay(d, a, upright)),
                List.of());
    }

    private static List<Point> spread(Point... spread) {
        return List.of(spread);
    }

    private static final Point NO = new Point(0, 0);

    /**
     * A closed rectangular frame pulled apart by P in the middles of both level sides: the corners bear
     * P·b²/8 / (b + h·I1/I2), the middles the rest of P·b/4 (handbook case; slope of a simple beam, from memory).
     */
    @Property(tries = 50, seed = Seed.FIXED)
    void twoForcesInTheMiddles(
            @ForAll @DoubleRange(min = 100, max = 3000) double b,
            @ForAll @DoubleRange(min = 100, max = 3000) double h,
            @ForAll @DoubleRange(min = 0.2, max = 5) double times) {
        Ring ring = box(b, h, STIFF, STIFF * times);
        Forces forces = ring.under(new Loads(
                List.of(
                        new Load(new Spot(0, b / 2), new Point(0, -100)),
                        new Load(new Spot(2, b / 2), new Point(0, 100))),
                spread(NO, NO, NO, NO)));
        double corner = 100 * b * b / 8 / (b + h / times);
        assertThat(Math.abs(forces.momentAtStart(1))).isCloseTo(corner, within(corner * 1e-6));
        assertThat(Math.abs(forces.momentAtStart(3))).isCloseTo(corner, within(corner * 1e-6));
        assertThat(forces.most(0)).isCloseTo(Math.max(corner, 100 * b / 4 - corner), within(100 * b * 1e-6));
        assertThat(forces.most(1)).isCloseTo(corner, within(corner * 1e-6));
        double bow = 100 * b * b * b / 48 / STIFF - corner * b * b / 8 / STIFF;
        assertThat(forces.bow(0, ring.bays().get(0))).isCloseTo(-bow, within(Math.abs(bow) * 1e-6));
        double stile = corner * h * h / 8 / STIFF / times;
        assertThat(forces.bow(1, ring.bays().get(1))).isCloseTo(stile, within(stile * 1e-6));
    }

    /** Stiles so stiff that they hold the ends of the bottom fast: w·l²/12 there, w·l²/24 in its middle. */
    @Test
    void aBeamHeldFastAtBothEnds() {
        Ring ring = box(800, 600, STIFF, STIFF * 1e7);
        double w = 0.5;
        Forces forces = ring.under(new Loads(
                List.of(
                        new Load(new Spot(1, 0), new Point(0, -w * 400)),
                        new Load(new Spot(3, 600), new Point(0, -w * 400))),
                spread(NO, NO, new Point(0, w), NO)));
        assertThat(Math.abs(forces.momentAtStart(2))).isCloseTo(w * 800 * 800 / 12, within(1.0));
        double bow = w * Math.pow(800, 4) / 384 / STIFF;
        assertThat(forces.bow(2, ring.bays().get(2))).isCloseTo(-bow, within(bow * 1e-4));
    }

    /** The same ring as a plane frame of beams, by the direct stiffness method, with sides that hardly stretch. */
    @Property(tries = 150, seed = Seed.FIXED)
    void agreesWithAMatrixOfStiffnesses(@ForAll @IntRange(min = 3, max = 9) int corners, @ForAll long seed) {
        Random random = new Random(seed);
        List<Point> places = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double turn = 2 * Math.PI * (i + 0.4 * random.nextDouble()) / corners;
            double out = 200 + 600 * random.nextDouble();
            places.add(new Point(out * Math.cos(turn), out * Math.sin(turn)));
        }
        List<Bay> bays = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            bays.add(new Bay(
                    places.get(i), places.get((i + 1) % corners), STIFF * (0.3 + random.nextDouble())));
        }
        List<Point> spread = new ArrayList<>();
        List<Load> loads = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            spread.add(new Point(random.nextDouble() - 0.5, random.nextDouble() - 0.3));
            loads.add(new Load(
                    new Spot(i, bays.get(i).length() * random.nextDouble()),
                    new Point(100 * random.nextDouble() - 50, 100 * random.nextDouble() - 50)));
        }
        List<Tie> ties = corners < 5
                ? List.of()
                : List.of(new Tie(
                        new Spot(0, bays.get(0).length() * 0.3), new Spot(2, bays.get(2).length() * 0.6), 1e5));
        Ring ring = new Ring(bays, ties);
        Forces forces = ring.under(balanced(ring, loads, spread));
        double[] moments = new Beams(ring, balanced(ring, loads, spread)).momentsAtStarts();
        double scale = IntStream.range(0, corners).mapToDouble(forces::most).max().orElseThrow();
        for (int i = 0; i < corners; i++) {
            assertThat(forces.momentAtStart(i)).isCloseTo(moments[i], within(scale * 2e-3));
        }
    }

    private static Loads balanced(Ring ring, List<Load> loads, List<Point> spread) {
        Point sum = new Point(0, 0);
        double turn = 0;
        for (Load load : loads) {
            sum = sum.plus(load.force());
            turn += ring.place(load.at()).cross(load.force());
        }
        for (int i = 0; i < spread.size(); i++) {
            Bay bay = ring.bays().get(i);
            Point force = spread.get(i).times(bay.length());
            sum = sum.plus(force);
            turn += bay.from().towards(bay.to(), 0.5).cross(force);
        }
        Spot first = new Spot(0, 0);
        Spot second = new Spot(1, 0);
        Point from = ring.place(first);
        Point arm = ring.place(second).minus(from);
        turn -= from.cross(sum);
        Point couple = arm.unit().outward().times(turn / arm.length());
        List<Load> all = new ArrayList<>(loads);
        all.add(new Load(first, sum.times(-1).minus(couple)));
        all.add(new Load(second, couple));
        return new Loads(all, spread);
    }

    /** A plane frame: every spot is a node and every piece a beam; what is spread pushes and turns its ends. */
    private static final class Beams {
        private final List<Point> nodes = new ArrayList<>();
        private final List<Integer> bays = new ArrayList<>();
        private final Ring ring;
        private final Loads loads;
        private final RealMatrix matrix;
        private final RealVector moved;

        Beams(Ring ring, Loads loads) {
            this.ring = ring;
            this.loads = loads;
            for (int i = 0; i < ring.bays().size(); i++) {
                int bay = i;
                Stream.concat(
                                Stream.concat(loads.loads().stream().map(Load::at), Stream.of(new Spot(i, 0))),
                                ring.ties().stream().flatMap(tie -> Stream.of(tie.from(), tie.to())))
                        .filter(spot -> spot.bay() == bay)
                        .mapToDouble(Spot::along)
                        .distinct()
                        .sorted()
                        .forEach(along -> {
                            nodes.add(ring.place(new Spot(bay, along)));
                            bays.add(bay);
                        });
            }
            int n = nodes.size();
            matrix = new Array2DRowRealMatrix(3 * n, 3 * n);
            RealVector force = new ArrayRealVector(3 * n);
            for (int i = 0; i < n; i++) {
                int[] at = at(i, (i + 1) % n);
                RealMatrix turn = turned(at);
                add(at, turn.transpose().multiply(stiff(i)).multiply(turn));
                RealVector ends = turn.transpose().operate(spread(i));
                for (int k = 0; k < 6; k++) {
                    force.addToEntry(at[k], ends.getEntry(k));
                }
            }
            for (Load load : loads.loads()) {
                int node = node(load.at());
                force.addToEntry(3 * node, load.force().x());
                force.addToEntry(3 * node + 1, load.force().y());
            }
            for (Tie tie : ring.ties()) {
                int[] at = at(node(tie.from()), node(tie.to()));
                double k = tie.stiffness() / nodes.get(at[0] / 3).to(nodes.get(at[3] / 3));
                RealMatrix rod = new Array2DRowRealMatrix(6, 6);
                rod.setEntry(0, 0, k);
                rod.setEntry(3, 3, k);
                rod.setEntry(0, 3, -k);
                rod.setEntry(3, 0, -k);
                RealMatrix turn = turned(at);
                add(at, turn.transpose().multiply(rod).multiply(turn));
            }
            for (int k = 0; k < 3; k++) {
                matrix.addToEntry(k, k, 1e9);
            }
            moved = new LUDecomposition(matrix).getSolver().solve(force);
        }

        private int node(Spot spot) {
            Point place = ring.place(spot);
            return IntStream.range(0, nodes.size())
                    .filter(i -> nodes.get(i).to(place) < 1e-9)
                    .findFirst()
                    .orElseThrow();
        }

        private int[] at(int from, int to) {
            return new int[] {3 * from, 3 * from + 1, 3 * from + 2, 3 * to, 3 * to + 1, 3 * to + 2};
        }

        private double length(int i) {
            return nodes.get(i).to(nodes.get((i + 1) % nodes.size()));
        }

        private RealMatrix stiff(int i) {
            double l = length(i);
            double ei = ring.bays().get(bays.get(i)).stiffness();
            double k = ei / Math.pow(l, 3);
            double a = ei / l;
            return new Array2DRowRealMatrix(new double[][] {
                {a, 0, 0, -a, 0, 0},
                {0, 12 * k, 6 * k * l, 0, -12 * k, 6 * k * l},
                {0, 6 * k * l, 4 * k * l * l, 0, -6 * k * l, 2 * k * l * l},
                {-a, 0, 0, a, 0, 0},
                {0, -12 * k, -6 * k * l, 0, 12 * k, -6 * k * l},
                {0, 6 * k * l, 2 * k * l * l, 0, -6 * k * l, 4 * k * l * l}
            });
        }

        /** What is spread along a piece, on its ends, in the piece's own axes. */
        private RealVector spread(int i) {
            double l = length(i);
            Bay bay = ring.bays().get(bays.get(i));
            Point load = loads.spread().get(bays.get(i));
            double along = load.dot(bay.along()) * l / 2;
            double across = bay.along().cross(load) * l / 2;
            return new ArrayRealVector(new double[] {along, across, across * l / 6, along, across, -across * l / 6});
        }

        private RealMatrix turned(int[] at) {
            Point way = nodes.get(at[3] / 3).minus(nodes.get(at[0] / 3)).unit();
            RealMatrix turn = new Array2DRowRealMatrix(6, 6);
            for (int k = 0; k < 6; k += 3) {
                turn.setEntry(k, k, way.x());
                turn.setEntry(k, k + 1, way.y());
                turn.setEntry(k + 1, k, -way.y());
                turn.setEntry(k + 1, k + 1, way.x());
                turn.setEntry(k + 2, k + 2, 1);
            }
            return turn;
        }

        private void add(int[] at, RealMatrix part) {
            for (int i = 0; i < 6; i++) {
                for (int j = 0; j < 6; j++) {
                    matrix.addToEntry(at[i], at[j], part.getEntry(i, j));
                }
            }
        }

        double[] momentsAtStarts() {
            return IntStream.range(0, ring.bays().size())
                    .map(bays::indexOf)
                    .mapToDouble(i -> {
                        int[] at = at(i, (i + 1) % nodes.size());
                        RealVector ends = moved.getSubVector(at[0], 3).append(moved.getSubVector(at[3], 3));
                        return stiff(i).operate(turned(at).operate(ends)).subtract(spread(i)).getEntry(2);
                    })
                    .toArray();
        }
    }
}
