package neatcorner.core.shop;

import java.util.List;
import neatcorner.core.measure.Angle;

/**
 * What a shop has to set an angle with. How far each usually goes and where it clicks in is common practice, no
 * source: the manual of the machine says.
 */
public enum MachineKind {
    /** A power saw whose blade swings over a table. */
    MITRE_SAW(true, reach(50, 50, 47), List.of(0.0, 15.0, 22.5, 30.0, 45.0), false),
    /** A sled on a table saw with two fences, one on either side of the blade. */
    SLED(true, reach(45, 45, 45), List.of(45.0), true),
    /** A box or frame that guides a hand saw. */
    MITRE_BOX(true, reach(45, 45, 0), List.of(0.0, 45.0), true),
    /** A board with a fence that a plane runs along. */
    SHOOTING_BOARD(false, reach(45, 45, 0), List.of(0.0, 45.0), true),
    /** A router under a table. */
    ROUTER_TABLE(false, reach(0, 0, 0), List.of(), false),
    /** A drill on a stand. */
    DRILL_PRESS(false, reach(0, 0, 45), List.of(0.0), false);

    private final boolean saws;
    private final Machine.Reach reach;
    private final List<Angle> detents;
    private final boolean onlyDetents;

    MachineKind(boolean saws, Machine.Reach reach, List<Double> detents, boolean onlyDetents) {
        this.saws = saws;
        this.reach = reach;
        this.detents = detents.stream().map(Angle::degrees).toList();
        this.onlyDetents = onlyDetents;
    }

    private static Machine.Reach reach(double left, double right, double tilt) {
        return new Machine.Reach(Angle.degrees(left), Angle.degrees(right), Angle.degrees(tilt));
    }

    /** Whether it cuts pieces to length. */
    public boolean saws() {
        return saws;
    }

    /** Whether it makes the ends of pieces, sawn or planed. */
    public boolean makesMitres() {
        return saws || this == SHOOTING_BOARD;
    }

    /** What can be proved about it, in the order one does. */
    public List<ProofKind> proofs() {
        return switch (this) {
            case MITRE_SAW, SLED ->
                List.of(ProofKind.LEFT, ProofKind.RIGHT, ProofKind.TILT, ProofKind.FENCE, ProofKind.STOP);
            case MITRE_BOX -> List.of(ProofKind.LEFT, ProofKind.RIGHT, ProofKind.TILT, ProofKind.STOP);
            case SHOOTING_BOARD -> List.of(ProofKind.LEFT, ProofKind.RIGHT, ProofKind.TILT);
            case ROUTER_TABLE -> List.of(ProofKind.FENCE, ProofKind.STOP);
            case DRILL_PRESS -> List.of(ProofKind.TILT, ProofKind.STOP);
        };
    }

    /** One as it usually is, of this name. */
    public Machine usual(String name) {
        return new Machine(
                name,
                this,
                reach,
                detents,
                onlyDetents,
                Machine.Scale.FROM_SQUARE,
                Machine.Sizes.USUAL,
                List.of());
    }
}
