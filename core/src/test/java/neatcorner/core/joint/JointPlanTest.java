package neatcorner.core.joint;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.clash.Clashes;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.shop.Drawers;
import neatcorner.core.shop.Joining;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.shop.School;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Stuff;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class JointPlanTest {
    private static Job joined(Job job, JointKind kind) {
        return job.withChoices(job.choices().withJoint(Optional.of(kind)));
    }

    private static Length setting(Plan plan, String id) {
        return plan.joints().used().settings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow()
                .value();
    }

    /** Common practice, no source: glue alone suits only small, light frames. */
    @Test
    void glueAloneIsEnoughOnlyForASmallLightFrame() {
        Job light = Sample.job("5", "7")
                .withContents(Sample.job("5", "7").contents().with(Material.Role.GLAZING, Optional.empty()));
        assertThat(Planner.plan(light, Sample.shop()).joints().recommended()).isEqualTo(JointKind.GLUED);
        assertThat(Planner.plan(Sample.job("5", "7"), Sample.shop()).joints().recommended())
                .isEqualTo(JointKind.PINNED);
        assertThat(grade(Planner.plan(Sample.job("20", "30"), Sample.shop())
                        .joints()
                        .recommended()))
                .isGreaterThanOrEqualTo(Grade.REINFORCED);
    }

    /**
     * Whatever a shop lacks and wants hidden: what it is advised it can make and is not seen, unless nothing such is
     * enough, and then it is told so.
     */
    @Property(tries = 100, seed = Seed.FIXED)
    void aShopIsAdvisedWhatItCanMake(
            @ForAll Set<JoiningTool> missing, @ForAll School school, @ForAll @IntRange(min = 5, max = 30) int size) {
        Shop shop = Sample.shop().withJoining(new Joining(school, missing, Drawers.FULL));
        Plan plan = Planner.plan(
                Sample.job(size + "", size + "").withSection(Sample.rabbeted("1 1/2", "1", "1/4", "1/2")), shop);
        JointOption used = plan.joints().used();
        Joint joint = Joints.of(used.kind());
        boolean seen = school == School.NOTHING_SHOWS
                && Set.of(Shows.ON_EDGE, Shows.ON_FACE).contains(joint.craft().shows());
        boolean lacking = joint.craft().tools().stream().anyMatch(missing::contains);
        assertThat(used.suits()).isEqualTo(!seen && !lacking);
        if (seen || lacking) {
            assertThat(plan.joints().options()).noneMatch(JointOption::isAdvised);
            assertThat(plan.findings()).extracting(f -> f.id()).contains("joint_not_for_shop");
        }
        assertThat(plan.joints().options().getFirst().isAdvised()
                        || plan.joints().options().stream().noneMatch(JointOption::isAdvised))
                .as("what is advised comes first")
                .isTrue();
    }

    @Property(tries = 80, seed = Seed.FIXED)
    void aHeavierFrameNeverAsksForLess(
            @ForAll @IntRange(min = 4, max = 40) int size, @ForAll @IntRange(min = 1, max = 20) int more) {
        JointKind small = Planner.plan(Sample.job(size + "", size + ""), Sample.shop()).joints().recommended();
        JointKind large = Planner.plan(Sample.job(size + more + "", size + more + ""), Sample.shop())
                .joints()
                .recommended();
        assertThat(grade(large)).isGreaterThanOrEqualTo(grade(small));
    }

    private static Grade grade(JointKind kind) {
        return Joints.of(kind).grade();
    }

    /** Every way answers for itself, and the list runs from the one that holds least to the one that holds most. */
    @Test
    void theWaysAreListedByWhatTheyHold() {
        assertThat(Joints.ALL)
                .isSortedAccordingTo(Comparator.comparing(Joint::grade))
                .filteredOn(joint -> joint.goesWith(new Construction.Mitred())
                        && joint.isFor(Stuff.WOOD)
                        && !joint.isOnlyChosen())
                .isSortedAccordingTo(Comparator.comparing(Joint::grade).thenComparing(joint -> joint.craft().minutes()))
                .extracting(Joint::kind)
                .doesNotHaveDuplicates();
        assertThat(Joints.ALL).allMatch(joint -> Joints.named(joint.kind().id()).equals(Optional.of(joint.kind())));
        Plan plan = Planner.plan(Sample.job("8", "10"), Sample.shop());
        for (JointOption option : plan.joints().options()) {
            List<Insert> inserts = Joints.of(option.kind()).inserts(plan.frame(), option);
            assertThat(inserts)
                    .as(option.kind().id())
                    .hasSize(
                            Set.of(JointKind.V_FASTENED, JointKind.STAPLED).contains(option.kind())
                                    ? option.settings().size() - 1
                                    : option.count());
            Point tip = plan.frame().members().getFirst().outline().get(1);
            assertThat(inserts)
                    .allSatisfy(insert -> assertThat(insert.places())
                            .allMatch(place -> new Point(place.x(), place.y()).to(tip) < 90));
        }
    }

    /**
     * Closed form for a slot of height h in a V cradle: legs h·√2, base 2h; it shows in the rabbet at
     * back·√2 (equal faces). Checked with points: the slot's edge x + y = h·√2 stays short of the rabbet's corner.
     */
    @Property(tries = 200, seed = Seed.FIXED)
    void aSplineStaysClearOfTheRabbetCorner(
            @ForAll @IntRange(min = 12, max = 64) int face16, @ForAll @IntRange(min = 2, max = 8) int lip16) {
        Assume.that(face16 - lip16 > 6);
        Job job = joined(
                Sample.job("12", "14").withSection(Sample.rabbeted(face16 + "/16", "1 1/4", lip16 + "/16", "1/2")),
                JointKind.SPLINED);
        Plan plan = Planner.plan(job, Sample.shop());
        Assume.that(plan.joints().used().fits());
        double h = setting(plan, "joint.slot_height").toInches();
        double corner = 2 * (face16 - lip16) / 16.0;
        assertThat(h * Math.sqrt(2)).isLessThan(corner);
        assertThat(setting(plan, "joint.slot_clear").toInches()).isCloseTo(corner / Math.sqrt(2) - h, within(1e-6));
        assertThat(setting(plan, "joint.key_length")).isEqualTo(setting(plan, "joint.slot_height").times(2));
    }

    /**
     * Vectors: a key cut through by the mitre reaches as far along it as its slot is deep, is as wide as that at its
     * deepest, and where it comes out as a dovetail bit leaves it. Beside pins nothing comes near to a saw's kerf.
     */
    @Test
    void aKeyFillsItsSlotAndPinsPassBesideIt() {
        for (Slot slot : Slot.values()) {
            Plan plan = Planner.plan(
                    joined(
                            Sample.job("12", "14").withSection(Sample.rabbeted("1 3/4", "1 1/4", "1/4", "1/2")),
                            slot.kind()),
                    Sample.shop());
            assertThat(plan.joints().used().fits()).as(slot.name()).isTrue();
            Member first = plan.frame().members().getFirst();
            Vector tip = first.end(0, 0, true);
            Vector along = first.end(-1, 0, true).minus(tip).unit();
            double high = setting(plan, slot.height().id()).toMm();
            double wide = setting(plan, slot.width().id()).toMm();
            for (Insert insert : plan.joints().inserts(plan.frame())) {
                if (insert.form() != Insert.Form.PLATE) {
                    continue;
                }
                List<Vector> cut = insert.bodies().getFirst().cut(tip, along.cross(Vector.FORWARD));
                assertThat(cut.stream().mapToDouble(at -> at.minus(tip).dot(along)).max().orElseThrow())
                        .isCloseTo(high, within(1e-6));
                assertThat(spread(cut, at -> true)).isCloseTo(wide, within(1e-6));
                double mouth = spread(cut, at -> at.minus(tip).dot(along) < 1e-6);
                assertThat(mouth)
                        .as(slot.name())
                        .isCloseTo(
                                slot == Slot.DOVETAIL
                                        ? wide - 2 * high * slot.tool(plan.frame()).orElseThrow().narrow()
                                        : wide,
                                within(1e-6));
            }
            assertThat(plan.get(Clashes.class).least()).isGreaterThan(1.5);
        }
    }

    private static double spread(List<Vector> cut, Predicate<Vector> where) {
        DoubleSummaryStatistics levels =
                cut.stream().filter(where).mapToDouble(Vector::z).summaryStatistics();
        return levels.getMax() - levels.getMin();
    }

    @Test
    void aSlotTooDeepIsFoundWithTheAmount() {
        Job job = joined(Sample.job("12", "14"), JointKind.SPLINED);
        Plan plan = Planner.plan(job.withChoices(job.choices().withFastener(Optional.of(in("2")))), Sample.shop());
        assertThat(plan.joints().used().fits()).isFalse();
        assertThat(plan.joints().used().why().getFirst().key()).startsWith("obstacle.spline_");
        assertThat(plan.findings()).extracting(f -> f.id()).contains("joint_does_not_fit");
    }

    /** Common practice, no source: a pin is shorter than what it enters, less 1/8 in. */
    @Property(tries = 100, seed = Seed.FIXED)
    void pinsEndAnEighthShortOfTheSightEdgeAndPassEachOther(@ForAll @IntRange(min = 11, max = 60) int face16) {
        Job job = joined(
                Sample.job("12", "14").withSection(Sample.rabbeted(face16 + "/16", "3/4", "1/4", "1/2")),
                JointKind.PINNED);
        Plan plan = Planner.plan(job, Sample.shop());
        assertThat(setting(plan, "joint.pin_length"))
                .isLessThanOrEqualTo(Length.inches(0, face16, 16).minus(in("1/8")));
        assertThat(setting(plan, "joint.pin_from_tip").times(2)).isLessThan(setting(plan, "joint.pin_length"));
        assertThat(IntStream.rangeClosed(1, 4)
                        .mapToObj(i -> setting(plan, "joint.pin_level_" + i))
                        .distinct())
                .hasSize(4);
    }

    @Test
    void aPinThroughTheFaceIsFound() {
        Job job = joined(Sample.job("12", "14"), JointKind.PINNED);
        Plan plan = Planner.plan(job.withChoices(job.choices().withFastener(Optional.of(in("1 3/4")))), Sample.shop());
        assertThat(plan.joints().used().why().getFirst().key()).isEqualTo("obstacle.pin_too_long");
    }

    @Test
    void fastenersEndBelowTheFrontAndNoneIsAtTheTip() {
        Plan plan = Planner.plan(joined(Sample.job("12", "14"), JointKind.V_FASTENED), Sample.shop());
        assertThat(setting(plan, "joint.v_height")).isLessThanOrEqualTo(in("3/4").minus(in("1/8")));
        assertThat(setting(plan, "joint.v_outer")).isGreaterThan(in("1/4"));
        double mitre = in("1 1/4").toMm() * Math.sqrt(2);
        assertThat(setting(plan, "joint.v_inner").toMm()).isBetween(setting(plan, "joint.v_outer").toMm(), mitre);
        assertThat(plan.joints().used().count()).isEqualTo(2);
        Plan tall = Planner.plan(
                joined(
                        Sample.job("12", "14").withSection(Sample.rabbeted("1 1/2", "1 1/2", "1/4", "1/2")),
                        JointKind.V_FASTENED),
                Sample.shop());
        assertThat(tall.joints().used().count()).isEqualTo(4);
    }

    @Test
    void wherePlainWoodIsTooNarrowTheWayIsRuledOutWithItsReason() {
        Plan plan = Planner.plan(
                Sample.job("12", "14").withSection(Sample.rabbeted("1/2", "3/4", "3/16", "1/2")), Sample.shop());
        assertThat(plan.joints().option(JointKind.V_FASTENED).fits()).isFalse();
        assertThat(plan.joints().option(JointKind.PINNED).fits()).isFalse();
        assertThat(plan.joints().options()).allSatisfy(option -> assertThat(option.why()).isNotEmpty());
    }

    @Test
    void theMakersOwnChoiceStandsButIsJudged() {
        Plan plan = Planner.plan(joined(Sample.job("24", "36"), JointKind.GLUED), Sample.shop());
        assertThat(plan.joints().chosen()).isEqualTo(JointKind.GLUED);
        assertThat(plan.joints().used().enough()).isFalse();
        assertThat(plan.findings()).extracting(f -> f.id()).contains("glue_alone");
    }
}
