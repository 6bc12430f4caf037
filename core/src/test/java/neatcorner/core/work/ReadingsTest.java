package neatcorner.core.work;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.card.Card;
import neatcorner.core.card.Cards;
import neatcorner.core.cut.CutLots;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.edit.Edit;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.PieceId;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Severity;
import neatcorner.core.shop.Habit;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.KnownAnswers;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.words.Station;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What was read takes over from what was planned, and only what comes after it follows. */
class ReadingsTest {
    private static Plan planned(Job job, WorkLog log) {
        return Planner.plan(job, Sample.shop(), log, Answers.NONE);
    }

    private static WorkLog read(Job job, Axis axis, Length planned, Length value) {
        Act act = Act.Size.of(job.part().name(), Line.RABBET.size(axis));
        return WorkLog.NOTHING.with(line(new Deed.Measured(act, planned, value, Instrument.RULE)));
    }

    private static LogLine line(Deed deed) {
        return new LogLine(Instant.parse("2026-12-01T09:00:00Z"), "", deed, Words.of("card.take"));
    }

    private static Length size(Plan plan, Line line, Axis axis) {
        return plan.frame().size(line, axis).orElseThrow().value();
    }

    /** Glass is the rabbet as it came out less the play: what a job given at that rabbet would have. */
    @Test
    void theGlassFollowsTheRabbetAsItCameOut() {
        Job job = Sample.job("12", "14");
        Plan before = planned(job, WorkLog.NOTHING);
        Length planned = size(before, Line.RABBET, Axis.WIDTH);
        Length value = planned.plus(Length.mm(1.2));
        Plan after = planned(job, read(job, Axis.WIDTH, planned, value));
        assertThat(size(after, Line.GLASS, Axis.WIDTH)).isEqualTo(value.minus(after.frame().habits().get(Habit.PLAY)));
        assertThat(after.fit().sheets().getFirst().width().value()).isEqualTo(size(after, Line.GLASS, Axis.WIDTH));
        assertThat(size(after, Line.GLASS, Axis.HEIGHT)).isEqualTo(size(before, Line.GLASS, Axis.HEIGHT));
        Job given = new Edit.Give(Axis.WIDTH, Line.RABBET, value).apply(job);
        assertThat(size(planned(given, WorkLog.NOTHING), Line.GLASS, Axis.WIDTH))
                .isEqualTo(size(after, Line.GLASS, Axis.WIDTH));
        assertThat(found(after)).extracting(Finding::severity).containsExactly(Severity.NOTE);
        assertThat(found(planned(job, read(job, Axis.WIDTH, planned, planned.plus(in("1/4"))))))
                .extracting(Finding::severity)
                .containsExactly(Severity.CAUTION);
        assertThat(found(planned(job, read(job, Axis.WIDTH, planned, planned)))).isEmpty();
    }

    /** A reading of the frame as it was planned before is no reading of the one that is planned now. */
    @Test
    void aReadingOfAnotherFrameIsNotUsed() {
        Job job = Sample.job("12", "14");
        Length planned = size(planned(job, WorkLog.NOTHING), Line.RABBET, Axis.WIDTH);
        WorkLog log = read(job, Axis.WIDTH, planned, planned.plus(Length.mm(1)));
        Job other = new Edit.Give(Axis.WIDTH, Line.GLASS, in("9")).apply(job);
        Plan after = planned(other, log);
        assertThat(size(after, Line.GLASS, Axis.WIDTH)).isEqualTo(in("9"));
        assertThat(after.findings()).anyMatch(finding -> finding.id().equals("reading_of_another"));
        WorkLog nothingLeft = read(job, Axis.WIDTH, planned, Length.mm(1));
        assertThatThrownBy(() -> planned(job, nothingLeft)).isInstanceOf(Refusal.class);
    }

    /** Of glass that was cut before the rabbet was read it is said whether it goes in, and if the lip covers it. */
    @ParameterizedTest
    @CsvSource({
        "-3.5, cut_too_large", "-2, cut_tight", "-1, cut_before_read", "1, cut_before_read", "6, cut_too_small", "0.1, "
    })
    void whatWasCutBeforeTheReadingIsJudged(double off, @Nullable String finding) {
        Job job = Sample.job("12", "14");
        Length planned = size(planned(job, WorkLog.NOTHING), Line.RABBET, Axis.WIDTH);
        Deed glass = new Deed.Done(
                new Act.Step(job.part().name(), Station.FIT, "card.pane.glass", 1), Duration.ZERO);
        WorkLog read = read(job, Axis.WIDTH, planned, planned.plus(Length.mm(off)));
        WorkLog late = WorkLog.NOTHING.with(line(glass)).with(read.entries().getFirst());
        assertThat(cut(planned(job, late))).isEqualTo(finding == null ? List.of() : List.of(finding));
        assertThat(cut(planned(job, read.with(line(glass))))).as("read in time").isEmpty();
        assertThat(cut(planned(job, late.with(line(new Deed.TakenBack(glass.act())))))).as("not cut").isEmpty();
        assertThat(cut(planned(job, read.with(line(glass)).with(read.entries().getFirst()))))
                .as("read once more, as before")
                .isEmpty();
    }

