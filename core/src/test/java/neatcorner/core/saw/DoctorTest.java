package neatcorner.core.saw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SequencedMap;
import java.util.stream.IntStream;
import neatcorner.core.frame.Member;
import neatcorner.core.phrase.Refusal;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.QRDecomposition;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** From what is seen on a frame to what is wrong with its pieces. */
class DoctorTest {
    private static final double DEGREE = Math.toRadians(1);

    static List<List<Member>> frames() {
        return List.of(ClosureTest.rectangle(), ClosureTest.polygon(6), ClosureTest.unequal());
    }

    private static Doctor doctor(List<Member> sides) {
        return Doctor.of(new SawPlan(Optional.empty(), sides, Trust.in(Optional.empty(), List.of()))).orElseThrow();
    }

    private static double usual(Cause cause) {
        return switch (cause) {
            case Cause.Long _ -> 1.2;
            case Cause.Twist _ -> 1.2 * DEGREE;
            default -> 0.4 * DEGREE;
        };
    }

    private static List<PieceError> sum(List<Member> sides, List<Cause> causes) {
        List<PieceError> sum = new ArrayList<>(sides.stream().map(_ -> PieceError.NONE).toList());
        for (Cause cause : causes) {
            List<PieceError> more = cause.does(sides, usual(cause));
            for (int i = 0; i < sum.size(); i++) {
                sum.set(i, sum.get(i).plus(more.get(i)));
            }
        }
        return sum;
    }

    /** What is seen of errors, rounded as one reads it. */
    private static SequencedMap<Look, Double> seen(List<Member> sides, List<Cause> there, List<Look> looks) {
        List<PieceError> errors = sum(sides, there);
        Band band = new Band(sides);
        Band.State state = band.state(errors, new double[sides.size()]);
        SequencedMap<Look, Double> seen = new LinkedHashMap<>();
        for (Look look : looks) {
            double value = switch (look) {
                case Look.Across(int corner) -> rounded(state.openings().get(corner).heelOverToe(), 0.1);
                case Look.Through(int corner) -> rounded(state.openings().get(corner).frontOverBack(), 0.1);
                case Look.Diagonal(int from, int to) -> rounded(band.longer(from, to, state), 0.5);
                case Look.Side(int side) -> rounded(errors.get(side).length(), 0.25);
                case Look.Winding(int side) -> there.contains(new Cause.Twist(side)) ? 1.2 * DEGREE : 0;
                case Look.Cut(int side, boolean right) ->
                    rounded((right ? errors.get(side).right() : errors.get(side).left()).swing(), 0.1 * DEGREE);
            };
            seen.put(look, value);
        }
        return seen;
    }

    private static double rounded(double value, double step) {
        return Math.rint(value / step) * step;
    }

    /** With everything looked at, every single cause is named, and its size is found within what is said of it. */
    @ParameterizedTest
    @MethodSource("frames")
    void everySingleCauseIsFound(List<Member> sides) {
        Doctor doctor = doctor(sides);
        for (Cause cause : Cause.all(sides)) {
            Doctor.Diagnosis says =
                    doctor.diagnose(seen(sides, List.of(cause), doctor.looks()));
            assertThat(says.found().getFirst().cause()).as(cause.toString()).isEqualTo(cause);
            assertThat(says.explained()).isTrue();
            Doctor.Found found = says.found().getFirst();
            assertThat(found.size()).isCloseTo(usual(cause), within(3 * found.doubt() + 1e-9));
        }
    }

    /** Every pair is among what is named before anything else, unless the doctor says that it is not sure. */
    @ParameterizedTest
    @MethodSource("frames")
    void everyPairIsFoundOrDoubted(List<Member> sides) {
        Doctor doctor = doctor(sides);
        List<Cause> all = Cause.all(sides);
        for (int i = 0; i < all.size(); i++) {
            for (int j = i + 1; j < all.size(); j++) {
                List<Cause> both = List.of(all.get(i), all.get(j));
                Doctor.Diagnosis says = doctor.diagnose(seen(sides, both, doctor.looks()));
                List<Cause> sure = says.found().stream()
                        .filter(found -> found.confidence() > 0.9)
                        .map(Doctor.Found::cause)
                        .toList();
                assertThat(both).as(both + ": " + says.found()).containsAll(sure);
            }
        }
    }

