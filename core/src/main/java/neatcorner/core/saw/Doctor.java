package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Gap;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.recall.Known;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.DecompositionSolver;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * From what is seen on a frame to what is wrong with its pieces, by least squares with a prior.
 *
 * <p>What is looked at answers to causes linearly: y = J·x + B·z + e, with the sizes x of the causes that are there,
 * z what is always there and cannot be seen by itself (every cut and length differs a little from the next, and the
 * clamps rack the frame as they like), and e the reading. All are taken as normal. Of no cause, every single one and
 * every pair,
 * <ol>
 *   <li>C = J·S·Jᵀ + B·Z·Bᵀ + E is how y would spread,
 *   <li>log N(y; 0, C) plus the log of how likely these causes are together weighs the guess, and
 *   <li>x = S·Jᵀ·C⁻¹·y are its sizes: the least squares with S as prior.
 * </ol>
 * The confidence in a cause is the weight of all guesses that hold it: two causes that do the same to all that was
 * looked at share it.
 */
public final class Doctor {
    /** A gap over its joint that no error of a saw makes, in rad; more is another frame. Common practice, no source. */
    private static final double MOST = Math.toRadians(6);
    /** How the clamps rack a frame, one standard deviation, in rad; how cuts and lengths repeat. Common, no source. */
    private static final double RACK = Math.toRadians(0.1);
    private static final double REPEAT = Math.toRadians(0.02);
    private static final double LENGTHS = 0.1;
    /** A cause that is less likely is not told. */
    private static final double LEAST = 0.02;
    /** With more readings the odd one is not looked for: it would take as many diagnoses. */
    private static final int MOST_TRIED = 24;
    private final List<Member> sides;
    private final Band band;
    private final List<Cause> causes;
    private final Map<Cause, Integer> numbers = new LinkedHashMap<>();
    private final List<Look> looks;
    /** What each cause, one rad or one mm large, does to everything that can be looked at. */
    private final Map<Cause, double[]> does = new LinkedHashMap<>();
    /** What one standard deviation of each thing that is always there does to it. */
    private final List<double[]> always = new ArrayList<>();

    private Doctor(List<Member> sides) {
        this.sides = sides;
        this.band = new Band(sides);
        this.causes = Cause.all(sides);
        this.looks = everywhere(sides.size());
        causes.forEach(cause -> numbers.put(cause, numbers.size()));
        causes.forEach(cause -> does.put(cause, response(cause)));
        fillAlways();
    }

    /** The doctor for a frame; empty for one whose mitres close no ring, or that leans: nothing is known of those. */
    public static Optional<Doctor> of(SawPlan plan) {
        return plan.isRing() && new Band(plan.ring()).isFlat()
                ? Optional.of(new Doctor(plan.ring()))
                : Optional.empty();
    }

    /**
     * A guess.
     *
     * @param causes it holds, none to two
     * @param weight of it among all, from 0 to 1
     * @param sizes  of the causes, in their order
     * @param doubts of the sizes, one standard deviation
     * @param misfit of what was seen, in standard deviations squared
     */
    public record Guess(List<Cause> causes, double weight, double[] sizes, double[] doubts, double misfit) {
        /** Before anything was seen: all is as it was planned. */
        public static final Guess PLANNED = new Guess(List.of(), 1, new double[0], new double[0], 0);

        /** What the pieces of a frame are off by if it is right. */
        public List<PieceError> does(List<Member> sides) {
            List<PieceError> errors = new ArrayList<>(Collections.nCopies(sides.size(), PieceError.NONE));
            for (int i = 0; i < causes.size(); i++) {
                List<PieceError> more = causes.get(i).does(sides, sizes[i]);
                for (int side = 0; side < errors.size(); side++) {
                    errors.set(side, errors.get(side).plus(more.get(side)));
                }
            }
            return List.copyOf(errors);
        }
    }

