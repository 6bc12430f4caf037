package neatcorner.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import neatcorner.core.Sample;
import neatcorner.core.card.Card;
import neatcorner.core.card.Cards;
import neatcorner.core.cut.Booking;
import neatcorner.core.cut.CutLots;
import neatcorner.core.cut.Source;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Job;
import neatcorner.core.job.LayerKey;
import neatcorner.core.job.Part;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.OffCut;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Severity;
import neatcorner.core.section.SectionKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import neatcorner.core.words.Working;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Numbers that are given to a plan, and came out otherwise. */
class EnteredTest {
    private static final Job JOB = new Edit.Quantity(4).apply(Sample.job("12", "14"));
    private static final Sticks RACK = new Sticks(Sample.in("96"), 1);

    private static Plan planned(Job job, WorkLog log) {
        return Planner.plan(job, Sample.shop(Sample.plain(), RACK), log, Answers.NONE);
    }

    private static LogLine line(Deed deed) {
        return new LogLine(Instant.EPOCH, "", deed, Words.of("card.take"));
    }

    /** The card after which a number is read. */
    private static Card card(Plan plan, FigureKey<?> number) {
        Act act = Act.Size.given(plan.job().part().name(), number);
        return Cards.of(plan).stream()
                .filter(card -> card.reads().stream().anyMatch(one -> one.act().equals(act)))
                .findFirst()
                .orElseThrow();
    }

    private static Deed.Measured read(Plan plan, FigureKey<?> number, Length off) {
        Act act = Act.Size.given(plan.job().part().name(), number);
        Length as = card(plan, number).reads().stream()
                .filter(one -> one.act().equals(act))
                .findFirst()
                .orElseThrow()
                .planned();
        return new Deed.Measured(act, as, as.plus(off), Instrument.CALIPER);
    }

    /** The plan after one more reading. */
    private static Plan after(Plan plan, Deed.Measured read) {
        Optional<Edit> edit = Entered.by(plan, read);
        WorkLog log = plan.get(WorkLog.class).with(line(read));
        return planned(edit.map(one -> one.apply(plan.job())).orElse(plan.job()), log);
    }

    private static String verdict(Plan plan, FigureKey<?> number) {
        return Cards.verdict(plan, card(plan, number)).orElseThrow().key();
    }

    /**
     * A frame given by its glass: of a face that came out narrower by d the rabbet and the glass stay, and every piece
     * is shorter by 2·d from long point to long point. Common practice, no source.
     */
    @Test
    void piecesFollowAFaceThatCameOutNarrow() {
        Plan plan = planned(JOB, WorkLog.NOTHING);
        Length off = Length.mm(-0.6);
        Deed.Measured read = read(plan, SectionKey.FACE, off);
        Plan after = after(plan, read);
        for (int i = 0; i < 4; i++) {
            assertThat(after.frame().members().get(i).longPoint().value().toMm())
                    .isCloseTo(plan.frame().members().get(i).longPoint().value().toMm() - 1.2, within(1e-6));
        }
        assertThat(after.frame().width(Line.RABBET)).isEqualTo(plan.frame().width(Line.RABBET));
        assertThat(after.figure(SectionKey.FACE).orElseThrow().working().lines())
                .extracting(Working.Line::amount)
                .containsExactly(read.planned(), off.negated());
        assertThat(verdict(after, SectionKey.FACE)).isEqualTo("verdict.entered");
        assertThat(after.toSaw().sticks()).extracting(stick -> stick.source().from())
                .as("the same sticks are cut")
                .contains(Source.From.RACK)
                .isEqualTo(plan.toSaw().sticks().stream().map(stick -> stick.source().from()).toList());
        Booking booking = Booking.ofSticks(
                after.get(CutLots.class).lots(), List.of(), Sample.shop(Sample.plain(), RACK), Length.mm(100));
        Shop left = booking.edit().apply(Sample.shop(Sample.plain(), RACK));
        assertThat(left.mouldings()).hasSize(1);
        assertThat(left.stockFor(Sample.plain()).orElseThrow().onHand())
                .noneMatch(sticks -> sticks.count() > 0);
        assertThat(left.rack().all(OffCut.class))
                .extracting(cut -> cut.section().face())
                .containsOnly(read.value());
        // As planned after all, as far as a caliper tells.
        Deed.Measured again = new Deed.Measured(
                read.act(), read.planned(), read.planned().plus(Length.mm(0.02)), Instrument.CALIPER);
        assertThat(after(after, again).job()).isEqualTo(JOB);
        Plan undone = planned(JOB, after.get(WorkLog.class));
        assertThat(verdict(undone, SectionKey.FACE)).isEqualTo("verdict.not_entered");
    }

