package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.random.RandomGenerator;
import neatcorner.core.frame.Member;

/**
 * Frames cut again and again by a saw that is known so far and no further, by chance: what the saw is off by in all
 * of its cuts is drawn once a frame, what one cut differs from another once an end, a length once a piece.
 *
 * @param last  how far the ends miss one another in the last corner when one is closed after another, in mm, ascending
 * @param worst how wide the worst corner stands open when all are pulled together, in mm, ascending
 * @param turn  of the last corner, in rad, in the order they were drawn
 */
public record Spread(double[] last, double[] worst, double[] turn) {
    /** So many frames. */
    public static final int FRAMES = 10_000;
    private static final int BETWEEN_LOOKS = 100;

    /** A draw that is meant to be the same every time starts here. */
    public static final long SEED = 20_261_201;

    /**
     * Cuts frames by chance.
     *
     * @param frames   how many
     * @param chance   where the draws come from
     * @param progress told from time to time how far it is, from 0 to 1, on the thread that calls
     * @param stopped  asked from time to time whether nobody waits any more
     * @return empty where it was stopped
     */
    public static Optional<Spread> of(List<Member> sides, Trust trust, int frames, RandomGenerator chance,
                                      DoubleConsumer progress, BooleanSupplier stopped) {
        Band band = new Band(sides);
        double thick = sides.getFirst().stock().thickness().toMm();
        double[] last = new double[frames];
        double[] worst = new double[frames];
        double[] turn = new double[frames];
        for (int i = 0; i < frames; i++) {
            if (i % BETWEEN_LOOKS == 0) {
                if (stopped.getAsBoolean()) {
                    return Optional.empty();
                }
                progress.accept((double) i / frames);
            }
            List<PieceError> drawn = drawn(sides, trust, chance);
            Ends ends = Ends.of(sides, drawn);
            Closure closed = Closure.of(ends, thick);
            last[i] = closed.openings().miss();
            turn[i] = closed.turn();
            worst[i] = band.pulled(ends, drawn).stream().mapToDouble(Openings::widest).max().orElseThrow();
        }
        Arrays.sort(last);
        Arrays.sort(worst);
        progress.accept(1);
        return Optional.of(new Spread(last, worst, turn));
    }

    private static List<PieceError> drawn(List<Member> sides, Trust trust, RandomGenerator chance) {
        double left = drawn(trust.left(), chance);
        double right = drawn(trust.right(), chance);
        double tilt = drawn(trust.tilt(), chance);
        List<PieceError> drawn = new ArrayList<>(sides.size());
        for (Member side : sides) {
            PieceError all = trust.piece(side, left, right, tilt);
            drawn.add(new PieceError(
                    one(all.left(), trust, chance),
                    one(all.right(), trust, chance),
                    trust.stop() * chance.nextGaussian()));
        }
        return drawn;
    }

    private static double drawn(Trust.Known known, RandomGenerator chance) {
        return known.value() + known.doubt() * chance.nextGaussian();
    }

    private static EndError one(EndError all, Trust trust, RandomGenerator chance) {
        return new EndError(all.swing() + trust.repeat() * chance.nextGaussian(), all.tilt());
    }

    /** What so many of a hundred frames stay under, of figures that ascend. */
    public static double under(double[] ascending, double percent) {
        return ascending[(int) Math.min(ascending.length - 1L, Math.round(percent / 100 * ascending.length))];
    }

    /** Their mean. */
    public static double mean(double[] figures) {
        return Arrays.stream(figures).average().orElseThrow();
    }

    /** Two draws are never compared. */
    @Override
    public boolean equals(Object other) {
        return this == other;
    }

    @Override
    public int hashCode() {
        return System.identityHashCode(this);
    }
}
