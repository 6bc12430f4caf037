package neatcorner.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.cut.Booking;
import neatcorner.core.cut.CutLots;
import neatcorner.core.cut.Source;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.cut.Supply;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.mend.Mending;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Rack;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.sawing.Measure;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sizing;
import neatcorner.core.shop.Sticks;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A plan told act by act: of odd jobs everything the plan says is on a card, once. */
class CardsTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.INCH_16);

    private static List<Plan> plans(int many) {
        return plans(many, Sizing.BY_NUMBERS);
    }

    private static List<Plan> plans(int many, Sizing sizing) {
        OddJobs jobs = new OddJobs(20_261_216);
        List<Plan> plans = new ArrayList<>();
        while (plans.size() < many) {
            try {
                plans.add(Planner.plan(
                        jobs.next(), Sample.shop().withHabits(Sample.shop().habits().with(sizing))));
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        return plans;
    }

    /** Every act is told once, in words that are there; nothing asks for more than four looks. */
    @ParameterizedTest
    @EnumSource(Sizing.class)
    void everyActIsTold(Sizing sizing) {
        for (Plan plan : plans(30, sizing)) {
            List<Card> cards = Cards.of(plan);
            assertThat(cards).as("%s", plan.job()).extracting(Card::act).doesNotHaveDuplicates();
            plan.job().packed().layer(Material.Role.ART).ifPresent(art -> assertThat(cards)
                    .as("no picture is cut")
                    .noneMatch(card -> card.title().key().startsWith("card.pane")
                            && BOOK.say(card.title()).contains(BOOK.say(Words.of("sheet.of", art.material())))));
            for (Card card : cards) {
                String said = BOOK.say(card.title()) + card.says().stream().map(BOOK::say).toList();
                card.figure().ifPresent(figure -> assertThat(said).contains(BOOK.write(figure)));
                assertThat(BOOK.say(card.title())).isNotBlank();
                Stream.concat(card.says().stream(), card.checks().stream())
                        .forEach(words -> assertThat(BOOK.say(words)).isNotBlank());
            }
        }
    }

    /** Both ends of every piece are cut, each by one act or in that of its neighbour. */
    @ParameterizedTest
    @EnumSource(Sizing.class)
    void everyPieceGetsBothEnds(Sizing sizing) {
        for (Plan plan : plans(40, sizing)) {
            Set<String> ends = new HashSet<>();
            Set<Length> cutSoLong = new HashSet<>();
            for (Card card : Cards.of(plan)) {
                if (card.scene() instanceof Scene.AtTheSaw(var cut, _, _)) {
                    var placed = cut.on().stick().placed();
                    int place = cut.on().place();
                    if (cut.measure() instanceof Measure.Mark mark && mark.again()) {
                        assertThat(cutSoLong).as("one to mark from").contains(placed.get(place).piece().length());
                    }
                    if (cut.stroke().makesLength()) {
                        cutSoLong.add(placed.get(place).piece().length());
                    }
                    switch (cut.stroke()) {
                        case LEFT, PART -> ends.add(end(placed.get(place).piece(), false));
                        case RIGHT -> ends.add(end(placed.get(place).piece(), true));
                        case BOTH -> {
                            ends.add(end(placed.get(place).piece(), true));
                            ends.add(end(placed.get(place + 1).piece(), false));
                        }
                    }
                }
            }
            long pieces = plan.cuts().sticks().stream()
                    .mapToLong(stick -> stick.placed().size())
                    .sum();
            assertThat((long) ends.size()).as("%s", plan.job()).isEqualTo(2 * pieces);
        }
    }

    private static String end(neatcorner.core.cut.Piece piece, boolean right) {
        PieceId id = piece.id();
        return piece.job() + id + right;
    }

    /**
     * Random logs: what is done is told as it was, what is spoiled is made again from wood that is there and long
     * enough, once for every time, and no rest is used twice.
     */
    @Test
    void whatIsDoneStaysAndWhatIsSpoiltIsMadeAgain() {
        Random random = new Random(20_261_201);
        int remade = 0;
        int fromRests = 0;
        for (Plan plan : plans(60)) {
            List<Card> before = Cards.of(plan);
            WorkLog log = WorkLog.NOTHING;
            for (Card card : before) {
                if (random.nextInt(3) > 0) {
                    log = log.with(line(new Deed.Done(card.act(), Duration.ZERO)));
                }
                if (card.act() instanceof Act.Saw saw && random.nextInt(9) == 0) {
                    log = log.with(line(new Deed.WentWrong(saw, Deed.Spoilt.SPLIT, Length.mm(1))));
                }
            }
            Plan after = Planner.plan(plan.job(), Sample.shop(), log, plan.get(Answers.class));
            List<Card> cards = Cards.of(after);
            assertThat(cards).extracting(Card::act).doesNotHaveDuplicates();
            for (Card card : before) {
                if (log.isDone(card.act())) {
                    assertThat(cards).contains(card);
                }
            }
            List<StickLayout> sticks = after.toSaw().sticks();
            List<Remake> remakes = Remake.of(after);
            assertThat(remakes).hasSameSizeAs(log.spoilt());
            Map<Integer, List<Span>> wood = new HashMap<>();
            for (int i = 0; i < sticks.size(); i++) {
                List<Span> used = new ArrayList<>();
                sticks.get(i).placed().forEach(one -> used.add(new Span(one.start(), one.end())));
                wood.put(i + 1, used);
            }
            for (Remake remake : remakes) {
                StickLayout layout = remake.from().layout();
                StickLayout.Placed piece = layout.placed().getFirst();
                assertThat(piece.end()).isLessThanOrEqualTo(layout.length());
                assertThat(layout.section()).isEqualTo(stickOf(remake, sticks).section());
                assertThat(cards.stream()
                                .filter(card -> card.act() instanceof Act.Saw saw
                                        && saw.piece().equals(remake.wrong().act().piece())
                                        && saw.part().equals(remake.wrong().act().part())
                                        && saw.again() == remake.again()))
                        .hasSize(remake.isSpoilt(remakes) ? 0 : 2);
                Length from = remake.from().from().plus(piece.start());
                Span taken = new Span(from, from.plus(piece.piece().length()));
                List<Span> used = wood.computeIfAbsent(remake.from().number(), _ -> new ArrayList<>());
                assertThat(used).as("wood that is used once").allMatch(other ->
                        !other.from().isUnder(taken.to()) || !taken.from().isUnder(other.to()));
                used.add(taken);
                remade++;
                fromRests += remake.from().fresh() ? 0 : 1;
            }
            Plan good = Planner.plan(plan.job(), Sample.shop(), spared(log), plan.get(Answers.class));
            assertThat(Cards.of(good).stream()
                            .filter(card -> !card.title().key().equals("mend.empty"))
                            .map(CardsTest::told))
                    .as("what is good after all")
                    .containsExactlyElementsOf(before.stream().map(CardsTest::told).toList());
        }
        assertThat(remade).isGreaterThan(50);
        assertThat(fromRests).isBetween(10, remade - 10);
    }

    /** What the mending of a corner says is on the cards once, and anew at a second time. */
    @ParameterizedTest
    @EnumSource(Trouble.Kind.class)
    void aCornerIsMendedAmongTheCards(Trouble.Kind kind) {
        for (Length amount : List.of(Length.mm(1), Length.mm(3))) {
            Job job = new Edit.Mishap(Optional.of(new Trouble(kind, 3, amount))).apply(Sample.job("12", "14"));
            Plan plan = Planner.plan(job, Sample.shop());
            Deed wrong = new Deed.CornerWentWrong(
                    new Act.Step("frame", Station.GLUE_UP, "card.wait", 1), job.trouble().orElseThrow());
            WorkLog once = WorkLog.NOTHING.with(line(wrong));
            List<Card> mended = mending(plan.noting(once));
            assertThat(Stream.concat(
                            mended.stream().map(Card::title),
                            mended.stream().flatMap(card -> card.says().stream().skip(1))))
                    .containsExactlyInAnyOrderElementsOf(plan.get(Mending.class).steps().stream()
                            .filter(step -> !step.key().equals("mend.empty"))
                            .toList());
            assertThat(mended).isNotEmpty().allSatisfy(card -> {
                assertThat(BOOK.say(card.says().getFirst())).startsWith("corner A: ");
                assertThat(card.cautions().contains(Safety.ADHESIVE))
                        .isEqualTo(BOOK.say(card.title()).matches("(?i).*(thin coat|clamp,|glue in).*"));
            });
            assertThat(mending(plan.noting(once.with(line(wrong)))))
                    .extracting(Card::act)
                    .doesNotContainAnyElementsOf(mended.stream().map(Card::act).toList());
        }
    }

    private static List<Card> mending(Plan plan) {
        return Cards.of(plan).stream()
                .filter(card -> card.title().key().startsWith("mend."))
                .toList();
    }

    private static StickLayout stickOf(Remake remake, List<StickLayout> sticks) {
        return sticks.stream()
                .filter(stick -> stick.placed().stream()
                        .anyMatch(placed -> placed.piece()
                                .equals(remake.from().layout().placed().getFirst().piece())))
                .findFirst()
                .orElseThrow();
    }

    private static String told(Card card) {
        return card.act() + Stream.concat(Stream.of(card.title()), Stream.concat(
                        card.says().stream(), card.checks().stream()))
                .map(BOOK::say)
                .toList()
                .toString();
    }

    private static WorkLog spared(WorkLog log) {
        WorkLog spared = log;
        for (Deed.WentWrong wrong : log.spoilt()) {
            spared = spared.with(line(new Deed.GoodAfterAll(wrong.act())));
        }
        return spared;
    }

    /** Where no rest holds a piece more it comes from an off-cut that does, then from the rack, then it is bought. */
    @Test
    void anotherStickComesFromTheRackFirst() {
        Plan plan = Planner.plan(Sample.job("12", "14"), Sample.shop(Sample.plain()));
        StickLayout stick = plan.cuts().sticks().getFirst();
        StickLayout.Placed piece = stick.placed().getFirst();
        Length tight = piece.piece().length().plus(stick.trim().times(2));
        assertThat(taken(plan, stick, piece, tight))
                .startsWith(Source.From.OFF_CUT, Source.From.RACK, Source.From.TO_BUY);
        assertThat(taken(plan, stick, piece, tight.minus(Length.mm(0.1))))
                .startsWith(Source.From.RACK, Source.From.TO_BUY);
    }

    /** What is booked when all is cut: the wood of pieces that were made again is gone from sticks and rack, too. */
    @Test
    void theRackIsWithoutWhatWasMadeAgain() {
        Shop shop = Sample.shop(Sample.plain(), new Sticks(Length.inches(96), 6));
        Plan plan = Planner.plan(Sample.job("16", "20"), shop);
        Act.Saw first = (Act.Saw) sawn(plan, "A–B").act();
        WorkLog log = WorkLog.NOTHING;
        for (int i = 0; i < 5; i++) {
            log = log.with(line(new Deed.WentWrong(first, Deed.Spoilt.SPLIT, Length.mm(1))));
        }
        List<Supply.Taken> again =
                Remake.of(plan.noting(log)).stream().map(Remake::from).toList();
        assertThat(again).hasSize(5).anyMatch(Supply.Taken::fresh).anyMatch(taken -> !taken.fresh());
        Booking booking = Booking.ofSticks(plan.cuts().lots(), again, shop, Length.inches(12));
        int fresh = (int) again.stream().filter(Supply.Taken::fresh).count();
        int sticks = plan.cuts().sticks().size() + fresh;
        Shop after = booking.edit().apply(shop);
        assertThat(after.mouldings().getFirst().onHand().getFirst().count()).isEqualTo(6 - sticks);
        Length pieces = Length.sum(plan.cuts().sticks().stream()
                .flatMap(stick -> stick.placed().stream())
                .map(placed -> placed.piece().length())
                .toList());
        Length remade = again.getFirst().layout().placed().getFirst().piece().length().times(5);
        Length kept = Length.sum(booking.kept().stream().map(item -> ((OffCut) item).length()).toList());
        assertThat(kept.isPositive()).isTrue();
        assertThat(kept.plus(pieces).plus(remade)).isLessThanOrEqualTo(Length.inches(96).times(sticks));
    }

    /** Where other sticks come from, taken up one after another, with an off-cut of this length and a stick there. */
    private static List<Source.From> taken(
            Plan plan, StickLayout stick, StickLayout.Placed piece, Length offCut) {
        Shop shop = Sample.shop(Sample.plain(), new Sticks(Length.inches(96), 1))
                .withRack(new Rack(List.of(new OffCut("C-1", Sample.plain(), offCut, List.of(), "", ""))));
        Supply supply = new Supply(plan.cuts().sticks(), shop);
        return Stream.generate(() -> supply.take(stick, piece))
                .limit(40)
                .filter(Supply.Taken::fresh)
                .map(one -> one.layout().source().from())
                .toList();
    }

    /**
     * A first piece sizes its partner, and both the glass: it came out short, so the other is cut as short; one that is
     * cut already must be taken down; one that came out long is trimmed and changes nothing.
     */
    @Test
    void theFirstPieceSizesItsPartner() {
        Job job = Sample.job("12", "14");
        Plan plan = Planner.plan(job, Sample.shop());
        Length off = Length.mm(-1.2);
        Card first = sawn(plan, "A–B");
        Card other = sawn(plan, "C–D");
        WorkLog read = WorkLog.NOTHING.with(line(measured(first, off)));
        Plan after = Planner.plan(job, Sample.shop(), read, Answers.NONE);
        assertThat(length(sawn(after, "C–D"))).isEqualTo(length(other).plus(off));
        assertThat(((Scene.AtTheSaw) sawn(after, "C–D").scene()).planned()).hasValue(length(other));
        assertThat(length(sawn(after, "B–C"))).isEqualTo(length(sawn(plan, "B–C")));
        for (Axis axis : Axis.values()) {
            assertThat(glass(after, axis)).isEqualTo(glass(plan, axis).plus(axis == Axis.WIDTH ? off : Length.ZERO));
        }
        assertThat(after.frame().members()).isEqualTo(plan.frame().members());
        assertThat(verdict(after, first)).isEqualTo("verdict.share");
        WorkLog matched = read.with(line(new Deed.Done(other.act(), Duration.ZERO)));
        assertThat(verdict(after.noting(matched), first)).isEqualTo("verdict.matches");
        WorkLog tooLate = WorkLog.NOTHING
                .with(line(new Deed.Done(other.act(), Duration.ZERO)))
                .with(line(measured(first, off)));
        Plan late = Planner.plan(job, Sample.shop(), tooLate, Answers.NONE);
        assertThat(length(sawn(late, "C–D"))).isEqualTo(length(other));
        assertThat(verdict(late, first)).isEqualTo("verdict.shave");
        WorkLog taken = tooLate.with(line(measured(other, off.plus(Length.mm(0.1)))));
        assertThat(verdict(after.noting(taken), first)).isEqualTo("verdict.matches");
        WorkLog wide = WorkLog.NOTHING.with(line(measured(first, off.negated())));
        Plan trimmed = Planner.plan(job, Sample.shop(), wide, Answers.NONE);
        assertThat(glass(trimmed, Axis.WIDTH)).isEqualTo(glass(plan, Axis.WIDTH));
        assertThat(verdict(trimmed, first)).isEqualTo("verdict.long");
        WorkLog spoilt = read.with(line(
                new Deed.WentWrong((Act.Saw) first.act(), Deed.Spoilt.TOO_SHORT, Length.mm(400))));
        assertThat(glass(Planner.plan(job, Sample.shop(), spoilt, Answers.NONE), Axis.WIDTH))
                .isEqualTo(glass(plan, Axis.WIDTH));
        Plan small = Planner.plan(
                job, Sample.shop(), WorkLog.NOTHING.with(line(measured(first, Length.mm(-9)))), Answers.NONE);
        assertThat(small.findings()).anyMatch(finding -> finding.id().equals("rabbet_too_small"));
    }

    /** Where a reading does not change the plan by itself it is said where it does. */
    @Test
    void aReadingThatNothingFollowsSaysWhereItCounts() {
        Set<Station> seen = new HashSet<>();
        for (Plan plan : plans(40)) {
            for (Card card : Cards.of(plan)) {
                Station station = card.act().station();
                if (!(card.act() instanceof Act.Step)
                        || !Set.of(Station.SECTION, Station.GLUE_UP).contains(station)
                        || !card.reads().isEmpty()
                        || card.readables().isEmpty()) {
                    continue;
                }
                seen.add(station);
                assertThat(Cards.verdict(plan.noting(WorkLog.NOTHING.with(line(measured(card, Length.mm(2))))), card))
                        .map(Words::key)
                        .hasValue(station == Station.SECTION ? "verdict.section" : "verdict.across");
                assertThat(Cards.verdict(plan.noting(WorkLog.NOTHING.with(line(measured(card, Length.ZERO)))), card))
                        .isEmpty();
            }
        }
        assertThat(seen).hasSize(2);
    }

    /** What was read of a piece before the job made it another length says nothing of the piece that is cut now. */
    @Test
    void aPieceOfAnotherLengthIsAnotherPiece() {
        Job job = Sample.job("12", "14");
        Plan plan = Planner.plan(job, Sample.shop());
        Card first = sawn(plan, "A–B");
        Deed took = new Deed.TookUp(first.act(), plan.get(CutLots.class).laid());
        WorkLog log = WorkLog.NOTHING.with(line(took)).with(line(measured(first, Length.mm(-2))));
        Length other = length(sawn(Planner.plan(job, Sample.shop(), log, Answers.NONE), "C–D"));
        assertThat(other).isEqualTo(length(sawn(plan, "C–D")).minus(Length.mm(2)));
        Job wider = Sample.job("12 1/2", "14");
        Plan now = Planner.plan(wider, Sample.shop());
        Plan after = Planner.plan(wider, Sample.shop(), log, Answers.NONE);
        assertThat(length(sawn(after, "C–D"))).isEqualTo(length(sawn(now, "C–D")));
        assertThat(glass(after, Axis.WIDTH)).isEqualTo(glass(now, Axis.WIDTH));
        assertThat(Cards.verdict(after, sawn(after, "A–B"))).isEmpty();
    }

    private static Card sawn(Plan plan, String letters) {
        return Cards.of(plan).stream()
                .filter(card -> card.act() instanceof Act.Saw saw
                        && saw.right()
                        && saw.piece().letters().equals(letters))
                .findFirst()
                .orElseThrow();
    }

    private static Length length(Card card) {
        return (Length) card.figure().orElseThrow().value();
    }

    private static Length glass(Plan plan, Axis axis) {
        return plan.frame().size(Line.GLASS, axis).orElseThrow().value();
    }

    private static Deed.Measured measured(Card card, Length off) {
        return new Deed.Measured(card.act(), length(card), length(card).plus(off), Instrument.RULE);
    }

    private static String verdict(Plan plan, Card card) {
        return Cards.verdict(plan, card).orElseThrow().key();
    }

    private static LogLine line(Deed deed) {
        return new LogLine(Instant.parse("2026-12-01T09:00:00Z"), "", deed, Words.of("card.take"));
    }

    /**
     * The saw's caution stands on every cut and on no other card, the wall's on every card of hanging, that of glass on
     * every card that cuts it and on none that cuts anything else; none that the plan says is on no card.
     */
    @Test
    void cautionsStandWhereTheyBelong() {
        for (Plan plan : plans(80)) {
            Set<Safety> seen = EnumSet.noneOf(Safety.class);
            Set<Station> stations = EnumSet.noneOf(Station.class);
            Cards.of(plan).forEach(card -> {
                seen.addAll(card.cautions());
                stations.add(card.act().station());
            });
            // Wood that lies there ready is not made, what stands is not hung, and every joint says what it drives.
            stations.removeAll(Set.of(Station.SECTION, Station.CUTS));
            stations.add(Station.CORNERS);
            for (Plan part : Planner.ofParts(plan)) {
                if (part.findings().stream().anyMatch(finding -> finding.severity() == Severity.STOP)) {
                    // Nothing is joined so.
                    continue;
                }
                assertThat(part.safety())
                        .as("%s", part.glue().steps().stream().map(Words::key).toList())
                        .filteredOn(one -> stations.contains(one.station()))
                        .isSubsetOf(seen);
            }
            for (Card card : Cards.of(plan)) {
                boolean sawn = card.act() instanceof Act.Saw;
                assertThat(card.cautions().contains(Safety.SAW)).isEqualTo(sawn);
                if (card.act().station() == Station.HANG) {
                    assertThat(card.cautions()).contains(Safety.WALL);
                }
                if (card.title().key().startsWith("card.pane")) {
                    String what = BOOK.say(card.title());
                    assertThat(card.cautions().contains(Safety.GLASS))
                            .as(what)
                            .isEqualTo(what.contains("glass") || what.contains("mirror"));
                }
            }
        }
    }
}
