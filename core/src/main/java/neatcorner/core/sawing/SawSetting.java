package neatcorner.core.sawing;

import java.util.Optional;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Angle;
import neatcorner.core.phrase.Words;
import neatcorner.core.saw.Correction;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.Machines;

/**
 * How the saw stands.
 *
 * @param saw        which one; empty where none of the shop's can do it
 * @param toRight    whether it swings to the right; says nothing at 0°
 * @param swing      from square, 0° or more
 * @param topToRight whether the blade leans to the right at the top; says nothing at 0°
 * @param tilt       from upright, 0° or more
 */
public record SawSetting(Optional<Machine> saw, boolean toRight, Angle swing, boolean topToRight, Angle tilt) {
    /** No hand sets a saw finer. */
    private static final double SAME = Correction.FINEST.radians();

    /**
     * For one end of a piece.
     *
     * @param ownLeft  whether it is the left end of the piece itself
     * @param mirrored whether the piece is turned over, so that its cuts lean the other way
     */
    static SawSetting of(Mitre cut, boolean ownLeft, boolean mirrored, Machines machines) {
        boolean toRight = cut.swingsRight(ownLeft) != mirrored;
        Angle swing = new Angle(Math.abs(cut.swing().radians()));
        Angle tilt = new Angle(Math.abs(cut.tilt().radians()));
        return new SawSetting(
                machines.sawFor(toRight, swing, tilt), toRight, swing, ownLeft == cut.through() > 0, tilt);
    }

    /** The same with the strip turned over about its length, where the blade stands upright. */
    SawSetting turnedOver(Machines machines) {
        return new SawSetting(machines.sawFor(!toRight, swing, tilt), !toRight, swing, topToRight, tilt);
    }

    /** Whether it cuts square to edge and face. */
    public boolean isSquare() {
        return isNothing(swing) && isUpright();
    }

    /** Whether it swings to either side. */
    public boolean isSwung() {
        return !isNothing(swing);
    }

    /** Whether the blade stands upright. */
    public boolean isUpright() {
        return isNothing(tilt);
    }

    private static boolean isNothing(Angle angle) {
        return angle.radians() < SAME;
    }

    /** Whether the saw is not touched between the two. */
    public boolean isLike(SawSetting other) {
        return saw.map(Machine::name).equals(other.saw.map(Machine::name))
                && (toRight == other.toRight || isNothing(swing))
                && (topToRight == other.topToRight || isNothing(tilt))
                && Math.abs(swing.minus(other.swing).radians()) < SAME
                && Math.abs(tilt.minus(other.tilt).radians()) < SAME;
    }

    /** The swing by the scale of the saw, and the tilt. */
    public Words words() {
        Words swung = isNothing(swing)
                ? Words.of("cut.square")
                : saw.map(one -> one.said(toRight, swing))
                        .orElseGet(() -> Words.of(toRight ? "cut.right" : "cut.left", swing));
        return isUpright() ? swung
                : Words.of(topToRight ? "sawing.tilt_right" : "sawing.tilt_left", swung, tilt);
    }
}
