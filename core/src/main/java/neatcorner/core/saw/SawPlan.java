package neatcorner.core.saw;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;

/**
 * What the saw does to this frame.
 *
 * @param saw   that cuts it: the first that can do all its cuts, else the first; empty where the shop names none
 * @param ring  the sides whose mitres close a ring, clockwise; empty where none do
 * @param trust what is known of the saw
 */
public record SawPlan(Optional<Machine> saw, List<Member> ring, Trust trust) {
    public SawPlan {
        ring = List.copyOf(ring);
    }

    /** Whether errors of the saw add up from corner to corner. */
    public boolean isRing() {
        return !ring.isEmpty();
    }

    /** The longest joint of its corners, in mm; there must be a ring. */
    double longestJoint() {
        return ring.stream()
                .mapToDouble(side -> Math.max(
                        side.left().length().toMm(), side.right().length().toMm()))
                .max()
                .orElseThrow();
    }

    /** How wide the longest joint stands open where both its cuts are off by this, in rad. */
    Gap shared(double off) {
        return Gap.mm(longestJoint() * Math.tan(2 * off));
    }

    /** What such an error does to this frame, in words; empty where its mitres close no ring. */
    public Optional<Words> does(Proof.OfAngle proof) {
        if (ring.isEmpty() || proof.error().radians() == 0) {
            return Optional.empty();
        }
        double off = Math.abs(proof.error().radians());
        if (proof.kind() == ProofKind.TILT) {
            double thick = ring.getFirst().stock().thickness().toMm();
            return Optional.of(Words.of("proving.does_tilt", Gap.mm(thick * Math.tan(2 * off))));
        }
        boolean tooFar = proof.error().radians() > 0;
        return Optional.of(
                proof.kind() == ProofKind.FENCE
                        ? Words.of("proving.does_fence")
                        : Words.of(
                                "proving.does",
                                ring.size(),
                                new Angle(2 * ring.size() * off),
                                shared(off),
                                Words.of(tooFar ? "saw.at_heel" : "saw.at_toe"),
                                Length.mm(longestJoint())));
    }
}
