package neatcorner.core.making;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Job;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Ready;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.Silhouette;
import neatcorner.core.section.Strip;
import neatcorner.core.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class MakingTest {
    private static Plan plan(Section section) {
        return Planner.plan(new Edit.ChooseSection(section).apply(Sample.job("20", "30")), Sample.shop());
    }

    private static List<String> order(Plan plan) {
        return plan.making().steps().stream()
                .filter(s -> s.height().isPresent())
                .map(s -> s.height().orElseThrow().name().args().getFirst())
                .map(name -> ((Words) name).key())
                .toList();
    }

    /** From the board by the listed cuts to exactly the section, for every ready section, each cut carried. */
    @ParameterizedTest
    @EnumSource(Ready.class)
    void theCutsMakeExactlyTheSection(Ready ready) {
        for (Species species : List.of(Species.POPLAR, Species.RED_OAK)) {
            Section section = ready.in(species, "s");
            MakingPlan making = plan(section).making();
            Silhouette made = making.steps().getLast().stick();
            assertThat(made.without(section.wood()).area()).as("too much left").isCloseTo(0, within(1e-3));
            assertThat(section.wood().without(made).area()).as("too much taken").isCloseTo(0, within(1e-3));
            assertThat(making.steps())
                    .allSatisfy(step -> assertThat(step.supported())
                            .as(step.what().toString())
                            .isTrue());
        }
    }

    /**
     * A rabbet is as far from the sight edge on a wide side as on a narrow one, so the fence along the outside moves
     * with the width.
     */
    @Property(tries = 40, seed = Seed.FIXED)
    void widerAndNarrowerSidesHaveTheirOwnWidthAndFence(
            @ForAll @IntRange(min = 20, max = 120) int bottom, @ForAll @IntRange(min = 20, max = 120) int right) {
        Section section = Sample.rabbeted("1 1/2", "3/4", "1/4", "3/8");
        Job job = Sample.job("20", "30")
                .withSection(section)
                .withFace("bottom", Optional.of(Length.mm(bottom)))
                .withFace("right", Optional.of(Length.mm(right)));
        List<Words> said = Planner.plan(job, Sample.shop()).making().steps().stream()
                .flatMap(step -> step.how().stream())
                .toList();
        for (int face : new int[] {bottom, right}) {
            assertThat(said)
                    .anySatisfy(line -> assertThat(line.args())
                            .hasSize(3)
                            .contains(Length.mm(face))
                            .element(2)
                            .isEqualTo(Length.mm(face)));
            assertThat(said)
                    .anySatisfy(line -> assertThat(line.key()).isEqualTo("making.odd_fence"))
                    .anySatisfy(line -> assertThat(line.args())
                            .contains(Length.mm(face), Length.mm(face).minus(section.lip())));
        }
    }

    /** What the strip is milled to is the width of a side that is there. */
    @Test
    void whereEverySideIsOtherwiseNoneIsMilledToTheSectionsFace() {
        Job job = Sample.job("20", "30").withSection(Sample.rabbeted("1 1/2", "3/4", "1/4", "3/8"));
        for (String side : List.of("top", "right", "bottom", "left")) {
            job = job.withFace(side, Optional.of(in(side.equals("bottom") ? "2 1/2" : "2")));
        }
        MakingStep mill = Planner.plan(job, Sample.shop()).making().steps().getFirst();
        assertThat(mill.what().args()).doesNotContain(in("1 1/2")).contains(in("2"));
        assertThat(mill.how()).extracting(Words::key).contains("making.rip_odd");
    }

    /** A box side 3/4 × 4 comes from a 4/4 board, not a 4 1/2 in one; a narrow strip off the edge of a thick one. */
    @Test
    void whatStandsOnEdgeComesFromABoardAsThickAsItIsWide() {
        MakingStep box = plan(Sample.bar().withFace(in("3/4")).withThickness(in("4"))).making().steps().getFirst();
        assertThat(box.how().getFirst().args().getFirst()).isEqualTo(in("1"));
        assertThat(box.how().stream().filter(how -> how.key().equals("making.rip")).findFirst().orElseThrow().args())
                .endsWith(in("4"), in("3/4"));
        MakingStep rim = plan(Sample.bar().withFace(in("1/4")).withThickness(in("1 3/8"))).making().steps().getFirst();
        assertThat(rim.how().getFirst().args().getFirst()).isEqualTo(in("1 1/2"));
        assertThat(rim.how()).extracting(Words::key).doesNotContain("making.turned");
    }

    /** A hollow front rocks on the table: what needs the front to lie flat is cut first. */
    @Test
    void whatRidesOnTheFrontIsCutBeforeTheFrontIsHollowed() {
        List<String> order = order(plan(Ready.SCOOP.in(Species.CHERRY, "s")));
        assertThat(order).containsExactly("feature.rabbet", "feature.front");
    }

    /**
     * A step cut at the very edge before the edge is rounded leaves the bearing nothing; the search turns the order
     * round and says why.
     */
    @Test
    void theOrderIsTurnedRoundWhereACutWouldTakeTheSupportOfAnother() {
        Strip strip = Strip.plain(Species.MAPLE, in("1 1/2"), in("1"))
                .withInner(Edging.of(Edging.Kind.ROUND_OVER, in("3/8")))
                .withFront(new Profile(Profile.Shape.ROUND, in("1/2")));
        Section section = new Section(
                "s",
                List.of(strip.withInner(Edging.SQUARE)),
                new Recess.Rabbet(in("1/4"), in("3/8")),
                Optional.empty(),
                Optional.empty());
        MakingPlan making = plan(section).making();
        assertThat(making.steps()).allMatch(MakingStep::supported);
        Section both = new Section(
                "s",
                List.of(Strip.plain(Species.MAPLE, in("1 1/2"), in("1"))
                        .withInner(new Edging(Edging.Kind.BEVEL, in("1/2"), in("7/8")))
                        .withOuter(Edging.of(Edging.Kind.ROUND_OVER, in("3/8")))),
                new Recess.Rabbet(in("1/4"), in("3/8")),
                Optional.empty(),
                Optional.empty());
        Plan plan = plan(both.withRecess(new Recess.Bar()));
        assertThat(plan.making().steps()).allMatch(MakingStep::supported);
    }

    /** Nothing to ride on whatever the order: said, with what to do, and still listed. */
    @Test
    void whereNoOrderCarriesTheStickItIsSaid() {
        Strip knife = Strip.plain(Species.MAPLE, in("3/4"), in("1"))
                .withFront(new Profile(Profile.Shape.ROUND, in("7/8")))
                .withInner(Edging.of(Edging.Kind.COVE, in("3/8")))
                .withOuter(Edging.of(Edging.Kind.COVE, in("3/8")));
        Section section = new Section(
                "s",
                List.of(knife),
                new Recess.Slot(in("5/16"), in("1/16"), in("1/16")),
                Optional.empty(),
                Optional.empty());
        Plan plan = plan(section.withFace(in("3/4")));
        assertThat(plan.making().steps()).hasSizeGreaterThan(3);
        boolean all = plan.making().steps().stream().allMatch(MakingStep::supported);
        assertThat(plan.findings().stream().anyMatch(f -> f.id().equals("no_support"))).isEqualTo(!all);
    }

    /**
     * The waste of a rabbet sawn in two passes must fall free: never between fence and blade (facts of the trade,
     * common practice, no source).
     */
    @Test
    void noWasteIsEverTrapped() {
        for (Ready ready : Ready.values()) {
            Section section = ready.in(Species.ASH, "s");
            Features features = new Features(section, Sample.job("8", "10").overrides());
            for (Ordering.Placed placed : Ordering.of(features.blank(0), features.ofStrip(0))) {
                assertThat(placed.setup().trapped()).isFalse();
            }
        }
    }

    /** Splintering wood is routed in bites of 1/8 in, others in 1/4 in; passes grow to the full height. */
    @Test
    void deepCutsAreTakenInEvenBites() {
        for (Species species : List.of(Species.RED_OAK, Species.BASSWOOD)) {
            Strip strip = Strip.plain(species, in("3"), in("1 1/2")).withInner(Edging.of(Edging.Kind.COVE, in("1/2")));
            Section section = new Section("s", List.of(strip), new Recess.Bar(), Optional.empty(), Optional.empty());
            MakingStep cut = plan(section).making().steps().getLast();
            assertThat(cut.passes()).hasSize(species.equals(Species.RED_OAK) ? 4 : 2);
            assertThat(cut.passes().getLast()).isEqualTo(in("1/2"));
        }
    }

    @Test
    void aRabbetAfterTheGlueUpLeavesTheBitsRadiusInTheCorners() {
        Job job = new Edit.ChooseRabbeting(Rabbeting.AFTER_ROUNDED).apply(Sample.job("20", "30"));
        Plan plan = Planner.plan(job, Sample.shop());
        assertThat(plan.making().steps().getLast().tool()).isEqualTo(Tool.HAND_ROUTER);
        assertThat(plan.findings()).anySatisfy(f -> assertThat(f.amount()).contains(Length.inches(0, 5, 8)));
        Plan squared = Planner.plan(new Edit.ChooseRabbeting(Rabbeting.AFTER_SQUARED).apply(job), Sample.shop());
        assertThat(squared.findings()).noneMatch(f -> f.id().equals("round_corners"));
    }

    /**
     * What is routed is routed when there is something to rout along: the glued frame, the sawn curve, the opening of
     * the board.
     */
    @ParameterizedTest
    @CsvSource({
        "straight, RABBET, making.mill making.rabbet_later",
        "straight, STEPPED, making.mill making.rabbet_later making.rabbet_later",
        "round, RABBET, making.blanks making.curve making.rabbet_later",
        "round, FLOATER, making.blanks making.curve making.wall_later",
        "oval, RABBET, making.blanks making.blanks making.blanks making.curve making.rabbet_later",
        "solid, RABBET, making.board making.opening making.rabbet_solid"
    })
    void whatIsRoutedLaterComesAfterWhatItRunsAlong(String shape, String recess, String steps) {
        Section section = Sample.rabbeted("2", "1", "1/4", "1/2").withRecess(switch (recess) {
            case "FLOATER" -> new Recess.Floater(in("1/2"), in("1/4"));
            case "STEPPED" -> new Recess.DoubleRabbet(in("1/4"), in("5/8"), in("1/2"), in("1/8"));
            default -> new Recess.Rabbet(in("1/4"), in("1/2"));
        });
        Line line = recess.equals("FLOATER") ? Line.ART : Line.SIGHT;
        Job job = Sample.job("20", "30").withSection(section).withContents(Contents.NOTHING);
        job = switch (shape) {
            case "round" -> job.withOutline(new Boxed.Round(new Size(line, in("20")), new Size(line, in("20")), 8));
            case "oval" -> job.withOutline(new Boxed.Round(new Size(line, in("20")), new Size(line, in("30")), 8));
            case "solid" -> job.with(job.body().with(Construction.ONE_PIECE));
            default -> job.withChoices(job.choices().withRabbeting(Rabbeting.AFTER_SQUARED));
        };
        MakingPlan making = Planner.plan(job, Sample.shop()).making();
        assertThat(making.steps().stream().map(step -> step.what().key()).collect(Collectors.joining(" ")))
                .isEqualTo(steps);
        Silhouette made = making.steps().getLast().stick();
        assertThat(made.without(section.wood()).area()
                        + section.wood().without(made).area())
                .as("the section comes out")
                .isLessThan(1e-3);
    }

    /**
     * Of a rail of another width every setting that moves with the width is said, tilt and second pass too; what rides
     * otherwise is set up anew.
     */
    @Test
    void otherWidthsHaveTheirOwnTiltAndSecondPass() {
        Job job = Sample.job("20", "30").withFace("bottom", Optional.of(in("3")));
        Section sloped = new Section(
                "s",
                Species.CHERRY,
                in("1 1/2"),
                in("1"),
                new Recess.Rabbet(in("1/4"), in("3/8")),
                new Profile(Profile.Shape.SLOPE, in("1/4")));
        Section stepped = new Section(
                "s",
                Species.CHERRY,
                in("1 1/2"),
                in("1"),
                new Recess.Rabbet(in("1/4"), in("3/8")),
                new Profile(Profile.Shape.STEP, in("1/4")));
        Angle wide = Angle.atan2(in("1/4"), in("3"));
        assertThat(said(job.withSection(sloped), "making.odd_tilt")).singleElement().satisfies(line ->
                assertThat(((Angle) line.args().getFirst()).toDegrees()).isCloseTo(wide.toDegrees(), within(1e-6)));
        assertThat(said(job.withSection(stepped), "making.odd_bit")).singleElement().satisfies(line ->
                assertThat(((Words) line.args().getFirst()).args()).contains(in("1")));
    }

    private static List<Words> said(Job job, String key) {
        return Planner.plan(job, Sample.shop()).making().steps().stream()
                .flatMap(step -> step.how().stream())
                .filter(words -> words.key().equals(key))
                .toList();
    }
}
