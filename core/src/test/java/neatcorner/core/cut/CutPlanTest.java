package neatcorner.core.cut;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.Print;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class CutPlanTest {
    /**
     * Lays the real trapezoids on the stick and lets the blade run: no blade touches a neighbour's wood,
     * at the outside edge or at the sight edge, and nothing reaches into the end trims.
     */
    private static void assertCuttable(Plan plan) {
        Length kerf = plan.frame().habits().get(Habit.KERF);
        Length trim = plan.frame().habits().get(Habit.END_TRIM);
        for (StickLayout stick : plan.cuts().sticks()) {
            assertThat(stick.placed().getFirst().start()).isGreaterThanOrEqualTo(trim);
            assertThat(stick.placed().getLast().end()).isLessThanOrEqualTo(stick.length().minus(trim));
            for (int i = 1; i < stick.placed().size(); i++) {
                StickLayout.Placed one = stick.placed().get(i - 1);
                StickLayout.Placed next = stick.placed().get(i);
                var right = one.piece().member().right();
                var left = next.piece().member().left();
                double bladeOfOne = one.end().plus(right.kerfAlongEdge(kerf)).toMm();
                double bladeOfNext = next.start().minus(left.kerfAlongEdge(kerf)).toMm();
                assertThat(bladeOfOne).isLessThanOrEqualTo(next.start().toMm() + 1e-5);
                assertThat(bladeOfNext).isGreaterThanOrEqualTo(one.end().toMm() - 1e-5);
                double sightOfOne = one.end().minus(right.setback()).toMm() + kerf.toMm() / right.toEdge().sin();
                double sightOfNext = next.start().plus(left.setback()).toMm();
                assertThat(sightOfOne).isLessThanOrEqualTo(sightOfNext + 1e-5);
            }
        }
    }

    @Property(tries = 60, seed = Seed.FIXED)
    void noBladeTouchesTheNextPiece(
            @ForAll @IntRange(min = 4, max = 40) int width,
            @ForAll @IntRange(min = 4, max = 40) int height,
            @ForAll @IntRange(min = 1, max = 12) int quantity,
            @ForAll @IntRange(min = 24, max = 60) int bottomSixteenths,
            @ForAll @IntRange(min = 0, max = 4) int kerf32) {
        Job job = Sample.job(width + "", height + "").withQuantity(quantity)
                .withFace("bottom", Optional.of(Length.inches(0, bottomSixteenths, 16)));
        job = job.withOverrides(job.overrides().with(Habit.KERF, Length.inches(0, kerf32, 32)));
        Plan plan = Planner.plan(job, Sample.shop(Sample.plain(), new Sticks(in("96"), 3), new Sticks(in("50"), 2)));
        assertCuttable(plan);
        assertThat(plan.cuts().sticks().stream().mapToInt(s -> s.placed().size()).sum()).isEqualTo(4 * quantity);
    }

    /** Every piece lies in the middle of whole repeats, counted from where the first begins, and none is turned. */
    @Property(tries = 60, seed = Seed.FIXED)
    void aPrintLandsWholeOnEverySide(
            @ForAll @IntRange(min = 4, max = 30) int width,
            @ForAll @IntRange(min = 4, max = 30) int height,
            @ForAll @IntRange(min = 1, max = 5) int quantity,
            @ForAll @IntRange(min = 10, max = 200) int repeat,
            @ForAll boolean plain) {
        Job job = Sample.job(width + "", height + "").withQuantity(quantity);
        Job bare = plain ? new Edit.ChooseSection(Sample.bar()).apply(job) : job;
        Print print = new Print(Length.mm(repeat), true);
        Job printed = bare.withChoices(
                bare.choices().withCutting(bare.choices().cutting().withPrint(Optional.of(print))));
        Plan plan = Planner.plan(printed, Sample.shop(printed.section(), new Sticks(in("96"), 3)));
        assertCuttable(plan);
        Length trim = plan.frame().habits().get(Habit.END_TRIM);
        double gap = plan.frame().kerfBetweenPieces().toMm();
        for (StickLayout stick : plan.cuts().sticks()) {
            assertThat(stick.placed().getLast().end().toMm())
                    .as("up to one repeat is lost where a stick does not begin with one")
                    .isLessThanOrEqualTo(stick.length().minus(trim).toMm() - repeat + 1e-6);
            stick.placed().forEach(placed -> {
                double middle = (placed.start().toMm() + placed.end().toMm() + gap) / 2 - trim.toMm();
                long count = (long) Math.ceil((placed.piece().length().toMm() + gap) / repeat - 1e-9);
                double halves = middle / (repeat / 2.0);
                assertThat(halves).isCloseTo(Math.rint(halves), within(1e-4));
                assertThat(Math.abs(Math.rint(halves)) % 2).as("%s repeats", count).isEqualTo(count % 2);
            });
        }
    }

    @Test
    void everyPieceOfEveryFrameIsCutOnce() {
        Plan plan = Planner.plan(Sample.job("12", "13").withQuantity(6), Sample.shop());
        List<Piece> pieces = plan.cuts().sticks().stream()
                .flatMap(s -> s.placed().stream())
                .map(StickLayout.Placed::piece)
                .toList();
        assertThat(pieces).hasSize(24).doesNotHaveDuplicates();
        for (Side side : plan.job().outline().round()) {
            assertThat(pieces.stream().filter(p -> p.member().side().equals(side)).map(Piece::frame).sorted().toList())
                    .containsExactly(1, 2, 3, 4, 5, 6);
        }
    }

    /** At 45° the blade takes kerf·√2 of the edge: a closed form. */
    @Test
    void theSlantedKerfTakesMoreOfTheEdgeThanTheBladeIsThick() {
        Plan plan = Planner.plan(Sample.job("12", "13"), Sample.shop());
        assertThat(plan.figure(CutPlanner.GAP).orElseThrow().value().toInches())
                .isCloseTo(0.125 * Math.sqrt(2), within(1e-8));
    }

    @Test
    void aWideBottomRailComesFromItsOwnStick() {
        Plan plan = Planner.plan(Sample.job("11", "14").withFace("bottom", Optional.of(in("2 1/2"))), Sample.shop());
        assertThat(plan.cuts().sticks()).allSatisfy(stick -> assertThat(stick.placed())
                .allSatisfy(p -> assertThat(p.piece().member().section()).isEqualTo(stick.section())));
        assertThat(plan.findings()).extracting(f -> f.id()).contains("rack_short", "mirror_images");
    }

    @Test
    void whatTheRackLacksIsBoughtAndCounted() {
        Plan plan = Planner.plan(
                Sample.job("20", "20").withQuantity(4), Sample.shop(Sample.plain(), new Sticks(in("96"), 1)));
        int bought = (int) plan.cuts().sticks().stream().filter(StickLayout::bought).count();
        assertThat(plan.cuts().toBuy()).containsExactlyEntriesOf(Map.of(in("96"), bought));
        assertThat(bought).isGreaterThanOrEqualTo(3);
    }

    /** What goes in must come out: pieces, remnants, kerfs and trims make up the sticks. */
    @Test
    void wasteIsAllThatIsNeitherPieceNorUsefulRemnant() {
        Plan plan = Planner.plan(Sample.job("12", "13").withQuantity(3), Sample.shop());
        Length sticks = Length.sum(plan.cuts().sticks().stream().map(StickLayout::length).toList());
        Length pieces = Length.sum(plan.cuts().sticks().stream().flatMap(s -> s.placed().stream())
                .map(p -> p.piece().member().longPoint().value()).toList());
        Length kept = Length.sum(plan.cuts().sticks().stream()
                .filter(s -> !s.remnant().isUnder(in("12")))
                .map(s -> s.remnant().plus(in("1/4")))
                .toList());
        assertThat(plan.cuts().waste().orElseThrow().value()).isEqualTo(sticks.minus(pieces).minus(kept));
        assertThat(plan.cuts().share().orElseThrow().value().fraction())
                .isCloseTo(plan.cuts().waste().orElseThrow().value().ratio(sticks), within(1e-12));
    }

    /** The largest frame of the shape really fits one stick, and one a little larger does not. */
    @Test
    void theBiggestFrameFromOneStickUsesItAll() {
        Shop shop = Sample.shop(Sample.plain(), new Sticks(in("96"), 1));
        CutPlan.Biggest biggest = Planner.plan(Sample.job("8", "10"), shop).cuts().biggest().orElseThrow();
        Job largest = Sample.given(Line.SIGHT, "10", "10")
                .withGiven(Axis.WIDTH, new Size(Line.SIGHT, biggest.width().value().minus(new Length(10))))
                .withGiven(Axis.HEIGHT, new Size(Line.SIGHT, biggest.height().value().minus(new Length(10))));
        assertThat(Planner.plan(largest, shop).cuts().sticks()).hasSize(1);
        Job larger = largest.withGiven(Axis.WIDTH, new Size(Line.SIGHT, biggest.width().value().plus(in("1/16"))));
        assertThat(Planner.plan(larger, shop).cuts().sticks()).hasSizeGreaterThan(1);
        assertThat(biggest.width().value().ratio(biggest.height().value()))
                .isCloseTo(in("7 5/8").ratio(in("9 5/8")), within(1e-6));
    }
}
