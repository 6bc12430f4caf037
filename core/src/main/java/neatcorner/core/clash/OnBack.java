package neatcorner.core.clash;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.job.Placement;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;

/**
 * Something that lies flat on the back of the part that is seen.
 *
 * @param name   what it is called
 * @param bodies what it fills in space, in the first part's picture
 */
record OnBack(Words name, List<Hull> bodies) {
    /** What is flat is told by so much, in mm. */
    private static final double FLAT = 1;

    OnBack {
        bodies = List.copyOf(bodies);
    }

    /** All there are: parts screwed on behind, and the strip of a cleat. */
    static List<OnBack> of(Assembly assembly, HangPlan hang) {
        Frame seen = assembly.seen();
        List<OnBack> all = new ArrayList<>();
        for (int part = 0; part < assembly.frames().size(); part++) {
            Frame frame = assembly.frame(part);
            boolean on = frame.job()
                    .placement()
                    .filter(place -> place instanceof Placement.Behind
                            && place.on().equals(seen.job().part().name()))
                    .isPresent();
            if (on && !frame.job().outline().isCurved()) {
                all.add(new OnBack(Words.of("onback.part", frame.job().part().name()), sides(assembly, part)));
            }
        }
        cleat(assembly, hang).ifPresent(all::add);
        return all;
    }

    private static List<Hull> sides(Assembly assembly, int part) {
        Assembly.Lie lie = assembly.lies().get(part);
        double front = lie.back().plus(assembly.frame(part).job().section().thickness()).toMm();
        return assembly.frame(part)
                .pieces()
                .map(piece -> Hull.prism(
                        piece.outline().stream()
                                .map(place -> Vector.of(lie.of(place), front))
                                .toList(),
                        Vector.FORWARD.times(-FLAT)))
                .toList();
    }

    private static Optional<OnBack> cleat(Assembly assembly, HangPlan hang) {
        int seen = assembly.job().seen();
        if (assembly.job().carrier() != seen || hang.cleat().isEmpty()) {
            return Optional.empty();
        }
        Assembly.Lie lie = assembly.lies().get(seen);
        HangPlan.Cleat cleat = hang.cleat().get();
        double left = cleat.left().toMm();
        double right = left + cleat.length().value().toMm();
        double high = cleat.down().minus(HangPlan.Cleat.HALF_HIGH).toMm();
        double low = cleat.down().plus(HangPlan.Cleat.HALF_HIGH).toMm();
        List<Vector> outline = Stream.of(
                        new Point(left, high), new Point(right, high), new Point(right, low), new Point(left, low))
                .map(place -> Vector.of(lie.of(place), lie.back().toMm()))
                .toList();
        return Optional.of(new OnBack(
                Words.of("onback.cleat"), List.of(Hull.prism(outline, Vector.FORWARD.times(-FLAT)))));
    }
}
