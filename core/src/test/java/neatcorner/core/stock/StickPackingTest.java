package neatcorner.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

class StickPackingTest {
    private static StickPacking.Stick rack(long usable) {
        return new StickPacking.Stick(usable, usable + 10, false);
    }

    private static StickPacking.Stick sale(long usable) {
        return new StickPacking.Stick(usable, usable + 10, true);
    }

    private static long bought(List<StickPacking.Filled> layout) {
        return layout.stream().filter(f -> f.stick().bought()).mapToLong(f -> f.stick().full()).sum();
    }

    private static long touched(List<StickPacking.Filled> layout) {
        return layout.stream().mapToLong(f -> f.stick().full()).sum();
    }

    /** Knows only lengths: every piece once, nothing past the end of a stick, no rack stick twice. */
    private static void assertSound(List<StickPacking.Filled> layout, long[] pieces, long gap, List<StickPacking.Stick> rack) {
        assertThat(layout.stream().flatMap(f -> f.pieces().stream()).sorted().toList())
                .isEqualTo(IntStream.range(0, pieces.length).boxed().toList());
        for (StickPacking.Filled filled : layout) {
            long used = filled.pieces().stream().mapToLong(i -> pieces[i]).sum() + gap * (filled.pieces().size() - 1L);
            assertThat(used).isLessThanOrEqualTo(filled.stick().usable());
        }
        List<StickPacking.Stick> left = new ArrayList<>(rack);
        layout.stream().map(StickPacking.Filled::stick).filter(s -> !s.bought()).forEach(s -> assertThat(left.remove(s)).isTrue());
    }

    @Property(tries = 500)
    void neverOverfillsAndNeverLosesToBestFitDecreasing(@ForAll @Size(min = 1, max = 40) List<@IntRange(min = 5, max = 100) Integer> lengths,
                                                        @ForAll @IntRange(min = 0, max = 4) int gap,
                                                        @ForAll @Size(max = 8) List<@IntRange(min = 20, max = 140) Integer> onRack,
                                                        @ForAll @Size(min = 1, max = 3) List<@IntRange(min = 100, max = 200) Integer> onSale) {
        long[] pieces = lengths.stream().mapToLong(Integer::longValue).toArray();
        List<StickPacking.Stick> rack = onRack.stream().map(StickPackingTest::rack).toList();
        List<StickPacking.Stick> sale = onSale.stream().map(StickPackingTest::sale).toList();
        StickPacking packing = new StickPacking(pieces, gap, rack, sale);
        List<StickPacking.Filled> best = packing.pack().orElseThrow();
        List<StickPacking.Filled> yardstick = packing.bestFitDecreasing().orElseThrow();
        assertSound(best, pieces, gap, rack);
        assertSound(yardstick, pieces, gap, rack);
        assertThat(bought(best)).isLessThanOrEqualTo(bought(yardstick));
        assertThat(bought(best) < bought(yardstick) || touched(best) <= touched(yardstick)).isTrue();
    }

    /** Against every way there is to share out up to seven pieces: never fewer sticks than the fewest possible. */
    @Property(tries = 150)
    void isNeverBetterThanPossibleAndSeldomWorse(@ForAll @Size(min = 1, max = 7) List<@IntRange(min = 10, max = 95) Integer> lengths) {
        long[] pieces = lengths.stream().mapToLong(Integer::longValue).toArray();
        int found = new StickPacking(pieces, 1, List.of(), List.of(sale(100))).pack().orElseThrow().size();
        int fewest = fewest(pieces, 0, new long[pieces.length], 0);
        assertThat(found).isBetween(fewest, fewest + 1);
    }

    private static int fewest(long[] pieces, int next, long[] used, int sticks) {
        if (next == pieces.length) {
            return sticks;
        }
        int best = Integer.MAX_VALUE;
        for (int i = 0; i <= sticks && i < used.length; i++) {
            long need = pieces[next] + (used[i] == 0 ? 0 : 1);
            if (used[i] + need <= 100) {
                used[i] += need;
                best = Math.min(best, fewest(pieces, next + 1, used, Math.max(sticks, i + 1)));
                used[i] -= need;
            }
        }
        return best;
    }

    /** Best fit decreasing takes three sticks here; filling one stick full finds the perfect two. */
    @Test
    void findsThePerfectLayoutThatBestFitMisses() {
        long[] pieces = {44, 30, 26, 36, 34, 30};
        StickPacking packing = new StickPacking(pieces, 0, List.of(), List.of(sale(100)));
        assertThat(packing.bestFitDecreasing().orElseThrow()).hasSize(3);
        assertThat(packing.pack().orElseThrow()).hasSize(2);
    }

    @Test
    void takesTheRackBeforeTheShop() {
        var layout = new StickPacking(new long[] {50, 40}, 2, List.of(rack(60), rack(45)), List.of(sale(200))).pack().orElseThrow();
        assertThat(layout).hasSize(2).noneMatch(f -> f.stick().bought());
    }

    @Test
    void aPieceLongerThanEveryStickIsSaidSo() {
        assertThat(new StickPacking(new long[] {150}, 0, List.of(rack(140)), List.of(sale(120))).pack()).isEmpty();
        assertThat(new StickPacking(new long[] {130}, 0, List.of(rack(140)), List.of(sale(120))).pack()).isPresent();
    }

    @Test
    void aLongPieceTakesTheLongerStickOnSaleAndTheRestTheShorter() {
        var layout = new StickPacking(new long[] {150, 40, 40}, 0, List.of(), List.of(sale(90), sale(160))).pack().orElseThrow();
        assertThat(layout.stream().map(f -> f.stick().usable()).toList()).containsExactlyInAnyOrder(160L, 90L);
    }

    @Test
    void anExactFitFits() {
        assertThat(new StickPacking(new long[] {49, 49}, 2, List.of(), List.of(sale(100))).pack().orElseThrow()).hasSize(1);
        assertThat(new StickPacking(new long[] {49, 50}, 2, List.of(), List.of(sale(100))).pack().orElseThrow()).hasSize(2);
    }

    @Test
    void aHundredFramesAlikeArePackedInReasonableOrder() {
        long[] pieces = Stream.of(IntStream.generate(() -> 159).limit(200), IntStream.generate(() -> 149).limit(200))
                .flatMap(IntStream::boxed).mapToLong(Integer::longValue).toArray();
        StickPacking packing = new StickPacking(pieces, 2, List.of(), List.of(sale(955)));
        long waste = packing.pack().orElseThrow().size() * 955L - Arrays.stream(pieces).sum();
        assertThat(waste).isLessThan(955L * 6);
    }
}
