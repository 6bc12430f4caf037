package neatcorner.core.hang;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Cuboid;
import neatcorner.core.frame.FixtureBox;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Hardware;
import neatcorner.core.outline.Line;

/** The room that hardware takes on the back of the part that carries all, against what lies behind. */
final class Clearance {
    /** A ring or a plate wants so much on both sides of the back, in mm. Common practice, no source. */
    private static final double FLAT = 3;

    /** A wire that runs across an opening gives way into it by so much, in mm. Common practice, no source. */
    private static final double GIVES_WAY = 6;
    /** Half of a saw-tooth plate, in mm. Common practice, no source. */
    private static final double HALF_PLATE = 25;
    private static final double HALF_CLEAT = HangPlan.Cleat.HALF_HIGH.toMm();

    private static final double HALF_RING = 8;

    private final Frame frame;
    private final List<FixtureBox> boxes;
    private final double across;
    private final double down;
    private final double back;

    Clearance(Assembly assembly) {
        int carrier = assembly.job().carrier();
        this.frame = assembly.frame(carrier);
        this.boxes = FixtureBox.of(assembly);
        this.across = assembly.lies().get(carrier).across();
        this.down = assembly.lies().get(carrier).down();
        this.back = assembly.lies().get(carrier).back().toMm();
    }

    /**
     * What this hardware would meet; empty where it meets nothing.
     *
     * @param in  from the outside on the left to a ring's middle, in mm
     * @param at  from the top to a ring's middle, in mm
     * @param low from the top to the middle of a plate or a cleat, in mm
     * @param top from the top to the highest a wire is drawn to, in mm
     */
    Optional<Fixture.Kind> met(Hardware hardware, double in, double at, double low, double top) {
        double wide = frame.width(Line.OUTSIDE).toMm();
        Stream<Cuboid> taken =
                switch (hardware) {
                    case SAW_TOOTH ->
                        Stream.of(box(wide / 2 - HALF_PLATE, low - FLAT, wide / 2 + HALF_PLATE, low + FLAT, FLAT));
                    case TWO_HOOKS -> rings(in, at, wide);
                    case RINGS_AND_WIRE ->
                        Stream.concat(rings(in, at, wide), Stream.of(box(in, top, wide - in, at, GIVES_WAY)));
                    case CLEAT -> Stream.of(box(in, low - HALF_CLEAT, wide - in, low + HALF_CLEAT, FLAT));
                    case LAID -> Stream.empty();
                };
        List<Cuboid> all = taken.toList();
        return boxes.stream()
                .filter(box -> all.stream().anyMatch(one -> one.into(box.box()) > 0))
                .map(box -> box.fixture().kind())
                .findFirst();
    }

    private Stream<Cuboid> rings(double in, double at, double wide) {
        return Stream.of(in, wide - in)
                .map(x -> box(x - HALF_RING, at - HALF_RING, x + HALF_RING, at + HALF_RING, FLAT));
    }

    private Cuboid box(double left, double top, double right, double bottom, double inwards) {
        return new Cuboid(across + left, down + top, across + right, down + bottom, back - FLAT, back + inwards);
    }
}