    /**
     * What it comes to.
     *
     * @param found     every cause that is not quite unlikely, the likeliest first
     * @param nothing   how likely it is that nothing is wrong but what always is, from 0 to 1
     * @param guesses   the likeliest first
     * @param explained whether the likeliest guess can give what was seen
     * @param doubtful  where it cannot, the one reading without which it could; empty where there is none such
     * @param next      what to look at to tell the likeliest apart; empty where nothing would
     */
    public record Diagnosis(
            List<Found> found,
            double nothing,
            List<Guess> guesses,
            boolean explained,
            Optional<Look> doubtful,
            Optional<Look> next) {
        /** The likeliest guess. */
        public Guess best() {
            return guesses.getFirst();
        }
    }

    /**
     * A cause that may be there.
     *
     * @param cause      which
     * @param size       of it in the likeliest guess that holds it, in rad or mm
     * @param doubt      of the size, one standard deviation
     * @param confidence in it, from 0 to 1
     */
    public record Found(Cause cause, double size, double doubt, double confidence) {
        /** Whether anything that was looked at speaks for it; else it is only as likely as it always is. */
        public boolean isSeen() {
            return Math.abs(size) > doubt / 2;
        }
    }

    /**
     * What is likely wrong.
     *
     * @param seen what was looked at and what it showed, in mm or rad; one thing at least
     * @throws Refusal for gaps no error of a saw makes
     */
    public Diagnosis diagnose(SequencedMap<Look, Double> seen) {
        seen.forEach(this::check);
        List<Guess> guesses = guesses(seen);
        boolean explained = isExplained(guesses, seen.size());
        return new Diagnosis(
                found(guesses),
                guesses.stream()
                        .filter(guess -> guess.causes().isEmpty())
                        .mapToDouble(Guess::weight)
                        .sum(),
                guesses,
                explained,
                explained ? Optional.empty() : doubtful(seen),
                next(guesses, seen.keySet()));
    }

    private static boolean isExplained(List<Guess> guesses, int readings) {
        return guesses.getFirst().misfit() < readings + 4 * Math.sqrt(2.0 * readings);
    }

    /** The one reading without which some guess gives all others, the best where there are several. */
    private Optional<Look> doubtful(SequencedMap<Look, Double> seen) {
        double least = Double.POSITIVE_INFINITY;
        Optional<Look> doubtful = Optional.empty();
        for (Look look : seen.size() > MOST_TRIED ? List.<Look>of() : List.copyOf(seen.keySet())) {
            SequencedMap<Look, Double> rest = new LinkedHashMap<>(seen);
            rest.remove(look);
            // Of one or two readings something can always be made.
            List<Guess> guesses = rest.size() < 3 ? List.of() : guesses(rest);
            if (!guesses.isEmpty()
                    && isExplained(guesses, rest.size())
                    && guesses.getFirst().misfit() < least) {
                least = guesses.getFirst().misfit();
                doubtful = Optional.of(look);
            }
        }
        return doubtful;
    }

    /** Every guess, the likeliest first. */
    private List<Guess> guesses(SequencedMap<Look, Double> seen) {
        int[] at = seen.keySet().stream().mapToInt(this::index).toArray();
        RealVector y = new ArrayRealVector(seen.values().stream().mapToDouble(Double::doubleValue).toArray());
        Weighing weighing = new Weighing(at, y);
        Stream<List<Cause>> singles = Stream.concat(Stream.of(List.of()), causes.stream().map(List::of));
        Stream<List<Cause>> pairs = IntStream.range(0, causes.size())
                .boxed()
                .flatMap(i -> causes.subList(i + 1, causes.size()).stream()
                        .map(other -> List.of(causes.get(i), other)));
        return weighed(Stream.concat(singles, pairs).map(weighing::of).toList());
    }

    private void check(Look look, double value) {
        if (look instanceof Look.Across(int corner) && Math.abs(value) > Math.tan(MOST) * joint(corner)
                || look instanceof Look.Through(int deep)
                        && Math.abs(value) > Math.tan(MOST) * sides.get(deep).stock().thickness().toMm()) {
            throw Refusal.of("doctor.gap_too_large", Gap.mm(Math.abs(value)));
        }
    }

