package neatcorner.core.section;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SectionTest {
    private static Section profiled(Profile.Shape shape, String drop) {
        return new Section(
                "p",
                Species.CHERRY,
                in("2"),
                in("1"),
                new Recess.Rabbet(in("1/2"), in("1/2")),
                new Profile(shape, in(drop)));
    }

    /** Plain areas: rectangle less rabbet; an L; a rectangle. */
    @Test
    void plainAreasAreThoseOfTheirRectangles() {
        double inch = 25.4 * 25.4;
        assertThat(Sample.plain().areaMm2()).isCloseTo((1.5 * 0.75 - 0.25 * 0.5) * inch, within(1e-6));
        assertThat(Sample.floater().areaMm2()).isCloseTo((0.375 * 1.5 + 0.75 * 0.375) * inch, within(1e-6));
        assertThat(Sample.bar().areaMm2()).isCloseTo(1.5 * 0.75 * inch, within(1e-6));
    }

    /**
     * Handbook areas taken off the front: triangle for a slope, a third for the scoop's parabola, segment for a half
     * round.
     */
    @ParameterizedTest
    @CsvSource({"SLOPE,0.5", "REVERSE_SLOPE,0.5", "SCOOP,0.33333", "ROUND,0.2146", "STEP,0.333"})
    void profilesTakeTheirHandbookAreaOff(Profile.Shape shape, double share) {
        double flat = new Section(
                        "f", Species.CHERRY, in("2"), in("1"), new Recess.Rabbet(in("1/2"), in("1/2")), Profile.FLAT)
                .areaMm2();
        double taken = flat - profiled(shape, "1/4").areaMm2();
        assertThat(taken / (2 * 0.25 * 25.4 * 25.4)).isCloseTo(share, within(0.025));
    }

    @Test
    void woodInFrontOfTheRabbetIsMeasuredAtTheLowestFrontOverTheLip() {
        assertThat(Sample.plain().woodInFrontOfRabbet()).isEqualTo(in("1/4"));
        assertThat(profiled(Profile.Shape.SLOPE, "1/4").woodInFrontOfRabbet()).isEqualTo(in("1/4"));
        assertThat(profiled(Profile.Shape.REVERSE_SLOPE, "1/4")
                        .woodInFrontOfRabbet()
                        .toInches())
                .isCloseTo(0.4375, within(1e-6));
        assertThat(Sample.bar().woodInFrontOfRabbet()).isEqualTo(in("3/4"));
    }

    @Property(seed = Seed.FIXED)
    void aFrontNeverRisesOverItsHighestNorFallsBelowItsDrop(
            @ForAll Profile.Shape shape, @ForAll @DoubleRange(min = 0, max = 1) double across) {
        Profile profile = shape == Profile.Shape.FLAT ? Profile.FLAT : new Profile(shape, in("3/8"));
        assertThat(profile.below(across)).isBetween(Length.ZERO, profile.drop());
    }

    @Test
    void theBackIsWhatIsLeftBesideTheRabbet() {
        assertThat(Sample.plain().backWidth()).isEqualTo(in("1 1/4"));
        assertThat(Sample.floater().width()).isEqualTo(in("1 1/8"));
        assertThat(Sample.floater().recessDepth()).isEqualTo(in("1 1/8"));
        assertThat(Sample.bar().recessDepth()).isEqualTo(Length.ZERO);
    }

    @Test
    void sectionsThatCannotBeAreRefusedByName() {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Sample.rabbeted("1/16", "3/4", "1/32", "1/4"))
                .withMessageContaining("lip");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Sample.rabbeted("1", "3/4", "1", "1/4"))
                .withMessageContaining("lip");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Sample.rabbeted("1", "3/4", "1/4", "3/4"))
                .withMessageContaining("rabbet depth");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Sample.rabbeted("13", "3/4", "1/4", "1/2"))
                .withMessageContaining("face");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Profile(Profile.Shape.FLAT, in("1/8")))
                .withMessageContaining("flat");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> profiled(Profile.Shape.SCOOP, "2"))
                .withMessageContaining("drop");
    }

    @Test
    void stickAndJobAgreeWhenAllButTheNameIsAlike() {
        Section other = new Section(
                "another name",
                Species.MAPLE,
                in("1 1/2"),
                in("3/4"),
                Sample.plain().recess(),
                Profile.FLAT);
        assertThat(Sample.plain().isCutLike(other)).isTrue();
        assertThat(Sample.plain().isCutLike(other.withFace(in("2")))).isFalse();
    }
}
