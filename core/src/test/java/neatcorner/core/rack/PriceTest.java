package neatcorner.core.rack;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import neatcorner.core.Seed;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PriceTest {
    /**
     * A board foot is 144 cubic inches (NIST Handbook 130, section on softwood and hardwood lumber); a foot is 304.8 mm
     * and an inch 25.4 mm exactly (NIST Special Publication 811, appendix B).
     */
    @ParameterizedTest
    @CsvSource({
        "PIECE, 1980, 96, 8, 1, 1980",
        "FOOT, 210, 96, 2, 1, 1680",
        "METRE, 690, 39.370078740157, 2, 1, 690",
        "BOARD_FOOT, 840, 12, 12, 1, 840",
        "BOARD_FOOT, 840, 96, 6, 1, 3360",
        "BOARD_FOOT, 840, 120, 8, 1.25, 7000",
        "CUBIC_METRE, 150000, 96, 6, 1, 1416",
        "SQUARE_FOOT, 650, 24, 36, 0.1, 3900",
        "SQUARE_METRE, 7000, 39.370078740157, 39.370078740157, 1, 7000"
    })
    void aPriceIsOfWhatItSays(Price.Per per, long minor, double long1, double wide, double thick, long whole) {
        assertThat(new Price(minor, per)
                        .of(Length.mm(long1 * 25.4), Length.mm(wide * 25.4), Length.mm(thick * 25.4)))
                .isEqualTo(whole);
    }

    /** What is paid by length or by volume is paid for all of it: halves cost together what the whole does. */
    @Property(tries = 300, seed = Seed.FIXED)
    void twoHalvesCostTheWholeButForTheRoundingUp(
            @ForAll Price.Per per,
            @ForAll @LongRange(min = 0, max = 100_000) long minor,
            @ForAll @IntRange(min = 100, max = 5000) int length,
            @ForAll @IntRange(min = 20, max = 900) int width) {
        Price price = new Price(minor, per);
        long whole = price.of(Length.mm(length), Length.mm(width), Length.mm(25));
        long half = price.of(Length.mm(length / 2.0), Length.mm(width), Length.mm(25));
        if (per == Price.Per.PIECE) {
            assertThat(half).isEqualTo(whole);
        } else {
            assertThat(2 * half - whole).isBetween(0L, 2L);
        }
        assertThat(whole).isNotNegative();
    }

    @Property(tries = 200, seed = Seed.FIXED)
    void whatIsWrittenIsReadAgain(
            @ForAll Price.Per per, @ForAll @LongRange(min = 0, max = 1_000_000) long minor) {
        Price price = new Price(minor, per);
        assertThat(Price.parse(price.text())).isEqualTo(price);
        assertThat(Price.parse("  " + price.text().replace(" / ", "/") + " ")).isEqualTo(price);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "free", "19.80 / yd", "-3", "1.234", "2 / / ft", "12345678"})
    void whatIsNoPriceIsRefused(String typed) {
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> Price.parse(typed));
    }

    @ParameterizedTest
    @ValueSource(longs = {-1, 1_000_000_001L})
    void aPriceHasItsBounds(long minor) {
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> new Price(minor, Price.Per.PIECE));
    }

    /** Nothing at all costs nothing, and never less. */
    @ParameterizedTest
    @ValueSource(strings = {"0", "1/1000"})
    void aHairCostsTheSmallestCoinAtMost(String length) {
        long cost = new Price(100, Price.Per.FOOT).of(in(length), in("2"), in("1"));
        assertThat(cost).isBetween(0L, 1L);
    }
}
