package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import neatcorner.core.frame.Frame;
import neatcorner.core.measure.Angle;
import neatcorner.core.strength.Burden;
import neatcorner.core.strength.Demand;
import neatcorner.core.strength.Hold;

/** What a frame's burden takes of what its corners may bear. */
final class Strains {
    /** A corner with hardly any wood takes no end of what it may bear; more than this is not told. */
    private static final double MOST = 99.99;

    /** A sharper corner ends in a feather of wood, and what it bears is not judged. Common practice, no source. */
    static final Angle SHARP = Angle.degrees(15);

    private final Burden burden;
    private final List<Faying> corners;

    Strains(Frame frame, Burden burden) {
        List<Angle> angles = frame.angles();
        this.burden = burden;
        List<Faying> each = new ArrayList<>();
        for (int i = 0; isJudged(frame) && i < frame.members().size(); i++) {
            Faying at = Faying.of(frame, i, angles.get(i), burden.strength().orElseThrow());
            each.add(each.isEmpty() || !each.getLast().isLike(at) ? at : each.getLast());
        }
        this.corners = List.copyOf(each);
    }

    private boolean isJudged(Frame frame) {
        return !burden.cases().isEmpty() && !isSharp(frame);
    }

    /** Whether a corner is so sharp that nothing is said of what its frame's corners bear. */
    static boolean isSharp(Frame frame) {
        return sharpest(frame).compareTo(SHARP) < 0;
    }

    /** The sharpest corner, whichever way it points. */
    static Angle sharpest(Frame frame) {
        return frame.angles().stream()
                .map(angle -> angle.toDegrees() > 180 ? Angle.degrees(360 - angle.toDegrees()) : angle)
                .min(Comparator.naturalOrder())
                .orElse(Angle.RIGHT);
    }

    /** What every corner bears; corners that are alike bear the same. */
    List<Hold> holds(Function<Faying, Hold> held) {
        Map<Faying, Hold> known = new IdentityHashMap<>();
        return corners.stream().map(at -> known.computeIfAbsent(at, held)).toList();
    }

    /**
     * The corner that takes the most; empty where the frame is not borne so or is not judged.
     *
     * @param lasting for years, else for a moment
     * @param holds   what every corner bears
     */
    Optional<Strain> most(boolean lasting, List<Hold> holds) {
        return burden.cases().stream()
                .filter(borne -> borne.bearing().isLasting() == lasting)
                .flatMap(borne -> IntStream.range(0, holds.size()).mapToObj(i -> {
                    Demand demand = borne.corners().get(i);
                    double use = holds.get(i).use(demand) * borne.bearing().reserve();
                    return new Strain(Math.min(use, MOST), borne.bearing(), i, demand);
                }))
                .max(Comparator.comparingDouble(Strain::use));
    }
}
