package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Body;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Trim;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Strips bent over a curved top. */
class TrimmingTest {
    private static final GeometryFactory JTS = new GeometryFactory();

    private static Job arched(double width, double high, double rise, Trim trim) {
        Boxed.Arched arch = new Boxed.Arched(
                new Size(Line.OUTSIDE, Length.mm(width)),
                new Size(Line.OUTSIDE, Length.mm(high)),
                rise == 1 ? Boxed.Arch.HALF_ROUND : Boxed.Arch.SEGMENTAL,
                rise,
                6);
        Job job = Sample.job("12", "16").withOutline(arch);
        return job.with(job.body().withTrim(Optional.of(trim)));
    }

    private static Plan plan(Job job) {
        return Planner.plan(job, Sample.shop());
    }

    private static Polygon polygon(List<Point> places) {
        return JTS.createPolygon(Stream.concat(places.stream(), Stream.of(places.getFirst()))
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new));
    }

    record Case(double width, double sides, double rise, Trim trim) {
    }

    @Provide
    Arbitrary<Case> cases() {
        return Arbitraries.randomValue(random -> new Case(
                300 + random.nextInt(700),
                40 + random.nextInt(500),
                random.nextInt(4) == 0 ? 1 : 0.2 + random.nextInt(75) / 100.0,
                new Trim(
                        Length.mm(1 + random.nextInt(5)),
                        1 + random.nextInt(6),
                        Length.mm(random.nextInt(10)),
                        Length.mm(random.nextInt(60)))));
    }

    /**
     * By JTS and the area of a ring's sector (its middle arc times its width): strips lie on the wood and on one
     * another without a gap or an overlap, and each is sawn long enough for its own outside.
     */
    @Property(tries = 60, seed = Seed.FIXED)
    void stripsLieOnOneAnother(@ForAll("cases") Case of) {
        Frame frame =
                plan(arched(of.width, of.sides + of.rise * of.width / 2, of.rise, of.trim)).frame();
        Trim trim = of.trim;
        double half = 2 * Math.atan(of.rise);
        double radius = of.width / 2 / Math.sin(half);
        double thick = trim.strip().toMm();
        Polygon wood = polygon(Known.in(frame.lines(), Line.OUTSIDE));
        List<Polygon> strips =
                frame.trim().stream().map(strip -> polygon(strip.outline())).toList();
        assertThat(strips).hasSize(trim.strips());
        for (int i = 0; i < strips.size(); i++) {
            double middle = radius + (i + 0.5) * thick;
            double along = 2 * half * middle + 2 * trim.beyond().toMm();
            assertThat(strips.get(i).getArea()).isCloseTo(along * thick, within(along * thick * 2e-3));
            assertThat(strips.get(i).intersection(wood).getArea()).isLessThan(0.002 * wood.getArea());
            assertThat(strips.get(i).distance(wood)).isCloseTo(i * thick, within(radius * 1e-3));
            assertThat(frame.trim().get(i).longPoint().value().toMm())
                    .isGreaterThan(2 * half * (middle + thick / 2) + 2 * trim.beyond().toMm());
            for (Polygon inner : strips.subList(0, i)) {
                assertThat(strips.get(i).intersection(inner).getArea()).isLessThan(1e-6);
            }
        }
        assertThat(frame.standsOut(Axis.HEIGHT).toMm())
                .isCloseTo(trim.thickness().toMm(), within(radius * 1e-3));
    }

    /** The first strip is bent to the outside of the arch; thinner ones cure one that would break, and no other. */
    @Property(tries = 60, seed = Seed.FIXED)
    void stiffStripsAreCured(@ForAll("cases") Case of) {
        Job job = arched(of.width, of.sides + of.rise * of.width / 2, of.rise, of.trim);
        double radius = of.width / 2 / Math.sin(2 * Math.atan(of.rise));
        Optional<Finding> stiff = plan(job).findings().stream()
                .filter(finding -> finding.id().equals("trim_stiff"))
                .findFirst();
        assertThat(stiff.isPresent()).isEqualTo(radius < 100 * of.trim.strip().toMm() - 1e-6);
        stiff.flatMap(found -> found.remedy().filter(Remedy.OnJob.class::isInstance))
                .ifPresent(remedy -> {
                    Job cured = ((Remedy.OnJob) remedy).edit().apply(job);
                    assertThat(plan(cured).findings()).noneMatch(f -> f.id().equals("trim_stiff"));
                    assertThat(cured.body().trim().orElseThrow().thickness().toMm())
                            .isCloseTo(of.trim.thickness().toMm(), within(1e-4));
                });
    }

    /**
     * Wood Handbook (USDA Forest Products Laboratory), table 5-3: bending strength over stiffness at 12 % moisture, in
     * MPa, from memory: at a hundred times its thickness no strip of these is stretched to two thirds of it.
     */
    @Test
    void aHundredTimesItsThicknessBreaksNothing() {
        DoubleStream breaking = DoubleStream.of(
                105.0 / 12_300, // white oak
                99.0 / 12_500, // red oak
                103.0 / 12_000, // ash
                101.0 / 11_600, // walnut
                85.0 / 10_300, // cherry
                65.0 / 8_900); // ponderosa pine
        assertThat(1 / (2 * Trimming.LEAST_RADIUS)).isLessThan(breaking.min().orElseThrow() * 2 / 3 + 2e-4);
    }

    @Test
    void nothingFollowsTheOutsideOfACurveThatHasStrips() {
        Job job = arched(500, 600, 0.4, Trim.usual());
        Body strip = new Body(job.outline(), Sample.bar(), Map.of(), Lean.FLAT);
        assertThatThrownBy(() -> plan(job.withPart(
                        Part.of("rim", new Placement.Around("frame", Length.ZERO, Length.ZERO), strip))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("strips are bent over");
        assertThatThrownBy(() -> Part.of(
                        "lining", new Placement.Inside("frame", Length.ZERO), strip.withTrim(job.body().trim())))
                .isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Edit.Bend(Optional.of(Trim.usual())).apply(Sample.job("12", "16")))
                .isInstanceOf(Refusal.class);
    }

    @Test
    void theyWeighAndAreBought() {
        Job bare = arched(500, 600, 0.4, Trim.usual());
        Job with = bare;
        bare = bare.with(bare.body().withTrim(Optional.empty()));
        Frame frame = plan(with).frame();
        double half = 2 * Math.atan(0.4);
        double radius = 250 / Math.sin(half);
        double along = 2 * half * (radius + 4.5) + 50.8;
        double wide = frame.job().section().thickness().toMm() + 6;
        double kg = along * 9 * wide * 1e-9 * frame.job().section().species().density();
        assertThat(plan(with).get(Weight.class).wood().value().toKg()
                        - plan(bare).get(Weight.class).wood().value().toKg())
                .isCloseTo(kg, within(kg * 3e-3));
        assertThat(frame.pieces().filter(piece -> piece.section().name().equals("strip to bend")))
                .hasSize(3);
    }
}
