package neatcorner.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import neatcorner.core.Seed;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class LengthTest {
    /** International yard and pound agreement, 1959: 1 in = 25.4 mm, 1 lb = 0.45359237 kg. */
    @Test
    void theInchAndThePoundAreTheInternationalOnes() {
        assertThat(Length.inches(1).toExactMm()).isEqualByComparingTo("25.4");
        assertThat(Length.inches(12).toExactMm()).isEqualByComparingTo("304.8");
        assertThat(Mass.pounds(1).toKg()).isEqualTo(0.45359237);
        assertThat(Mass.NANOGRAMS_PER_OUNCE * 16).isEqualTo(Mass.NANOGRAMS_PER_POUND);
    }

    @Test
    void sixtyFourthsAndHundredthsOfAMillimetreAreExact() {
        assertThat(Length.inches(0, 1, 64).nanometres()).isEqualTo(396_875);
        assertThat(Length.inches(0, 1, 64).times(64)).isEqualTo(Length.inches(1));
        assertThat(Length.mm(new BigDecimal("0.01")).times(100)).isEqualTo(Length.mm(1));
    }

    @Test
    void arithmeticNeverWraps() {
        Length huge = new Length(Long.MAX_VALUE);
        assertThatThrownBy(() -> huge.plus(new Length(1))).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> huge.times(2)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> new Length(Long.MIN_VALUE).negated()).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Length.mm(1e300)).isInstanceOf(ArithmeticException.class);
        assertThatThrownBy(() -> Length.mm(1).ratio(Length.ZERO)).isInstanceOf(ArithmeticException.class);
    }

    @Test
    void whatIsNoNumberIsTurnedAwayAtTheDoor() {
        assertThatIllegalArgumentException().isThrownBy(() -> Length.mm(Double.NaN)).withMessageContaining("NaN");
        assertThatIllegalArgumentException().isThrownBy(() -> Length.inches(Double.POSITIVE_INFINITY));
        assertThatIllegalArgumentException().isThrownBy(() -> Length.mm(1).times(Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> new Angle(Double.NaN));
        assertThatIllegalArgumentException().isThrownBy(() -> new Force(Double.NEGATIVE_INFINITY));
        assertThatIllegalArgumentException().isThrownBy(() -> new Share(Double.NaN));
        assertThatThrownBy(() -> Mass.kg(-1)).isInstanceOf(Refusal.class).hasMessageContaining("-1");
        assertThatIllegalArgumentException().isThrownBy(() -> new Count(-1));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Length.inches(1, 1, 0))
                .withMessageContaining("denominator");
    }

    @Test
    void aLengthOutOfRangeSaysWhatIsAllowed() {
        assertThatThrownBy(() -> Range.within("face", Length.mm(1), Length.mm(3), Length.mm(300)))
                .isInstanceOf(Refusal.class).hasMessage("face would be 1 mm; it must be from 3 mm to 300 mm");
    }

    @Property(seed = Seed.FIXED)
    void sumsAreExactWhateverTheOrder(@ForAll @LongRange(min = -1_000_000_000_000L, max = 1_000_000_000_000L) long a,
                                     @ForAll @LongRange(min = -1_000_000_000_000L, max = 1_000_000_000_000L) long b) {
        Length x = new Length(a);
        Length y = new Length(b);
        assertThat(x.plus(y).minus(y)).isEqualTo(x);
        assertThat(Length.sum(List.of(x, y))).isEqualTo(y.plus(x));
        assertThat(x.min(y).plus(x.max(y))).isEqualTo(x.plus(y));
        assertThat(x.compareTo(y)).isEqualTo(Long.compare(a, b));
        assertThat(x.abs().isNegative()).isFalse();
    }

    @Property(seed = Seed.FIXED)
    void exactMillimetresReadBackAsTheSameLength(
            @ForAll @LongRange(min = -5_000_000_000_000L, max = 5_000_000_000_000L) long nm) {
        assertThat(Length.mm(new Length(nm).toExactMm())).isEqualTo(new Length(nm));
    }

    @Property(seed = Seed.FIXED)
    void aFractionOfAnInchIsTheSameAsItsDecimal(@ForAll @IntRange(min = 0, max = 4000) int whole,
                                                @ForAll @IntRange(min = 0, max = 63) int part) {
        assertThat(Length.inches(whole, part, 64)).isEqualTo(Length.inches(whole + part / 64.0));
    }
}