    /** A moulding that lies there ready is read when it is taken up, and is cut from the same sticks all the same. */
    @Test
    void aReadyMouldingIsReadWhenItIsTakenUp() {
        Plan plan = Planner.plan(JOB, Sample.shop());
        Card take = card(plan, SectionKey.FACE);
        assertThat(take.title().key()).isEqualTo("card.take");
        Job job = Entered.by(plan, read(plan, SectionKey.FACE, Length.mm(0.5)))
                .orElseThrow()
                .apply(JOB);
        WorkLog log = WorkLog.NOTHING
                .with(line(new Deed.TookUp(take.act(), plan.get(CutLots.class).laid())))
                .with(line(read(plan, SectionKey.FACE, Length.mm(0.5))));
        Plan after = Planner.plan(job, Sample.shop(), log, Answers.NONE);
        assertThat(after.get(CutLots.class).isAs(log.tookUp())).isTrue();
        assertThat(after.toSaw().sticks()).allMatch(stick -> stick.source().from() == Source.From.RACK);
        assertThat(after.frame().members().getFirst().longPoint().value().toMm())
                .isCloseTo(plan.frame().members().getFirst().longPoint().value().toMm() + 1, within(1e-6));
    }

    /** What is cut stays: a face that is read after the first cut is written down only. */
    @Test
    void whatIsReadTooLateIsNotEntered() {
        Plan plan = planned(JOB, WorkLog.NOTHING);
        Act saw = new Act.Saw(JOB.part().name(), new PieceId("A–B", 1, 0), true);
        Plan cut = planned(JOB, WorkLog.NOTHING
                .with(line(new Deed.TookUp(saw, plan.get(CutLots.class).laid())))
                .with(line(new Deed.Done(saw, Duration.ZERO))));
        Plan late = after(cut, read(cut, SectionKey.FACE, Length.mm(-0.6)));
        assertThat(late.job()).isEqualTo(JOB);
        assertThat(verdict(late, SectionKey.FACE)).isEqualTo("verdict.stays");
        Plan deeper = after(cut, read(cut, SectionKey.RABBET_DEPTH, Length.mm(0.6)));
        assertThat(deeper.job()).as("no piece hangs on that").isNotEqualTo(JOB);
    }

    /** A rabbet that came out too shallow for the package says so at once, and so does glass that is thicker. */
    @Test
    void whatItLeadsToIsSaid() {
        Plan plan = planned(JOB, WorkLog.NOTHING);
        for (FigureKey<?> number : List.of(SectionKey.RABBET_DEPTH, new LayerKey(0))) {
            Length much = Length.mm(number == SectionKey.RABBET_DEPTH ? -6 : 9);
            Plan after = after(plan, read(plan, number, much));
            assertThat(after.findings()).hasSizeGreaterThan(plan.findings().size());
            assertThat(verdict(after, number)).isEqualTo("verdict.found");
        }
    }

    /** Of a sheet that came out otherwise it is said whether it goes in, and if the lip of 1/4 in covers it. */
    @ParameterizedTest
    @CsvSource({"4, too_large", "2.5, tight", "1, hides", "-2, hides", "-5, too_small"})
    void aSheetIsJudgedByItsPlay(double off, String verdict) {
        Plan plan = planned(JOB, WorkLog.NOTHING);
        Card glass = card(plan, new LayerKey(0));
        Length wide = glass.readables().getFirst().planned();
        Deed read = new Deed.Measured(glass.act(), wide, wide.plus(Length.mm(off)), Instrument.RULE);
        assertThat(Cards.verdict(planned(JOB, WorkLog.NOTHING.with(line(read))), glass))
                .map(Words::key)
                .hasValue("verdict.pane_" + verdict);
    }

