package neatcorner.core.saw;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Angle;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.ProofKind;

/**
 * A cut as the saw is set for it.
 *
 * @param toRight which way it swings
 * @param swing   from square, 0° or more
 * @param tilt    of the blade, 0° or more
 */
record SawSet(boolean toRight, Angle swing, Angle tilt) {
    private static final double SQUARE = 1e-9;

    /** Those of both ends of a piece. */
    static Stream<SawSet> of(Member piece) {
        return Stream.of(of(piece.left(), true), of(piece.right(), false));
    }

    private static SawSet of(Mitre cut, boolean leftEnd) {
        return new SawSet(
                cut.swingsRight(leftEnd),
                new Angle(Math.abs(cut.swing().radians())),
                new Angle(Math.abs(cut.tilt().radians())));
    }

    /** How far the saw swings to this side for these pieces. */
    static List<Angle> swings(List<Member> pieces, boolean toRight) {
        return pieces.stream()
                .flatMap(SawSet::of)
                .filter(set -> set.isSwung() && set.toRight == toRight)
                .map(SawSet::swing)
                .distinct()
                .toList();
    }

    /** How far its blade leans for them. */
    static List<Angle> tilts(List<Member> pieces) {
        return pieces.stream().flatMap(SawSet::of).map(SawSet::tilt).distinct().toList();
    }

    boolean by(Machine saw) {
        return saw.reaches(toRight, swing, tilt);
    }

    /** Whether it is no square cut. */
    boolean isSwung() {
        return swing.radians() > SQUARE;
    }

    /** Which of a saw's proofs speak for it. */
    ProofKind side() {
        return toRight ? ProofKind.RIGHT : ProofKind.LEFT;
    }
}
