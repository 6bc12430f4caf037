package neatcorner.core.glue;

import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;

/**
 * A glued frame under the tape: which way it leans, by how much, and what to do.
 *
 * @param lean          how far corners B and D are over a right angle (and A and C under), signed
 * @param difference    diagonal A–C less diagonal B–D
 * @param topBottom     top less bottom
 * @param leftRight     left less right
 */
public record Square(Angle lean, Length difference, Length topBottom, Length leftRight) {
    private static final int ROUNDS = 30;
    /** Diagonals this close are square for any picture; finer than a tape can be read. */
    private static final Length SQUARE_ENOUGH = Length.mm(0.5);

    /**
     * From four sides and two diagonals. Each corner's angle follows from its two sides and the
     * diagonal across it by the law of cosines; the lean is a quarter of what B and D have more than
     * A and C, which for a parallelogram is its lean exactly and spreads errors of the tape evenly.
     *
     * @return empty when no frame has these measurements
     */
    public static Optional<Square> of(Length top, Length right, Length bottom, Length left, Length ac, Length bd) {
        Optional<Angle> a = corner(left, top, bd);
        Optional<Angle> b = corner(top, right, ac);
        Optional<Angle> c = corner(right, bottom, bd);
        Optional<Angle> d = corner(bottom, left, ac);
        if (a.isEmpty() || b.isEmpty() || c.isEmpty() || d.isEmpty()) {
            return Optional.empty();
        }
        double more = b.get().radians() + d.get().radians() - a.get().radians() - c.get().radians();
        return Optional.of(new Square(new Angle(more / 4), ac.minus(bd), top.minus(bottom), left.minus(right)));
    }

    /** Whether the diagonals agree as far as a tape can tell. */
    public boolean isSquare() {
        return isAlike(difference);
    }

    /** Whether two lengths that differ by this are alike as far as a tape can tell. */
    static boolean isAlike(Length difference) {
        return !difference.abs().isOver(SQUARE_ENOUGH);
    }

    /** How far it leans, whichever way. */
    public Angle leaning() {
        return new Angle(Math.abs(lean.radians()));
    }

    private static Optional<Angle> corner(Length one, Length other, Length across) {
        double p = one.toMm();
        double q = other.toMm();
        double r = across.toMm();
        double cosine = (p * p + q * q - r * r) / (2 * p * q);
        return cosine < -1 || cosine > 1 ? Optional.empty() : Optional.of(new Angle(Math.acos(cosine)));
    }

    /**
     * The most a frame may lean before a rectangular pane no longer drops in. The pane w × h may turn by
     * ψ inside an opening W × H that leans by φ. Its height across the level sides is h·cos ψ + w·sin ψ,
     * which must not pass H·cos φ; across the leaning sides it is w·cos(φ−ψ) + h·sin(φ−ψ), not past
     * W·cos φ. Each bound gives the most ψ and the most φ−ψ; their sum is the most φ, found by putting φ
     * back in until it stays (cos φ hardly moves, so a few rounds settle it).
     *
     * <p>For small angles that is (W − w)/h + (H − h)/w: both plays are shared.
     */
    public static Angle mostLean(Length paneWidth, Length paneHeight, Length openingWidth, Length openingHeight) {
        double lean = 0;
        for (int round = 0; round < ROUNDS; round++) {
            double cosine = Math.cos(lean);
            lean = turn(paneWidth, paneHeight, openingHeight, cosine)
                    + turn(paneHeight, paneWidth, openingWidth, cosine);
        }
        return new Angle(lean);
    }

    /**
     * The ψ at which along·sin ψ + across·cos ψ reaches the opening: asin(opening/√(along²+across²)) −
     * atan(across/along).
     */
    private static double turn(Length along, Length across, Length opening, double cosine) {
        double diagonal = Math.hypot(along.toMm(), across.toMm());
        double reach = Math.min(1, opening.toMm() * cosine / diagonal);
        return Math.asin(reach) - Math.atan2(across.toMm(), along.toMm());
    }

    /** An open corner from opposite sides that differ: about the difference / √2 across the joint. */
    public static Length openCorner(Length difference) {
        return difference.abs().times(Math.sqrt(0.5));
    }
}
