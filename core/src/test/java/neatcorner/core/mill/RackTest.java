package neatcorner.core.mill;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.cut.Booking;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.cut.CutPlanner;
import neatcorner.core.cut.Lot;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Makes;
import neatcorner.core.cut.Source;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.measure.Volume;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.plan.Shortage;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.Rack;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.solve.Answers;
import neatcorner.core.wood.Species;
import org.junit.jupiter.api.Test;

/** Jobs, rack and cuts together: off-cuts, boards, wishes, booking. */
class RackTest {
    private static OffCut cut(String label, String length, Span... defects) {
        return new OffCut(label, Sample.plain(), in(length), List.of(defects), "barrel", "");
    }

    private static Shop shop(OffCut... cuts) {
        return Sample.shop(Sample.plain(), new Sticks(in("96"), 2)).withRack(new Rack(List.of(cuts)));
    }

    /** Off-cuts before whole sticks, and never across a knot. */
    @Test
    void offCutsGoFirstAndDefectsAreLeftOut() {
        Plan plan = Planner.plan(Sample.job("12", "12"), shop(cut("C-1", "34", new Span(in("16 1/2"), in("18")))));
        StickLayout used = plan.cuts().sticks().stream()
                .filter(s -> s.id().toString().equals("C-1"))
                .findFirst()
                .orElseThrow();
        assertThat(used.placed()).hasSize(2);
        assertThat(used.placed()).allMatch(p -> !p.end().isOver(in("16 1/2")) || !p.start().isUnder(in("18")));
        assertThat(plan.cuts().toBuy()).isEmpty();
    }

    /** What one job leaves is on the rack for the next, with a label; what it used is gone. */
    @Test
    void offCutsOfOneJobAppearInTheNext() {
        Shop shop = shop(cut("C-7", "20"));
        Plan plan = Planner.plan(Sample.job("16", "20"), shop);
        Booking booking = Booking.ofSticks(plan.cuts().lots(), List.of(), shop, shop.habits().get(Habit.USEFUL));
        Shop after = booking.edit().apply(shop);
        assertThat(booking.kept()).isNotEmpty().allMatch(c -> !((OffCut) c).length().isUnder(in("12")));
        assertThat(after.rack().items()).extracting(i -> i.label()).contains("C-8");
        int sticksUsed = (int) plan.cuts().sticks().stream().filter(s -> s.source().from() == Source.From.RACK).count();
        assertThat(after.mouldings().getFirst().onHand().stream()
                        .mapToInt(Sticks::count)
                        .sum())
                .isEqualTo(2 - sticksUsed);
        Length before = Length.sum(plan.cuts().sticks().stream().map(StickLayout::length).toList());
        Length pieces = Length.sum(plan.cuts().sticks().stream()
                .flatMap(s -> s.placed().stream())
                .map(p -> p.piece().length())
                .toList());
        assertThat(Length.sum(booking.kept().stream()
                                .map(c -> ((OffCut) c).length())
                                .toList())
                        .plus(pieces))
                .isLessThanOrEqualTo(before);
        Plan next = Planner.plan(Sample.job("3", "4"), after);
        assertThat(next.cuts().sticks())
                .anyMatch(s -> booking.kept().stream().anyMatch(c -> c.label().equals(s.id().toString())));
        Job made = new Edit.Cut(Cutting.FREE.withMade(false, booking.made().get("Sample")))
                .apply(Sample.job("16", "20").withTitle("Sample"));
        assertThat(Planner.plan(made, after).cuts().sticks()).as("it is cut: nothing is planned any more").isEmpty();
    }

    /** A piece dragged to a stick of its own stays there; the rest is planned around it and the wish has its price. */
    @Test
    void aLockedPieceStaysAndTheWishIsPriced() {
        Shop shop = Sample.shop(Sample.plain());
        ShopEdit price = new ShopEdit.SetPrice(Sample.plain(), in("96"), Optional.of(new Price(1200, Price.Per.PIECE)));
        Job job = Sample.job("12", "14");
        Shop priced = price.apply(shop);
        assertThat(Planner.plan(job, priced)
                        .figure(CutPlanner.COST)
                        .orElseThrow()
                        .value())
                .hasFieldOrPropertyWithValue("minor", 1200L);
        Cutting wishes = Sample.kept("A–B/1", "to_buy 2438.4 #1", "C–D/1", "to_buy 2438.4 #2");
        Plan plan = Planner.plan(new Edit.Cut(wishes).apply(job), priced);
        assertThat(plan.cuts().sticks())
                .hasSize(2)
                .allSatisfy(s -> assertThat(s.placed()).anyMatch(StickLayout.Placed::locked));
        assertThat(plan.figure(CutPlanner.WISHES).orElseThrow().value()).hasFieldOrPropertyWithValue("minor", 1200L);
        Plan forbidden = Planner.plan(
                new Edit.Cut(Cutting.FREE.withForbidden(StickId.read("rack 2438.4 #1"), true)).apply(job),
                shop(cut("C-1", "90")));
        assertThat(forbidden.cuts().sticks()).noneMatch(s -> s.id().toString().equals("rack 2438.4 #1"));
    }

