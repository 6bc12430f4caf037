package neatcorner.core.making;

import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.words.Words;

/**
 * One way to make a cut.
 *
 * @param tool    with what
 * @param bit     which bit or blade
 * @param down    the surface on the table
 * @param against the surface along the fence
 * @param fence   from the fence to the near side of the cutter
 * @param height  of the cutter over the table
 * @param tilt    of the blade from upright
 * @param bite    the most to take in one pass
 * @param trapped whether the waste lies between cutter and fence as it falls
 */
record Setup(Tool tool, Words bit, Surface down, Surface against, Length fence, Length height, Optional<Angle> tilt, Length bite,
             boolean trapped) {
    static Setup of(Tool tool, Words bit, Surface down, Surface against, Length fence, Length height, Length bite) {
        return new Setup(tool, bit, down, against, fence, height, Optional.empty(), bite, false);
    }

    Setup tilted(Angle angle) {
        return new Setup(tool, bit, down, against, fence, height, Optional.of(angle), bite, trapped);
    }

    /** Whether the stick lies and runs the same way past the same tool. */
    boolean lies(Setup other) {
        return tool == other.tool && down == other.down && against == other.against;
    }

    Setup trapping() {
        return new Setup(tool, bit, down, against, fence, height, tilt, bite, true);
    }
}
