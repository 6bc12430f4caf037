package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.wood.Stuff;
import neatcorner.core.words.FigureKey;

/** The ways to join that are known: a line each, by what is left of them without glue, then the least work first. */
public final class Joints {
    /** All of them. */
    public static final List<Joint> ALL = List.of(
            SquareGlued.BUTTED,
            new Glued(true),
            new Glued(false),
            CrossDriven.PINNED,
            CrossDriven.SIDE_PINNED,
            BackDriven.STAPLED,
            CrossDriven.NAILED,
            SquareGlued.HOUSED,
            BackDriven.V_FASTENED,
            new Plated(),
            Hidden.BISCUITED,
            CrossDriven.SCREWED,
            new Blocked(),
            new Gusseted(),
            LapDriven.SCREWED,
            LapDriven.BRADDED,
            LapDriven.NAILED,
            SquareGlued.LAPPED,
            new HousedNailed(),
            new PocketScrewed(),
            Hidden.STOPPED,
            Hidden.DOWELLED,
            Hidden.TENONED,
            new Splined(Slot.SAWN),
            new Splined(Slot.CUTTER),
            new PinnedSplined(),
            new Splined(Slot.DOVETAIL),
            new Pegged(),
            new Solid(),
            new ProfileCorner());

    private Joints() {
    }

    /** Their names. */
    public static List<JointKind> kinds() {
        return ALL.stream().map(Joint::kind).toList();
    }

    /** Those that go with pieces of such stuff that meet so, in that order. */
    public static List<Joint> of(Construction construction, Stuff stuff) {
        return ALL.stream()
                .filter(joint -> joint.goesWith(construction) && joint.isFor(stuff))
                .toList();
    }

    /** The lengths of fasteners that a maker may say. */
    public static List<FigureKey<Length>> fasteners() {
        return ALL.stream().flatMap(joint -> joint.fastener().stream()).toList();
    }

    /** The way of this name, which is known: what is read from a file is checked there. */
    public static Joint of(JointKind kind) {
        return ALL.stream().filter(joint -> joint.kind().equals(kind)).findFirst().orElseThrow();
    }

    /** The name as it is written in files; empty when no way is called so. */
    public static Optional<JointKind> named(String id) {
        return kinds().stream().filter(kind -> kind.id().equals(id)).findFirst();
    }
}
