package neatcorner.core.joint;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Outlines;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Joints at corners of any angle and in sections that are hollow behind. */
class MeetingTest {
    private static Plan joined(int sides, Section section, JointKind kind) {
        Job job = Sample.job("12", "12")
                .withSection(section)
                .withOutline(new Outline.Regular(sides, Outline.Across.CORNERS, Outlines.mm(Line.GLASS, 400)));
        return Planner.plan(job.withChoices(job.choices().withJoint(Optional.of(kind))), Sample.shop(section));
    }

    private static Optional<Double> setting(Plan plan, String id) {
        return plan.joints().used().settings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .map(Figure::value)
                .map(Length::toMm);
    }

    /**
     * In plane geometry: the mitre of n sides meets the edge at 90° − 180°/n; a place t along it from the outer corner
     * lies t·cos(180°/n) in from the outside edge. Every fastener with its half width lies on the back.
     */
    @Property(tries = 80, seed = Seed.FIXED)
    void fastenersStandOnTheBackAtAnyCorner(
            @ForAll @IntRange(min = 3, max = 20) int sides, @ForAll @IntRange(min = 16, max = 60) int face) {
        Section section = Sample.plain().withFace(Length.mm(face));
        Plan plan = joined(sides, section, JointKind.V_FASTENED);
        Assume.that(plan.joints().used().fits());
        double inward = Math.cos(Math.PI / sides);
        for (String id : new String[] {"joint.v_outer", "joint.v_inner"}) {
            setting(plan, id)
                    .ifPresent(at -> assertThat(at * inward)
                            .isBetween(4.5 - 1e-6, section.backWidth().toMm() - 4.5 + 1e-6));
        }
    }

    /**
     * Closed form in the plane: at a corner of angle θ a pin that makes β with the edge, f from the tip, passes the
     * joint after f·sin(θ/2) ÷ sin(θ/2 + β). No more than half of it lies before the joint, and its point stays in the
     * other piece with 1/8 in to spare.
     */
    @Property(tries = 60, seed = Seed.FIXED)
    void pinsHoldInBothPiecesAtAnyCorner(
            @ForAll @IntRange(min = 3, max = 16) int sides, @ForAll @IntRange(min = 16, max = 48) int face16) {
        Plan plan = joined(sides, Sample.rabbeted(face16 + "/16", "3/4", "1/4", "1/2"), JointKind.PINNED);
        Assume.that(plan.joints().used().fits());
        double pin = setting(plan, "joint.pin_length").orElseThrow();
        double from = setting(plan, "joint.pin_from_tip").orElseThrow();
        double theta = Math.PI - 2 * Math.PI / sides;
        double beta = plan.joints().used().lean().radians();
        assertThat(from * Math.sin(theta / 2) / Math.sin(theta / 2 + beta)).isBetween(0.0, pin / 2 + 1e-6);
        double fromOther = (from - pin * Math.cos(beta)) * Math.sin(theta) - pin * Math.sin(beta) * Math.cos(theta);
        assertThat(fromOther).isBetween(3.0, face16 * 25.4 / 16 - in("1/8").toMm() + 1e-6);
    }

    /**
     * Nothing is driven where a hollow has been taken out of the back: with its half width every fastener stands beside
     * it.
     */
    @Property(tries = 40, seed = Seed.FIXED)
    void fastenersStandBesideAHollow(
            @ForAll @IntRange(min = 10, max = 30) int from, @ForAll @IntRange(min = 6, max = 40) int width) {
        Section section = Sample.rabbeted("3", "3/4", "1/4", "3/8");
        Assume.that(from + width + 8 < section.backWidth().toMm());
        Plan plan = joined(
                4,
                section.withRelief(Optional.of(new Relief(Length.mm(from), Length.mm(width), Length.mm(3)))),
                JointKind.V_FASTENED);
        for (String id : new String[] {"joint.v_outer", "joint.v_inner"}) {
            setting(plan, id)
                    .filter(_ -> plan.joints().used().fits())
                    .map(at -> at * Math.cos(Math.PI / 4))
                    .ifPresent(in -> assertThat(in + 4.5 <= from + 1e-6 || in - 4.5 >= from + width - 1e-6)
                            .as("%s at %s", id, in)
                            .isTrue());
        }
    }

    @Test
    void backsOfLeaningSidesTakeNoFasteners() {
        Job job = Sample.job("12", "14").withLean(new Lean(20, Lean.Way.OUTWARDS));
        Plan plan = Planner.plan(
                job.withChoices(job.choices().withJoint(Optional.of(JointKind.V_FASTENED))), Sample.shop());
        assertThat(plan.joints().used().fits()).isFalse();
        assertThat(plan.joints().used().why().getFirst().key()).isEqualTo("obstacle.v_lean");
    }

    /**
     * The joints of a ring are radial, so its finished segments meet square, as wide there as its face: what holds them
     * lies between outside line and rabbet, and pins or slots from a blank's tip, which is sawn off, are refused.
     */
    @ParameterizedTest
    @ValueSource(ints = {4, 6, 8, 12})
    void theJointsOfARingAreThoseOfTheFinishedRing(int segments) {
        Section section = Sample.rabbeted("2 1/2", "1 1/4", "1/4", "1/2");
        Job job = Sample.job("20", "20").withSection(section)
                .withOutline(new Boxed.Round(new Size(Line.SIGHT, in("20")), new Size(Line.SIGHT, in("20")), segments));
        Plan plan = Planner.plan(job, Sample.shop());
        assertThat(plan.frame().members())
                .allSatisfy(member ->
                        assertThat(member.joint(true).swing().toDegrees()).isCloseTo(0, within(1e-6)));
        assertThat(plan.joints().option(JointKind.PINNED).fits()).isFalse();
        assertThat(plan.joints().option(JointKind.SPLINED).fits()).isFalse();
        assertThat(plan.joints().option(JointKind.V_FASTENED).settings())
                .filteredOn(f -> f.id().startsWith("joint.v_") && !f.id().equals("joint.v_height"))
                .isNotEmpty()
                .allSatisfy(f -> assertThat(((Length) f.value()).toMm())
                        .isBetween(4.5, section.backWidth().toMm() - 4.5));
        assertThat(plan.hidden().fits()).isNotEmpty().allSatisfy(fit -> {
            double bow = Math.hypot(in("10").toMm(), fit.fastener().deep().toMm()) - in("10").toMm();
            assertThat(fit.across() + fit.fastener().along().toMm() / 2 + bow).isLessThan(section.face().toMm());
        });
        double half = Math.PI / segments;
        double width = in("12 1/2").toMm() - in("10").toMm() * Math.cos(half);
        double newtons = section.thickness().toMm() / Math.cos(half) * 175 * 6894.757e-6;
        assertThat(plan.glue().least().orElseThrow().value().newtons())
                .as("the whole blank, to the next 1/16 in, at 175 psi, as hard wood wants")
                .isBetween(width * newtons, (width + in("1/16").toMm()) * newtons);
    }
}
