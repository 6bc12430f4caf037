package neatcorner.core.drawing;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.OnePiece;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.joint.Insert;
import neatcorner.core.outline.Point;
import neatcorner.core.plan.Plan;
import neatcorner.core.wood.Species;

/**
 * The second corner of a plan close up, seen from the face as it lies in the frame, with its own angle and faces, and
 * with its joint: pins from both sides, V-fasteners on the back, splines across the tip.
 */
public final class CornerDrawing {
    /** So many faces of each piece are shown. */
    private static final double SHOWN = 2.1;
    /** So much of a face is shown past the inner corner at least. */
    private static final double PAST_INNER = 0.4;

    private final Plan plan;
    private final Sketch sketch;
    private final double width;
    private final double height;
    private final Member before;
    private final Member after;
    private final Point tip;
    /** From the tip back along the piece before, and on along the piece after. */
    private final Point back;
    private final Point on;
    private final double reach;
    private double unit;
    private Point middle = new Point(0, 0);

    private CornerDrawing(Plan plan, Reader reader, double width, double height) {
        this.plan = plan;
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        this.before = plan.frame().members().get(0);
        this.after = plan.frame().members().get(1);
        this.tip = before.outline().get(1);
        this.back = before.outline().get(0).minus(tip).unit();
        this.on = after.outline().get(1).minus(after.outline().get(0)).unit();
        double wide = Math.max(before.stock().width().toMm(), after.stock().width().toMm());
        Point inner = before.outline().get(2).minus(tip);
        this.reach = Math.max(
                Math.max(SHOWN * wide, Math.max(inner.dot(back), inner.dot(on)) + wide * PAST_INNER),
                plan.joints().reach(plan.frame()));
    }

    /** The picture. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        if (plan.frame().isSquared()) {
            return CrossingFlat.draw(plan, reader, width, height);
        }
        return new CornerDrawing(plan, reader, width, height).draw();
    }

    private At at(Point place) {
        return new At(width / 2 + (place.x() - middle.x()) * unit, height / 2 + (place.y() - middle.y()) * unit);
    }

    /** So far from the tip along a piece, and so far in from its outside edge. */
    private Point in(Point along, double far, double deep) {
        Point inward = along == back ? along.outward() : along.outward().times(-1);
        return tip.plus(along.times(far)).plus(inward.times(deep));
    }

    private Picture draw() {
        Point inner = before.outline().get(2);
        List<Point> one = List.of(in(back, reach, 0), tip, inner, in(back, reach, wide(before)));
        List<Point> other = List.of(tip, in(on, reach, 0), in(on, reach, wide(after)), inner);
        fit(Stream.concat(one.stream(), other.stream()).toList());
        Species species = plan.job().section().species();
        if (plan.frame().isSolid()) {
            List<Point> board = List.of(one.get(0), tip, other.get(1), other.get(2), inner, one.get(3));
            sketch.woodAlong(board.stream().map(this::at).toList(), OnePiece.grain(plan.frame()), species, 3);
        } else {
            sketch.wood(at(one.get(0)), at(one.get(1)), at(one.get(2)), at(one.get(3)), species, 3, false);
            sketch.wood(at(other.get(0)), at(other.get(1)), at(other.get(2)), at(other.get(3)), species, 8, false);
        }
        sketch.line(List.of(at(one.get(0)), at(tip), at(other.get(1))), edge(), sketch.em(1.6), Mark.Dash.SOLID);
        sketch.line(List.of(at(one.get(3)), at(inner), at(other.get(2))), edge(), sketch.em(1.4), Mark.Dash.SOLID);
        if (!plan.frame().isSolid()) {
            sketch.line(at(tip), at(inner), Sketch.letters(species), sketch.em(1.4));
        }
        Stream.of(before, after).flatMap(member -> member.curve().stream()).forEach(curve -> {
            sawn(curve.outer());
            sawn(curve.inner());
        });
        Stream.of(before, after).map(Member::edge).forEach(this::sawn);
        OuterShaping.of(plan.frame()).map(OuterShaping::line).ifPresent(this::sawn);
        if (plan.job().section().lip().isPositive() && before.curve().isEmpty() && after.curve().isEmpty()) {
            rabbet(inner);
        }
        if (plan.joints().used().fits() || !plan.joints().used().settings().isEmpty()) {
            joint();
        }
        if (!plan.frame().isSolid()) {
            letters(species);
        }
        return sketch.picture(width, height);
    }

