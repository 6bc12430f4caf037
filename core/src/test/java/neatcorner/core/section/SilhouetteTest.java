package neatcorner.core.section;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Seed;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.wood.Species;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Sets of wood against JTS, an independent geometry library, and against handbook formulas. */
class SilhouetteTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    /** A box of whole millimetres, put in or cut out. */
    record Step(boolean cut, int left, int low, int width, int height) {
        Silhouette wood() {
            return Silhouette.box(left, low, left + width, low + height);
        }

        Geometry geometry() {
            return JTS.toGeometry(new Envelope(left, left + width, low, low + height));
        }
    }

    @Provide
    Arbitrary<List<Step>> steps() {
        return Combinators.combine(
                        Arbitraries.of(true, false),
                        Arbitraries.integers().between(0, 30),
                        Arbitraries.integers().between(0, 30),
                        Arbitraries.integers().between(1, 20),
                        Arbitraries.integers().between(1, 20))
                .as(Step::new)
                .list()
                .ofMinSize(1)
                .ofMaxSize(9);
    }

    @Property(seed = Seed.FIXED)
    void puttingTogetherAndCuttingAwayGivesTheAreaJtsFinds(@ForAll("steps") List<Step> steps) {
        Silhouette wood = Silhouette.NONE;
        Geometry expected = JTS.createPolygon();
        for (Step step : steps) {
            wood = step.cut() ? wood.without(step.wood()) : wood.plus(step.wood());
            expected = step.cut() ? expected.difference(step.geometry()) : expected.union(step.geometry());
        }
        assertThat(wood.area()).isCloseTo(expected.getArea(), within(1e-6));
        double round = wood.outlines().stream().mapToDouble(Polygons::area).sum();
        assertThat(round).as("outlines go round with the wood inside").isCloseTo(expected.getArea(), within(1e-6));
        if (!expected.isEmpty()) {
            assertThat(wood.centroid().x()).isCloseTo(expected.getCentroid().getX(), within(1e-6));
            assertThat(wood.centroid().y()).isCloseTo(expected.getCentroid().getY(), within(1e-6));
        }
    }

    /** Dragged to any width or depth, a section's outline still goes round its whole area once. */
    @Property(tries = 300, seed = Seed.FIXED)
    void outlinesCloseWhateverTheSizes(@ForAll("sizes") int[] s) {
        Section section = new Section(
                "s",
                List.of(
                        Strip.plain(Species.ASH, Length.mm(60 + s[0] / 7.0), Length.mm(20 + s[1] / 13.0))
                                .withInner(Edging.of(Edging.Kind.COVE, Length.mm(3 + s[2] / 17.0)))
                                .withOuter(Edging.of(Edging.Kind.BEAD, Length.mm(2 + s[3] / 19.0))),
                        Strip.plain(Species.ASH, Length.mm(30 + s[3] / 7.0), Length.mm(9 + s[2] / 11.0))
                                .withInner(Edging.of(Edging.Kind.OGEE, Length.mm(2 + s[1] / 23.0)))
                                .withOuter(Edging.of(Edging.Kind.ROUND_OVER, Length.mm(1 + s[0] / 29.0)))),
                new Recess.DoubleRabbet(
                        Length.mm(4 + s[1] / 31.0),
                        Length.mm(8 + s[0] / 37.0),
                        Length.mm(9 + s[1] / 31.0 + s[3] / 41.0),
                        Length.mm(3)),
                Optional.of(new Relief(Length.mm(4 + s[2] / 43.0), Length.mm(5 + s[3] / 47.0), Length.mm(1))),
                Optional.empty());
        assertThat(section.wood().outlines().stream()
                        .mapToDouble(Polygons::area)
                        .sum())
                .isCloseTo(section.areaMm2(), within(1e-3));
    }

    @Provide
    Arbitrary<int[]> sizes() {
        return Arbitraries.integers().between(0, 100).array(int[].class).ofSize(4);
    }

    /** Every ready section: its outline encloses its area, and its strips put together are the whole. */
    @ParameterizedTest
    @EnumSource(Ready.class)
    void outlineAndStripsOfReadySectionsAgree(Ready ready) {
        Section section = ready.in(Species.CHERRY, "s");
        Coordinate[] ring = Stream.concat(section.outline().stream(), Stream.of(section.outline().getFirst()))
                .map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
        Geometry polygon = JTS.createPolygon(ring);
        assertThat(polygon.isValid()).isTrue();
        assertThat(polygon.getArea()).isCloseTo(section.areaMm2(), within(1e-3));
        assertThat(section.parts().stream().mapToDouble(p -> p.wood().area()).sum())
                .isCloseTo(section.areaMm2(), within(1e-3));
        assertThat(section.seen().getFirst().from()).isCloseTo(-section.recess().ledge().toMm(), within(1e-6));
        assertThat(section.seen().getLast().to()).isCloseTo(section.face().toMm(), within(1e-6));
    }

    /**
     * Second moments of a rectangle, b·h³/12, and of what is left when a rectangle is cut out of one, by the parallel
     * axis rule.
     */
    @Test
    void secondMomentsAreThoseOfTheHandbook() {
        Silhouette plain = Silhouette.box(3, 5, 43, 25);
        assertThat(plain.momentOutOfPlane()).isCloseTo(40 * Math.pow(20, 3) / 12, within(1e-6));
        assertThat(plain.momentInPlane()).isCloseTo(20 * Math.pow(40, 3) / 12, within(1e-6));
        Silhouette channel = Silhouette.box(0, 0, 40, 20).without(Silhouette.box(10, 0, 30, 15));
        double y = (40 * 20 * 10 - 20 * 15 * 7.5) / (40 * 20 - 20 * 15);
        double expected = 40 * 8000 / 12.0 + 800 * Math.pow(y - 10, 2) - 20 * 3375 / 12.0 - 300 * Math.pow(y - 7.5, 2);
        assertThat(channel.momentOutOfPlane()).isCloseTo(expected, within(1e-6));
    }

    /**
     * What an edge of one inch takes away: a square less a quarter circle, a quarter circle, half a square, a square.
     */
    @ParameterizedTest
    @CsvSource({"ROUND_OVER,0.2146", "COVE,0.7854", "CHAMFER,0.5", "STEP,1", "OGEE,0.5"})
    void edgesTakeTheirHandbookAreaOff(Edging.Kind kind, double share) {
        Strip plain = Strip.plain(Species.ASH, in("4"), in("2"));
        Strip worked = plain.withInner(Edging.of(kind, in("1")));
        double taken = plain.wood(0, 0).area() - worked.wood(0, 0).area();
        assertThat(taken / (25.4 * 25.4)).isCloseTo(share, within(0.006));
        assertThat(plain.withOuter(Edging.of(kind, in("1"))).wood(0, 0).area())
                .isCloseTo(worked.wood(0, 0).area(), within(1e-3));
    }

    @Test
    void shrunkWoodKeepsTheMarginOnAllSides() {
        Silhouette wood = Ready.FLAT.in(Species.ASH, "s").wood();
        Silhouette inside = wood.shrunk(3, 60);
        assertThat(inside.area()).isPositive();
        for (List<Point> outline : inside.outlines()) {
            assertThat(outline)
                    .allSatisfy(p -> assertThat(Stream.of(
                                            new Point(-2.99, -2.99),
                                            new Point(2.99, -2.99),
                                            new Point(-2.99, 2.99),
                                            new Point(2.99, 2.99))
                                    .allMatch(d -> wood.contains(p.x() + d.x(), p.y() + d.y())))
                            .as(p.toString())
                            .isTrue());
        }
    }

    /** What the lists offer to start from can be started from in every ready section. */
    @ParameterizedTest
    @EnumSource(Ready.class)
    void everyReadySectionCanHoldInEveryWayAndGetABandAHollowAndAStrip(Ready ready) {
        Section section = ready.in(Species.ASH, "s");
        for (Holds holds : Holds.values()) {
            boolean floats = holds == Holds.FLOATER || holds == Holds.FLOATER_WALL;
            if (!floats || section.strips().size() == 1) {
                assertThat(Holds.of(section.withRecess(holds.in(section)).recess())).isEqualTo(holds);
            }
        }
        assertThat(section.withBand(Optional.of(Band.usual(section))).face())
                .isGreaterThan(section.withBand(Optional.empty()).face());
        Section bar = section.withRecess(new Recess.Bar());
        assertThat(bar.withRelief(Optional.of(Relief.usual(bar))).areaMm2()).isLessThan(bar.areaMm2());
        Section higher = bar.withStripOnTop();
        assertThat(higher.thickness()).isGreaterThanOrEqualTo(bar.thickness());
        assertThat(higher.withoutStrip(higher.strips().size() - 1)).isEqualTo(bar);
    }

    @Test
    void aBackBandAddsItsWidthToTheFaceAndItsRevealToTheThickness() {
        Section plain = Ready.FLAT.in(Species.ASH, "s");
        Section banded = plain.withBand(
                Optional.of(new Band(Species.WALNUT, in("1/4"), in("7/8"), in("1/8"), Edging.SQUARE, Edging.SQUARE)));
        assertThat(banded.face()).isEqualTo(in("1 3/4"));
        assertThat(banded.thickness()).isEqualTo(in("7/8"));
        assertThat(banded.areaMm2()).isCloseTo(plain.areaMm2() + 0.25 * 0.875 * 25.4 * 25.4, within(1e-3));
        assertThat(banded.seen().getLast().species()).isEqualTo(Species.WALNUT);
        assertThat(banded.withFace(in("2 3/4")).strips().getFirst().width()).isEqualTo(in("2 1/2"));
    }
}