    private double joint(int corner) {
        return sides.get(corner).left().length().toMm();
    }

    /** What a cause of one rad or one mm does, in the order of {@link #looks()}. */
    double[] effect(Cause cause) {
        return Known.in(does, cause).clone();
    }

    /** What one standard deviation of each thing that is always there does, in the same order. */
    List<double[]> always() {
        return List.copyOf(always);
    }

    private int index(Look look) {
        int at = looks.indexOf(look);
        if (at < 0) {
            throw new IllegalArgumentException(look + " is not to be seen in a frame of " + sides.size());
        }
        return at;
    }

    private double[] response(Cause cause) {
        // Small enough that all of it is linear.
        double step = cause.usual() / 100;
        double[] response = times(read(cause.does(sides, step), new double[sides.size()]), 1 / step);
        if (cause instanceof Cause.Twist(int side)) {
            response[looks.indexOf(new Look.Winding(side))] = 1;
        }
        return response;
    }

    private static double[] times(double[] effect, double factor) {
        return Arrays.stream(effect).map(one -> one * factor).toArray();
    }

    /** What differs cut from cut and length from length, and how the clamps rack it. */
    private void fillAlways() {
        double[] still = new double[sides.size()];
        double step = REPEAT / 10;
        for (int i = 0; i < sides.size(); i++) {
            for (PieceError error : List.of(
                    new PieceError(new EndError(step, 0), EndError.NONE, 0),
                    new PieceError(EndError.NONE, new EndError(step, 0), 0),
                    new PieceError(new EndError(0, step), EndError.NONE, 0),
                    new PieceError(EndError.NONE, new EndError(0, step), 0))) {
                always.add(times(read(one(i, error), still), REPEAT / step));
            }
            always.add(read(one(i, new PieceError(EndError.NONE, EndError.NONE, LENGTHS)), still));
        }
        for (double[] rack : band.racks()) {
            always.add(times(read(none(), rack), RACK));
        }
    }

    /** How what is always there, and the reading, spread what is seen there. */
    private RealMatrix blur(int[] at) {
        RealMatrix blur = new Array2DRowRealMatrix(at.length, at.length);
        for (int i = 0; i < at.length; i++) {
            for (int j = 0; j <= i; j++) {
                double both = 0;
                for (double[] one : always) {
                    both += one[at[i]] * one[at[j]];
                }
                double whole = both + (i == j ? Math.pow(looks.get(at[i]).fine(), 2) : 0);
                blur.setEntry(i, j, whole);
                blur.setEntry(j, i, whole);
            }
        }
        return blur;
    }

    private List<PieceError> none() {
        return sides.stream().map(_ -> PieceError.NONE).toList();
    }

    private List<PieceError> one(int side, PieceError error) {
        List<PieceError> errors = new ArrayList<>(none());
        errors.set(side, error);
        return errors;
    }

    /** What would be seen of these errors everywhere, with the frame racked so. */
    private double[] read(List<PieceError> errors, double[] rack) {
        Band.State state = band.state(errors, rack);
        return looks.stream().mapToDouble(look -> read(look, errors, state)).toArray();
    }

    private double read(Look look, List<PieceError> errors, Band.State state) {
        return switch (look) {
            case Look.Across(int corner) -> state.openings().get(corner).heelOverToe();
            case Look.Through(int corner) -> state.openings().get(corner).frontOverBack();
            case Look.Diagonal(int from, int to) -> band.longer(from, to, state);
            case Look.Side(int side) -> errors.get(side).length();
            // No cut is seen by it: what a cause does to it, that cause says.
            case Look.Winding _ -> 0;
            case Look.Cut(int side, boolean right) ->
                right ? errors.get(side).right().swing() : errors.get(side).left().swing();
        };
    }

