package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.recall.Known;
import neatcorner.core.section.Section;

/**
 * Something drawn at its true size, in millimetres, y down: for templates and for other programs.
 *
 * @param name   what it is, as it is pencilled on
 * @param traces its lines
 * @param words  its letters
 */
public record FullSize(String name, List<Trace> traces, List<Word> words) {
    private static final int ROW_GAP = 15;

    /** What a line stands for; also the name of its layer. */
    public enum Layer {
        /** Where wood ends. */
        EDGE,
        /** Where the saw goes. */
        CUT,
        /** Where the rabbet's wall is. */
        RABBET,
        /** Where a curve is sawn: an inner edge, or what waits until the glue has set. */
        CURVE
    }

    /**
     * A line.
     *
     * @param layer  what it stands for
     * @param points along it, two or more
     * @param closed whether it returns to its start
     */
    public record Trace(Layer layer, List<Point> points, boolean closed) {
    }

    /**
     * A text.
     *
     * @param at   its middle
     * @param text what it says
     */
    public record Word(Point at, String text) {
    }

    public FullSize {
        traces = List.copyOf(traces);
        words = List.copyOf(words);
    }

    /** The whole frame from the front. */
    public static FullSize frame(Frame frame) {
        List<Trace> traces = new ArrayList<>();
        List<Word> words = new ArrayList<>();
        traces.add(new Trace(Layer.EDGE, frame.outer(), true));
        traces.add(new Trace(Layer.EDGE, frame.inner(), true));
        if (frame.job().section().lip().isPositive()) {
            traces.add(new Trace(Layer.RABBET, Known.in(frame.lines(), Line.RABBET), true));
        }
        for (int i = 0; i < frame.members().size(); i++) {
            Member member = frame.members().get(i);
            List<Point> outer = frame.run(Line.OUTSIDE, i);
            Point inner = member.curve().map(c -> c.inner().getFirst()).orElse(member.outline().getLast());
            if (frame.isSquared()) {
                traces.add(new Trace(Layer.CUT, member.seen(false), true));
                words.add(new Word(middle(member), member.side().letters()));
            } else if (!frame.isSolid()) {
                traces.add(new Trace(Layer.CUT, List.of(outer.getFirst(), inner), false));
                words.add(new Word(middle(member), member.side().letters()));
            }
        }
        for (Member bar : Stream.of(frame.bars(), frame.cross(), frame.slats(), frame.panel(), frame.trim())
                .flatMap(List::stream)
                .toList()) {
            traces.add(new Trace(Layer.EDGE, bar.outline(), true));
            words.add(new Word(middle(bar), bar.side().letters()));
        }
        return new FullSize(frame.job().title(), traces, words);
    }

    private static Point middle(Member member) {
        return member.outline().stream().reduce(new Point(0, 0), Point::plus).times(1.0 / member.outline().size());
    }

    /** One piece on its back, outside edge on top, its first corner at the left. */
    public static FullSize piece(Member member) {
        double length = member.longPoint().value().toMm();
        double left = member.left().setback().toMm();
        double right = length - member.right().setback().toMm();
        double face = member.stock().width().toMm();
        List<Trace> traces = new ArrayList<>();
        traces.add(new Trace(
                Layer.CUT,
                List.of(new Point(0, 0), new Point(length, 0), new Point(right, face), new Point(left, face)),
                true));
        member.curve().ifPresent(curve -> {
            traces.add(new Trace(Layer.CURVE, laid(member, curve.outer()), false));
            traces.add(new Trace(Layer.CURVE, laid(member, curve.inner()), false));
        });
        if (!member.edge().isEmpty()) {
            traces.add(new Trace(Layer.CURVE, laid(member, member.edge()), false));
        }
        Length toRabbet = member.section().face().minus(member.section().lip());
        if (member.curve().isEmpty() && member.section().lip().isPositive()) {
            double y = toRabbet.toMm();
            traces.add(new Trace(Layer.RABBET, List.of(new Point(member.left().setbackOver(toRabbet).toMm(), y),
                    new Point(length - member.right().setbackOver(toRabbet).toMm(), y)), false));
        }
        return new FullSize(
                member.side().letters(),
                traces,
                List.of(new Word(
                        new Point((left + right) / 2, face / 2), member.side().letters())));
    }

    /** A run of the frame in the piece's own axes: along it to the right, inwards down. */
    private static List<Point> laid(Member member, List<Point> run) {
        return run.stream().map(p -> Vector.of(p, member.place().start().z()).minus(member.place().start()))
                .map(way -> new Point(way.dot(member.place().along()), -way.dot(member.place().outward()))).toList();
    }

    /** The moulding cut through, front up, outside to the left. */
    public static FullSize section(Section section) {
        double face = section.face().toMm();
        double thickness = section.thickness().toMm();
        List<Point> outline = section.outline().stream().map(p -> new Point(face - p.x(), thickness - p.y())).toList();
        return new FullSize(section.name(), List.of(new Trace(Layer.EDGE, outline, true)), List.of());
    }

    /** One of every kind of piece, alike ones once, laid one under the other. */
    public static FullSize pieces(Frame frame) {
        List<Trace> traces = new ArrayList<>();
        List<Word> words = new ArrayList<>();
        double y = 0;
        for (List<Member> alike : frame.alike()) {
            FullSize piece = piece(alike.getFirst());
            double down = y - piece.points().mapToDouble(Point::y).min().orElseThrow();
            piece.traces()
                    .forEach(t -> traces.add(new Trace(
                            t.layer(),
                            t.points().stream()
                                    .map(p -> p.plus(new Point(0, down)))
                                    .toList(),
                            t.closed())));
            String letters = String.join(", ", alike.stream().map(m -> m.side().letters()).distinct().toList());
            piece.words().forEach(w -> words.add(new Word(w.at().plus(new Point(0, down)), letters)));
            y = down + piece.points().mapToDouble(Point::y).max().orElseThrow() + ROW_GAP;
        }
        return new FullSize(frame.job().title(), traces, words);
    }

    /** Every point of its lines. */
    public Stream<Point> points() {
        return traces.stream().flatMap(t -> t.points().stream());
    }
}