    /** Matched corners: the four pieces one after the other, in the order they go round. */
    @Test
    void matchedCornersComeFromOneStickInOrder() {
        Plan plan = Planner.plan(
                new Edit.Cut(Cutting.FREE.withMatched(true))
                        .apply(Sample.job("10", "8").withQuantity(2)),
                Sample.shop());
        assertThat(plan.cuts().sticks().stream()
                        .flatMap(s -> s.placed().stream())
                        .map(p -> p.piece().id().toString())
                        .toList())
                .containsExactly("A–B/1", "B–C/1", "C–D/1", "D–A/1", "A–B/2", "B–C/2", "C–D/2", "D–A/2");
    }

    /**
     * With all open jobs together the wishes of each stay its own: one is matched, one keeps a side on an off-cut, and
     * a stick that one forbids is left alone.
     */
    @Test
    void wishesOfEachJobHoldAmongAllOpenJobs() {
        Shop shop = shop(cut("C-1", "90"), cut("C-2", "90"), cut("C-3", "90"));
        Job matched = new Edit.Cut(Cutting.FREE.withMatched(true)).apply(Sample.job("10", "8"));
        Job keeping = new Edit.Cut(Sample.kept("C–D/1", "C-3").withForbidden(StickId.read("C-1"), true))
                .apply(Sample.job("12", "9"));
        List<Lot> lots = Lots.ofAll(
                List.of(
                        new Lots.Order("matched", Frame.of(matched, shop).result()),
                        new Lots.Order("keeping", Frame.of(keeping, shop).result())),
                shop,
                Answers.NONE);
        List<StickLayout> sticks = CutPlan.sticks(lots);
        assertThat(sticks).noneMatch(s -> s.id().toString().equals("C-1"));
        assertThat(sticks)
                .filteredOn(s -> s.id().toString().equals("C-3"))
                .singleElement()
                .satisfies(s -> assertThat(s.placed())
                        .filteredOn(StickLayout.Placed::locked)
                        .singleElement()
                        .satisfies(p -> assertThat(
                                        p.piece().job() + " " + p.piece().id())
                                .isEqualTo("keeping C–D/1")));
        List<String> jobs = sticks.stream()
                .filter(s -> s.placed().stream().anyMatch(p -> p.piece().job().equals("matched")))
                .findFirst()
                .orElseThrow()
                .placed()
                .stream()
                .map(p -> p.piece().job() + " " + p.piece().id())
                .toList();
        assertThat(jobs).containsSequence("matched A–B/1", "matched B–C/1", "matched C–D/1", "matched D–A/1");
    }

    /**
     * Bars of plain wood are turned over: two neighbours share a cut, so a stretcher of 4 × 24 takes 4 · 24 − 3 · 1 3/4
     * + 3 kerfs of 1/8·√2.
     */
    @Test
    void plainBarsShareTheirSlantedCuts() {
        Plan plan = Planner.plan(Sample.stretched("23", "23"), Sample.shop(Sample.bar(), new Sticks(in("96"), 1)));
        StickLayout stick = plan.cuts().sticks().getFirst();
        Length used = stick.placed().getLast().end().minus(stick.placed().getFirst().start());
        double width = Sample.bar().width().toInches();
        assertThat(used.toInches()).isCloseTo(4 * 23 - 3 * width + 3 * Math.sqrt(2) / 8, within(1e-4));
    }

    /** Board feet by hand: 1 in × 6 in × 8 ft is 4 board feet; a cubic metre is 423.776 of them. */
    @Test
    void boardFeetAndPricesAreThoseOfTheTrade() {
        assertThat(Volume.of(in("96"), in("6"), in("1")).toBoardFeet()).isCloseTo(4, within(1e-12));
        assertThat(Volume.of(Length.mm(1000), Length.mm(1000), Length.mm(1000)).toBoardFeet())
                .isCloseTo(423.776, within(0.001));
        assertThat(new Price(500, Price.Per.BOARD_FOOT).of(in("96"), in("6"), in("1"))).isEqualTo(2000);
        assertThat(new Price(1999, Price.Per.SQUARE_METRE).of(Length.mm(500), Length.mm(1001), Length.mm(3)))
                .as("rounded up to the coin")
                .isEqualTo(1001);
    }

    private static Board board(Board.Defect... defects) {
        return new Board(
                "B-1",
                Sample.plain().species(),
                in("60"),
                in("6"),
                in("1 1/8"),
                Optional.empty(),
                "",
                List.of(defects),
                Optional.empty(),
                "",
                Board.Condition.ROUGH);
    }

