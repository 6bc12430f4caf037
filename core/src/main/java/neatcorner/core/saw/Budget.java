package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.LongFunction;
import java.util.random.RandomGenerator;
import neatcorner.core.frame.Frame;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.ProofKind;

/**
 * What a saw that is known so far and no further does to a frame.
 *
 * @param last   what the last corner is left with when the others are closed tight one after another, with what was
 *               proved and nothing else
 * @param pulled what each corner is left with when all are pulled together, in the order of the sides, the first at
 *               the left end of the first; so too
 * @param room   of the pane, where it has one
 * @param spread by chance, over everything that is not known
 * @param gains  what to better, the most helpful first
 */
public record Budget(Closure last, List<Openings> pulled, Optional<Room> room, Spread spread, List<Gain> gains) {
    /** So many of a hundred frames are counted. */
    public static final double MOST = 90;

    private static final int FRAMES_A_GAIN = 2_000;

    /**
     * A pane's room in all.
     *
     * @param planned with pieces that are right
     * @param left    with those of this saw, pulled together; below zero where it does not go in
     */
    public record Room(Length planned, Length left) {
        /** How much of it is gone. */
        public Length shrunk() {
            return planned.minus(left);
        }
    }

    /**
     * What it would help to have one thing right.
     *
     * @param what   that would be
     * @param before how wide the worst corner stands open at most in nine frames of ten, in mm
     * @param after  the same then
     */
    public record Gain(ProofKind what, double before, double after) {
        /** Whether that alone would be seen, to a hundredth of a millimetre. */
        public boolean helps() {
            return by() > 0.01;
        }

        /** By how much it would be better, in mm; below zero where two errors make up for one another. */
        public double by() {
            return before - after;
        }
    }

    public Budget {
        pulled = List.copyOf(pulled);
        gains = List.copyOf(gains);
    }

    /**
     * Of a frame whose mitres close a ring.
     *
     * @param chance   a source of draws that starts from a seed
     * @param progress told how far it is, from 0 to 1
     * @param stopped  whether nobody waits any more
     * @return empty where it was stopped
     */
    public static Optional<Budget> of(Frame frame, SawPlan plan, LongFunction<RandomGenerator> chance,
                                      DoubleConsumer progress, BooleanSupplier stopped) {
        Band band = new Band(plan.ring());
        List<PieceError> expected = plan.trust().expected(plan.ring());
        Optional<Spread> spread = spread(plan, plan.trust(), Spread.FRAMES, chance, progress, stopped);
        return spread.flatMap(all -> gains(plan, chance, stopped)
                .map(gains -> new Budget(
                        Closure.of(plan.ring(), expected),
                        band.pulled(expected),
                        Play.of(frame, band).map(play -> new Room(
                                Length.mm(play.room(plan.ring().stream().map(_ -> PieceError.NONE).toList())),
                                Length.mm(play.room(expected)))),
                        all,
                        gains)));
    }

    private static Optional<Spread> spread(SawPlan plan, Trust trust, int frames, LongFunction<RandomGenerator> chance,
                                           DoubleConsumer progress, BooleanSupplier stopped) {
        return Spread.of(plan.ring(), trust, frames, chance.apply(Spread.SEED), progress, stopped);
    }

    /** The same frames are cut with one thing right, and with everything as it is. */
    private static Optional<List<Gain>> gains(SawPlan plan, LongFunction<RandomGenerator> chance,
                                              BooleanSupplier stopped) {
        Optional<Double> before = most(plan, plan.trust(), chance, stopped);
        List<Gain> gains = new ArrayList<>();
        for (ProofKind what : List.of(ProofKind.LEFT, ProofKind.RIGHT, ProofKind.TILT, ProofKind.STOP)) {
            Optional<Double> after = most(plan, plan.trust().rightly(what), chance, stopped);
            if (before.isEmpty() || after.isEmpty()) {
                return Optional.empty();
            }
            gains.add(new Gain(what, before.get(), after.get()));
        }
        gains.sort(Comparator.comparing(Gain::by).reversed());
        return Optional.of(gains);
    }

    private static Optional<Double> most(SawPlan plan, Trust trust, LongFunction<RandomGenerator> chance,
                                         BooleanSupplier stopped) {
        return spread(plan, trust, FRAMES_A_GAIN, chance, _ -> { }, stopped)
                .map(drawn -> Spread.under(drawn.worst(), MOST));
    }
}
