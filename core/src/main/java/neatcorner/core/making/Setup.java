package neatcorner.core.making;

import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * One way to make a cut.
 *
 * @param tool    with what
 * @param bit     which bit or blade
 * @param down    the surface on the table
 * @param against the surface along the fence
 * @param fence   from the fence to the near side of the cutter, at the table
 * @param height  of the cutter over the table
 * @param tilt    of the blade from upright
 * @param bite    the most to take in one pass
 * @param then    the surface along the fence in a second pass on edge; empty where one pass does it
 * @param trapped whether the waste lies between cutter and fence as it falls
 */
record Setup(
        Tool tool,
        Words bit,
        Surface down,
        Surface against,
        Length fence,
        Length height,
        Optional<Tilt> tilt,
        Length bite,
        Optional<Surface> then,
        boolean trapped) {
    /**
     * How a blade leans.
     *
     * @param over whether toward the fence, over what is kept; else away from it
     */
    record Tilt(Angle angle, boolean over) {
        /** Where a table saw's blade stops. Common practice, no source. */
        private static final Angle MOST = Angle.degrees(45);

        Words said() {
            return Words.of(over ? "making.tilt_over" : "making.tilt_away", angle);
        }

        boolean isTooFar() {
            return angle.radians() > MOST.radians() + 1e-9;
        }
    }

    static Setup of(Tool tool, Words bit, Surface down, Surface against, Length fence, Length height, Length bite) {
        return new Setup(tool, bit, down, against, fence, height, Optional.empty(), bite, Optional.empty(), false);
    }

    /** With the blade leaning away from the fence, to which it is nearest at the table. */
    Setup leaningAway(Angle angle) {
        return new Setup(
                tool, bit, down, against, fence, height, Optional.of(new Tilt(angle, false)), bite, then, trapped);
    }

    /** With the blade leaning toward the fence, so that the distance given is that of its tip. */
    Setup leaningOver(Angle angle) {
        Length atTable = fence.plus(height.times(angle.tan()));
        return new Setup(
                tool, bit, down, against, atTable, height, Optional.of(new Tilt(angle, true)), bite, then, trapped);
    }

    /** Whether the stick lies and runs the same way past the same tool. */
    boolean lies(Setup other) {
        return tool == other.tool && down == other.down && against == other.against;
    }

    /** With a second pass on edge, this surface along the fence. */
    Setup then(Surface other) {
        return new Setup(tool, bit, down, against, fence, height, tilt, bite, Optional.of(other), trapped);
    }

    Setup trapping() {
        return new Setup(tool, bit, down, against, fence, height, tilt, bite, then, true);
    }
}
