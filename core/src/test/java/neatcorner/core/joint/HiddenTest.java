package neatcorner.core.joint;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Mitre;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.section.Ready;
import neatcorner.core.section.Silhouette;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Species;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class HiddenTest {
    /** In space: every corner of the fastener's box, laid square to the cut, is wood with the margin around it. */
    @ParameterizedTest
    @EnumSource(Ready.class)
    void whatIsHiddenLiesInsideTheWoodWithItsMargin(Ready ready) {
        Job job = new Edit.ChooseSection(ready.in(Species.ASH, "s")).apply(Sample.job("20", "30"));
        check(Planner.plan(job, Sample.shop()));
    }

    @ParameterizedTest
    @ValueSource(ints = {3, 5, 6, 8})
    void itDoesSoAtEveryAngleAndLean(int sides) {
        Job flat = Sample.job("20", "30")
                .withOutline(new Outline.Regular(sides, Outline.Across.SIDE, new Size(Line.SIGHT, in("12"))));
        check(Planner.plan(flat, Sample.shop()));
        check(Planner.plan(flat.withLean(new Lean(30, Lean.Way.OUTWARDS)), Sample.shop()));
    }

    private static void check(Plan plan) {
        Silhouette wood = plan.job().section().wood();
        double margin = plan.frame().habits().get(Habit.SAFE_MARGIN).toMm() - 1e-6;
        Mitre cut = plan.hidden().corner();
        Vector into = new Vector(cut.along(), cut.across(), cut.through()).times(-1);
        Vector level = new Vector(cut.across(), -cut.along(), 0).unit();
        Vector up = into.cross(level).unit();
        for (HiddenPlan.Fit fit : plan.hidden().fits()) {
            Vector middle = new Vector(0, fit.across(), fit.fromBack().value().toMm());
            for (double a : new double[] {-0.5, 0, 0.5}) {
                for (double b : new double[] {-0.5, 0.5}) {
                    for (double c : new double[] {0, 0.5, 1}) {
                        Vector p = middle.plus(
                                        level.times(a * fit.fastener().along().toMm()))
                                .plus(up.times(b * fit.fastener().thick().toMm()))
                                .plus(into.times(c * fit.fastener().deep().toMm()));
                        for (double[] d : new double[][] {{-margin, 0}, {margin, 0}, {0, -margin}, {0, margin}}) {
                            assertThat(wood.contains(p.y() + d[0], p.z() + d[1])).as(fit + " at " + p).isTrue();
                        }
                    }
                }
            }
        }
    }

    /**
     * The sum 1 1/2 in wide, 3/4 in thick, rabbet 1/4 × 1/2, margin 1/8: between rabbet wall and outside 1 in of full
     * height are free of it.
     */
    @Test
    void aBroadFlatSectionTakesADowel() {
        Plan plan = Planner.plan(Sample.job("20", "30"), Sample.shop());
        assertThat(plan.hidden().fits()).extracting(f -> f.fastener().kind()).contains(HiddenFastener.Kind.DOWEL);
        HiddenPlan.Fit dowel = plan.hidden().fits().getFirst();
        assertThat(dowel.fromBack().value().plus(dowel.fromFace().value())).isEqualTo(in("3/4"));
        assertThat(dowel.fromBack().value().toMm()).isCloseTo(in("3/8").toMm(), within(0.01));
    }

    /**
     * Two squares of face W whose width changes by ε: their cuts, laid corner to corner, part by √2·ε·W at the far end.
     */
    @Test
    void aMitreOpensByTheWidthChangeSeenAlongTheJoint() {
        Mitre cut = Mitre.between(in("3"), in("3"), Angle.RIGHT);
        double share = 0.01;
        double w = in("3").toMm();
        double turned = Math.atan2(w, w) - Math.atan2(w * (1 - share), w);
        double gap = 2 * Math.sin(turned) * w * Math.sqrt(2);
        assertThat(Movement.gap(cut, share).toMm()).isCloseTo(gap, within(gap * share));
        assertThat(Movement.gap(cut, share).toMm()).isCloseTo(Math.sqrt(2) * share * w, within(1e-5));
    }

    @Test
    void aWideFlatSawnMitreIsFoundAndQuarterSawnWoodHelps() {
        Job wide = new Edit.ChooseSection(Ready.FLAT.in(Species.BEECH, "s").withFace(in("4")))
                .apply(Sample.job("20", "30"));
        Plan flat = Planner.plan(wide, Sample.shop());
        assertThat(flat.findings()).anyMatch(f -> f.id().equals("mitre_moves"));
        Plan quartered = Planner.plan(new Edit.ChooseGrain(Species.Grain.QUARTER_SAWN).apply(wide), Sample.shop());
        Length before = flat.movement().dry().value();
        assertThat(quartered.movement().dry().value().ratio(before)).isCloseTo(0.0019 / 0.00431, within(1e-3));
    }
}