    /** After a side came out short the rabbet is read against what it then came to: the reading counts all the same. */
    @Test
    void theRabbetIsReadAfterASideCameOutShort() {
        Job job = Sample.job("12", "14");
        Plan plan = planned(job, WorkLog.NOTHING);
        Card side = Cards.of(plan).stream()
                .filter(card -> card.act() instanceof Act.Saw saw
                        && saw.right()
                        && saw.piece().letters().equals("A–B"))
                .findFirst()
                .orElseThrow();
        Length length = (Length) side.figure().orElseThrow().value();
        WorkLog cut = WorkLog.NOTHING.with(line(
                new Deed.Measured(side.act(), length, length.minus(Length.mm(1.6)), Instrument.RULE)));
        Length came = size(planned(job, cut), Line.RABBET, Axis.WIDTH);
        assertThat(came).isEqualTo(size(plan, Line.RABBET, Axis.WIDTH).minus(Length.mm(1.6)));
        Length read = came.plus(Length.mm(2.4));
        Act rabbet = Act.Size.of(job.part().name(), Line.RABBET.size(Axis.WIDTH));
        for (Length planned : List.of(came, size(plan, Line.RABBET, Axis.WIDTH))) {
            Plan after = planned(job, cut.with(line(new Deed.Measured(rabbet, planned, read, Instrument.RULE))));
            assertThat(size(after, Line.RABBET, Axis.WIDTH)).isEqualTo(read);
            assertThat(after.findings()).noneMatch(finding -> finding.id().equals("reading_of_another"));
        }
        WorkLog other = cut.with(line(new Deed.Measured(rabbet, came.plus(Length.mm(9)), read, Instrument.RULE)));
        assertThat(planned(job, other).findings()).anyMatch(finding -> finding.id().equals("reading_of_another"));
    }

    private static List<String> cut(Plan plan) {
        return plan.findings().stream().map(Finding::id).filter(id -> id.startsWith("cut_")).toList();
    }

    private static List<Finding> found(Plan plan) {
        return plan.findings().stream()
                .filter(finding -> finding.id().startsWith("rabbet_came_out"))
                .toList();
    }

