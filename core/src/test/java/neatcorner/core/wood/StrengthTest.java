package neatcorner.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Strengths by density against values of single species. */
class StrengthTest {
    /**
     * Wood Handbook (USDA Forest Products Laboratory), table 5-3, at 12 % moisture, from memory: specific gravity,
     * modulus of rupture in MPa, modulus of elasticity in GPa, shear along the grain in MPa. A species lies off the
     * regression by up to a quarter.
     */
    @ParameterizedTest
    @CsvSource({
        "red_oak, 0.63, 99, 12.5, 12.3",
        "white_oak, 0.68, 105, 12.3, 13.8",
        "maple, 0.63, 109, 12.6, 16.1",
        "walnut, 0.55, 101, 11.6, 9.4",
        "cherry, 0.50, 85, 10.3, 11.7",
        "ash, 0.60, 103, 12.0, 13.2",
        "poplar, 0.42, 70, 10.9, 8.2",
        "basswood, 0.37, 60, 10.1, 6.8",
        "pine, 0.40, 65, 8.9, 7.8",
        "eastern_white_pine, 0.35, 59, 8.5, 6.2",
        "spruce, 0.40, 70, 10.8, 7.9",
        "douglas_fir, 0.48, 85, 13.4, 7.8",
        "redwood, 0.40, 69, 9.2, 6.5"
    })
    void liesByTheHandbooksValues(String name, double gravity, double bending, double elastic, double shear) {
        Species species = Species.known().stream()
                .filter(known -> known.name().equals(name))
                .findFirst()
                .orElseThrow();
        Strength strength = Strength.of(species).orElseThrow();
        assertThat(strength.gravity()).isCloseTo(gravity, within(0.05));
        assertThat(strength.bending()).isCloseTo(bending, within(bending * 0.25));
        assertThat(strength.elasticity()).isCloseTo(elastic * 1000, within(elastic * 250));
        assertThat(strength.shear()).isCloseTo(shear, within(shear * 0.25));
        assertThat(strength.isAssumed()).isFalse();
    }

    /**
     * Wood Handbook, chapter 8, in its inches and pounds, from memory: nails 7850·G^5/2·D·L, wood screws 15700·G²·D·L,
     * both in lbf.
     */
    @Test
    void withdrawalIsTheHandbooksInPoundsToo() {
        double lbf = 4.4482216;
        Strength oak = Strength.of(Species.RED_OAK).orElseThrow();
        double nail = 7850 * Math.pow(oak.gravity(), 2.5) * 0.1 * 1.0 * lbf;
        double screw = 15700 * Math.pow(oak.gravity(), 2) * 0.15 * 0.75 * lbf;
        assertThat(oak.nailWithdrawal(2.54, 25.4)).isCloseTo(nail, within(nail * 0.005));
        assertThat(oak.screwWithdrawal(0.15 * 25.4, 0.75 * 25.4)).isCloseTo(screw, within(screw * 0.005));
    }

    /** Common practice, no source: a mitre's glue holds a fifth to a quarter of side grain, end grain less. */
    @Test
    void glueHoldsLessTheNearerToEndGrain() {
        Strength wood = Strength.of(Species.WALNUT).orElseThrow();
        assertThat(wood.glue(0)).isCloseTo(wood.shear(), within(1e-9));
        assertThat(wood.glue(Math.PI / 4) / wood.shear()).isBetween(0.2, 0.26);
        assertThat(wood.glue(Math.PI / 2)).isLessThan(wood.glue(Math.PI / 4));
    }

    @Test
    void aMakersOwnWoodIsTakenForTheWeakerOfItsDensityAndMetalForNothing() {
        Species own = Species.own("plum", Species.PINE.density(), 0.002, 0.003, Species.Hardness.HARD, false);
        Strength assumed = Strength.of(own).orElseThrow();
        assertThat(assumed.isAssumed()).isTrue();
        for (Species known : List.of(Species.PINE, Species.SPRUCE)) {
            Strength strength = Strength.of(known).orElseThrow();
            assertThat(assumed.shear()).isLessThanOrEqualTo(strength.shear());
            assertThat(assumed.elasticity()).isLessThanOrEqualTo(strength.elasticity());
        }
        assertThat(Strength.of(Species.ALUMINIUM)).isEmpty();
        assertThat(Strength.least(List.of(Species.MAPLE, Species.ALUMINIUM))).isEmpty();
        assertThat(Strength.least(List.of(Species.MAPLE, Species.PINE)).orElseThrow().shear())
                .isEqualTo(Strength.of(Species.PINE).orElseThrow().shear());
    }
}
