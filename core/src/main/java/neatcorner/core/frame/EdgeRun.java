package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/**
 * What repeats along the inner edge of one side.
 *
 * @param side  which
 * @param along how long its inner edge is, in mm
 * @param count whole repeats
 * @param pitch of one
 */
public record EdgeRun(Side side, double along, int count, Length pitch) {
    /** In a millimetre; sides that differ by less are as long. */
    private static final double MICROMETRES = 1e3;
    /** Straight runs an arc is drawn with. */
    private static final int STEPS = 16;

    /**
     * As many as come nearest to the pitch that is wished.
     *
     * @throws Refusal where none has room, or the wood cannot be sawn so deep in repeats so short
     */
    static EdgeRun of(ShapedEdge edge, Side side, double along) {
        EdgeRun run = nearest(edge, side, along);
        if (run.pitch.isUnder(edge.rise().times(2))) {
            throw new Refusal(Words.of(
                    "impossible.edge_rise", edge.rise(), side.words(), run.pitch, run.pitch.over(2)));
        }
        return run;
    }

    /** Those of sides as long together, in the order of the first of each. */
    public static List<List<EdgeRun>> alike(List<EdgeRun> runs) {
        return List.copyOf(runs.stream()
                .collect(Collectors.groupingBy(
                        run -> Math.round(run.along * MICROMETRES), LinkedHashMap::new, Collectors.toList()))
                .values());
    }

    /** The letters of their sides. */
    public static Words letters(List<EdgeRun> runs) {
        return Words.plain(runs.stream().map(run -> run.side.letters()).collect(Collectors.joining(", ")));
    }

    /** The same, however deep it is. */
    static EdgeRun nearest(ShapedEdge edge, Side side, double along) {
        double between = along - 2 * edge.corner().toMm();
        if (between < 2 * edge.rise().toMm()) {
            throw new Refusal(Words.of(
                    "impossible.edge_room",
                    side.words(),
                    Length.mm(along),
                    edge.corner().times(2),
                    edge.rise().times(2)));
        }
        double wished = edge.pitch().toMm();
        int least = Math.max(1, (int) Math.floor(between / wished));
        boolean more = Math.abs(between / (least + 1) - wished) < Math.abs(between / least - wished);
        int count = more ? least + 1 : least;
        return new EdgeRun(side, along, count, Length.mm(between / count));
    }

    /** Which of two arcs a repeat is made of: one, or for a wave two, each over a half of it and half as deep. */
    private int arcs(ShapedEdge edge) {
        return edge.form() == ShapedEdge.Form.WAVES ? 2 : 1;
    }

    /** R = (c²/4 + s²) / 2s over a chord c and a rise s; a wave's arcs are half as wide and half as deep. */
    public Length radius(ShapedEdge edge) {
        double chord = pitch.toMm() / arcs(edge);
        double deep = edge.rise().toMm() / arcs(edge);
        return Length.mm((chord * chord / 4 + deep * deep) / (2 * deep));
    }

    /** How deep the wood is sawn away so far along one repeat, in mm. */
    private double deep(ShapedEdge edge, double far) {
        double radius = radius(edge).toMm();
        double rise = edge.rise().toMm();
        double half = pitch.toMm() / 2;
        if (edge.form() == ShapedEdge.Form.SCALLOPS) {
            double out = far - half;
            return Math.max(0, Math.sqrt(Math.max(0, radius * radius - out * out)) - (radius - rise));
        }
        double near = Math.min(far, 2 * half - far);
        if (near <= half / 2) {
            return radius - Math.sqrt(Math.max(0, radius * radius - near * near));
        }
        double out = half - near;
        return rise - radius + Math.sqrt(Math.max(0, radius * radius - out * out));
    }

    /** The shape from one corner of the opening to the next, in mm in the frame's plane. */
    List<Point> path(ShapedEdge edge, Point from, Point to) {
        Point way = to.minus(from).unit();
        Point outward = way.outward();
        int steps = STEPS * arcs(edge);
        List<Point> path = new ArrayList<>();
        for (int i = 0; i <= count * steps; i++) {
            double far = pitch.toMm() * (i % steps) / steps;
            double share = (double) i / (count * steps);
            double on = edge.corner().toMm() + (along - 2 * edge.corner().toMm()) * share;
            path.add(from.plus(way.times(on)).plus(outward.times(deep(edge, far))));
        }
        return path;
    }
}
