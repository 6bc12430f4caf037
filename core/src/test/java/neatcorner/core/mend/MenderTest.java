package neatcorner.core.mend;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.job.Trouble;
import neatcorner.core.joint.Insert;
import neatcorner.core.joint.Joints;
import neatcorner.core.joint.Reglued;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Sampling;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.strength.Burden;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class MenderTest {
    private static Plan troubled(Job job, Trouble.Kind kind, Length amount) {
        return Planner.plan(job.withTrouble(Optional.of(new Trouble(kind, 1, amount))), Sample.shop());
    }

    private static Job frame(String face, Adhesive adhesive) {
        Job job = Sample.job("12", "16").withSection(Sample.rabbeted(face, "3/4", "1/4", "1/2"));
        return job.withChoices(job.choices().withAdhesive(adhesive));
    }

    private static List<String> keys(Plan plan) {
        return plan.get(Mending.class).steps().stream().map(Words::key).toList();
    }

    /**
     * Closed forms: a mitre at 45° is face·√2 long; of a wedge-shaped gap the part narrower than what the glue bridges
     * is that over the gap; what is left of a section's modulus goes with the square of its height.
     */
    @Property(tries = 60, seed = Seed.FIXED)
    void ofAGapAsMuchHoldsAsIsCloseEnough(@ForAll @DoubleRange(min = 0.05, max = 1) double gap) {
        Plan plan = troubled(frame("1 1/2", Adhesive.PVA), Trouble.Kind.GAP, Length.mm(gap));
        double mitre = 38.1 * Math.sqrt(2);
        double closed = Math.min(1, 0.15 / gap);
        assertThat(plan.figure(Mender.CLOSED).orElseThrow().value().toMm()).isCloseTo(mitre * closed, within(1e-3));
        assertThat(plan.figure(Broken.LEFT).orElseThrow().value().toPercent())
                .isCloseTo(100 * closed * closed, within(0.5));
        assertThat(keys(plan)).doesNotContain("mend.refit");
        Plan thick = troubled(frame("1 1/2", Adhesive.EPOXY), Trouble.Kind.GAP, Length.mm(gap));
        assertThat(thick.figure(Broken.LEFT).orElseThrow().value().toPercent()).isEqualTo(100);
    }

    @Test
    void whatIsTooWideToFillIsCutAgainAndNotJudged() {
        Plan plan = troubled(frame("1 1/2", Adhesive.PVA), Trouble.Kind.GAP, Length.mm(2));
        Words refit = plan.get(Mending.class).steps().getFirst();
        assertThat(refit.key()).isEqualTo("mend.refit");
        assertThat(((Angle) refit.args().get(2)).toDegrees())
                .isCloseTo(Math.toDegrees(Math.atan(2 / (38.1 * Math.sqrt(2)))), within(1e-6));
        assertThat(plan.figure(Broken.LEFT)).isEmpty();
    }

    /** A slope of one in fifty, and 3 in at least; common practice, no source. */
    @Test
    void aStepIsPlanedOffOverALengthThatHidesItWhereWoodAndPieceAllow() {
        Plan low = troubled(frame("1 1/2", Adhesive.PVA), Trouble.Kind.STEP, Length.mm(1));
        assertThat(low.figure(Mender.FEATHER).orElseThrow().value()).isEqualTo(in("3"));
        Plan high = troubled(frame("1 1/2", Adhesive.PVA), Trouble.Kind.STEP, Length.mm(2));
        assertThat(high.figure(Mender.FEATHER).orElseThrow().value()).isEqualTo(Length.mm(100));
        assertThat(keys(high)).contains("mend.step_feather");
        assertThat(keys(troubled(frame("1 1/2", Adhesive.PVA), Trouble.Kind.STEP, Length.mm(6))))
                .contains("mend.step_thin");
    }

    /** A longer split, a pin further out: never a bolder cure. */
    @Test
    void theWorseItIsTheMoreCautiousIsTheCure() {
        assertThat(keys(troubled(frame("1 1/2", Adhesive.PVA), Trouble.Kind.SPLIT, Length.mm(8))))
                .contains("mend.split_again");
        assertThat(keys(troubled(frame("1 1/2", Adhesive.PVA), Trouble.Kind.SPLIT, Length.mm(60))))
                .contains("mend.split_long")
                .doesNotContain("mend.split_again");
        Job pinned = frame("1 1/2", Adhesive.PVA)
                .withChoices(Sample.job("1", "1").choices().withJoint(Optional.of(JointKind.PINNED)));
        Plan plan = troubled(pinned, Trouble.Kind.PROUD_PIN, Length.mm(3));
        Length used = plan.joints().used().settings().getFirst().value();
        assertThat(plan.figure(Mender.SHORTER).orElseThrow().value())
                .isEqualTo(used.minus(Length.mm(3)).minus(in("1/8")));
        assertThat(keys(troubled(pinned, Trouble.Kind.PROUD_PIN, Length.mm(28)))).contains("mend.pin_none");
    }

    /** Whatever is added to a corner helps it, and no point of it lies in or near what is there. */
    @Property(tries = 40, seed = Seed.FIXED)
    void whatIsAddedHelpsAndMissesWhatIsThere(
            @ForAll @IntRange(min = 8, max = 30) int size,
            @ForAll @IntRange(min = 16, max = 40) int face16,
            @ForAll @IntRange(min = 0, max = 30) int joint,
            @ForAll @DoubleRange(min = 0.1, max = 1) double glue) {
        List<JointKind> kinds = Joints.kinds();
        Job job = Sample.job(size + "", size + 4 + "")
                .withSection(Sample.rabbeted(face16 + "/16", "1", "1/4", "1/2"));
        Plan plan = Planner.plan(
                job.withChoices(job.choices().withJoint(Optional.of(kinds.get(joint % kinds.size())))),
                Sample.shop());
        Reglued reglued = new Reglued(plan.frame(), plan.get(Burden.class), plan.joints(), glue);
        double alone = reglued.alone().orElseThrow().use();
        Random random = new Random(face16);
        for (Reglued.Helped helped : reglued.helped()) {
            assertThat(helped.strain().use()).isLessThanOrEqualTo(alone + 1e-9);
            List<Insert> added = Joints.of(helped.option().kind()).inserts(plan.frame(), helped.option());
            for (Insert there : plan.joints().inserts(plan.frame())) {
                for (Insert more : added) {
                    assertThat(nearest(more.bodies(), there.bodies(), random)).isGreaterThan(1.5 - 1e-6);
                }
            }
        }
    }

    private static double nearest(List<Hull> ones, List<Hull> others, Random random) {
        double least = Double.POSITIVE_INFINITY;
        for (Hull one : ones) {
            for (Hull other : others) {
                for (int i = 0; i < 60; i++) {
                    least = Math.min(
                            least,
                            Sampling.in(one, random)
                                    .minus(Sampling.in(other, random))
                                    .length());
                }
            }
        }
        return least;
    }

    /**
     * A lap's flat sides are glued along the grain: glued again it bears more than a mitre of the same wood, and of
     * what holds by itself nobody is sent for a strainer. Of a feather nothing is said.
     */
    @Test
    void whatIsSaidGoesWithHowThePiecesMeet() {
        Job mitred = frame("1 1/2", Adhesive.PVA);
        Job lapped = mitred.with(
                mitred.body().with(new Construction.Squared(SquareCorner.HALF_LAPPED, Through.STILES)));
        assertThat(alone(lapped)).isLessThan(alone(mitred));
        assertThat(keys(troubled(lapped, Trouble.Kind.OPENED, Length.mm(1))))
                .contains("mend.afresh_holds")
                .doesNotContain("mend.no_help");
        Job sharp = mitred.withOutline(new Outline.Free(
                Line.GLASS,
                List.of(
                        new Corner(in("0"), in("0")),
                        new Corner(in("60"), in("6")),
                        new Corner(in("0"), in("12")))));
        assertThat(keys(troubled(sharp, Trouble.Kind.OPENED, Length.mm(1)))).contains("mend.not_judged");
    }

    private static double alone(Job job) {
        Plan plan = Planner.plan(job, Sample.shop());
        return new Reglued(plan.frame(), plan.get(Burden.class), plan.joints(), 0.5)
                .alone()
                .orElseThrow()
                .use();
    }

    /** A board has no corners, and a rectangle no fifth one. */
    @Test
    void aCornerThatIsNotThereIsSaid() {
        Job job = Sample.job("12", "16")
                .withTrouble(Optional.of(new Trouble(Trouble.Kind.OPENED, 4, Length.mm(1))));
        Plan plan = Planner.plan(job, Sample.shop());
        assertThat(plan.findings()).extracting(found -> found.id()).contains("trouble_nowhere");
        assertThat(plan.get(Mending.class).steps()).isEmpty();
    }
}