    private static Milling milled(Job job, Board board) {
        Shop shop = Sample.shop().withRack(new Rack(List.of(board)));
        return Milling.of(
                List.of(new Lots.Order("job", Frame.of(job, shop).result())), shop, Answers.NONE);
    }

    /** A knot dragged into the way of a blank moves the blank; one dragged off changes it back. */
    @Test
    void thePlanFollowsAKnotThatIsDragged() {
        Board clean = board(new Board.Defect(Board.Kind.KNOT, in("57"), in("4"), in("2"), in("1 3/4")));
        Milling before = milled(Sample.job("8", "10"), clean);
        Milling after = milled(Sample.job("8", "10"), clean.withDefectMoved(0, in("-50"), in("-4")));
        assertThat(after.sawn()).isNotEqualTo(before.sawn());
        assertThat(milled(
                                Sample.job("8", "10"),
                                clean.withDefectMoved(0, in("-50"), in("-4")).withDefectMoved(0, in("50"), in("4")))
                        .boards())
                .isEqualTo(before.boards());
        assertThat(before.missing()).isEmpty();
        assertThat(clean.withDefectMoved(0, in("500"), in("500"))
                        .defects()
                        .getFirst()
                        .right())
                .as("never off the board")
                .isEqualTo(in("60"));
        assertThat(milled(
                                Sample.job("8", "10"),
                                new Board(
                                        "B-1",
                                        Species.WALNUT,
                                        in("60"),
                                        in("6"),
                                        in("1 1/8"),
                                        Optional.empty(),
                                        "",
                                        List.of(),
                                        Optional.empty(),
                                        "",
                                        Board.Condition.ROUGH))
                        .missing())
                .as("another wood gives nothing")
                .hasSize(4);
    }

    /**
     * For a square frame from one stick: 4 · (sight + 2 · face) + kerfs ≤ stick; here the sight is glass + 1/8 − two
     * lips.
     */
    @Test
    void whatAnOffCutMakesAgreesWithTheSumByHand() {
        Makes makes = Makes.of(Sample.plain(), List.of(cut("C-1", "50")), Sample.shop().habits());
        double side = (50 - 0.5 - 3 * Math.sqrt(2) / 8) / 4;
        double glass = side - 2 * Sample.plain().face().toInches() + 2 * Sample.plain().lip().toInches() - 0.125;
        assertThat(makes.largest().getFirst().width().toInches()).isCloseTo(glass, within(0.03));
        assertThat(makes.sizes()).extracting(s -> s.width()).contains(in("8")).doesNotContain(in("16"));
        Moulding two = new Moulding(Sample.plain(), Moulding.USUALLY_SOLD, List.of(new Sticks(in("50"), 2)));
        assertThat(Makes.of(
                        Sample.plain(), new Sticks(in("50"), 1), Sample.shop().habits()))
                .as("a whole stick makes what an off-cut as long does")
                .isEqualTo(makes);
        Makes pile = Makes.of(two, Sample.shop());
        assertThat(pile.sizes())
                .filteredOn(s -> s.width().equals(in("8")))
                .singleElement()
                .satisfies(s -> assertThat(s.count())
                        .as("two sticks, twice one")
                        .isGreaterThanOrEqualTo(2
                                * makes.sizes().stream()
                                        .filter(one -> one.width().equals(in("8")))
                                        .findFirst()
                                        .orElseThrow()
                                        .count()));
    }

    /** Too little wood: a smaller frame of the same shape, or another section of which there is enough. */
    @Test
    void whenWoodRunsShortASmallerFrameOrAnotherSectionIsFound() {
        Shop shop = Sample.shop(Sample.plain(), new Sticks(in("50"), 1));
        Job job = Sample.job("20", "16");
        assertThat(Planner.plan(job, shop).cuts().toBuy()).isNotEmpty();
        Job smaller = Shortage.of(job, shop, () -> false).smaller().orElseThrow();
        assertThat(Planner.plan(smaller, shop).cuts().toBuy()).isEmpty();
        Plan larger = Planner.plan(Sample.job("9", "7"), shop);
        assertThat(larger.cuts().toBuy()).isEmpty();
    }

    @Test
    void badItemsNameTheirLabel() {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> cut("C-1", "30", new Span(in("29"), in("31"))))
                .withMessageContaining("C-1")
                .withMessageContaining("between 0");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> board(new Board.Defect(Board.Kind.KNOT, in("59"), in("1"), in("2"), in("1"))))
                .withMessageContaining("B-1")
                .withMessageContaining("within");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Rack(List.of(cut("C-1", "30"), cut("C-1", "31"))))
                .withMessageContaining("C-1")
                .withMessageContaining("only");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Price(-1, Price.Per.PIECE))
                .withMessageContaining("-1");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new ShopEdit.Unshelve(List.of("C-9")).apply(shop()))
                .withMessageContaining("C-9");
    }
}
