package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outlines;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Habit;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** The frame behind the frame, laid down as areas by a general geometry library. */
class StrainingTest {
    private static Job strained(String width, String height) {
        return new Edit.Strain(true).apply(Sample.job(width, height));
    }

    /**
     * Five strips that lie in the rabbet with the slack and on none of each other, joined all round: their areas add
     * up, and with the openings they make up the whole rectangle.
     */
    @Property(tries = 80, seed = Seed.FIXED)
    void theStripsLieInTheRabbetAndMeet(
            @ForAll @IntRange(min = 8, max = 70) int width, @ForAll @IntRange(min = 8, max = 70) int height) {
        Frame frame = Planner.plan(strained(width + "", height + ""), Sample.shop()).frame();
        Assume.that(!frame.strainer().isEmpty());
        List<Polygon> strips = frame.strainer().stream().map(member -> Outlines.polygon(member.outline())).toList();
        Geometry whole = strips.stream().map(Geometry.class::cast).reduce(Geometry::union).orElseThrow();
        assertThat(whole.getArea())
                .as("none lies on another")
                .isCloseTo(strips.stream().mapToDouble(Geometry::getArea).sum(), within(0.5));
        assertThat(whole.buffer(1e-4).getNumGeometries()).as("all in one piece").isEqualTo(1);
        assertThat(((Polygon) whole.buffer(1e-4)).getNumInteriorRing())
                .as("two openings beside the brace")
                .isEqualTo(2);
        Polygon rabbet = Outlines.polygon(frame.lines().get(Line.RABBET));
        assertThat(rabbet.buffer(1e-3).contains(whole)).isTrue();
        double slack = rabbet.getEnvelopeInternal().getWidth() - whole.getEnvelopeInternal().getWidth();
        assertThat(slack).isCloseTo(frame.habits().get(Habit.STRAINER_SLACK).toMm(), within(0.01));
    }

    /** It is weighed, cut from stock of its own, and carries the hardware; the brace runs as the wire does. */
    @Test
    void itsWoodIsWeighedCutAndCarriesTheRings() {
        Plan with = Planner.plan(
                new Edit.ChooseHardware(Optional.of(Hardware.RINGS_AND_WIRE)).apply(strained("40", "24")),
                Sample.shop());
        Plan without = Planner.plan(new Edit.Strain(false).apply(with.job()), Sample.shop());
        assertThat(with.hang().weight().total().value().toKg())
                .isGreaterThan(without.hang().weight().total().value().toKg());
        List<String> cut = with.cuts().sticks().stream()
                .flatMap(s -> s.placed().stream())
                .map(p -> p.piece().member().side().letters())
                .toList();
        assertThat(cut).contains("R1", "S2", "X1");
        Member brace = with.frame().strainer().getLast();
        assertThat(Outlines.polygon(brace.outline()).getEnvelopeInternal().getWidth()).as("level, behind the wire")
                .isGreaterThan(Outlines.polygon(brace.outline()).getEnvelopeInternal().getHeight());
        assertThat(with.findings()).extracting(f -> f.id()).doesNotContain("no_strainer_here");
    }

    /** Where no strainer can be there is none, and the plan says so instead of offering it again. */
    @Test
    void wishedWhereThereCanBeNoneItIsSaid() {
        Plan small = Planner.plan(strained("4", "5"), Sample.shop());
        assertThat(small.frame().strainer()).isEmpty();
        assertThat(small.findings()).extracting(f -> f.id()).contains("no_strainer_here");
        assertThat(Straining.canBeIn(Planner.plan(Sample.job("4", "5"), Sample.shop()).frame())).isFalse();
        assertThat(Straining.canBeIn(Planner.plan(Sample.job("30", "40"), Sample.shop()).frame())).isTrue();
        assertThat(Length.inches(1, 1, 2))
                .isEqualTo(Planner.plan(strained("30", "40"), Sample.shop())
                        .frame()
                        .strainer()
                        .getFirst()
                        .section()
                        .face());
    }
}
