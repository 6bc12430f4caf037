package neatcorner.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import neatcorner.core.Seed;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.measure.Unit;
import neatcorner.core.phrase.Refusal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.ShrinkingMode;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What comes down a cable is read whole or not at all. */
class GaugeTest {
    private static Duration at(int millis) {
        return Duration.ofMillis(millis);
    }

    /** However the letters come, the same readings are read, and each as it was sent. */
    @Property(seed = Seed.FIXED, tries = 200, shrinking = ShrinkingMode.BOUNDED)
    void piecesComeTogetherToTheLinesThatWereSent(
            @ForAll @Size(min = 1, max = 12) List<@IntRange(max = 999_999) Integer> hundredths,
            @ForAll @IntRange(min = 1, max = 9) int atOnce) {
        List<String> sent = hundredths.stream()
                .map(h -> new GaugeReading(Gauge.CALIPER, BigDecimal.valueOf(h, 2), "mm").line())
                .toList();
        String all = String.join("\r\n", sent) + "\r\n";
        GaugeLines lines = new GaugeLines();
        List<String> read = new ArrayList<>();
        for (int i = 0; i < all.length(); i += atOnce) {
            read.addAll(lines.take(all.substring(i, Math.min(all.length(), i + atOnce)), at(i)));
        }
        assertThat(read).isEqualTo(sent);
        assertThat(lines.brokenOff(at(1_000_000))).isEmpty();
        assertThat(read).allSatisfy(line -> {
            GaugeReading reading = GaugeReading.read(line).orElseThrow();
            assertThat(MeasureText.length(reading.typed(), Unit.INCH))
                    .isEqualTo(Length.mm(reading.value().doubleValue()));
        });
    }

    @Test
    void whatIsBrokenOffIsNoBeginningOfTheNext() {
        GaugeLines lines = new GaugeLines();
        assertThat(lines.take("length 30", at(0))).isEmpty();
        assertThat(lines.brokenOff(at(300))).isEmpty();
        assertThat(lines.brokenOff(at(800))).contains("length 30");
        assertThat(lines.take("length 12.5 in\n", at(900))).containsExactly("length 12.5 in");
    }

    /** An endless line, as of a wrong baud rate, takes no memory. */
    @Test
    void noiseIsNotKept() {
        List<String> given = new GaugeLines().take("\u0000ÿ".repeat(500), at(0));
        assertThat(given).hasSize(12).allMatch(line -> line.length() <= 80);
        assertThatThrownBy(() -> GaugeReading.read(given.getFirst()))
                .isInstanceOf(Refusal.class)
                .hasMessageNotContaining("\u0000");
    }

    @ParameterizedTest
    @ValueSource(strings = {
        "length 304.8", "length 304.8 deg", "angle 44.9 mm", "width 12 mm", "length -3 mm", "length 10001 mm",
        "angle 181 deg", "moisture 130 %", "length 1,234.5 mm", "304.8 mm", "length 3e2 mm"
    })
    void whatIsNoReadingIsRefused(String line) {
        assertThatThrownBy(() -> GaugeReading.read(line)).isInstanceOf(Refusal.class);
    }

    @Test
    void unitsAndSignsAreRead() {
        assertThat(GaugeReading.read(" Angle\t-0,25 deg ").orElseThrow().typed()).isEqualTo("-0.25°");
        assertThat(GaugeReading.read("moisture 8.5%").orElseThrow().typed()).isEqualTo("8.5 %");
        assertThat(GaugeReading.read("# proved on the stop")).isEmpty();
        assertThat(GaugeReading.read("")).isEmpty();
        assertThat(MeasureText.length(
                        GaugeReading.read("length 12.0025 in").orElseThrow().typed(), Unit.MM))
                .isEqualTo(Length.mm(304.8635));
    }
}