    /** Of odd jobs: the wood stays as it was planned, whatever was read of the rabbet, and panes leave the play. */
    @Test
    void woodStaysAsItIs() {
        OddJobs jobs = new OddJobs(20_261_202);
        int read = 0;
        for (int i = 0; i < 400; i++) {
            try {
                Job job = jobs.next().at(0);
                Plan before = planned(job, WorkLog.NOTHING);
                Optional<Length> rabbet = before.frame().size(Line.RABBET, Axis.HEIGHT).map(figure -> figure.value());
                if (rabbet.isEmpty() || !job.isPlain()) {
                    continue;
                }
                Length value = rabbet.get().minus(Length.mm(0.9));
                Plan after = planned(job, read(job, Axis.HEIGHT, rabbet.get(), value));
                assertThat(after.frame().members()).isEqualTo(before.frame().members());
                assertThat(size(after, Line.OUTSIDE, Axis.HEIGHT)).isEqualTo(size(before, Line.OUTSIDE, Axis.HEIGHT));
                assertThat(size(after, Line.RABBET, Axis.HEIGHT)).isEqualTo(value);
                if (after.frame().has(Line.GLASS)) {
                    assertThat(size(after, Line.GLASS, Axis.HEIGHT))
                            .isEqualTo(value.minus(after.frame().habits().get(Habit.PLAY)));
                }
                read++;
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        assertThat(read).isGreaterThan(50);
    }

    /**
     * A ring's glass is as much smaller as its rabbet came out; a hexagon's, read from corner to corner, by cos 30° of
     * that from side to side (the ratio of its two widths).
     */
    @Test
    void glassFollowsARabbetThatIsRoundOrManySided() {
        Length off = Length.mm(-1.5);
        Job ring = new Edit.Draw(new Boxed.Round(new Size(Line.GLASS, in("10")), new Size(Line.GLASS, in("10")), 12))
                .apply(Sample.job("12", "14"));
        Job six = new Edit.Draw(new Outline.Regular(6, Outline.Across.FLATS, new Size(Line.GLASS, in("10"))))
                .apply(Sample.job("12", "14"));
        for (Job job : List.of(ring, six)) {
            Plan before = planned(job, WorkLog.NOTHING);
            Axis longer = size(before, Line.GLASS, Axis.WIDTH).isUnder(size(before, Line.GLASS, Axis.HEIGHT))
                    ? Axis.HEIGHT
                    : Axis.WIDTH;
            Axis other = longer == Axis.WIDTH ? Axis.HEIGHT : Axis.WIDTH;
            Length planned = size(before, Line.RABBET, longer);
            Plan after = planned(job, read(job, longer, planned, planned.plus(off)));
            double ratio = job == ring ? 1 : Math.cos(Math.PI / 6);
            assertThat(off(before, after, Line.GLASS, longer)).isCloseTo(off.toMm(), within(1e-3));
            assertThat(off(before, after, Line.GLASS, other)).isCloseTo(off.toMm() * ratio, within(1e-3));
            assertThat(off(before, after, Line.RABBET, longer)).isEqualTo(off.toMm());
            assertThat(off(before, after, Line.RABBET, other)).isZero();
            assertThat(after.frame().members()).isEqualTo(before.frame().members());
            assertThat(found(after)).hasSize(1);
            Plan larger = planned(job, read(job, longer, planned, planned.minus(off)));
            assertThat(off(before, larger, Line.GLASS, longer)).as("the other way was not read").isZero();
            Deed glass = new Deed.Done(
                    new Act.Step(job.part().name(), Station.FIT, "card.pane.glass", 1), Duration.ZERO);
            WorkLog late = WorkLog.NOTHING.with(line(glass)).with(read(job, longer, planned, planned.minus(in("1/4")))
                    .entries()
                    .getFirst());
            assertThat(cut(planned(job, late))).containsExactly("cut_too_large");
        }
    }

    private static double off(Plan before, Plan after, Line line, Axis axis) {
        return size(after, line, axis).minus(size(before, line, axis)).toMm();
    }

    /** Of odd jobs of any shape: what is cut to a rabbet that was read goes into it, and the wood stays. */
    @Test
    void whatIsCutGoesIntoTheRabbetThatWasRead() {
        OddJobs jobs = new OddJobs(20_261_209);
        int read = 0;
        for (int i = 0; i < 400; i++) {
            try {
                Job job = jobs.next().at(0);
                Plan before = planned(job, WorkLog.NOTHING);
                if (job.isPlain() || !before.frame().has(Line.RABBET) || !before.frame().has(Line.GLASS)) {
                    continue;
                }
                WorkLog log = WorkLog.NOTHING;
                for (Axis axis : Axis.values()) {
                    Length planned = size(before, Line.RABBET, axis);
                    Length value = planned.plus(Length.mm(0.7 * (axis.ordinal() + i % 3) - 1.4));
                    log = log.with(read(job, axis, planned, value).entries().getFirst());
                }
                Plan after = planned(job, log);
                assertThat(after.frame().members()).isEqualTo(before.frame().members());
                for (Axis axis : Axis.values()) {
                    Length play = size(before, Line.RABBET, axis).minus(size(before, Line.GLASS, axis));
                    Length room = size(after, Line.RABBET, axis).minus(size(after, Line.GLASS, axis));
                    assertThat(room.toMm()).as("%s", job).isGreaterThan(play.toMm() - 0.05);
                }
                read++;
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        assertThat(read).isGreaterThan(50);
    }

    /**
     * Sticks that were taken up stay as they were laid, whatever is known or read later: every piece on the same stick,
     * and those that did not grow in the same place.
     */
    @Test
    void piecesStayOnTheSticksThatWereTakenUp() {
        OddJobs jobs = new OddJobs(20_261_203);
        int laid = 0;
        int several = 0;
        for (int i = 0; i < 120; i++) {
            try {
                Job job = jobs.next().at(0);
                Plan quick = planned(job, WorkLog.NOTHING);
                KnownAnswers turned = new KnownAnswers();
                CutPlan.problems(quick.cuts().lots())
                        .forEach(problem -> problem.quick().ifPresent(answer -> turned.put(
                                problem,
                                new StickAnswer(answer.sticks().reversed(), answer.cost(), answer.bound()))));
                Plan first = Planner.plan(job, Sample.shop(), WorkLog.NOTHING, turned);
                CutLots lots = first.get(CutLots.class);
                if (lots.laid().isEmpty()) {
                    continue;
                }
                Act cut = new Act.Step(job.part().name(), Station.CUTS, "card.take", 1);
                WorkLog log = WorkLog.NOTHING.with(line(new Deed.TookUp(cut, lots.laid())));
                Plan again = planned(job, log);
                assertThat(again.get(CutLots.class).laid()).isEqualTo(lots.laid());
                assertThat(again.cuts().sticks().equals(first.cuts().sticks())).isTrue();
                several += lots.laid().size() > 1 && !quick.cuts().sticks().equals(first.cuts().sticks()) ? 1 : 0;
                laid++;
                Optional<Length> rabbet = first.frame().size(Line.RABBET, Axis.WIDTH).map(figure -> figure.value());
                if (rabbet.isPresent() && job.isPlain()) {
                    Act size = Act.Size.of(job.part().name(), Line.RABBET.size(Axis.WIDTH));
                    WorkLog read = log.with(line(new Deed.Measured(
                            size, rabbet.get(), rabbet.get().minus(Length.mm(0.7)), Instrument.RULE)));
                    assertThat(planned(job, read).get(CutLots.class).isAs(log.tookUp())).isTrue();
                }
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        assertThat(laid).isGreaterThan(40);
        assertThat(several).isGreaterThan(5);
        Job job = Sample.job("12", "14");
        CutLots lots = planned(job, WorkLog.NOTHING).get(CutLots.class);
        Act saw = new Act.Saw(job.part().name(), new PieceId("A–B", 1, 0), true);
        WorkLog log = WorkLog.NOTHING
                .with(line(new Deed.TookUp(saw, lots.laid())))
                .with(line(new Deed.Done(saw, Duration.ZERO)));
        Job other = new Edit.Quantity(5).apply(job);
        assertThat(planned(job, log).findings()).noneMatch(finding -> finding.id().equals("taken_up_otherwise"));
        assertThat(planned(other, log).findings()).anyMatch(finding -> finding.id().equals("taken_up_otherwise"));
    }

    /** Of two lines on one thing the later one holds, whatever the clock said; nothing is lost. */
    @Test
    void theLaterLineHolds() {
        Act act = new Act.Step("frame", Station.GLUE_UP, "close.band", 1);
        List<LogLine> lines = new ArrayList<>(List.of(
                line(new Deed.Done(act, Duration.ofSeconds(-5))), line(new Deed.TakenBack(act))));
        WorkLog log = new WorkLog(lines);
        assertThat(log.isDone(act)).isFalse();
        assertThat(((Deed.Done) log.entries().getFirst().deed()).took()).isZero();
        assertThat(log.with(line(new Deed.Done(act, Duration.ofMinutes(2)))).isDone(act)).isTrue();
        Deed.Measured slip =
                new Deed.Measured(act, in("12"), Length.mm(12), Instrument.TAPE);
        assertThat(slip.isDoubtful()).isTrue();
        assertThat(new Deed.Measured(act, in("12"), in("12 1/16"), Instrument.TAPE).isDoubtful()).isFalse();
    }

    /** The hook goes up by what the taut wire stands lower, and what is planned of the wire stays. */
    @Test
    void theTautWirePlacesTheHook() {
        Job job = new Edit.ChooseHardware(Optional.of(Hardware.RINGS_AND_WIRE)).apply(Sample.job("16", "20"));
        Plan before = planned(job, WorkLog.NOTHING);
        Length drop = before.figure(HangPlanner.WIRE_DROP).orElseThrow().value();
        Length hook = before.figure(HangPlanner.HOOK_HEIGHT).orElseThrow().value();
        Act act = Act.Size.of(job.part().name(), HangPlanner.WIRE_DROP);
        assertThat(Cards.of(before)).extracting(Card::act).contains(act);
        Deed lower = new Deed.Measured(act, drop, drop.plus(Length.mm(9)), Instrument.TAPE);
        Plan after = planned(job, WorkLog.NOTHING.with(line(lower)));
        assertThat(after.figure(HangPlanner.HOOK_HEIGHT).orElseThrow().value()).isEqualTo(hook.minus(Length.mm(9)));
        assertThat(after.figure(HangPlanner.WIRE_DROP).orElseThrow().value()).isEqualTo(drop);
        Plan other = planned(
                job,
                WorkLog.NOTHING.with(line(new Deed.Measured(act, drop.plus(Length.mm(30)), drop, Instrument.TAPE))));
        assertThat(other.figure(HangPlanner.HOOK_HEIGHT).orElseThrow().value()).isEqualTo(hook);
        assertThat(other.findings()).anyMatch(finding -> finding.id().equals("wire_of_another"));
    }
}
