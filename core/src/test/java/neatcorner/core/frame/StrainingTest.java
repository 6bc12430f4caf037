package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.PlaceKey;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outlines;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** A strainer behind what is framed, laid down as areas by a general geometry library. */
class StrainingTest {
    private static Optional<Part> offered(Job job) {
        return PartOffer.named("strainer").by(Planner.plan(job, Sample.shop()).frame(), "strainer");
    }

    /**
     * Strips that lie in the rabbet with the slack and on none of each other, joined all round, butted or mitred: their
     * areas add up, and with the openings they make up the whole rectangle. Its front lies against what is framed.
     */
    @Property(tries = 80, seed = Seed.FIXED)
    void theStripsLieInTheRabbetAndMeet(
            @ForAll @IntRange(min = 8, max = 70) int width,
            @ForAll @IntRange(min = 8, max = 70) int height,
            @ForAll boolean mitred) {
        Job job = Sample.job(width + "", height + "");
        Assume.that(offered(job).isPresent());
        Job strained = Sample.strained(job).at(1);
        Plan plan = Planner.plan(
                mitred ? new Edit.Build(Construction.MITRED).apply(strained) : strained, Sample.shop());
        Frame frame = plan.frame();
        Assembly.Lie lie = plan.assembly().lies().get(1);
        List<Polygon> strips = Stream.concat(frame.members().stream(), frame.cross().stream())
                .map(member -> Outlines.polygon(
                        member.outline().stream().map(lie::of).toList()))
                .toList();
        Geometry whole = strips.stream().map(Geometry.class::cast).reduce(Geometry::union).orElseThrow();
        assertThat(whole.getArea())
                .as("none lies on another")
                .isCloseTo(strips.stream().mapToDouble(Geometry::getArea).sum(), within(0.5));
        assertThat(whole.buffer(1e-4).getNumGeometries()).as("all in one piece").isEqualTo(1);
        assertThat(((Polygon) whole.buffer(1e-4)).getNumInteriorRing())
                .as("two openings beside the brace")
                .isEqualTo(2);
        Polygon rabbet = Outlines.polygon(plan.assembly().frame(0).lines().get(Line.RABBET));
        assertThat(rabbet.buffer(1e-3).contains(whole)).isTrue();
        double slack = rabbet.getEnvelopeInternal().getWidth() - whole.getEnvelopeInternal().getWidth();
        assertThat(slack).isCloseTo(frame.habits().get(Habit.STRAINER_SLACK).toMm(), within(0.01));
        Section holder = job.section();
        assertThat(lie.back().plus(frame.job().section().thickness()))
                .as("its front is the package's back")
                .isEqualTo(holder.recessFront().minus(job.contents().stack()));
    }

    /** It is weighed, cut from stock of its own, and carries the hardware; the brace runs as the wire does. */
    @Test
    void itsWoodIsWeighedCutAndCarriesTheRings() {
        Job bare = new Edit.ChooseHardware(Optional.of(Hardware.RINGS_AND_WIRE)).apply(Sample.job("40", "24"));
        Plan with = Planner.plan(Sample.strained(bare), Sample.shop());
        Plan without = Planner.plan(bare, Sample.shop());
        double wood = with.assembly().frame(1).pieces()
                .mapToDouble(piece -> Outlines.polygon(piece.outline()).getArea() * 19.05e-9 * 430)
                .sum();
        assertThat(with.hang().weight().total().value().toKg()
                        - without.hang().weight().total().value().toKg())
                .isCloseTo(wood, within(0.001));
        assertThat(with.job().carrier()).isEqualTo(1);
        assertThat(with.cuts().sticks().stream()
                        .flatMap(s -> s.placed().stream())
                        .filter(p -> p.piece().job().equals("strainer")))
                .hasSize(5);
        assertThat(with.findings()).extracting(Finding::id).doesNotContain("slender", "flat_thin");
    }

    /** The brace lies as far down as the rings also where the rails are unlike: both are shares of the outside. */
    @Test
    void theBraceLiesBehindTheWireWhateverTheRails() {
        Job strained = Sample.strained(Sample.job("40", "24")).at(1);
        Plan plan = Planner.plan(strained.withFace("bottom", Optional.of(Length.inches(4))), Sample.shop());
        double middle = plan.frame().cross().getFirst().outline().stream()
                .mapToDouble(place -> place.y())
                .average()
                .orElseThrow();
        assertThat(middle).isCloseTo(plan.frame().height(Line.OUTSIDE).toMm() * 0.3, within(0.01));
        assertThat(plan.hang().rings().orElseThrow().down().value().toMm()).isCloseTo(middle, within(0.05));
    }

    /** Where no strainer can be there is none offered; what one stands out by is told, and cured. */
    @Test
    void whereThereCanBeNoneNoneIsOffered() {
        assertThat(offered(Sample.job("4", "5"))).isEmpty();
        assertThat(offered(new Edit.ChooseSection(Sample.floater()).apply(Sample.job("20", "20")))).isEmpty();
        assertThat(offered(Sample.strained(Sample.job("30", "40")))).as("one is there").isEmpty();
        assertThatThrownBy(() -> Planner.plan(
                        new Edit.Enter(PlaceKey.GAP, Length.mm(300)).apply(
                                Sample.strained(Sample.job("12", "14")).at(1)),
                        Sample.shop()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("strainer");
    }
}
