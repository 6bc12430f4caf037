package neatcorner.core.frame;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.recall.Known;
import neatcorner.core.work.Deed;

/**
 * What is cut to the rabbet of a frame that is no rectangle, or leans, as that came out: wider or narrower all round,
 * by as much as the tighter of both ways is off. What was not read is as it was planned.
 */
final class AllRound {
    private final Map<Line, List<Point>> runs = new EnumMap<>(Line.class);
    private final Map<Line, List<Point>> planned;
    private final Map<Axis, Deed.Measured> read;

    /**
     * Moves the lines.
     *
     * @param planned the lines as they were planned
     * @param moved   such a line so many mm further out
     * @param read    what was read of the rabbet, of this frame
     */
    AllRound(
            Map<Line, List<Point>> planned,
            BiFunction<Line, Double, List<Point>> moved,
            Map<Axis, Deed.Measured> read) {
        this.planned = planned;
        this.read = read;
        if (read.isEmpty()) {
            return;
        }
        double out = Double.MAX_VALUE;
        for (Axis axis : Axis.values()) {
            // A parallel gains 2 mm a mm on a circle, and more from corner to corner.
            double gain = Polygons.extent(moved.apply(Line.RABBET, 0.5), axis)
                    - Polygons.extent(moved.apply(Line.RABBET, -0.5), axis);
            out = Math.min(out, read.containsKey(axis) ? read.get(axis).off().toMm() / gain : 0);
        }
        for (Line line : List.of(Line.MAT, Line.GLASS)) {
            if (planned.containsKey(line)) {
                runs.put(line, moved.apply(line, out));
            }
        }
    }

    /** What was read of the rabbet, in pairs with the axis. */
    Map<Axis, Deed.Measured> read() {
        return read;
    }

    /** Every line as it is now: those that follow the rabbet moved. */
    Map<Line, List<Point>> runs() {
        Map<Line, List<Point>> now = new EnumMap<>(planned);
        now.putAll(runs);
        return now;
    }

    /** How much larger a line is along an axis than it was planned; empty where it stays. */
    Optional<Length> off(Line line, Axis axis) {
        if (line == Line.RABBET) {
            return Optional.ofNullable(read.get(axis)).map(Deed.Measured::off);
        }
        return Optional.ofNullable(runs.get(line))
                .map(run -> Length.mm(Polygons.extent(run, axis) - Polygons.extent(Known.in(planned, line), axis)));
    }
}
