package neatcorner.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import neatcorner.core.Seed;
import neatcorner.core.phrase.Refusal;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasureTextTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "15 1/2      | 393.7",
                "15-1/2\"    | 393.7",
                "15 - 1/2 in | 393.7",
                "15.5 in     | 393.7",
                "15½         | 393.7",
                "15 ½ ″      | 393.7",
                "15⁄2        | 190.5",
                "3' 4 1/2\"  | 1028.7",
                "3′ 4 1/2″  | 1028.7",
                "3 ft 4.5 in | 1028.7",
                "3'          | 914.4",
                "394 mm      | 394",
                "39,4 cm     | 394",
                "39.4cm      | 394",
                "0.394 m     | 394",
                "7/8         | 22.225",
                "⅞           | 22.225",
                "7/8″        | 22.225",
                ".5          | 12.7",
                "-1/8        | -3.175",
                "−2 1/4      | -57.15",
                "1 in        | 25.4",
                "2 inches    | 50.8",
                "12 MM       | 12",
                "1''         | 25.4",
                "0 | 0"
            })
    void readsWhatMakersWrite(String text, String millimetres) {
        assertThat(MeasureText.length(text, Unit.INCH).toExactMm()).isEqualByComparingTo(millimetres);
    }

    @ParameterizedTest
    @CsvSource({"394,394", "39.5,39.5", "7/8,22.225", "15 1/2,393.7"})
    void withoutAUnitTheWorkingUnitCountsButAFractionIsAlwaysInches(String text, String millimetres) {
        assertThat(MeasureText.length(text, Unit.MM).toExactMm()).isEqualByComparingTo(millimetres);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "-",
                "abc",
                "12 apples",
                "1/0",
                "12 1/2 1/4",
                "4 in 3 ft",
                "1,200 mm",
                "12..5",
                "1/2/3",
                "99999999999999999 m",
                "12\" 3\"",
                "NaN",
                "Infinity",
                "1e5",
                "0x10",
                "12 1/2 in mm"
            })
    void refusesTheRestAndSaysWhatWasTyped(String text) {
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> MeasureText.length(text, Unit.INCH))
                .isInstanceOf(Refusal.class).withMessageContaining("“");
    }

    @ParameterizedTest
    @CsvSource({"1.2 kg,1.2", "850 g,0.85", "3 lb 4 oz,1.474175", "2.9 lb,1.315418", "1 lb,0.453592"})
    void readsWeights(String text, double kg) {
        assertThat(MeasureText.mass(text).toKg()).isCloseTo(kg, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(strings = {"3", "-2 kg", "two kg", "3 mm", ""})
    void refusesWeightsWithoutAUnitOrBelowZero(String text) {
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> MeasureText.mass(text));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {"45|45", "22.5°|22.5", "22° 30'|22.5", "-7,5 deg|-7.5", "0|0"})
    void readsAngles(String text, double degrees) {
        assertThat(MeasureText.angle(text).toDegrees()).isCloseTo(degrees, within(1e-12));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "right", "45 mm", "1/2", "45°°"})
    void refusesWhatIsNoAngle(String text) {
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> MeasureText.angle(text));
    }

    /** Whatever is typed, the answer is a length or a refusal that can be shown; never another failure. */
    @Property(tries = 3000, seed = Seed.FIXED)
    void noTextBreaksTheReader(@ForAll("keyboard") @StringLength(max = 60) String text) {
        try {
            assertThat(MeasureText.length(text, Unit.MM)).isNotNull();
        } catch (Refusal refused) {
            assertThat(refused.getMessage()).isNotBlank();
        }
    }

    @Provide
    Arbitrary<String> keyboard() {
        return Arbitraries.strings().withChars("0123456789 /.,-'\"½¼″′mcinft").ofMaxLength(60);
    }

    /** What is written reads back as the very mark that was written, on every tape. */
    @Property(seed = Seed.FIXED)
    void whatIsWrittenReadsBackExactly(@ForAll @LongRange(min = -3_000_000_000L, max = 3_000_000_000L) long micrometres,
                                      @ForAll Graduation tape, @ForAll Rounding rounding) {
        Length length = new Length(micrometres * 1000 + 137);
        Length mark = tape.round(length, rounding);
        assertThat(MeasureText.length(tape.write(length, rounding).mark(), tape.unit())).isEqualTo(mark);
    }
}
