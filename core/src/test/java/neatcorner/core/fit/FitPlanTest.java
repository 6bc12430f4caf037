package neatcorner.core.fit;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.finish.Recipes;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Size;
import neatcorner.core.pane.Pane;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Phrasebook;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class FitPlanTest {
    /** Common practice, no source: points near each corner and never more than about 4 in apart. */
    @Property(tries = 150, seed = Seed.FIXED)
    void pointsAreNearTheCornersAndCloseEnough(
            @ForAll @IntRange(min = 3, max = 60) int width, @ForAll @IntRange(min = 3, max = 60) int height) {
        Plan plan = Planner.plan(Sample.job(width + "", height + ""), Sample.shop());
        for (FitPlan.Points points : plan.fit().points()) {
            boolean across = points.first().id().contains("width");
            Length side = across ? plan.frame().width(Line.RABBET) : plan.frame().height(Line.RABBET);
            Length span = points.first().value().times(2).plus(points.apart().value().times(points.each() - 1L));
            assertThat(span.minus(side).abs()).isLessThanOrEqualTo(new Length(points.each()));
            assertThat(points.apart().value()).isLessThanOrEqualTo(in("4").plus(new Length(1)));
            assertThat(points.first().value()).isLessThanOrEqualTo(in("2"));
            assertThat(points.each()).isGreaterThanOrEqualTo(2);
        }
    }

    /**
     * Around many short sides one point each: never two side by side, and never further apart than the rule, counted
     * across the corners.
     */
    @Property(tries = 60, seed = Seed.FIXED)
    void ringsOfShortSidesAreHeldByOnePointEach(
            @ForAll @IntRange(min = 6, max = 24) int sides, @ForAll @IntRange(min = 8, max = 40) int across) {
        Plan plan = Planner.plan(
                Sample.job("8", "10")
                        .withOutline(new Outline.Regular(
                                sides, Outline.Across.FLATS, new Size(Line.GLASS, in(across + "")))),
                Sample.shop());
        plan.fit().points().forEach(points -> {
            Length side =
                    points.first().value().times(2).plus(points.apart().value().times(points.each() - 1L));
            assertThat(points.first().value().times(2))
                    .as("from the last of one side to the first of the next")
                    .isLessThanOrEqualTo(in("4").plus(new Length(2)));
            assertThat(points.each() == 1 ? in("4") : points.apart().value())
                    .isGreaterThanOrEqualTo(side.over(points.each() * 2L));
        });
    }

    @Test
    void whatMustDropInIsRoundedDown() {
        Plan plan = Planner.plan(Sample.matted("2", "2", "2 1/2"), Sample.shop());
        assertThat(plan.fit().sheets()).extracting(sheet -> sheet.name().args().getFirst().toString())
                .containsExactly("PICTURE_GLASS", "MAT_4_PLY", "PAPER", "CORRUGATED");
        assertThat(plan.fit().sheets().getFirst().width().rounding()).isEqualTo(Rounding.DOWN);
        assertThat(plan.fit().sheets().get(2).width().value()).isEqualTo(plan.frame().width(Line.ART));
    }

    /** Common practice, no source: the opening covers the picture by 1/8 to 1/4 in a side. */
    @Test
    void theMatOpeningIsSmallerThanThePicture() {
        Plan plan = Planner.plan(Sample.matted("2", "2", "2 1/2"), Sample.shop());
        Pane opening = plan.fit().panes().matOpening().orElseThrow();
        assertThat(plan.frame().width(Line.ART).minus(opening.width().value())).isEqualTo(in("1/2"));
        assertThat(opening.width().value().plus(in("4"))).isEqualTo(plan.frame().width(Line.MAT));
        assertThat(opening.height().value().plus(in("4 1/2"))).isEqualTo(plan.frame().height(Line.MAT));
    }

    @Test
    void aStrainerGoesInLooseWithItsBraceBehindTheWire() {
        Job job = Sample.strained(Sample.job("60", "14"));
        Plan plan = Planner.plan(job, Sample.shop());
        Frame strainer = plan.assembly().frame(1);
        assertThat(strainer.width(Line.OUTSIDE))
                .isEqualTo(plan.frame().width(Line.RABBET).minus(in("1/8")));
        assertThat(strainer.height(Line.OUTSIDE))
                .isEqualTo(plan.frame().height(Line.RABBET).minus(in("1/8")));
        assertThat(strainer.cross().getFirst().longPoint().value())
                .as("level, between the stiles")
                .isEqualTo(strainer.width(Line.OUTSIDE).minus(in("3")));
        double middle = strainer.cross().getFirst().outline().stream()
                .mapToDouble(Point::y)
                .average()
                .orElseThrow();
        assertThat(middle)
                .as("behind the wire")
                .isCloseTo(strainer.height(Line.OUTSIDE).toMm() * 0.3, within(0.01));
        assertThat(plan.hang().rings().orElseThrow().down().value().toMm()).isCloseTo(middle, within(0.05));
        Job hooks = new Edit.ChooseHardware(Optional.of(Hardware.TWO_HOOKS)).apply(Sample.job("60", "14"));
        Plan hooked = Planner.plan(Sample.strained(hooks), Sample.shop());
        assertThat(hooked.assembly().frame(1).cross().getFirst().longPoint().value())
                .as("upright where no wire pulls")
                .isEqualTo(strainer.height(Line.OUTSIDE).minus(in("3")));
        assertThat(hooked.hang().chosen()).as("hung as before").isEqualTo(Hardware.TWO_HOOKS);
        assertThat(plan.fit().order())
                .extracting(Words::key)
                .contains("fit.strainer_carries", "fit.strainer_tape")
                .doesNotContain("fit.dust_paper");
        assertThat(plan.cuts().lots()).anySatisfy(lot -> assertThat(lot.pieces()).hasSize(5));
        assertThat(new Phrasebook(Graduation.INCH_16)
                        .say(plan.fit().order().stream()
                                .filter(step -> step.key().equals("fit.strainer_clips"))
                                .findFirst()
                                .orElseThrow()))
                .contains("short sides at 2 3/4\", 8 1/4\", along the long sides at 4\", 20\", 40\", 56\"");
    }

    @Test
    void stretchedClothIsCutToWrapTheBars() {
        Plan plan = Planner.plan(Sample.stretched("48", "30"), Sample.shop(Sample.bar()));
        Pane cloth = plan.fit().sheets().getFirst();
        assertThat(cloth.name()).isEqualTo(Words.of("sheet.fabric"));
        assertThat(cloth.width().value()).isEqualTo(in("48").plus(in("3/4").plus(in("1 1/2")).times(2)));
        assertThat(plan.fit().points()).isEmpty();
        assertThat(plan.fit().order()).hasSize(5).startsWith(Words.of("fit.stretch.edge"));
    }

    @Test
    void theOrderIsGlassMatArtBackingPoints() {
        Plan plan = Planner.plan(Sample.matted("2", "2", "2"), Sample.shop());
        assertThat(plan.fit().order()).extracting(Words::key)
                .containsExactly("fit.glazing", "fit.mat", "fit.art", "fit.backing", "fit.points", "fit.dust_paper");
        assertThat(Planner.plan(Sample.floating("20", "20"), Sample.shop()).fit().order()).extracting(Words::key)
                .containsExactly("fit.float_centre", "fit.float_screws");
    }

    /** Points come first near the corners where there are such: one that is enough for a side is in its middle. */
    @Test
    void pointsNearCornersAreSaidWhereTheyAre() {
        OddJobs jobs = new OddJobs(20_261_214);
        int alone = 0;
        for (int i = 0; i < 600; i++) {
            try {
                FitPlan fit = Planner.plan(jobs.next(), Sample.shop()).fit();
                List<String> steps = fit.order().stream().map(Words::key).toList();
                boolean near = steps.contains("fit.points") || steps.contains("fit.points_in_panes");
                if (near || steps.contains("fit.points_alone") || steps.contains("fit.points_in_panes_alone")) {
                    assertThat(fit.points().stream().anyMatch(along -> along.each() > 1)).isEqualTo(near);
                    alone += near ? 0 : 1;
                }
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        assertThat(alone).isPositive();
    }

    @Test
    void theFinishStartsEachStepWhenTheOneBeforeHasDried() {
        Job job = new Edit.Finish(Recipes.STAINED).apply(Sample.job("8", "10"));
        var steps = Planner.plan(job, Sample.shop()).finish().steps();
        for (int i = 1; i < steps.size(); i++) {
            assertThat(steps.get(i).after()).isEqualTo(steps.get(i - 1).after().plus(steps.get(i - 1).coat().pause()));
        }
        assertThat(Planner.plan(job, Sample.shop()).finish().total())
                .isEqualTo(steps.stream().map(s -> s.coat().pause()).reduce(Duration.ZERO, Duration::plus));
    }

    @Test
    void oilyFinishesWarnOfTheirRags() {
        Job oiled = new Edit.Finish(List.of(Coat.of(Coat.Kind.OIL, "oil"))).apply(Sample.job("8", "10"));
        assertThat(Planner.plan(oiled, Sample.shop()).safety()).contains(Safety.OILY_RAGS);
        assertThat(Planner.plan(Sample.job("8", "10"), Sample.shop()).safety()).contains(Safety.GLASS)
                .doesNotContain(Safety.OILY_RAGS);
    }

    @Test
    void depthIsStackAgainstRabbet() {
        Plan plan = Planner.plan(Sample.job("12", "14"), Sample.shop());
        Length stack = in("3/32").plus(Length.mm(0.3)).plus(in("1/8"));
        assertThat(plan.depth().stack().value()).isEqualTo(stack);
        assertThat(plan.depth().left().value()).isEqualTo(in("1/2").minus(stack));
        assertThat(plan.figure(Habit.POINT_ROOM)).isPresent();
    }
}
