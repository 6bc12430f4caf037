package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Species;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Where a package comes to rest, proved with the solids: the wood turned by a general geometry library, the package
 * pushed at it.
 */
class SeatTest {
    private static final GeometryFactory JTS = new GeometryFactory();
    private static final double FAR = 400;

    private static Section section(double face, double thickness, Recess recess) {
        return new Section("stick", Species.BEECH, Length.mm(face), Length.mm(thickness), recess, Profile.FLAT);
    }

    /** The stick's section turned about its back sight corner, outwards to the right, the front above. */
    private static Geometry wood(Section section, double lean) {
        List<Coordinate> ring = Stream.concat(
                        section.outline().stream(), section.outline().stream().limit(1))
                .map(p -> new Coordinate(p.x(), p.y()))
                .toList();
        return AffineTransformation.rotationInstance(lean)
                .transform(JTS.createPolygon(ring.toArray(Coordinate[]::new)));
    }

    private static Geometry box(double left, double right, double low, double high) {
        return JTS.toGeometry(new Envelope(left, right, low, high));
    }

    /**
     * In any stick at any lean, level or tilted rabbet: the way in from behind is free as wide and as deep as is
     * said, and half a millimetre wider or deeper there is wood.
     */
    @Property(tries = 400, seed = Seed.FIXED)
    void thePackageMeetsNoWoodAndCannotPass(
            @ForAll @IntRange(min = 24, max = 90) int face,
            @ForAll @IntRange(min = 14, max = 45) int thickness,
            @ForAll @IntRange(min = 4, max = 12) int lip,
            @ForAll @IntRange(min = 5, max = 20) int depth,
            @ForAll @DoubleRange(min = -40, max = 40) double degrees,
            @ForAll boolean level) {
        Assume.that(lip * 2 < face && depth + 3 < thickness && Math.abs(degrees) > 0.5);
        Section section;
        try {
            section = section(
                    face,
                    thickness,
                    level
                            ? new Recess.TiltedRabbet(Length.mm(lip), Length.mm(depth), degrees)
                            : new Recess.Rabbet(Length.mm(lip), Length.mm(depth)));
        } catch (Refusal cannotBeCut) {
            Assume.that(false);
            return;
        }
        double lean = Math.toRadians(degrees);
        Seat seat = Seat.of(section, lean);
        Assume.that(seat.cover() > 1 && seat.room() > 1);
        Geometry wood = wood(section, lean);
        double end = seat.front() - seat.room();
        assertThat(box(-FAR, seat.wall(), end, seat.front()).intersection(wood).getArea()).isCloseTo(0, within(1e-6));
        assertThat(box(-FAR, seat.wall(), end, seat.front() + 0.5).intersection(wood).getArea()).isGreaterThan(1e-4);
        assertThat(box(-FAR, seat.wall() + 0.5, end, seat.front()).intersection(wood).getArea()).isGreaterThan(1e-4);
        assertThat(wood.getEnvelopeInternal().getMinX()).isCloseTo(seat.sight(), within(1e-9));
        if (level) {
            assertThat(seat.cover()).isCloseTo(lip, within(1e-6));
            boolean reachesBack = lip * Math.cos(lean) >= depth * Math.sin(lean);
            assertThat(seat.room()).isBetween(reachesBack ? depth - 1e-6 : 0, depth + 1e-6);
        }
    }

    /**
     * Every line of the plan follows the seat: the frame's rabbet line is where its walls are, its sight line the
     * innermost wood.
     */
    @Property(tries = 60, seed = Seed.FIXED)
    void theFramesLinesAreThoseOfItsSolid(@ForAll @DoubleRange(min = -25, max = 25) double degrees) {
        Assume.that(Math.abs(degrees) > 0.5);
        Job job = leaning(degrees < 0 ? new Lean(-degrees, Lean.Way.INWARDS) : new Lean(degrees, Lean.Way.OUTWARDS));
        Plan plan = Planner.plan(job, Sample.shop());
        Frame frame = plan.frame();
        Seat seat = Seat.of(job.section(), Math.toRadians(degrees));
        assertThat(frame.width(Line.RABBET).minus(frame.width(Line.SIGHT)).toMm())
                .isCloseTo(2 * (seat.wall() - seat.sight()), within(1e-3));
        assertThat(frame.members()
                        .getFirst()
                        .rabbet()
                        .value()
                        .minus(frame.width(Line.RABBET))
                        .toMm())
                .as("along the rabbet, where the package rests")
                .isCloseTo(0, within(1e-3));
        Geometry wood = wood(job.section(), Math.toRadians(degrees));
        double front = plan.figure(Frame.FRONT_STANDS_OUT).map(figure -> figure.value().toMm()).orElse(0.0);
        assertThat(frame.width(Line.OUTSIDE).minus(frame.width(Line.SIGHT)).toMm() + 2 * front)
                .isCloseTo(2 * wood.getEnvelopeInternal().getWidth(), within(0.21));
    }

    private static Job leaning(Lean lean) {
        return new Edit.Tilt(lean)
                .apply(Job.starting(
                        "Leaning",
                        Length.mm(460),
                        Length.mm(360),
                        section(70, 22, new Recess.Rabbet(Length.mm(9), Length.mm(12)))));
    }

    /**
     * A rabbet square to the stick holds nothing at a steep lean; the offered remedy is a stick in which the plan finds
     * no stop.
     */
    @ParameterizedTest
    @CsvSource({"40,INWARDS,falls_through", "38,INWARDS,falls_through", "80,OUTWARDS,no_wall"})
    void whatCannotHoldItsPackageIsStoppedAndCured(double degrees, Lean.Way way, String finding) {
        Plan plan = Planner.plan(leaning(new Lean(degrees, way)), Sample.shop());
        Remedy remedy = plan.findings().stream()
                .filter(f -> f.id().equals(finding))
                .findFirst()
                .flatMap(f -> f.remedy())
                .orElseThrow();
        Job cured = ((Remedy.OnJob) remedy).edit().apply(plan.job());
        assertThat(Planner.plan(cured, Sample.shop()).findings())
                .filteredOn(f -> f.severity() == Severity.STOP)
                .extracting(f -> f.id())
                .doesNotContain("falls_through", "no_wall", "lean_shallow", "rabbet_through_front");
    }

    /** A tilted rabbet in a frame that lies flat is judged by its seat, and nothing breaks on the way to a remedy. */
    @Test
    void aTiltedRabbetInAFlatFrameIsJudged() {
        Section tilted = section(60, 25, new Recess.TiltedRabbet(Length.mm(8), Length.mm(10), 20));
        Plan plan = Planner.plan(new Edit.ChooseSection(tilted).apply(Sample.job("12", "14")), Sample.shop());
        assertThat(plan.findings()).extracting(f -> f.id()).contains("falls_through");
    }
}