    /** A guess before all are weighed against one another. */
    private record Weighed(List<Cause> causes, double log, double[] sizes, double[] doubts, double misfit) {
    }

    /**
     * What guesses weigh, from one decomposition of what is always there: with N = B·Z·Bᵀ + E, G = Jᵀ·N⁻¹·J and
     * b = Jᵀ·N⁻¹·y of the causes of a guess and M = S⁻¹ + G, its sizes are M⁻¹·b, their doubts those of M⁻¹, and by
     * Woodbury's identity yᵀ·C⁻¹·y = yᵀ·N⁻¹·y − bᵀ·M⁻¹·b and det C = det N · det S · det M.
     */
    private final class Weighing {
        private final RealMatrix gram;
        private final RealVector along;
        private final double whole;

        Weighing(int[] at, RealVector y) {
            DecompositionSolver noise = new CholeskyDecomposition(blur(at), 1e-9, 1e-14).getSolver();
            RealMatrix effects = new Array2DRowRealMatrix(at.length, causes.size());
            for (int i = 0; i < causes.size(); i++) {
                double[] all = Known.in(does, causes.get(i));
                effects.setColumn(i, Arrays.stream(at).mapToDouble(one -> all[one]).toArray());
            }
            RealMatrix turned = effects.transpose();
            this.gram = turned.multiply(noise.solve(effects));
            RealVector pulled = noise.solve(y);
            this.along = turned.operate(pulled);
            this.whole = y.dotProduct(pulled);
        }

        Weighed of(List<Cause> there) {
            if (there.isEmpty()) {
                return new Weighed(there, -whole / 2 + before(there), new double[0], new double[0], whole);
            }
            int first = Known.in(numbers, there.getFirst());
            int last = Known.in(numbers, there.getLast());
            boolean two = there.size() > 1;
            double a = gram.getEntry(first, first) + weight(there.getFirst());
            // A cause by itself is one of two that know nothing of one another, the other of no size.
            double b = two ? gram.getEntry(first, last) : 0;
            double d = two ? gram.getEntry(last, last) + weight(there.getLast()) : 1;
            double determinant = a * d - b * b;
            double pulledFirst = along.getEntry(first);
            double pulledLast = two ? along.getEntry(last) : 0;
            double[] sizes = {
                (d * pulledFirst - b * pulledLast) / determinant, (a * pulledLast - b * pulledFirst) / determinant
            };
            double[] doubts = {Math.sqrt(d / determinant), Math.sqrt(a / determinant)};
            double misfit = whole - sizes[0] * pulledFirst - sizes[1] * pulledLast;
            double spread = there.stream().mapToDouble(cause -> 2 * Math.log(cause.usual())).sum();
            return new Weighed(
                    there,
                    -(misfit + spread + Math.log(determinant)) / 2 + before(there),
                    Arrays.copyOf(sizes, there.size()),
                    Arrays.copyOf(doubts, there.size()),
                    misfit);
        }

        private double weight(Cause cause) {
            return Math.pow(cause.usual(), -2);
        }
    }

    /** The log of how likely these causes are before anything was looked at, beside none of all. */
    private double before(List<Cause> there) {
        return there.stream()
                .mapToDouble(cause -> cause.likely(sides.size()))
                .map(likely -> Math.log(likely / (1 - likely)))
                .sum();
    }

    private static List<Guess> weighed(List<Weighed> all) {
        double most = all.stream().mapToDouble(Weighed::log).max().orElseThrow();
        double sum = all.stream().mapToDouble(one -> Math.exp(one.log() - most)).sum();
        return all.stream()
                .map(one -> new Guess(
                        one.causes(),
                        Math.exp(one.log() - most) / sum,
                        one.sizes(),
                        one.doubts(),
                        one.misfit()))
                .sorted(Comparator.comparing(Guess::weight).reversed())
                .toList();
    }

