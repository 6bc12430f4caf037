package neatcorner.core.saw;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Machines;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;
import neatcorner.core.words.Phrasebook;
import org.junit.jupiter.api.Test;

/** Which saw cuts a frame, and whether it is true enough. */
class SawPlannerTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final Machine SAW = MachineKind.MITRE_SAW.usual("saw");

    private static Plan plan(Job job, Machine... machines) {
        return Planner.plan(
                job, Sample.shop().withMachines(new Machines(List.of(machines), Optional.of(TODAY))));
    }

    private static Machine proved(LocalDate day, double error) {
        return SAW.with(new Proof.OfAngle(
                        day, ProofKind.LEFT, Angle.degrees(45), Angle.degrees(error), Angle.degrees(0.01)))
                .with(new Proof.OfAngle(
                        day, ProofKind.RIGHT, Angle.degrees(45), Angle.degrees(error), Angle.degrees(0.01)));
    }

    /** A proof at 45° says little of the detent at 30°; one that was made there does, and counts before a newer one. */
    @Test
    void anotherSettingIsProvedByItself() {
        Machine saw = proved(TODAY, 0.1);
        Plan hexagon = plan(polygon(6), saw);
        assertThat(found(hexagon)).contains("saw_proved_elsewhere");
        assertThat(hexagon.saw().trust().left().doubt()).isGreaterThan(Math.toRadians(0.1));
        for (ProofKind side : List.of(ProofKind.LEFT, ProofKind.RIGHT)) {
            saw = saw.with(new Proof.OfAngle(
                    TODAY.minusDays(2), side, Angle.degrees(30), Angle.degrees(-0.02), Angle.degrees(0.01)));
        }
        Plan again = plan(polygon(6), saw);
        assertThat(found(again)).doesNotContain("saw_proved_elsewhere");
        assertThat(again.saw().trust().left().value()).isEqualTo(Angle.degrees(-0.02).radians());
        assertThat(plan(Sample.job("8", "10"), saw).saw().trust().left().value())
                .isEqualTo(Angle.degrees(0.1).radians());
    }

    /** The job's own saw counts before the shop's first: its kerf, its trust, its name at every cut. */
    @Test
    void aJobMayBeCutOnAnotherSaw() {
        Machine other = SAW.called("other")
                .with(new Machine.Sizes(Optional.of(in("3/32")), Optional.empty(), Optional.empty()));
        Machine box = MachineKind.MITRE_BOX.usual("box");
        Job job = new Edit.SawOn(Optional.of("other")).apply(Sample.job("8", "10"));
        Plan plan = plan(job, proved(TODAY, 0), other);
        assertThat(plan.saw().saw()).contains(other);
        assertThat(found(plan)).containsExactly("saw_unproved");
        assertThat(plan.frame().habits().get(neatcorner.core.shop.Habit.KERF)).isEqualTo(in("3/32"));
        assertThat(found(plan(job, proved(TODAY, 0)))).containsExactly("saw_gone");
        Plan cannot = plan(new Edit.SawOn(Optional.of("box")).apply(polygon(6)), SAW, box);
        assertThat(found(cannot)).contains("saw_cannot");
        assertThat(cannot.saw().saw()).contains(SAW);
    }

    private static List<String> found(Plan plan) {
        return plan.findings().stream()
                .map(Finding::id)
                .filter(id -> id.startsWith("saw_") || id.startsWith("past_") || id.startsWith("no_such"))
                .toList();
    }

    private static Job polygon(int sides) {
        return new Edit.Draw(new Outline.Regular(
                        sides, Outline.Across.SIDE, new Size(Line.SIGHT, Length.mm(300))))
                .apply(Sample.job("8", "10"));
    }

    @Test
    void aJobWithoutAFreshProofSaysSo() {
        Job job = Sample.job("8", "10");
        assertThat(found(plan(job))).isEmpty();
        assertThat(found(plan(job, SAW))).containsExactly("saw_unproved");
        assertThat(found(plan(job, proved(TODAY.minusDays(40), 0)))).containsExactly("saw_stale");
        assertThat(found(plan(job, proved(TODAY.plusDays(3), 0)))).containsExactly("saw_proved_later");
        assertThat(found(plan(job, proved(TODAY.minusDays(4), 0)))).isEmpty();
    }

    @Test
    void aWideFaceNeedsATruerSaw() {
        Machine saw = proved(TODAY, 0.07);
        Job narrow = Sample.job("8", "10").withSection(Sample.rabbeted("3/4", "3/4", "1/4", "1/2"));
        Job wide = narrow.withSection(Sample.rabbeted("3", "3/4", "1/4", "1/2"));
        assertThat(found(plan(narrow, saw))).isEmpty();
        assertThat(found(plan(wide, saw))).containsExactly("saw_not_true");
        assertThat(plan(wide, saw).figure(SawPlanner.ALLOWED).orElseThrow().value().toDegrees())
                .isCloseTo(Math.toDegrees(Math.atan(0.1 / (76.2 * Math.sqrt(2))) / 2),
                        org.assertj.core.api.Assertions.within(1e-6));
    }

    /** ¼° at every cut of a rectangle is 2° at the last corner: the trade's own example. */
    @Test
    void saysWhatTheLastCornerIsLeftWith() {
        Plan plan = plan(Sample.job("8", "10"), proved(TODAY, 0.25));
        assertThat(new Phrasebook(Graduation.INCH_16)
                        .write(plan.figure(SawPlanner.LAST_TURN).orElseThrow()))
                .isEqualTo("2.0°");
    }

    @Test
    void whatNoSawCanDoSaysWhatWould() {
        Machine box = MachineKind.MITRE_BOX.usual("box");
        assertThat(found(plan(polygon(6), box))).contains("no_such_angle");
        Plan hexagon = plan(polygon(6), box);
        String said = new Phrasebook(Graduation.INCH_16).say(hexagon.findings().stream()
                .filter(finding -> finding.id().equals("no_such_angle"))
                .findFirst()
                .orElseThrow()
                .cure());
        assertThat(said).contains("wedge of 15.0°").contains("45.0°").contains("60.0°");
        assertThat(found(plan(polygon(3), SAW))).contains("past_reach");
        assertThat(found(plan(polygon(3), SAW.with(new Machine.Reach(
                Angle.degrees(62), Angle.degrees(62), Angle.degrees(45)))))).doesNotContain("past_reach");
        assertThat(found(plan(polygon(6), box, SAW))).doesNotContain("no_such_angle");
        assertThat(plan(polygon(6), box, SAW).saw().saw().orElseThrow().name()).isEqualTo("saw");
    }

    /** What the saw says of itself counts before the habits, and what the job says before both. */
    @Test
    void theKerfIsThatOfTheSaw() {
        Machine thin = SAW.with(new Machine.Sizes(Optional.of(in("3/32")), Optional.empty(), Optional.empty()));
        var habit = neatcorner.core.shop.Habit.KERF;
        assertThat(plan(Sample.job("8", "10"), thin).frame().habits().get(habit)).isEqualTo(in("3/32"));
        Job own = new Edit.Enter(habit, in("1/8")).apply(Sample.job("8", "10"));
        assertThat(plan(own, thin).frame().habits().get(habit)).isEqualTo(in("1/8"));
    }
}
