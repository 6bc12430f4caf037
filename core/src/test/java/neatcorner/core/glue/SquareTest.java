package neatcorner.core.glue;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.ClampKind;
import neatcorner.core.shop.Clamps;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class SquareTest {
    /** A parallelogram put together from coordinates; its lean must come back out of its six lengths. */
    @Property(seed = Seed.FIXED)
    void theLeanOfAParallelogramIsFoundExactly(@ForAll @DoubleRange(min = 100, max = 2000) double w,
                                              @ForAll @DoubleRange(min = 100, max = 2000) double h,
                                              @ForAll @DoubleRange(min = -0.05, max = 0.05) double lean) {
        double dx = h * Math.sin(lean);
        double dy = h * Math.cos(lean);
        Length ac = Length.mm(Math.hypot(w + dx, dy));
        Length bd = Length.mm(Math.hypot(w - dx, dy));
        Square square = Square.of(Length.mm(w), Length.mm(h), Length.mm(w), Length.mm(h), ac, bd).orElseThrow();
        assertThat(square.lean().radians()).isCloseTo(lean, within(1e-6));
        assertThat(square.difference().isPositive()).isEqualTo(ac.isOver(bd));
    }

    /** Handbook Pythagoras: a 3-4-5 rectangle has equal diagonals and no lean. */
    @Test
    void threeFourFiveIsSquare() {
        Square square = Square.of(in("40"), in("30"), in("40"), in("30"), in("50"), in("50")).orElseThrow();
        assertThat(square.lean().toDegrees()).isCloseTo(0, within(1e-9));
        assertThat(square.difference()).isEqualTo(Length.ZERO);
    }

    @Test
    void measurementsThatCannotMeetAreSaidSo() {
        assertThat(Square.of(in("10"), in("10"), in("10"), in("10"), in("25"), in("14"))).isEmpty();
    }

    /** By brute force: turn the pane in small steps inside the leaning opening and see whether it ever fits. */
    @Property(tries = 200, seed = Seed.FIXED)
    void theGlassDropsInJustUpToTheMostLean(
            @ForAll @DoubleRange(min = 200, max = 900) double w,
            @ForAll @DoubleRange(min = 200, max = 900) double h,
            @ForAll @DoubleRange(min = 1, max = 6) double play) {
        Angle most = Square.mostLean(Length.mm(w), Length.mm(h), Length.mm(w + play), Length.mm(h + play));
        assertThat(fits(w, h, w + play, h + play, most.radians() * 0.97)).isTrue();
        assertThat(fits(w, h, w + play, h + play, most.radians() * 1.03)).isFalse();
    }

    /**
     * Opening: parallelogram with a level base and sides leaning by phi. A pane turned by psi needs its extents within.
     */
    private static boolean fits(double w, double h, double openW, double openH, double phi) {
        for (int i = -400; i <= 800; i++) {
            double psi = phi * i / 400;
            double high = h * Math.cos(psi) + w * Math.abs(Math.sin(psi));
            double acrossLean = w * Math.cos(phi - psi) + h * Math.abs(Math.sin(phi - psi));
            if (high <= openH * Math.cos(phi) && acrossLean <= openW * Math.cos(phi)) {
                return true;
            }
        }
        return false;
    }

    /** Closed form: opposite sides that differ leave a corner open by about the difference over √2. */
    @Test
    void unlikeSidesOpenACorner() {
        assertThat(Square.openCorner(in("1/8")).toInches()).isCloseTo(0.125 / Math.sqrt(2), within(1e-8));
        assertThat(Square.openCorner(in("1/8").negated())).isEqualTo(Square.openCorner(in("1/8")));
    }

    private static Plan measured(String ac, String bd) {
        Job job = Sample.job("12", "13");
        return Planner.plan(
                job.withMeasured(Tape.DIAGONAL_AC, in(ac)).withMeasured(Tape.DIAGONAL_BD, in(bd)), Sample.shop());
    }

    @Test
    void theLongDiagonalIsNamedAndHalfTheDifferenceComesOff() {
        Plan plan = measured("21 5/8", "21 1/2");
        var finding = plan.findings().stream().filter(f -> f.id().equals("out_of_square")).findFirst().orElseThrow();
        assertThat(finding.what().args()).contains("A–C", in("1/8"));
        assertThat(plan.figure(GluePlanner.PUSH).orElseThrow().value()).isEqualTo(in("1/16"));
        assertThat(measured("21 1/2", "21 5/8").figure(GluePlanner.LEAN).orElseThrow().value().radians()).isNegative();
    }

    @Test
    void oneDiagonalSaysNothingYet() {
        Job job = Sample.job("12", "13").withMeasured(Tape.DIAGONAL_AC, in("21"));
        assertThat(Planner.plan(job, Sample.shop()).glue().square()).isEmpty();
    }

    private static Plan clamped(Clamps... clamps) {
        return Planner.plan(Sample.job("12", "13"), Sample.shop().withClamps(List.of(clamps)));
    }

    private static boolean says(Plan plan, String key) {
        return plan.glue().steps().stream().anyMatch(step -> step.key().equals(key));
    }

    @Test
    void theClosingFollowsTheClampsOnHand() {
        assertThat(says(clamped(new Clamps(ClampKind.BAND, 1, in("96"))), "close.band")).isTrue();
        assertThat(says(
                        clamped(
                                new Clamps(ClampKind.BAND, 1, in("40")),
                                new Clamps(ClampKind.CORNER_VICE, 2, in("96"))),
                        "close.halves"))
                .isTrue();
        assertThat(says(clamped(new Clamps(ClampKind.CROSSED_ARMS, 1, in("24"))), "close.crossed_arms")).isTrue();
        assertThat(says(clamped(new Clamps(ClampKind.CORNER_VICE, 4, in("96"))), "close.four_vices")).isTrue();
        assertThat(says(clamped(new Clamps(ClampKind.CORNER_VICE, 1, in("96"))), "close.one_vice")).isTrue();
        assertThat(says(clamped(), "close.block")).isTrue();
    }

    @Test
    void thePlanCarriesTheAdhesivesTimes() {
        Job job = Sample.job("12", "13");
        Plan plan = Planner.plan(
                job.withChoices(job.choices().withAdhesive(Adhesive.EPOXY).withJoint(Optional.of(JointKind.SPLINED))),
                Sample.shop());
        assertThat(plan.glue().times().getFirst().args()).containsExactly(Adhesive.EPOXY.open());
        assertThat(says(plan, "close.splined")).isTrue();
    }

    /** Pressure × area: 175 psi on a flat maple mitre of 1.5·√2 × 0.75 in less the rabbet's notch. */
    @Test
    void theSqueezeIsPressureTimesTheMitresArea() {
        double area = (1.5 * 0.75 - 0.25 * 0.5) * Math.sqrt(2);
        Plan plan = Planner.plan(Sample.job("12", "13"), Sample.shop());
        assertThat(plan.glue().least().orElseThrow().value().asMass().toPounds()).isCloseTo(175 * area, within(0.01));
    }
}
