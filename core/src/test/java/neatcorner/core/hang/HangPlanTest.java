package neatcorner.core.hang;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.Layer;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Station;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class HangPlanTest {
    private static Job hung(Job job, Hardware hardware) {
        return job.withChoices(job.choices().withHardware(Optional.of(hardware)));
    }

    /** Glass weighs 2.5 kg/m² per mm of thickness, from its density of 2500 kg/m³. */
    @Test
    void aSquareMetreOfGlassWeighsTwoAndAHalfKilogramsAMillimetre() {
        Contents glass = new Contents(List.of(new Layer(Material.WINDOW_GLASS, Length.mm(4))), Optional.empty());
        Job job = Sample.job("10", "10").withContents(glass)
                .withGiven(Axis.WIDTH, new Size(Line.GLASS, Length.mm(1000)))
                .withGiven(Axis.HEIGHT, new Size(Line.GLASS, Length.mm(1000)));
        HangPlan hang = Planner.plan(job, Sample.shop()).hang();
        assertThat(hang.weight().total().value().toKg()
                        - hang.weight().wood().value().toKg())
                .isCloseTo(10, within(1e-6));
    }

    /**
     * By integration over the face: at x mm from the sight edge the four sides are 2·(388 + 288) + 8·x mm long in all,
     * and 6 mm of wood thick over the lip of 6 mm, 15 mm beyond: 355 296 mm³.
     */
    @Test
    void aRabbetedFrameIsWeighedByItsSolid() {
        Section section = new Section(
                "stick",
                Species.PINE,
                Length.mm(20),
                Length.mm(15),
                new Recess.Rabbet(Length.mm(6), Length.mm(9)),
                Profile.FLAT);
        Job job = Sample.job("10", "10")
                .withSection(section)
                .withContents(Contents.NOTHING)
                .withGiven(Axis.WIDTH, new Size(Line.RABBET, Length.mm(400)))
                .withGiven(Axis.HEIGHT, new Size(Line.RABBET, Length.mm(300)));
        double kg = Planner.plan(job, Sample.shop(section)).hang().weight().wood().value().toKg();
        assertThat(kg / Species.PINE.density() * 1e9).isCloseTo(355_296, within(1.0));
    }

    /**
     * Every strip by its own wood, by integration as above: a strip from a to b mm from the sight edge and t mm thick
     * holds t·(2·(W + H)·(b − a) + 4·(b² − a²)) mm³ round an opening of W × H mm.
     */
    @Test
    void everyStripWeighsAsItsOwnWood() {
        Strip base = Strip.plain(Species.PINE, Length.mm(40), Length.mm(12));
        Strip cap = Strip.plain(Species.MAPLE, Length.mm(25), Length.mm(8));
        Section section = new Section(
                "built",
                List.of(base, cap),
                new Recess.Rabbet(Length.mm(6), Length.mm(7)),
                Optional.empty(),
                Optional.empty());
        Job job = Sample.job("10", "10")
                .withSection(section)
                .withContents(Contents.NOTHING)
                .withGiven(Axis.WIDTH, new Size(Line.SIGHT, Length.mm(400)))
                .withGiven(Axis.HEIGHT, new Size(Line.SIGHT, Length.mm(300)));
        double pine = ring(12, 0, 40) - ring(7, 0, 6);
        double maple = ring(8, 15, 40);
        assertThat(Planner.plan(job, Sample.shop(section)).hang().weight().wood().value().toKg())
                .isCloseTo((pine * Species.PINE.density() + maple * Species.MAPLE.density()) * 1e-9, within(1e-6));
    }

    private static double ring(double thick, double from, double to) {
        return thick * (2 * (400 + 300) * (to - from) + 4 * (to * to - from * from));
    }

    /** Volume of four mitred bars by hand: area × twice the mean sides × density. */
    @Test
    void woodIsSectionTimesMeanLengthTimesDensity() {
        Job job = Sample.stretched("20", "30");
        double mean = 2 * ((20 - 1.5) + (30 - 1.5)) * 25.4 / 1000;
        double area = 1.5 * 0.75 * 25.4 * 25.4 / 1e6;
        assertThat(Planner.plan(job, Sample.shop(Sample.bar()))
                        .hang()
                        .weight()
                        .wood()
                        .value()
                        .toKg())
                .isCloseTo(mean * area * 430, within(1e-6));
    }

    /** Statics of a hung wire: both halves together carry the weight, 2·T·sin α = W. */
    @Property(tries = 100, seed = Seed.FIXED)
    void theWireCarriesTheWeight(
            @ForAll @IntRange(min = 6, max = 40) int width, @ForAll @IntRange(min = 6, max = 40) int height) {
        Plan plan = Planner.plan(hung(Sample.job(width + "", height + ""), Hardware.RINGS_AND_WIRE), Sample.shop());
        HangPlan.Wire wire = plan.hang().wire().orElseThrow();
        double lifted = 2 * wire.tension().value().newtons() * wire.angle().value().sin();
        assertThat(lifted).isCloseTo(Force.weightOf(plan.hang().weight().total().value()).newtons(), within(1e-6));
        assertThat(wire.angle().value().toDegrees()).isBetween(0.0, 30.0001);
        HangPlan.Rings rings = plan.hang().rings().orElseThrow();
        double share = rings.down().value().ratio(plan.frame().height(Line.OUTSIDE));
        assertThat(share).as("rings a quarter to a third of the way down").isBetween(0.25, 0.3334);
        assertThat(wire.drop().value()).as("the hook stays behind the frame").isGreaterThan(Length.ZERO);
        assertThat(wire.length().value()).isGreaterThan(rings.apart().value());
    }

    /** At 30° each half of the wire pulls with exactly the weight: sin 30° = 1/2. */
    @Test
    void atThirtyDegreesTheWirePullsWithTheWeight() {
        Plan plan = Planner.plan(hung(Sample.job("8", "20"), Hardware.RINGS_AND_WIRE), Sample.shop());
        HangPlan.Wire wire = plan.hang().wire().orElseThrow();
        assertThat(wire.angle().value().toDegrees()).isCloseTo(30, within(1e-6));
        assertThat(wire.tension().value().newtons())
                .isCloseTo(Force.weightOf(plan.hang().weight().total().value()).newtons(), within(1e-4));
    }

    /** Centre line + half the height − drop. */
    @Test
    void theHookPutsTheMiddleOfThePictureOnTheCentreLine() {
        for (Hardware hardware : Hardware.values()) {
            Plan plan = Planner.plan(hung(Sample.job("16", "20"), hardware), Sample.shop());
            if (!hardware.isOnWall()) {
                assertThat(plan.hang().hookHeight()).isEmpty();
                assertThat(plan.findings()).extracting(found -> found.station()).doesNotContain(Station.HANG);
                continue;
            }
            Length drop = switch (hardware) {
                case RINGS_AND_WIRE -> plan.hang().wire().orElseThrow().drop().value();
                case TWO_HOOKS -> plan.hang().rings().orElseThrow().down().value();
                case SAW_TOOTH, CLEAT, LAID -> in("1 1/4").over(2);
            };
            Length middle = plan.hang()
                    .hookHeight().orElseThrow()
                    .value()
                    .plus(drop)
                    .minus(plan.frame().height(Line.OUTSIDE).over(2));
            assertThat(middle).isEqualTo(in("58"));
        }
    }

    /**
     * Rings keep to wood: beside a hollow, on the narrower of two unlike sides, on the strainer; a cleat too goes on
     * the strainer.
     */
    @Test
    void hardwareIsScrewedToWoodThatIsThere() {
        Job job = hung(Sample.job("20", "16"), Hardware.TWO_HOOKS);
        Job hollow = job.withSection(Sample.rabbeted("3", "3/4", "1/4", "3/8")
                .withRelief(Optional.of(new Relief(in("1/2"), in("1"), in("1/8")))));
        assertThat(inset(hollow)).isEqualTo(in("1 1/2").plus(in("1 1/4").over(2)));
        Job unlike =
                job.withSection(Sample.rabbeted("4", "3/4", "1/4", "3/8")).withFace("left", Optional.of(in("1 1/4")));
        assertThat(inset(unlike)).isEqualTo(in("1 1/4").minus(in("1/4")).over(2));
        Job strained = Sample.strained(hung(job, Hardware.CLEAT));
        Plan plan = Planner.plan(strained, Sample.shop());
        Length rail = plan.hang().hookHeight().orElseThrow().value().minus(in("58"));
        Length play = plan.frame()
                .width(Line.RABBET)
                .minus(plan.assembly().frame(1).width(Line.OUTSIDE))
                .over(2);
        assertThat(plan.frame().height(Line.RABBET).over(2).minus(rail).minus(play).toMm())
                .isCloseTo(plan.assembly().frame(1).job().section().face().over(2).toMm(), within(0.1));
    }

    private static Length inset(Job job) {
        return Planner.plan(job, Sample.shop()).hang().rings().orElseThrow().inset().value();
    }

    @Test
    void heavierFramesGetStrongerHardware() {
        assertThat(Planner.plan(Sample.job("5", "7"), Sample.shop()).hang().recommended())
                .isEqualTo(Hardware.SAW_TOOTH);
        assertThat(Planner.plan(Sample.job("20", "24"), Sample.shop()).hang().recommended())
                .isEqualTo(Hardware.RINGS_AND_WIRE);
        Job mirror = Sample.job("24", "60")
                .withContents(
                        Sample.job("24", "60").contents().with(Material.Role.GLAZING, Optional.of(Material.MIRROR)));
        assertThat(Planner.plan(mirror, Sample.shop()).hang().recommended()).isGreaterThanOrEqualTo(Hardware.TWO_HOOKS);
    }

    /** Common practice, no source: hardware is loaded to a quarter of its rating. */
    @Test
    void fixingsAreRatedForFourTimesTheirLoad() {
        Plan plan = Planner.plan(hung(Sample.job("16", "20"), Hardware.TWO_HOOKS), Sample.shop());
        assertThat(plan.hang().rating().orElseThrow().value().toKg())
                .isCloseTo(plan.hang().weight().total().value().toKg() / 2 * 4, within(1e-9));
    }
}
