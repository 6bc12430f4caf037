package neatcorner.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.finish.Recipes;
import neatcorner.core.job.Body;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sizing;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is fitted to another part is cut when that is made, and follows it as it came out. */
class WavesTest {
    private static final Shop SHOP = Sample.shop();
    private static final Shop BY_TRANSFER = SHOP.withHabits(SHOP.habits().with(Sizing.BY_TRANSFER));

    private static Job with(Placement placement, Section section) {
        Job job = Sample.job("12", "16");
        return job.withPart(Part.of("other", placement, new Body(job.outline(), section, Map.of(), Lean.FLAT)));
    }

    /** A strip that is fitted, a frame around a frame, of the very moulding, and a strainer in the back. */
    static List<Job> jobs() {
        Section section = Sample.job("12", "16").section();
        return List.of(
                with(new Placement.Around("frame", Length.ZERO, Length.mm(3)), Sample.bar()),
                with(new Placement.Around("frame", Length.mm(1.5), Length.ZERO), section),
                with(new Placement.Behind("frame", Length.mm(6)), Sample.bar()));
    }

    private static List<Card> cards(Job job, Shop shop) {
        return Cards.of(Planner.plan(job, shop));
    }

    private static List<Act> saws(List<Card> cards) {
        return cards.stream().map(Card::act).filter(Act.Saw.class::isInstance).toList();
    }

    private static int first(List<Card> cards, Predicate<Card> which) {
        return IntStream.range(0, cards.size())
                .filter(i -> which.test(cards.get(i)))
                .findFirst()
                .orElse(-1);
    }

    /** Either way of working makes the same cuts, each once. */
    @ParameterizedTest
    @MethodSource("jobs")
    void noCutIsLostOrMadeTwice(Job job) {
        List<Act> byNumbers = saws(cards(job, SHOP));
        List<Act> byTransfer = saws(cards(job, BY_TRANSFER));
        assertThat(byTransfer).doesNotHaveDuplicates().hasSameSizeAs(byNumbers);
        assertThat(new HashSet<>(byTransfer)).isEqualTo(new HashSet<>(byNumbers));
    }

    /** A piece gets its length after the part it goes round is glued and was read; what is set is said anew there. */
    @ParameterizedTest
    @MethodSource("jobs")
    void whatGoesRoundIsCutToWhatItGoesRound(Job job) {
        List<Card> cards = cards(job, BY_TRANSFER);
        boolean snug = job.parts().get(1).placement().orElseThrow().isSnug();
        int glued = first(cards, card -> card.act().part().equals("frame") && card.title().key().equals("card.wait"));
        int read = first(cards, card -> card.act() instanceof Act.Size size && size.size().startsWith("outside"));
        int cut = first(cards, card -> card.act() instanceof Act.Saw saw && saw.part().equals("other") && saw.right());
        assertThat(glued).isPositive();
        if (snug) {
            assertThat(List.of(glued, read, cut)).isSorted().doesNotHaveDuplicates();
            int begun = first(cards, card -> card.act() instanceof Act.Saw saw && saw.part().equals("other"));
            assertThat(cards.get(begun).says()).extracting(Words::key).contains("card.set_saw");
        } else {
            assertThat(read).isNegative();
            assertThat(cut).isLessThan(glued);
        }
    }

    /** A strip that the plan says is cut from the frame as it came out is so cut by whichever way. */
    @Test
    void aFittedStripAlwaysWaits() {
        List<Card> cards = cards(jobs().getFirst(), SHOP);
        int flush = first(cards, card -> card.title().key().equals("attach.as_it_came_out"));
        int cut = first(cards, card -> card.act() instanceof Act.Saw saw && saw.part().equals("other"));
        assertThat(flush).isPositive().isLessThan(cut);
        assertThat(cards.stream().filter(card -> card.act() instanceof Act.Saw saw
                        && saw.part().equals("other")
                        && saw.right()))
                .allMatch(card -> card.says().contains(Words.of("card.hair_long")));
    }

