package neatcorner.core.sawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Rack;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Machines;
import neatcorner.core.shop.Shop;
import org.junit.jupiter.api.Test;

/** The order of cuts, from sticks to cards. */
class SawingTest {
    private static Sawing of(Plan plan) {
        return plan.toSaw().inOrder();
    }

    @Test
    void whoFollowsTheCardsHasEveryPiece() {
        OddJobs jobs = new OddJobs(20261201);
        List<String> wrong = new ArrayList<>();
        int cuts = 0;
        for (int i = 0; i < 150; i++) {
            try {
                Plan plan = Planner.plan(jobs.next(), Sample.shop());
                Sawing sawing = of(plan);
                cuts += sawing.cuts().size();
                assertThat(sawing.cuts().stream().filter(cut -> cut.on().turned()))
                        .allMatch(cut -> cut.on().stick().section().recess() instanceof Recess.Bar);
                int number = i;
                Paper.wrong(sawing, plan.cuts().sticks(), plan.frame().habits().get(Habit.KERF).toMm())
                        .ifPresent(what -> wrong.add(number + " " + plan.job().title() + ": " + what));
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(cuts).isGreaterThan(1000);
    }

    private static Sawing frames(int copies, Machine... machines) {
        return of(Planner.plan(
                new Edit.Quantity(copies).apply(Sample.job("12", "16")),
                Sample.shop().withMachines(new Machines(List.of(machines), Optional.empty()))));
    }

    /** However many rectangles: each way once, each length once roughly and once exactly. */
    @Test
    void manyFramesAreSawnAtTwoSettings() {
        Sawing six = frames(6);
        assertThat(six.effort().settings()).isEqualTo(2);
        assertThat(six.plainly()).isEqualTo(new Effort(48, 24));
        assertThat(six.effort().lengths()).isLessThanOrEqualTo(6);
        assertThat(six.isProven()).isTrue();
        assertThat(frames(30).effort().settings()).isEqualTo(2);
    }

    /** Only the stop that is set already comes first, whatever its length: setting it once more would help nobody. */
    @Test
    void longComesBeforeShortAtEverySetting() {
        List<Run> runs = frames(6).runs();
        for (int i = 1; i < runs.size(); i++) {
            Run before = runs.get(i - 1);
            Run run = runs.get(i);
            boolean set = before.cuts().getFirst().anew().stop();
            if (before.setting().isLike(run.setting()) && set) {
                assertThat(run.stop().orElseThrow()).isLessThan(before.stop().orElseThrow());
            }
        }
    }

    /** Between two mitres of 45° a triangle falls off: twice the face, less the blade's width along the edge. */
    @Test
    void whatFallsOffShowsWhetherTheSawSwungTheRightWay() {
        SawCut cut = frames(2).cuts().stream()
                .filter(one -> one.stroke() == Stroke.RIGHT && one.on().place() == 0)
                .findFirst()
                .orElseThrow();
        double face = Sample.plain().face().toMm();
        double kerf = Habit.KERF.usual().toMm() * Math.sqrt(2);
        double over = cut.held().strip().to().minus(cut.held().left().to()).toMm();
        OffCutShape off = cut.offCut().orElseThrow();
        assertThat(off.near().toMm()).isCloseTo(2 * face + over - kerf, within(0.001));
        assertThat(off.fence()).isEqualTo(Length.ZERO);
        assertThat(off.isWedge()).isTrue();
    }

    /** The first right end meets the left end beside it in the frame; before that, two ends of one setting. */
    @Test
    void theFirstPairIsProvedBeforeTheRest() {
        List<SawCut> cuts = frames(6).cuts();
        assertThat(cuts.stream().filter(cut -> cut.proof().isPresent()))
                .extracting(cut -> cut.proof().orElseThrow().key())
                .containsExactly("sawing.prove_came_off", "sawing.prove_corner");
        SawCut corner = cuts.stream()
                .filter(cut -> cut.proof().filter(tried -> tried.key().endsWith("corner")).isPresent())
                .findFirst()
                .orElseThrow();
        assertThat(corner.anew().setting()).isTrue();
        assertThat(((Angle) corner.proof().orElseThrow().args().get(1)).toDegrees()).isCloseTo(90, within(1e-9));
    }

    @Test
    void whatNoStopHoldsIsMarkedAndWhatIsShortIsClamped() {
        Machine saw = MachineKind.MITRE_SAW
                .usual("saw")
                .with(new Machine.Sizes(Optional.empty(), Optional.of(Length.inches(16)), Optional.empty()));
        List<Measure> lengths = frames(1, saw).cuts().stream()
                .filter(cut -> cut.stroke() == Stroke.RIGHT)
                .map(SawCut::measure)
                .toList();
        assertThat(lengths).filteredOn(Measure.Mark.class::isInstance).hasSize(2);
        assertThat(lengths.stream().flatMap(one -> one instanceof Measure.Mark mark ? Stream.of(mark.again())
                : Stream.<Boolean>empty())).containsExactly(false, true);
        assertThat(lengths).filteredOn(Measure.Stop.class::isInstance).hasSize(2);
        assertThat(frames(1).cuts()).noneMatch(cut -> cut.held().clamped());
        assertThat(of(Planner.plan(Sample.job("3", "4"), Sample.shop())).cuts())
                .anyMatch(cut -> cut.held().clamped());
    }

    /** What is left over between pieces never pushes one onto a flaw. */
    @Test
    void noPieceIsSawnFromAFlaw() {
        Job job = new Edit.Quantity(3).apply(Sample.job("5", "6"));
        for (double flaw = 20; flaw < 60; flaw += 0.37) {
            Span spoilt = new Span(Length.inches(flaw), Length.inches(flaw + 1));
            Shop shop = Sample.shop(Sample.plain()).withRack(new Rack(List.of(new OffCut(
                    "C-1", Sample.plain(), Length.inches(flaw + 9), List.of(spoilt), "", ""))));
            Sawing sawing = of(Planner.plan(job, shop));
            for (SawCut cut : sawing.cuts()) {
                if (cut.stroke() == Stroke.RIGHT && !cut.on().stick().source().defects().isEmpty()) {
                    Strip piece = cut.held().left();
                    assertThat(piece.furthest().isUnder(spoilt.to()) && piece.to().isOver(spoilt.from()))
                            .as("flaw at %s in %s", flaw, cut)
                            .isFalse();
                }
            }
        }
    }

    /** What gets its rabbet when it is joined has none at the saw: no card may look for it there. */
    @Test
    void aRabbetThatIsNotThereYetIsNotLookedFor() {
        Job job = Sample.job("12", "16");
        Plan later = Planner.plan(
                new Edit.ChooseRabbeting(Rabbeting.AFTER_SQUARED).apply(job), Sample.shop());
        assertThat(later.frame().lying().key()).isEqualTo("sheet.lie_plain");
        assertThat(of(later).cuts().getFirst().checks().getFirst().key()).isEqualTo("sawing.lies");
        assertThat(Planner.plan(job, Sample.shop()).frame().lying().key()).isEqualTo("sheet.lie");
    }
}
