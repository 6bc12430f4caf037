package neatcorner.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.frame.Weight;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.joint.JointOption;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.strength.Burden.Borne;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Strength;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** What frames bear, against hand formulas of closed frames and of beams. */
class WeighingTest {
    private static final double GRAVITY = 9.80665;

    /** An empty frame of plain bars: it bears nothing but its own wood. */
    private static Job bars(double wide, double high, double face) {
        return Sample.job("10", "10")
                .withContents(Contents.NOTHING)
                .withSection(new Section(
                        "bar", Species.PINE, Length.mm(face), Length.mm(20), new Recess.Bar(), Profile.FLAT))
                .withGiven(Axis.WIDTH, new Size(Line.OUTSIDE, Length.mm(wide)))
                .withGiven(Axis.HEIGHT, new Size(Line.OUTSIDE, Length.mm(high)));
    }

    private static Plan hung(Job job, Hardware hardware) {
        return Planner.plan(
                job.withChoices(job.choices().withHardware(Optional.of(hardware))), Sample.shop());
    }

    private static Borne borne(Plan plan, Bearing bearing) {
        return plan.get(Burden.class).cases().stream()
                .filter(borne -> borne.bearing() == bearing)
                .findFirst()
                .orElseThrow();
    }

    /**
     * A closed rectangle of even section, b wide and h high along its middles, hung by the middle of its top or all
     * along it. Slopes (handbook beam formulas, from memory): at a top corner M1·b/2 + h·M1/3 + h·M2/6 balances the
     * slope that what pulls the top up less its own weight gives it, P·b²/16 or u·b³/24, and at a bottom corner
     * likewise with what lies there. The corners' M1 and M2 are the two unknowns; the bottom bows as a beam less
     * M2·b²/8.
     */
    @Property(tries = 80, seed = Seed.FIXED)
    void hungByItsTop(
            @ForAll @DoubleRange(min = 200, max = 1500) double wide,
            @ForAll @DoubleRange(min = 200, max = 1500) double high,
            @ForAll @DoubleRange(min = 20, max = 60) double face,
            @ForAll boolean cleat) {
        Plan plan = hung(bars(wide, high, face), cleat ? Hardware.CLEAT : Hardware.SAW_TOOTH);
        double b = wide - face;
        double h = high - face;
        double w = plan.job().section().kgPerMetre() * GRAVITY / 1000;
        double all = plan.get(Weight.class).total().value().toKg() * GRAVITY;
        double rest = Math.max(0, all - 2 * (b + h) * w) / b;
        double top = (cleat ? all * b * b / 24 : all * b * b / 16) - w * b * b * b / 24;
        double bottom = (w + rest) * b * b * b / 24;
        double own = b / 2 + h / 3;
        double other = h / 6;
        double det = own * own - other * other;
        double m1 = (top * own - bottom * other) / det;
        double m2 = (bottom * own - top * other) / det;
        Borne borne = borne(plan, Bearing.HUNG);
        List<Demand> corners = borne.corners();
        double scale = (Math.abs(m1) + Math.abs(m2)) * 1e-3;
        assertThat(corners.get(0).moment()).isCloseTo(Math.abs(m1), within(scale));
        assertThat(corners.get(1).moment()).isCloseTo(Math.abs(m1), within(scale));
        assertThat(corners.get(2).moment()).isCloseTo(Math.abs(m2), within(scale));
        assertThat(corners.get(3).moment()).isCloseTo(Math.abs(m2), within(scale));
        double stiff = Strength.of(Species.PINE).orElseThrow().elasticity() * 20 * Math.pow(face, 3) / 12;
        double bow = (5 * (w + rest) * Math.pow(b, 4) / 384 - m2 * b * b / 8) / stiff;
        assertThat(-borne.sides().get(2).bow()).isCloseTo(bow, within(scale * b * b / stiff));
    }

