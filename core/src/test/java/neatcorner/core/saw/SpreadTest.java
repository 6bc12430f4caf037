package neatcorner.core.saw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import neatcorner.core.Sample;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.ProofKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Frames cut by chance. */
class SpreadTest {
    private static final double DEGREE = Math.toRadians(1);
    private static final Trust TRUST = new Trust(
            new Trust.Known(0.1 * DEGREE, 0.02 * DEGREE, true),
            new Trust.Known(-0.04 * DEGREE, 0.03 * DEGREE, true),
            new Trust.Known(0, 0, true),
            0.02 * DEGREE,
            0.1,
            false);

    private static Spread spread(List<Member> sides, Trust trust) {
        return Spread.of(sides, trust, Spread.FRAMES, new SplittableRandom(Spread.SEED), _ -> { }, () -> false)
                .orElseThrow();
    }

    /**
     * Closed form: the last corner turns out by n·(left + right) and 2n single cuts, so its mean is n·(μl + μr) and its
     * variance n²·(σl² + σr²) + 2n·ρ². The mean of N draws is known to σ/√N, the variance to σ²·√(2/N).
     */
    @ParameterizedTest
    @ValueSource(ints = {3, 4, 6, 8})
    void momentsAreThoseOfTheClosedForm(int sides) {
        double[] turn = spread(ClosureTest.polygon(sides), TRUST).turn();
        double mean = sides * 0.06 * DEGREE;
        double variance = DEGREE * DEGREE * (sides * sides * (0.02 * 0.02 + 0.03 * 0.03) + 2 * sides * 0.02 * 0.02);
        assertThat(Spread.mean(turn)).isCloseTo(mean, within(4 * Math.sqrt(variance / turn.length)));
        double drawn = Arrays.stream(turn).map(t -> (t - mean) * (t - mean)).average().orElseThrow();
        assertThat(drawn).isCloseTo(variance, within(4 * variance * Math.sqrt(2.0 / turn.length)));
    }

    @Test
    void theSameSeedCutsTheSameFrames() {
        Spread one = spread(ClosureTest.rectangle(), TRUST);
        assertThat(spread(ClosureTest.rectangle(), TRUST).worst()).isEqualTo(one.worst());
        assertThat(one.worst()).isSorted();
    }

    @Test
    void nobodyWaitsForWhatIsStopped() {
        int[] asked = {0};
        assertThat(Spread.of(ClosureTest.rectangle(), TRUST, Spread.FRAMES, new SplittableRandom(1), _ -> { },
                () -> ++asked[0] > 3)).isEmpty();
        assertThat(asked[0]).isEqualTo(4);
    }

    @Test
    void whatIsWorstIsToBeBetteredFirst() {
        Trust leftOff = new Trust(
                new Trust.Known(0.4 * DEGREE, 0.01 * DEGREE, true),
                new Trust.Known(0, 0.01 * DEGREE, true),
                new Trust.Known(0, 0.01 * DEGREE, true),
                0.01 * DEGREE,
                0.05,
                false);
        Frame frame = Frame.of(Sample.job("8", "10"), Sample.shop()).result();
        SawPlan plan = new SawPlan(Optional.empty(), frame.members(), leftOff);
        Budget budget = Budget.of(frame, plan, SplittableRandom::new, _ -> { }, () -> false).orElseThrow();
        assertThat(budget.gains().getFirst().what()).isEqualTo(ProofKind.LEFT);
        assertThat(budget.gains().getFirst().by()).isGreaterThan(budget.gains().getFirst().before() / 2);
        assertThat(budget.pulled()).hasSize(4);
    }

    /** Of pieces that are right the pane has the play it was given; of a side that is short it has that much less. */
    @Test
    void shortSidesTakeThePlay() {
        Frame frame = Frame.of(Sample.job("8", "10"), Sample.shop()).result();
        Play play = Play.of(frame, new Band(frame.members())).orElseThrow();
        Length given = frame.habits().get(Habit.PLAY);
        List<PieceError> right = IntStream.range(0, 4).mapToObj(_ -> PieceError.NONE).toList();
        assertThat(play.room(right)).isCloseTo(given.toMm(), within(1e-4));
        List<PieceError> narrow = IntStream.range(0, 4)
                .mapToObj(i -> new PieceError(EndError.NONE, EndError.NONE, i % 2 == 0 ? -1 : 0))
                .toList();
        assertThat(play.room(narrow)).isCloseTo(given.toMm() - 1, within(1e-4));
        // One rail a millimetre short makes a trapezium; the pane turns by nothing, and loses half of it on each side.
        List<PieceError> one = IntStream.range(0, 4)
                .mapToObj(i -> new PieceError(EndError.NONE, EndError.NONE, i == 0 ? -1 : 0))
                .toList();
        assertThat(play.room(one)).isBetween(given.toMm() - 1, given.toMm() - 0.5);
    }
}
