package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;

/**
 * How a machine is set right, in three ways that come to the same.
 *
 * @param turn    by so much, over 0
 * @param lessFar whether it was set too far
 * @param packing what turns the work instead; empty where nothing thin does
 * @param ways    in words: by degrees, by packing, by tapping
 */
public record Correction(Angle turn, boolean lessFar, Optional<Packing> packing, List<Words> ways) {
    /** No hand sets a saw finer. Common practice, no source. */
    public static final Angle FINEST = Angle.degrees(0.02);

    /** What a proof asks for; empty where it found nothing that could be seen or set. */
    public static Optional<Correction> of(Machine machine, Proof.OfAngle proof) {
        Angle turn = new Angle(Math.abs(proof.error().radians()));
        if (turn.compareTo(FINEST) < 0 || turn.compareTo(proof.doubt()) < 0) {
            return Optional.empty();
        }
        boolean lessFar = proof.error().radians() > 0;
        Optional<Packing> packing = Packing.turning(turn);
        String kind = name(proof);
        String way = kind + (lessFar ? "_less" : "_more");
        List<Words> ways = new ArrayList<>();
        ways.add(Words.of("correction.turn." + way, turn));
        packing.ifPresent(card -> ways.add(
                Words.of("correction.packing." + way, card, new Gap(card.thickness()), card.distance(turn))));
        ways.add(Words.of("correction.tap." + (moves(machine, proof.kind()) ? way : way + "_fence")));
        return Optional.of(new Correction(turn, lessFar, packing, ways));
    }

    private static String name(Proof.OfAngle proof) {
        return switch (proof.kind()) {
            case LEFT, RIGHT -> "swing";
            case TILT -> proof.at().radians() > 0 ? "bevel" : "tilt";
            case FENCE -> "fence";
            case STOP -> throw new IllegalArgumentException("a stop has no angle");
        };
    }

    /** Whether the blade is what moves; of all others the fence is. */
    private static boolean moves(Machine machine, ProofKind kind) {
        return kind == ProofKind.TILT || kind != ProofKind.FENCE && machine.kind() == MachineKind.MITRE_SAW;
    }
}