    /** Whatever its shape, what hangs by one spot pulls nowhere harder than it weighs, and both sides alike. */
    @Property(tries = 60, seed = Seed.FIXED)
    void aFrameThatIsAlikeOnBothSidesBearsAlike(
            @ForAll @IntRange(min = 8, max = 60) int wide, @ForAll @IntRange(min = 8, max = 60) int high) {
        Plan plan = Planner.plan(Sample.job(wide + "", high + ""), Sample.shop());
        double all = plan.get(Weight.class).total().value().toKg() * GRAVITY;
        Borne borne = borne(plan, Bearing.HUNG);
        List<Demand> corners = borne.corners();
        assertThat(corners.get(0).moment()).isCloseTo(corners.get(1).moment(), within(all * 1e-2));
        assertThat(corners.get(2).moment()).isCloseTo(corners.get(3).moment(), within(all * 1e-2));
        assertThat(corners).allSatisfy(corner -> assertThat(corner.pull()).isLessThanOrEqualTo(all));
    }

    /** A wider side is strained less, a stronger wood less, and a heavier frame more. */
    @Property(tries = 40, seed = Seed.FIXED)
    void whatHelpsHelps(
            @ForAll @IntRange(min = 10, max = 40) int size, @ForAll @IntRange(min = 12, max = 40) int face16) {
        Job job = Sample.job(size + "", size + "");
        double narrow = use(job.withSection(Sample.rabbeted(face16 + "/16", "3/4", "1/4", "1/2")));
        double wide = use(job.withSection(Sample.rabbeted(face16 + 4 + "/16", "3/4", "1/4", "1/2")));
        assertThat(wide).isLessThan(narrow);
        assertThat(use(Sample.job(size + 4 + "", size + 4 + "")
                        .withSection(Sample.rabbeted(face16 + "/16", "3/4", "1/4", "1/2"))))
                .isGreaterThan(narrow * 0.5);
    }

    /** Of glue alone, hung by the same hardware. */
    private static double use(Job job) {
        return hung(job, Hardware.TWO_HOOKS).joints().options().stream()
                .filter(option -> option.kind().id().equals("glued"))
                .flatMap(option -> option.lasting().stream())
                .mapToDouble(strain -> strain.use())
                .findFirst()
                .orElseThrow();
    }

    /** 2 × 3 m in thin stock is refused, with what would bring it; a postcard frightens nobody. */
    @Test
    void aHugeThinFrameIsRefusedAndAPostcardIsNot() {
        Job huge = Sample.job("78 3/4", "118").withSection(Sample.rabbeted("1", "3/4", "1/4", "1/2"));
        Plan refused = Planner.plan(huge, Sample.shop());
        assertThat(refused.findings())
                .filteredOn(finding -> finding.severity() == Severity.STOP)
                .extracting(finding -> finding.id())
                .contains("joint_beyond", "side_breaks");
        assertThat(refused.joints().options()).noneMatch(JointOption::isGood);
        Plan postcard = Planner.plan(
                Sample.job("6", "4").withSection(Sample.rabbeted("3/4", "5/8", "1/4", "7/16")), Sample.shop());
        assertThat(postcard.findings())
                .extracting(finding -> finding.id())
                .doesNotContain("joint_beyond", "side_breaks", "side_sags", "side_bows_in", "lifted_badly")
                .noneMatch(id -> id.contains("joint") || id.contains("corner"));
        assertThat(postcard.joints().used().lasting().orElseThrow().use()).isLessThan(0.05);
    }

    @Test
    void whatAnotherPartCarriesOrHoldsIsNotJudgedAsIfItHung() {
        Job strained = Sample.strained(Sample.job("40", "12"));
        Plan plan = Planner.plan(strained, Sample.shop());
        List<Plan> parts = Planner.ofParts(plan);
        assertThat(parts).anyMatch(part -> part.get(Burden.class).cases().stream()
                .noneMatch(borne -> borne.bearing().isLasting()));
    }
}