    /** From gaps alone nobody can tell a cut to the left from one to the right: the gauge on one cut would. */
    @Test
    void whatLooksTheSameSharesItsConfidence() {
        List<Member> sides = ClosureTest.rectangle();
        Doctor doctor = doctor(sides);
        List<Look> gaps = IntStream.range(0, 4).<Look>mapToObj(Look.Across::new).toList();
        Doctor.Diagnosis says = doctor.diagnose(
                seen(sides, List.of(new Cause.Swing(false)), gaps));
        assertThat(confidence(says, new Cause.Swing(false)))
                .isCloseTo(confidence(says, new Cause.Swing(true)), within(0.02))
                .isBetween(0.3, 0.75);
        assertThat(says.next()).get().isInstanceOf(Look.Cut.class);
    }

    private static double confidence(Doctor.Diagnosis says, Cause cause) {
        return says.found().stream()
                .filter(found -> found.cause().equals(cause))
                .mapToDouble(Doctor.Found::confidence)
                .sum();
    }

    /** Honest: of many frames spoilt by chance, what is named with a confidence is right about so often. */
    @ParameterizedTest
    @MethodSource("frames")
    void isRightAsOftenAsItSays(List<Member> sides) {
        Random random = new Random(20_261_201);
        Doctor doctor = doctor(sides);
        List<Look> looks = doctor.looks().stream()
                .filter(look -> look instanceof Look.Across || look instanceof Look.Through
                        || look instanceof Look.Diagonal)
                .toList();
        Band band = new Band(sides);
        double said = 0;
        double right = 0;
        int frames = 300;
        for (int i = 0; i < frames; i++) {
            List<Cause> there = Cause.all(sides).stream()
                    .filter(cause -> random.nextDouble() < cause.likely(sides.size()))
                    .toList();
            List<PieceError> errors = spoilt(sides, there, random);
            double[] rack = new double[sides.size()];
            for (double[] way : band.racks()) {
                double by = random.nextGaussian() * Math.toRadians(0.1);
                IntStream.range(0, rack.length).forEach(k -> rack[k] += by * way[k]);
            }
            Doctor.Diagnosis says = doctor.diagnose(read(band, errors, rack, looks, random));
            for (Cause cause : Cause.all(sides)) {
                double confidence = confidence(says, cause);
                if (confidence > 0.5) {
                    said += confidence;
                    right += there.contains(cause) ? 1 : 0;
                }
            }
        }
        assertThat(said).isGreaterThan(30);
        assertThat(right / said).isBetween(0.88, 1.12);
    }