    /** Both diagonals read at the glue-up say what they say when they are typed there. */
    @Test
    void bothDiagonalsSayWhetherItIsSquare() {
        Job job = new Edit.ChooseAdhesive(Adhesive.HIDE).apply(JOB);
        Plan plan = planned(job, WorkLog.NOTHING);
        assertThat(plan.findings(Station.GLUE_UP))
                .as("that have nothing to do with it")
                .anyMatch(finding -> finding.severity() != Severity.NOTE);
        Plan one = after(plan, read(plan, Tape.DIAGONAL_AC, Length.mm(2)));
        assertThat(verdict(one, Tape.DIAGONAL_AC)).isEqualTo("verdict.other_diagonal");
        Deed.Measured other = read(one, Tape.DIAGONAL_BD, Length.mm(-1));
        Plan leaning = after(one, other);
        Job typed = new Edit.Measure(Tape.DIAGONAL_AC, other.planned().plus(Length.mm(2))).apply(job);
        typed = new Edit.Measure(Tape.DIAGONAL_BD, other.value()).apply(typed);
        assertThat(leaning.findings()).isEqualTo(planned(typed, WorkLog.NOTHING).findings());
        assertThat(leaning.findings()).extracting(Finding::id).contains("out_of_square");
        assertThat(verdict(leaning, Tape.DIAGONAL_AC)).isEqualTo("verdict.found");
        Plan pushed = after(leaning, read(plan, Tape.DIAGONAL_AC, Length.mm(0.5)));
        pushed = after(pushed, read(plan, Tape.DIAGONAL_BD, Length.mm(0.4)));
        assertThat(verdict(pushed, Tape.DIAGONAL_AC)).isEqualTo("verdict.square");
    }

    /**
     * Of odd jobs: in whatever order numbers are read, one job comes of it; no piece that is cut is ever changed; and
     * what was read again as it was planned leaves nothing behind.
     */
    @Test
    void theOrderOfReadingsDoesNotMatter() {
        OddJobs jobs = new OddJobs(20_261_207);
        Random random = new Random(7);
        int entered = 0;
        int stayed = 0;
        for (int i = 0; i < 25; i++) {
            try {
                Plan plan = planned(jobs.next(), WorkLog.NOTHING);
                List<Deed.Measured> reads = given(plan, random);
                Plan one = all(plan, reads);
                Collections.shuffle(reads, random);
                Plan other = all(plan, reads);
                assertThat(other.job()).isEqualTo(one.job());
                entered += one.job().equals(plan.job()) ? 0 : 1;
                List<Deed.Measured> back = reads.stream()
                        .map(read -> new Deed.Measured(read.act(), read.planned(), read.planned(), read.by()))
                        .toList();
                assertThat(all(one, back).job().contents()).isEqualTo(plan.job().contents());
                assertThat(all(one, back).job().parts())
                        .extracting(Part::body)
                        .isEqualTo(plan.job().parts().stream().map(Part::body).toList());
                Map<Object, Length> cut = new HashMap<>();
                WorkLog log = WorkLog.NOTHING;
                for (Deed.Laid stick : plan.get(CutLots.class).laid()) {
                    for (Deed.Spot spot : stick.spots()) {
                        if (random.nextInt(3) == 0) {
                            cut.put(List.of(spot.part(), spot.piece()), spot.length());
                            Act saw = new Act.Saw(spot.part(), spot.piece(), random.nextBoolean());
                            log = log.with(line(new Deed.Done(saw, Duration.ZERO)));
                        }
                    }
                }
                Plan late = all(planned(plan.job(), log), reads);
                late.get(CutLots.class).laid().stream()
                        .flatMap(stick -> stick.spots().stream())
                        .filter(spot -> cut.containsKey(List.of(spot.part(), spot.piece())))
                        .forEach(spot -> assertThat(spot.length())
                                .isEqualTo(cut.get(List.of(spot.part(), spot.piece()))));
                stayed += late.job().equals(one.job()) ? 0 : 1;
            } catch (Refusal impossible) {
                // Not a frame, or not one that could be made so.
            }
        }
        assertThat(entered).isGreaterThan(10);
        assertThat(stayed).isGreaterThan(3);
    }

    /** Of odd jobs of several parts, carried card by card and read at random: what is cut is never another length. */
    @Test
    void whatIsCutStaysWhateverIsRead() {
        OddJobs jobs = new OddJobs(20_261_210);
        Random random = new Random(20_261_210);
        int several = 0;
        int since = 0;
        for (int i = 0; i < 400 && several < 20; i++) {
            try {
                Plan plan = planned(jobs.next(), WorkLog.NOTHING);
                List<Card> cards = Cards.of(plan);
                if (plan.job().parts().size() < 2 || cards.size() > 120) {
                    continue;
                }
                several++;
                plan = planned(plan.job(), WorkLog.NOTHING.with(line(
                        new Deed.TookUp(cards.getFirst().act(), plan.get(CutLots.class).laid()))));
                for (Card card : cards) {
                    for (Card.Readable one : card.readables()) {
                        if (one.act() instanceof Act.Size && random.nextInt(3) == 0) {
                            Length value = one.planned().plus(Length.mm(random.nextInt(9) * 0.5 - 2));
                            Plan now = after(plan, new Deed.Measured(one.act(), one.planned(), value, Instrument.RULE));
                            assertThat(cut(now)).as("%s", one.name()).isEqualTo(cut(plan));
                            plan = now;
                        }
                    }
                    Deed done = new Deed.Done(card.act(), Duration.ZERO);
                    plan = plan.noting(plan.get(WorkLog.class).with(line(done)));
                }
                since += Planner.ofParts(plan).stream()
                                .flatMap(part -> part.findings().stream())
                                .anyMatch(finding -> Set.of("cut_before", "cut_too_wide_for", "cut_too_narrow_for")
                                        .contains(finding.id()))
                        ? 1
                        : 0;
            } catch (Refusal impossible) {
                // Not a frame, or not one that could be made so.
            }
        }
        assertThat(several).isGreaterThan(15);
        assertThat(since).isPositive();
    }

