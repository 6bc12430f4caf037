package neatcorner.core.glue;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.MemberKey;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.measure.Graduation;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Ready;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Air;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Phrasebook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Glue-up as each glue wants it. Common practice and makers' data sheets in general terms, from memory, no single
 * source.
 */
class GlueStepsTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.MM_HALF);

    private static Plan plan(Adhesive adhesive, Shop shop) {
        return Planner.plan(new Edit.ChooseAdhesive(adhesive).apply(Sample.job("12", "16")), shop);
    }

    private static String steps(Plan plan) {
        return plan.glue().steps().stream().map(BOOK::say).collect(Collectors.joining("\n"));
    }

    private static Shop at(double celsius) {
        Shop shop = Sample.shop();
        Climate air = shop.climate();
        return shop.withClimate(new Climate(Air.of(50, celsius), air.dry(), air.damp()));
    }

    /**
     * Polyurethane wants damp, epoxy mixing and no squeeze, hide glue heat; a wet rag would spoil what is no water
     * glue.
     */
    @ParameterizedTest
    @CsvSource({
        "PVA, wet rag, foam",
        "PVA_WATERPROOF, wet rag, foam",
        "HIDE, warm, foam",
        "POLYURETHANE, damp, wet rag",
        "EPOXY, mix, wet rag"
    })
    void everyGlueIsHandledItsOwnWay(Adhesive adhesive, String said, String notSaid) {
        String steps = steps(plan(adhesive, Sample.shop())).toLowerCase(Locale.ROOT);
        assertThat(steps).contains(said).doesNotContain(notSaid);
        assertThat(plan(adhesive, Sample.shop()).glue().times()).hasSizeGreaterThanOrEqualTo(4);
    }

    /**
     * The dry fit comes before the bottle is opened, the diagonals while it still moves, the splines when it has set.
     */
    @Test
    void stepsComeInAnOrderThatHandsCanFollow() {
        Job splined = new Edit.ChooseJoint(Optional.of(JointKind.SPLINED)).apply(Sample.job("12", "16"));
        List<String> keys = Planner.plan(splined, Sample.shop()).glue().steps().stream()
                .map(words -> words.key())
                .toList();
        assertThat(keys.getFirst()).startsWith("close.dry_fit");
        assertThat(keys.indexOf("close.prepare.pva")).isLessThan(keys.indexOf("close.diagonals"));
        assertThat(keys.indexOf("close.diagonals")).isLessThan(keys.indexOf("close.squeeze_out.pva"));
        assertThat(keys.getLast()).isEqualTo("close.splined");
    }

    /** A side that no stick is long enough for is one piece before its corners are closed. */
    @Test
    void sidesOfSeveralLengthsArePutTogetherFirst() {
        Plan plan = Planner.plan(Sample.job("110", "38"), Sample.shop());
        assertThat(plan.glue().steps().getFirst().key()).isEqualTo("close.scarfs");
        assertThat(BOOK.say(plan.glue().steps().getFirst())).contains("First put A–B, C–D together");
        assertThat(plan(Adhesive.PVA, Sample.shop()).glue().steps())
                .extracting(Words::key)
                .doesNotContain("close.scarfs");
    }

    /** Bars are halved only where they cross; a rabbet cut after the glue-up takes neither package nor bars before. */
    @ParameterizedTest
    @CsvSource({
        "3, 2, BEFORE_MITRING, close.bars_cross; close.bars; close.dry_fit",
        "4, 1, BEFORE_MITRING, close.bars; close.dry_fit",
        "1, 2, AFTER_SQUARED, close.bars_later; close.dry_fit_bare"
    })
    void barsAreHalvedWhereTheyCross(int rows, int columns, Rabbeting rabbeting, String first) {
        Job job = Sample.job("20", "30");
        Job window = job.withOutline(new Boxed.Window(
                        new Size(Line.GLASS, in("20")), new Size(Line.GLASS, in("30")), rows, columns, in("1")))
                .withChoices(job.choices().withRabbeting(rabbeting));
        Plan plan = Planner.plan(window, Sample.shop());
        assertThat(plan.glue().steps()).extracting(Words::key).startsWith(first.split("; "));
        assertThat(plan.figures().keySet().stream()
                        .anyMatch(key -> key instanceof MemberKey<?> of && of.what() == MemberKey.What.HALF_LAP))
                .isEqualTo(rows > 1 && columns > 1);
        assertThat(plan.making().steps())
                .extracting(step -> BOOK.say(step.what()))
                .contains(
                        "Cut the rabbet along the sight edge of the bars",
                        "Cut the rabbet along the outside edge of the bars");
    }

    /** A glue in a shop colder than it stands is a stop, a degree above it is none. */
    @ParameterizedTest
    @EnumSource(Adhesive.class)
    void aColdShopStopsTheGlueThatCannotStandIt(Adhesive adhesive) {
        assertThat(cold(plan(adhesive, at(adhesive.leastTemperature() - 1))))
                .hasSize(1)
                .allSatisfy(f -> assertThat(f.severity()).isEqualTo(Severity.STOP));
        assertThat(cold(plan(adhesive, at(adhesive.leastTemperature() + 1)))).isEmpty();
    }

    private static List<Finding> cold(Plan plan) {
        return plan.findings().stream().filter(f -> f.id().equals("too_cold")).toList();
    }

    /**
     * Squeeze by how hard the wood is, 100 to 150, 140 to 200 and 175 to 250 psi (from memory of glue makers' advice),
     * on the mitre's own area: the section's times √2.
     */
    @ParameterizedTest
    @CsvSource({"PINE, 100, 150", "CHERRY, 140, 200", "MAPLE, 175, 250"})
    void theSqueezeFollowsTheWood(String wood, int least, int most) {
        Species species = Species.known().stream()
                .filter(s -> s.name().equalsIgnoreCase(wood))
                .findFirst()
                .orElseThrow();
        Plan plan = Planner.plan(
                new Edit.ChooseSection(Ready.FLAT.in(species, "flat")).apply(Sample.job("12", "16")), Sample.shop());
        double psi = 6894.757e-6;
        double area = plan.job().section().areaMm2() * Math.sqrt(2);
        assertThat(plan.glue().least().orElseThrow().value().newtons()).isCloseTo(area * psi * least, within(0.5));
        assertThat(plan.glue().most().orElseThrow().value().newtons()).isCloseTo(area * psi * most, within(0.5));
    }
}
