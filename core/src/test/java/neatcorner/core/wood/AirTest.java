package neatcorner.core.wood;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Moisture and movement against the Wood Handbook (USDA Forest Products Laboratory). */
class AirTest {
    /** Points of table 4–2, moisture content of wood in equilibrium at 70 °F and at 30 °F, from memory. */
    @ParameterizedTest
    @CsvSource({
        "70,20,4.5",
        "70,30,6.2",
        "70,40,7.7",
        "70,50,9.2",
        "70,65,12.0",
        "70,80,16.0",
        "70,90,20.5",
        "32,50,9.5"
    })
    void equilibriumMoistureIsThatOfTheHandbookTable(double fahrenheit, double humidity, double percent) {
        assertThat(Air.of(humidity, (fahrenheit - 32) / 1.8)
                        .equilibriumMoisture()
                        .toPercent())
                .isCloseTo(percent, within(0.2));
    }

    /**
     * Chapter 13's worked example, from memory: a flat-sawn white fir board 232 mm wide, C_T = 0.00245,
     * from 8 to 11 % moisture swells by 1.705 mm. The same sum with the coefficients here.
     */
    @Test
    void widthChangesByCoefficientTimesMoisture() {
        assertThat(232 * 0.00245 * (11 - 8)).isCloseTo(1.705, within(0.001));
        assertThat(232 * Species.RED_OAK.movement(Species.Grain.FLAT_SAWN) * 3).isCloseTo(2.568, within(0.001));
        assertThat(232 * Species.RED_OAK.movement(Species.Grain.QUARTER_SAWN) * 3).isCloseTo(1.100, within(0.001));
    }

    /** No wood moves as much along the rays as along the rings: a fact of wood, Wood Handbook, ch. 4. */
    @ParameterizedTest
    @MethodSource("neatcorner.core.wood.Species#known")
    void quarterSawnWoodMovesLess(Species species) {
        Assumptions.assumeTrue(species.stuff().isGrown());
        assertThat(species.movement(Species.Grain.QUARTER_SAWN)).isLessThan(species.movement(Species.Grain.FLAT_SAWN));
        assertThat(species.density()).isBetween(300.0, 900.0);
    }

    @Test
    void theUsualClimateDriesInWinterAndSwellsInSummer() {
        assertThat(Climate.USUAL.drying()).isBetween(-4.0, -2.0);
        assertThat(Climate.USUAL.swelling()).isBetween(2.0, 4.0);
    }
}
