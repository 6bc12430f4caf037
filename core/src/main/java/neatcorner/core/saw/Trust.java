package neatcorner.core.saw;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;

/**
 * What is known of how a saw cuts: each value with what it leaves open, one standard deviation.
 *
 * @param left   error of a cut to the left of square, in rad; over 0 too far
 * @param right  the same to the right
 * @param tilt   of the blade, in rad: where it should stand upright, over 0 to the right at the top; where it should
 *               tilt, over 0 too far
 * @param repeat how a cut differs from the next with the same setting, in rad
 * @param stop   how pieces off one stop differ, in mm
 * @param turns  whether pieces are turned over for one of their ends
 */
public record Trust(Known left, Known right, Known tilt, double repeat, double stop, boolean turns) {
    /** What a saw that was never proved may be off by. Common practice, no source. */
    public static final Angle UNPROVED = Angle.degrees(0.15);
    /** How one cut repeats another on a power saw, and by hand. Common practice, no source. */
    private static final double POWER = Math.toRadians(0.02);
    /** How one setting of a saw may differ from another that was proved. Common practice, no source. */
    private static final double ELSEWHERE = Math.toRadians(0.1);
    private static final double NEARLY_SQUARE = 1e-9;
    private static final double BY_HAND = Math.toRadians(0.1);
    /** Pieces off one stop, and marked by a tape. Common practice, no source. */
    public static final Length STOP = Length.mm(0.1);

    /**
     * A value that was found, or was not.
     *
     * @param value  in rad
     * @param doubt  in rad, over 0
     * @param proved whether a test found it
     */
    public record Known(double value, double doubt, boolean proved) {
        /** Nothing found. */
        static final Known NOTHING = new Known(0, UNPROVED.radians(), false);

        static Known of(Proof.OfAngle proof, Collection<Angle> settings) {
            boolean here = settings.isEmpty() || settings.stream().anyMatch(proof::speaksFor);
            double doubt = proof.doubt().radians();
            return new Known(proof.error().radians(), here ? doubt : Math.hypot(doubt, ELSEWHERE), true);
        }

        Known negated() {
            return new Known(-value, doubt, proved);
        }

        /** As if nothing were wrong with it. */
        Known perfect() {
            return new Known(0, 0, proved);
        }
    }

    /**
     * What is known of a machine where it cuts these sides; of none, what is known of any.
     *
     * @param sides of a frame, whose settings its proofs are to speak for; may be empty
     */
    public static Trust in(Optional<Machine> saw, List<Member> sides) {
        return saw.map(one -> in(one, sides)).orElse(
                new Trust(Known.NOTHING, Known.NOTHING, Known.NOTHING, POWER, STOP.toMm(), false));
    }

    private static Trust in(Machine saw, List<Member> sides) {
        Optional<Known> fence = known(saw, ProofKind.FENCE, List.of());
        return new Trust(
                known(saw, ProofKind.LEFT, SawSet.swings(sides, false))
                        .or(() -> fence.map(Known::negated))
                        .orElse(Known.NOTHING),
                known(saw, ProofKind.RIGHT, SawSet.swings(sides, true)).or(() -> fence).orElse(Known.NOTHING),
                known(saw, ProofKind.TILT, SawSet.tilts(sides)).orElse(Known.NOTHING),
                saw.kind() == MachineKind.MITRE_BOX || saw.kind() == MachineKind.SHOOTING_BOARD ? BY_HAND : POWER,
                saw.scatter().orElse(STOP).toMm(),
                saw.reach().left().radians() == 0 || saw.reach().right().radians() == 0);
    }

    private static Optional<Known> known(Machine saw, ProofKind what, List<Angle> settings) {
        return saw.angle(what, settings).map(proof -> Known.of(proof, settings));
    }

    /** What the pieces of a frame are off by when the saw is off by what was found, and nothing else. */
    public List<PieceError> expected(List<Member> sides) {
        return sides.stream()
                .map(side -> piece(side, left.value, right.value, tilt.value))
                .toList();
    }

    /**
     * What a piece is off by, as long as it should be.
     *
     * @param toLeft  error of cuts to the left, in rad
     * @param toRight error of cuts to the right, in rad
     * @param leaning error of the tilt, in rad
     */
    PieceError piece(Member side, double toLeft, double toRight, double leaning) {
        return new PieceError(
                end(side.left(), true, toLeft, toRight, leaning),
                end(side.right(), false, toLeft, toRight, leaning),
                0);
    }

    private EndError end(Mitre cut, boolean leftEnd, double toLeft, double toRight, double leaning) {
        double swing = cut.swing().radians();
        if (Math.abs(swing) < NEARLY_SQUARE) {
            return new EndError(0, tilted(cut, leftEnd, leaning));
        }
        double off = (cut.swingsRight(leftEnd) ? toRight : toLeft) * Math.signum(swing);
        return new EndError(off, tilted(cut, leftEnd, leaning));
    }

    /** A blade that leans takes more of the front where the piece lies to its right, and less to its left. */
    private double tilted(Mitre cut, boolean leftEnd, double leaning) {
        if (!cut.isUpright()) {
            return leaning * Math.signum(cut.through());
        }
        return leftEnd || turns ? leaning : -leaning;
    }

    /** As if cuts to one side were right. */
    Trust rightly(ProofKind kind) {
        return switch (kind) {
            case LEFT -> new Trust(left.perfect(), right, tilt, repeat, stop, turns);
            case RIGHT -> new Trust(left, right.perfect(), tilt, repeat, stop, turns);
            case TILT -> new Trust(left, right, tilt.perfect(), repeat, stop, turns);
            case STOP -> new Trust(left, right, tilt, repeat, 0, turns);
            case FENCE -> this;
        };
    }
}
