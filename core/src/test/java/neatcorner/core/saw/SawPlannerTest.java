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
