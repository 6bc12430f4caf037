package neatcorner.core.pane;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Job;
import neatcorner.core.job.Layer;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Safety;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class PanesTest {
    private static Plan plan(Job job) {
        return Planner.plan(job, Sample.shop());
    }

    private static Pane of(Plan plan, Material material) {
        return plan.get(Panes.class).sheets().stream()
                .filter(pane -> pane.material().equals(Optional.of(material)))
                .findFirst()
                .orElseThrow();
    }

    /** The glass drops into the rabbet with the play asked for, and all that covers it is as large as it. */
    @Property(tries = 150, seed = Seed.FIXED)
    void thePackageDropsIntoTheRabbet(
            @ForAll @IntRange(min = 64, max = 800) int wide16,
            @ForAll @IntRange(min = 64, max = 800) int high16,
            @ForAll @IntRange(max = 8) int play32) {
        Job job = Sample.given(Line.GLASS, wide16 + "/16", high16 + "/16");
        Length play = Length.inches(0, play32, 32);
        Plan plan = plan(job.withOverrides(job.overrides().with(Habit.PLAY, play)));
        Pane glass = of(plan, Material.PICTURE_GLASS);
        for (Axis axis : Axis.values()) {
            Length cut = axis == Axis.WIDTH ? glass.width().value() : glass.height().value();
            assertThat(plan.frame().size(Line.RABBET, axis).orElseThrow().value().minus(cut))
                    .isEqualTo(play);
        }
        Pane backing = of(plan, Material.CORRUGATED);
        assertThat(backing.width().value()).isEqualTo(glass.width().value());
        assertThat(backing.height().value()).isEqualTo(glass.height().value());
        assertThat(plan.safety()).contains(Safety.GLASS);
    }

    /** The mat's opening covers the edge of the picture all round by the overlap; its borders reach the glass. */
    @Test
    void theMatCoversTheEdgeOfThePicture() {
        Plan plan = plan(Sample.matted("2", "2", "2 1/2"));
        Pane opening = plan.get(Panes.class).matOpening().orElseThrow();
        Length overlap = plan.frame().habits().get(Habit.MAT_OVERLAP);
        assertThat(plan.frame().width(Line.ART).minus(opening.width().value())).isEqualTo(overlap.times(2));
        assertThat(opening.width().value().plus(in("4"))).isEqualTo(plan.frame().width(Line.GLASS));
        assertThat(opening.height().value().plus(in("4 1/2"))).isEqualTo(plan.frame().height(Line.GLASS));
    }

    /** Of several mats each opens wider than the one behind it, by the reveal on either side. */
    @Test
    void everyMatInFrontOpensWider() {
        Job job = Sample.matted("3", "3", "3");
        job = job.withContents(new Contents(
                Stream.concat(
                                job.contents().layers().stream(),
                                Stream.of(
                                        Layer.of(Material.MAT_4_PLY),
                                        Layer.of(Material.MAT_4_PLY)))
                        .toList(),
                job.contents().borders()));
        Plan plan = plan(job);
        List<Pane> openings = plan.get(Panes.class).matOpenings();
        Length reveal = plan.frame().habits().get(Habit.MAT_REVEAL);
        assertThat(openings).hasSize(3);
        for (int i = 1; i < openings.size(); i++) {
            assertThat(openings.get(i - 1).width().value().minus(openings.get(i).width().value()))
                    .isEqualTo(reveal.times(2));
        }
    }

    /** A board in the step behind is larger than the glass by what that step is wider, on every side. */
    @Test
    void theBackingFillsTheStepBehind() {
        Job job = Sample.job("12", "16");
        Recess.DoubleRabbet step = new Recess.DoubleRabbet(in("1/4"), in("1/2"), in("5/8"), in("1/4"));
        Plan plan = plan(job.withSection(job.section().withRecess(step)));
        assertThat(of(plan, Material.CORRUGATED)
                        .width()
                        .value()
                        .minus(of(plan, Material.PICTURE_GLASS).width().value()))
                .isEqualTo(in("3/4"));
    }

    /** Panes of a window and their bars fill the opening: sights and bars add up to it. */
    @Property(tries = 60, seed = Seed.FIXED)
    void panesAndBarsFillTheWindow(
            @ForAll @IntRange(min = 1, max = 4) int rows, @ForAll @IntRange(min = 1, max = 4) int columns) {
        Assume.that(rows * columns > 1);
        Job job = Sample.job("10", "10")
                .withOutline(new Boxed.Window(
                        new Size(Line.SIGHT, in("36")), new Size(Line.SIGHT, in("48")), rows, columns, in("1")));
        Plan plan = plan(job);
        Pane pane = of(plan, Material.PICTURE_GLASS);
        assertThat(pane.count()).isEqualTo(rows * columns);
        Length covered = job.section().lip().times(2).minus(plan.frame().habits().get(Habit.PLAY));
        double sight = pane.width().value().minus(covered).toMm();
        assertThat(sight * columns + (columns - 1) * 25.4)
                .isCloseTo(in("36").toMm(), within(1e-4));
    }

    /** Cloth goes round the bar to its back and has something to be held by. */
    @Test
    void clothReachesRoundTheBars() {
        Plan plan = plan(Sample.stretched("24", "36"));
        Pane cloth = plan.get(Panes.class).sheets().getFirst();
        Length around = in("3/4").plus(plan.frame().habits().get(Habit.WRAP_FOLD)).times(2);
        assertThat(cloth.material()).isEmpty();
        assertThat(cloth.width().value()).isEqualTo(in("24").plus(around));
        assertThat(cloth.height().value()).isEqualTo(in("36").plus(around));
    }
}