    /** Every cause with the weight of all guesses that hold it, and its size in the likeliest of them. */
    private static List<Found> found(List<Guess> guesses) {
        Map<Cause, Found> found = new LinkedHashMap<>();
        for (Guess guess : guesses) {
            for (int i = 0; i < guess.causes().size(); i++) {
                Found one = new Found(guess.causes().get(i), guess.sizes()[i], guess.doubts()[i], guess.weight());
                found.merge(
                        one.cause(),
                        one,
                        (first, more) -> new Found(
                                first.cause(),
                                first.size(),
                                first.doubt(),
                                first.confidence() + more.confidence()));
            }
        }
        return found.values().stream()
                .filter(one -> one.confidence() > LEAST)
                .sorted(Comparator.comparing(Found::confidence).reversed())
                .toList();
    }

    /**
     * What would tell the guesses apart: where what they foretell differs most beside how finely it is read and how
     * much what is always there blurs it.
     */
    private Optional<Look> next(List<Guess> guesses, Collection<Look> seen) {
        List<Guess> likely = guesses.stream().limit(12).toList();
        double weights = likely.stream().mapToDouble(Guess::weight).sum();
        double best = 1;
        Optional<Look> next = Optional.empty();
        for (int i = 0; i < looks.size(); i++) {
            int at = i;
            double mean = likely.stream()
                    .mapToDouble(guess -> guess.weight() / weights * foretold(guess, at))
                    .sum();
            double apart = likely.stream()
                    .mapToDouble(guess -> guess.weight() / weights * Math.pow(foretold(guess, at) - mean, 2))
                    .sum();
            double score = apart / blur(new int[] {at}).getEntry(0, 0);
            if (score > best && !seen.contains(looks.get(i))) {
                best = score;
                next = Optional.of(looks.get(i));
            }
        }
        return next;
    }

    private double foretold(Guess guess, int at) {
        return IntStream.range(0, guess.causes().size())
                .mapToDouble(i -> guess.sizes()[i] * Known.in(does, guess.causes().get(i))[at])
                .sum();
    }

    /**
     * What corners show where a guess is right and nothing else is off: gaps in mm, to a tenth as they are read; 0
     * where none is seen.
     */
    public SequencedMap<Look, Double> shows(Guess guess) {
        SequencedMap<Look, Double> shows = new LinkedHashMap<>();
        for (int i = 0; i < looks.size(); i++) {
            if (looks.get(i) instanceof Look.Across || looks.get(i) instanceof Look.Through) {
                shows.put(looks.get(i), Math.round(foretold(guess, i) * 10) / 10.0);
            }
        }
        return shows;
    }

    /** What a piece that is right shows: in mm; of a cut its angle to the outside edge, in rad; of a joint no gap. */
    public double planned(Look look) {
        return switch (look) {
            case Look.Across _, Look.Through _, Look.Winding _ -> 0;
            case Look.Diagonal(int from, int to) -> band.distance(from, to);
            case Look.Side(int side) -> sides.get(side).longPoint().value().toMm();
            case Look.Cut(int side, boolean right) ->
                (right ? sides.get(side).right() : sides.get(side).left()).toEdge().radians();
        };
    }

    /** Everything that can be looked at. */
    public List<Look> looks() {
        return looks;
    }

    private static List<Look> everywhere(int n) {
        List<Look> looks = new ArrayList<>();
        IntStream.range(0, n).mapToObj(Look.Across::new).forEach(looks::add);
        IntStream.range(0, n).mapToObj(Look.Through::new).forEach(looks::add);
        IntStream.range(0, n).mapToObj(Look.Side::new).forEach(looks::add);
        IntStream.range(0, n).mapToObj(Look.Winding::new).forEach(looks::add);
        for (int from = 0; from < n; from++) {
            for (int to = from + 2; to < n && to - from < n - 1; to++) {
                looks.add(new Look.Diagonal(from, to));
            }
        }
        looks.add(new Look.Cut(0, false));
        looks.add(new Look.Cut(0, true));
        return List.copyOf(looks);
    }
}