    private void letters(Species species) {
        letter(in(back, reach * 0.7, wide(before) * 0.4), before.side().to(), species);
        letter(in(on, reach * 0.7, wide(after) * 0.4), after.side().from(), species);
    }

    private void letter(Point place, String letter, Species species) {
        sketch.text(at(place), letter, Sketch.letters(species), 12, true, Anchor.MIDDLE);
    }

    /** A line that a blank, or an inner edge, is sawn along, as far as it is shown. */
    private void sawn(List<Point> line) {
        List<At> shown = line.stream().filter(p -> p.to(tip) < reach).map(this::at).toList();
        if (shown.size() > 1) {
            sketch.line(
                    shown,
                    Paint.of(Sketch.letters(plan.job().section().species())),
                    sketch.em(1.2),
                    Mark.Dash.HIDDEN);
        }
    }

    /** As wide as the piece is seen from the front, a curved one as its blank. */
    private static double wide(Member member) {
        return member.stock().width().toMm() * Math.hypot(member.place().outward().x(), member.place().outward().y());
    }

    private void fit(List<Point> all) {
        double left = all.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = all.stream().mapToDouble(Point::x).max().orElseThrow();
        double top = all.stream().mapToDouble(Point::y).min().orElseThrow();
        double low = all.stream().mapToDouble(Point::y).max().orElseThrow();
        unit = Math.min((width - sketch.em(24)) / (right - left), (height - sketch.em(20)) / (low - top));
        middle = new Point((left + right) / 2, (top + low) / 2);
    }

    /** The rabbet behind the face, parallel to both sight edges. */
    private void rabbet(Point inner) {
        double lip = plan.job().section().lip().toMm();
        double share = Math.clamp(lip / wide(before), 0, 1);
        Point corner = inner.plus(tip.minus(inner).times(share));
        Point one = in(back, reach, wide(before) - lip);
        Point other = in(on, reach, wide(after) - lip);
        sketch.line(
                List.of(at(one), at(corner), at(other)),
                Paint.of(Sketch.letters(plan.job().section().species())),
                sketch.em(1),
                Mark.Dash.HIDDEN);
    }

    private Paint edge() {
        return new Paint.Wood(plan.job().section().species(), Paint.Shade.EDGE);
    }

    /** What lies in the corner, seen from the front: of several over one another, one. */
    private void joint() {
        for (Insert insert : plan.joints().inserts(plan.frame())) {
            List<At> places = insert.outline().stream().map(place -> at(new Point(place.x(), place.y()))).toList();
            switch (insert.form()) {
                case WIRE -> wire(places.getFirst(), places.getLast());
                case PLATE, BLOCK -> {
                    if (insert.isBehind()) {
                        sketch.hidden(places, Ink.GIVEN);
                        continue;
                    }
                    sketch.area(places, Ink.KEY);
                    sketch.outline(places, Ink.PENCIL, sketch.em(1));
                }
                case STRIP -> sketch.line(places, Paint.of(Ink.METAL), sketch.em(2.6), Mark.Dash.SOLID);
            }
        }
    }

    /** A wire with a head square to it. */
    private void wire(At head, At point) {
        sketch.line(head, point, Ink.METAL, sketch.em(2.2));
        double length = Math.hypot(point.x() - head.x(), point.y() - head.y());
        double right = -(point.y() - head.y()) / length * sketch.em(4);
        double down = (point.x() - head.x()) / length * sketch.em(4);
        sketch.line(head.plus(-right, -down), head.plus(right, down), Ink.METAL, sketch.em(2.4));
    }
}
