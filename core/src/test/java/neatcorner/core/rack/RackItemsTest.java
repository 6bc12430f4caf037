package neatcorner.core.rack;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class RackItemsTest {
    private static final Board BOARD = new Board(
            "B-1",
            Species.MAPLE,
            in("96"),
            in("8"),
            in("1"),
            Optional.of(Share.percent(8)),
            "select",
            List.of(new Board.Defect(Board.Kind.KNOT, in("40"), in("3"), in("2"), in("1"))),
            Optional.of(new Price(840, Price.Per.BOARD_FOOT)),
            "north wall",
            Board.Condition.ROUGH);

    private static OffCut offCut(String label) {
        return new OffCut(label, Sample.plain(), in("30"), List.of(), "", "");
    }

    /** However far it is dragged, a defect stays whole on its board. */
    @Property(tries = 300, seed = Seed.FIXED)
    void aDefectNeverLeavesItsBoard(
            @ForAll @DoubleRange(min = -5000, max = 5000) double dx,
            @ForAll @DoubleRange(min = -5000, max = 5000) double dy) {
        Board.Defect before = BOARD.defects().getFirst();
        Board.Defect after = BOARD.withDefectMoved(0, Length.mm(dx), Length.mm(dy)).defects().getFirst();
        assertThat(after.length()).isEqualTo(before.length());
        assertThat(after.width()).isEqualTo(before.width());
        assertThat(after.x()).isBetween(Length.ZERO, BOARD.length().minus(after.length()));
        assertThat(after.y()).isBetween(Length.ZERO, BOARD.width().minus(after.width()));
    }

    /** The parts of a board have together its wood and its defects' area, wherever it is sawn. */
    @Property(tries = 200, seed = Seed.FIXED)
    void aBoardSawnInTwoKeepsItsWoodAndItsDefects(@ForAll @IntRange(min = 110, max = 2300) int at) {
        Length cut = Length.mm(at);
        Board left = BOARD.part(Length.ZERO, Length.ZERO, cut, BOARD.width());
        Board right = BOARD.part(cut, Length.ZERO, BOARD.length().minus(cut), BOARD.width());
        assertThat(left.volume().mm3() + right.volume().mm3())
                .isCloseTo(BOARD.volume().mm3(), within(1.0));
        assertThat(area(left) + area(right))
                .isCloseTo(area(BOARD), within(1e-3));
        assertThat(left.defects().size() + right.defects().size()).isBetween(1, 2);
    }

    private static double area(Board board) {
        return board.defects().stream()
                .mapToDouble(d -> d.length().toMm() * d.width().toMm())
                .sum();
    }

    @Test
    void aDefectBesideItsBoardIsRefusedAndTheBoardsSizeIsSaid() {
        Board.Defect beside = new Board.Defect(Board.Kind.METAL, in("95"), in("0"), in("2"), in("1"));
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> BOARD.withDefects(List.of(beside)))
                .satisfies(refused -> assertThat(refused.words().args()).contains("B-1", in("97"), in("96")));
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> BOARD.withMoisture(Optional.of(Share.percent(55))));
    }

    @Test
    void aPaidBoardIsTheSameWoodAndCostsNothingMore() {
        Board paid = BOARD.paid("B-2");
        assertThat(paid.price()).isEmpty();
        assertThat(paid.label()).isEqualTo("B-2");
        assertThat(paid.withPrice(BOARD.price()).paid("B-1").withPrice(BOARD.price())).isEqualTo(BOARD);
    }

    @Test
    void defectsOfAnOffCutAreKeptInOrderAndOnIt() {
        Span far = new Span(in("20"), in("21"));
        Span near = new Span(in("3"), in("4"));
        assertThat(offCut("C-1").withDefects(List.of(far, near)).defects()).containsExactly(near, far);
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> offCut("C-1").withDefects(List.of(new Span(in("29"), in("31")))));
    }

    /** A label is on the rack once: what comes under the same one takes its place, in its place. */
    @Test
    void aLabelIsThereOnce() {
        Rack rack = new Rack(List.of(offCut("C-1"), BOARD, offCut("C-7")));
        Rack shorter = rack.with(List.of(offCut("C-1").withLength(in("12"))));
        assertThat(shorter.items()).extracting(RackItem::label).containsExactly("C-1", "B-1", "C-7");
        assertThat(((OffCut) shorter.item("C-1").orElseThrow()).length()).isEqualTo(in("12"));
        assertThat(rack.without(List.of("C-1", "C-9")).items())
                .extracting(RackItem::label)
                .containsExactly("B-1", "C-7");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Rack(List.of(offCut("C-1"), offCut(" C-1 "))))
                .satisfies(refused -> assertThat(refused.words().args()).contains("C-1"));
    }

    /** Labels given out are free, and none of a letter is given twice. */
    @Property(tries = 100, seed = Seed.FIXED)
    void freeLabelsAreFree(@ForAll @IntRange(max = 40) int there, @ForAll @IntRange(min = 1, max = 20) int wanted) {
        Rack rack = Rack.EMPTY.with(
                IntStream.rangeClosed(1, there).mapToObj(n -> offCut("C-" + n * 3)).toList());
        List<String> free = rack.freeLabels("C", wanted);
        assertThat(free).hasSize(wanted).doesNotHaveDuplicates().allMatch(label -> rack.item(label).isEmpty());
        assertThat(rack.freeLabels("B", 1)).containsExactly("B-1");
    }

    @Test
    void aLabelIsNotBlankAndFitsOnTheWood() {
        for (String label : List.of("", "   ", "x".repeat(41))) {
            assertThatExceptionOfType(Refusal.class).isThrownBy(() -> offCut(label));
        }
        assertThat(offCut("  C-1 ").label()).isEqualTo("C-1");
    }
}
