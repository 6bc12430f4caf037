package neatcorner.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.Drawers;
import neatcorner.core.words.Phrasebook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScrewTest {
    /** ASME B18.6.1, thread and root in inches, and the bit of usual shop tables for hard wood; all from memory. */
    @ParameterizedTest
    @CsvSource({
        "4, 0.112, 0.078, 5/64 in",
        "6, 0.138, 0.099, 3/32 in",
        "8, 0.164, 0.116, 7/64 in",
        "10, 0.190, 0.135, 1/8 in"
    })
    void isAsThickAsTheStandardSays(int gauge, double thread, double root, String bit) {
        Screw screw = new Screw(gauge);
        assertThat(screw.diameter().toInches()).isCloseTo(thread, within(1e-9));
        assertThat(screw.pilot(Species.Hardness.HARD).toInches()).isCloseTo(root * 0.9, within(0.004));
        assertThat(screw.pilot(Species.Hardness.SOFT).toInches()).isCloseTo(root * 0.7, within(0.004));
        assertThat(new Phrasebook(Graduation.INCH_16).say(Drawers.FULL.bit(screw, Species.Hardness.HARD)))
                .contains(bit);
    }

    /** Wood Handbook, chapter 8, from memory: full load across from seven diameters on, less in proportion. */
    @Test
    void bearsLessWhereLessOfItIsInTheWood() {
        Strength oak = Strength.of(Species.RED_OAK).orElseThrow();
        double d = Screw.EIGHT.diameter().toMm();
        double full = Screw.EIGHT.lateral(oak, Length.mm(7 * d));
        assertThat(full).isCloseTo(3.5 * 44.13 * d * d, within(full * 1e-3));
        assertThat(Screw.EIGHT.lateral(oak, Length.mm(20 * d))).isCloseTo(full, within(1e-6));
        assertThat(Screw.EIGHT.lateral(oak, Length.mm(3.5 * d))).isCloseTo(full / 2, within(full * 1e-6));
    }
}