    private static List<PieceError> spoilt(List<Member> sides, List<Cause> there, Random random) {
        List<PieceError> errors = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            errors.add(new PieceError(end(random), end(random), 0.1 * random.nextGaussian()));
        }
        for (Cause cause : there) {
            List<PieceError> more = cause.does(sides, cause.usual() * random.nextGaussian());
            for (int i = 0; i < errors.size(); i++) {
                errors.set(i, errors.get(i).plus(more.get(i)));
            }
        }
        return errors;
    }

    private static EndError end(Random random) {
        return new EndError(
                Math.toRadians(0.02) * random.nextGaussian(), Math.toRadians(0.02) * random.nextGaussian());
    }

    private static SequencedMap<Look, Double> read(
            Band band, List<PieceError> errors, double[] rack, List<Look> looks, Random random) {
        Band.State state = band.state(errors, rack);
        SequencedMap<Look, Double> seen = new LinkedHashMap<>();
        looks.forEach(look -> seen.put(look, look.fine() * random.nextGaussian()
                + switch (look) {
                    case Look.Across(int corner) -> state.openings().get(corner).heelOverToe();
                    case Look.Through(int corner) -> state.openings().get(corner).frontOverBack();
                    case Look.Diagonal(int from, int to) -> band.longer(from, to, state);
                    default -> throw new IllegalArgumentException(look.toString());
                }));
        return seen;
    }

    /** Two neighbours twisted alike cancel in every joint; winding sticks name them, and are asked for. */
    @Test
    void windingSticksNameATwist() {
        List<Member> sides = ClosureTest.rectangle();
        Doctor doctor = doctor(sides);
        List<Cause> there = List.of(new Cause.Twist(0));
        List<Look> joints = doctor.looks().stream().filter(Look.Through.class::isInstance).toList();
        Doctor.Diagnosis doubtful = doctor.diagnose(seen(sides, there, joints));
        assertThat(confidence(doubtful, there.getFirst())).isLessThan(0.6);
        assertThat(doubtful.next()).get().isInstanceOf(Look.Winding.class);
        List<Cause> both = List.of(new Cause.Twist(0), new Cause.Twist(1));
        Doctor.Diagnosis sure = doctor.diagnose(seen(sides, both, doctor.looks()));
        both.forEach(cause -> assertThat(confidence(sure, cause)).isGreaterThan(0.9));
    }

    /** One reading that was taken wrongly is the one that is named. */
    @ParameterizedTest
    @MethodSource("frames")
    void theOddReadingIsNamed(List<Member> sides) {
        Doctor doctor = doctor(sides);
        List<Look> looks = doctor.looks().stream()
                .filter(look -> look instanceof Look.Across || look instanceof Look.Side)
                .toList();
        for (Look wrong : looks) {
            SequencedMap<Look, Double> seen = seen(sides, List.of(new Cause.Swing(true)), looks);
            seen.merge(wrong, wrong instanceof Look.Side ? 9.0 : 2.0, Double::sum);
            Doctor.Diagnosis says = doctor.diagnose(seen);
            if (!says.explained()) {
                assertThat(says.doubtful()).contains(wrong);
            }
        }
    }

    @Test
    void aGapNoSawMakesIsRefused() {
        Doctor doctor = doctor(ClosureTest.rectangle());
        SequencedMap<Look, Double> seen = new LinkedHashMap<>();
        seen.put(new Look.Across(0), 12.0);
        assertThatThrownBy(() -> doctor.diagnose(seen)).isInstanceOf(Refusal.class);
    }

    /** Gaps that contradict one another: no cause opens one corner inside and its opposite outside so far. */
    @Test
    void whatNothingExplainsIsSaid() {
        List<Member> sides = ClosureTest.polygon(6);
        Doctor doctor = doctor(sides);
        SequencedMap<Look, Double> seen = new LinkedHashMap<>();
        for (int i = 0; i < 6; i++) {
            seen.put(new Look.Across(i), i % 2 == 0 ? 3.0 : -3.0);
        }
        assertThat(doctor.diagnose(seen).explained()).isFalse();
    }

    /**
     * Against the reference library's QR: the sizes are the least squares of readings, priors and everything that is
     * always there as unknowns of their own, each row over its standard deviation.
     */
    @ParameterizedTest
    @MethodSource("frames")
    void sizesAreTheLeastSquaresOfEverythingUnknown(List<Member> sides) {
        Doctor doctor = doctor(sides);
        List<Cause> there = List.of(new Cause.Swing(true), new Cause.Long(1));
        SequencedMap<Look, Double> seen = seen(sides, there, doctor.looks());
        Doctor.Guess guess = doctor.diagnose(seen).guesses().stream()
                .filter(one -> one.causes().equals(there))
                .findFirst()
                .orElseThrow();
        List<Look> looks = doctor.looks();
        int unknown = there.size() + doctor.always().size();
        RealMatrix rows = new Array2DRowRealMatrix(looks.size() + unknown, unknown);
        double[] right = new double[looks.size() + unknown];
        for (int i = 0; i < looks.size(); i++) {
            double fine = looks.get(i).fine();
            for (int k = 0; k < there.size(); k++) {
                rows.setEntry(i, k, doctor.effect(there.get(k))[i] * there.get(k).usual() / fine);
            }
            for (int k = 0; k < doctor.always().size(); k++) {
                rows.setEntry(i, there.size() + k, doctor.always().get(k)[i] / fine);
            }
            right[i] = seen.get(looks.get(i)) / fine;
        }
        for (int k = 0; k < unknown; k++) {
            rows.setEntry(looks.size() + k, k, 1);
        }
        RealVector solved = new QRDecomposition(rows).getSolver().solve(new ArrayRealVector(right));
        for (int k = 0; k < there.size(); k++) {
            double usual = there.get(k).usual();
            assertThat(guess.sizes()[k]).isCloseTo(solved.getEntry(k) * usual, within(usual * 1e-6));
        }
    }
}