    /** The length of every piece that is begun. */
    private static Map<List<Object>, Length> cut(Plan plan) {
        Map<List<Object>, Length> cut = new HashMap<>();
        plan.get(CutLots.class).laid().stream()
                .flatMap(stick -> stick.spots().stream())
                .filter(spot -> plan.get(WorkLog.class).isBegun(spot.part(), spot.piece()))
                .forEach(spot -> cut.put(List.of(spot.part(), spot.piece()), spot.length()));
        return cut;
    }

    private static Plan all(Plan plan, List<Deed.Measured> reads) {
        Plan now = plan;
        for (Deed.Measured read : reads) {
            now = after(now, read);
        }
        return now;
    }

    /** What could come out of everything that can be read, by a hair over what a caliper tells. */
    private static List<Deed.Measured> given(Plan plan, Random random) {
        List<Deed.Measured> reads = new ArrayList<>();
        Cards.of(plan).stream()
                .flatMap(card -> card.reads().stream())
                .filter(one -> one.act() instanceof Act.Size && reads.stream().noneMatch(read -> read.act()
                        .equals(one.act())))
                .forEach(one -> reads.add(new Deed.Measured(
                        one.act(),
                        one.planned(),
                        one.planned().plus(Length.mm((random.nextInt(5) - 2) * 0.05)),
                        Instrument.CALIPER)));
        return reads;
    }

    /**
     * In whatever order pieces and the rabbet are read, and again: the wood stays, and the glass goes by the rabbet as
     * it was read last, or, until it was, by the shortest side.
     */
    @Test
    void glassGoesByWhatWasReadLast() {
        Random random = new Random(20_261_208);
        Plan plan = planned(JOB, WorkLog.NOTHING);
        List<Member> members = plan.frame().members();
        Length play = plan.frame().habits().get(Habit.PLAY);
        for (int round = 0; round < 60; round++) {
            Plan now = plan;
            Optional<Length> rabbet = Optional.empty();
            Map<Integer, Length> offs = new HashMap<>();
            for (int step = 0; step < 5; step++) {
                Deed.Measured read;
                if (random.nextInt(3) == 0) {
                    Length value = plan.frame().width(Line.RABBET).plus(Length.mm(random.nextInt(7) * 0.4 - 1.2));
                    Length as = now.frame().width(Line.RABBET);
                    Act size = Act.Size.of(JOB.part().name(), Line.RABBET.size(Axis.WIDTH));
                    Length before = now.get(WorkLog.class).measured(size).map(Deed.Measured::planned).orElse(as);
                    read = new Deed.Measured(size, before, value, Instrument.RULE);
                    rabbet = Optional.of(value);
                } else {
                    int side = random.nextInt(2) * 2;
                    Member member = members.get(side);
                    offs.put(side, Length.mm(-0.4 * random.nextInt(4)));
                    Act act = new Act.Saw(
                            JOB.part().name(), new PieceId(member.side().letters(), 1, 0), true);
                    Length long_ = member.longPoint().value();
                    read = new Deed.Measured(act, long_, long_.plus(offs.get(side)), Instrument.RULE);
                }
                now = planned(JOB, now.get(WorkLog.class).with(line(read)));
                assertThat(now.frame().members()).isEqualTo(members);
                Length shortest = offs.values().stream()
                        .min(Length::compareTo)
                        .orElse(Length.ZERO);
                assertThat(now.frame().width(Line.GLASS).plus(play))
                        .as("%s", now.get(WorkLog.class).measured())
                        .isEqualTo(rabbet.orElse(plan.frame().width(Line.RABBET).plus(shortest)));
            }
        }
    }
}