    /** What is glued on the outside finds bare wood there, and is flushed when the glue holds. */
    @Test
    void nothingIsGluedOnAFinish() {
        Job job = jobs().getFirst();
        for (int part : new int[] {0, 1}) {
            job = new Edit.InPart(part, new Edit.Finish(Recipes.OIL)).apply(job);
        }
        List<Card> cards = cards(job, SHOP);
        int glued = first(cards, card -> card.title().key().equals("attach.taped")
                || card.title().key().equals("attach.clamped"));
        int waits = first(
                cards, card -> card.act().part().equals("other") && card.title().key().equals("card.wait"));
        int flushed = first(cards, card -> card.title().key().equals("attach.flushed"));
        int finished = first(cards, card -> card.act().station() == Station.FINISH);
        assertThat(List.of(glued, waits, flushed, finished)).isSorted().doesNotContain(-1).doesNotHaveDuplicates();
    }

    /**
     * The figures of a plan with readings are those of a job whose given number is the reading: a rim around a frame
     * that came out wider is that around one planned so wide.
     */
    @ParameterizedTest
    @MethodSource("jobs")
    void aReadingSizesWhatFollows(Job job) {
        Plan planned = Planner.plan(job, SHOP);
        Length width = planned.assembly().frame(0).width(Line.OUTSIDE);
        Length off = Length.mm(1.7);
        Plan read = Planner.plan(job, SHOP, log(width, width.plus(off)), Answers.NONE);
        Plan wider = Planner.plan(
                job.at(0).withGiven(Axis.WIDTH, new Size(Line.OUTSIDE, width.plus(off))), SHOP);
        for (Line line : Line.values()) {
            assertThat(read.assembly().frame(0).size(line, Axis.WIDTH).map(size -> size.value()))
                    .as("what was read of stays as it is")
                    .isEqualTo(planned.assembly().frame(0).size(line, Axis.WIDTH).map(size -> size.value()));
            for (Axis axis : Axis.values()) {
                assertThat(read.assembly().frame(1).size(line, axis).map(size -> size.value()))
                        .isEqualTo(wider.assembly().frame(1).size(line, axis).map(size -> size.value()));
            }
        }
        Plan another = Planner.plan(job.at(0), SHOP, log(width.plus(Length.mm(4)), width), Answers.NONE);
        assertThat(another.findings()).anyMatch(finding -> finding.id().equals("reading_of_another"));
        assertThat(another.assembly().frame(1).width(Line.OUTSIDE))
                .isEqualTo(planned.assembly().frame(1).width(Line.OUTSIDE));
    }

    private static WorkLog log(Length planned, Length value) {
        return WorkLog.NOTHING.with(new LogLine(
                Instant.parse("2026-12-01T09:00:00Z"),
                "",
                new Deed.Measured(
                        Act.Size.of("frame", Line.OUTSIDE.size(Axis.WIDTH)), planned, value, Instrument.RULE),
                Words.of("card.take")));
    }

    /** A fitted piece that is spoiled is made again after the others of its part, not before it is its turn. */
    @Test
    void whatIsSpoiltIsMadeAgainInItsTurn() {
        Plan plan = Planner.plan(jobs().getFirst(), SHOP);
        Act.Saw spoilt = (Act.Saw) saws(Cards.of(plan)).getLast();
        WorkLog log = WorkLog.NOTHING.with(new LogLine(
                Instant.parse("2026-12-01T09:00:00Z"),
                "",
                new Deed.WentWrong(spoilt, Deed.Spoilt.SPLIT, Length.mm(300)),
                Words.of("card.take")));
        List<Card> cards = Cards.of(plan.noting(log));
        int others = cards.size() - 1 - first(
                cards.reversed(), card -> card.act() instanceof Act.Saw saw && saw.again() == 0);
        int again = first(cards, card -> card.act() instanceof Act.Saw saw && saw.again() == 1);
        assertThat(again).isGreaterThan(others);
    }

    /** A leaf or a strip goes with its own stick: nothing of it is on the saw before its turn. */
    @Test
    void sticksOfTheirOwnWaitWhole() {
        List<Card> cards = cards(jobs().getFirst(), BY_TRANSFER);
        int firstOther = first(cards, card -> card.act() instanceof Act.Saw saw && saw.part().equals("other"));
        int lastFrame = cards.size() - 1 - first(
                cards.reversed(), card -> card.act() instanceof Act.Saw saw && saw.part().equals("frame"));
        assertThat(lastFrame).isLessThan(firstOther);
        assertThat(cards.get(firstOther).act().station()).isEqualTo(Station.CUTS);
    }
}
