package neatcorner.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import neatcorner.core.Seed;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class GraduationTest {
    @ParameterizedTest
    @CsvSource({
        "15.5,      INCH_16,  NEAREST, '15 1/2\"'", "0.875,     INCH_16,  NEAREST, '7/8\"'",
                "12,        INCH_16,  NEAREST, '12\"'",
        "15.53,     INCH_16,  NEAREST, '15 1/2\" +'", "15.55,     INCH_16,  NEAREST, '15 9/16\" −'",
                "15.55,     INCH_16,  DOWN,    '15 1/2\" +'",
        "15.51,     INCH_16,  UP,      '15 9/16\" −'", "15.53125,  INCH_32,  NEAREST, '15 17/32\"'",
                "0.015625,  INCH_64,  NEAREST, '1/64\"'",
        "15.5,      MM_HALF,  NEAREST, '393.5 mm +'", "15.5,      MM_TENTH, NEAREST, '393.7 mm'",
                "-0.5,      INCH_16,  NEAREST, '-1/2\"'",
        "0,         INCH_16,  NEAREST, '0\"'", "0.03,      INCH_16,  DOWN,    '0\" +'",
                "-0.03,     INCH_16,  DOWN,    '-1/16\"'"
    })
    void writesAsOnTheTapeAndShowsTheResidue(double inches, Graduation tape, Rounding rounding, String written) {
        assertThat(tape.write(Length.inches(inches), rounding).toString())
                .isEqualTo(written.replace(" −", "\u00a0−").replace(" +", "\u00a0+"));
    }

    @Test
    void halfWayGoesUp() {
        Length halfWay = Length.inches(0, 1, 32);
        assertThat(Graduation.INCH_16.round(halfWay, Rounding.NEAREST)).isEqualTo(Length.inches(0, 1, 16));
        assertThat(Graduation.INCH_16.round(halfWay.negated(), Rounding.NEAREST)).isEqualTo(Length.ZERO);
    }

    @Property(seed = Seed.FIXED)
    void roundingGoesItsWayAndNeverFurtherThanOneStep(
            @ForAll @LongRange(min = -9_000_000_000_000L, max = 9_000_000_000_000L) long nm, @ForAll Graduation tape) {
        Length length = new Length(nm);
        Length down = tape.round(length, Rounding.DOWN);
        Length up = tape.round(length, Rounding.UP);
        Length nearest = tape.round(length, Rounding.NEAREST);
        assertThat(down).isLessThanOrEqualTo(length);
        assertThat(up).isGreaterThanOrEqualTo(length);
        assertThat(up.minus(down)).isIn(Length.ZERO, tape.step());
        assertThat(nearest.minus(length).abs().times(2)).isLessThanOrEqualTo(tape.step());
        assertThat(tape.round(down, Rounding.UP)).isEqualTo(down);
    }

    @Property(seed = Seed.FIXED)
    void theResidueTellsOnWhichSideTheTruthLies(
            @ForAll @LongRange(min = 0, max = 9_000_000_000L) long nm,
            @ForAll Graduation tape,
            @ForAll Rounding rounding) {
        Length length = new Length(nm);
        Numeral written = tape.write(length, rounding);
        int side = length.compareTo(tape.round(length, rounding));
        assertThat(written.residue())
                .isEqualTo(side < 0 ? Numeral.Residue.UNDER : side > 0 ? Numeral.Residue.OVER : Numeral.Residue.NONE);
    }

    /** Fractions are in lowest terms, as on every tape (common practice, no source). */
    @Property(seed = Seed.FIXED)
    void fractionsAreInLowestTerms(@ForAll @LongRange(min = 0, max = 100_000) long sixtyFourths) {
        Numeral written = Graduation.INCH_64.write(Length.inches(0, sixtyFourths, 64));
        assertThat(written.numerator() == 0 || written.numerator() % 2 == 1).isTrue();
        assertThat(written.denominator()).isIn(1, 2, 4, 8, 16, 32, 64);
    }
}
