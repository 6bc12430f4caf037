package neatcorner.core.drawing;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Curve;
import neatcorner.core.frame.Member;
import neatcorner.core.joint.Pins;
import neatcorner.core.joint.Splines;
import neatcorner.core.joint.VFasteners;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.plan.Plan;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/**
 * Corner B close up, seen from the face as it lies in the frame, with its own angle and faces, and with its
 * joint: pins from both sides, V-fasteners on the back, splines across the tip.
 */
public final class CornerDrawing {
    /** So many faces of each piece are shown. */
    private static final double SHOWN = 2.1;
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
        this.reach = SHOWN * Math.max(before.stock().width().toMm(), after.stock().width().toMm());
    }

    /** The picture. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
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
        sketch.wood(at(one.get(0)), at(one.get(1)), at(one.get(2)), at(one.get(3)), species, 3, false);
        sketch.wood(at(other.get(0)), at(other.get(1)), at(other.get(2)), at(other.get(3)), species, 8, false);
        sketch.line(List.of(at(one.get(0)), at(tip), at(other.get(1))), edge(), sketch.em(1.6), Mark.Dash.SOLID);
        sketch.line(List.of(at(one.get(3)), at(inner), at(other.get(2))), edge(), sketch.em(1.4), Mark.Dash.SOLID);
        if (!plan.frame().isSolid()) {
            sketch.line(at(tip), at(inner), Sketch.letters(species), sketch.em(1.4));
        }
        Stream.of(before, after).flatMap(member -> member.curve().stream()).forEach(this::sawn);
        if (plan.job().section().lip().isPositive() && before.curve().isEmpty() && after.curve().isEmpty()) {
            rabbet(inner);
        }
        if (plan.joints().used().fits() || !plan.joints().used().settings().isEmpty()) {
            joint(inner);
        }
        sketch.text(at(in(back, reach * 0.7, wide(before) * 0.4)), "B", Sketch.letters(species), 12, true, Anchor.MIDDLE);
        sketch.text(at(in(on, reach * 0.7, wide(after) * 0.4)), "B", Sketch.letters(species), 12, true, Anchor.MIDDLE);
        return sketch.picture(width, height);
    }

    /** The lines that a blank is sawn along, as far as it is shown. */
    private void sawn(Curve curve) {
        for (List<Point> line : List.of(curve.outer(), curve.inner())) {
            List<At> shown = line.stream().filter(p -> p.to(tip) < reach).map(this::at).toList();
            if (shown.size() > 1) {
                sketch.line(shown, Paint.of(Sketch.letters(plan.job().section().species())), sketch.em(1.2), Mark.Dash.HIDDEN);
            }
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
        sketch.line(List.of(at(one), at(corner), at(other)), Paint.of(Sketch.letters(plan.job().section().species())), sketch.em(1), Mark.Dash.HIDDEN);
    }

    private Paint edge() {
        return new Paint.Wood(plan.job().section().species(), Paint.Shade.EDGE);
    }

    private double setting(FigureKey<Length> key) {
        return plan.joints().used().settings().stream().filter(f -> f.key().equals(key)).findFirst()
                .map(Figure::value).map(Length::toMm).orElse(0.0);
    }

    private void joint(Point inner) {
        switch (plan.joints().chosen()) {
            case GLUED, SOLID -> {
            }
            case PINNED -> {
                pin(back);
                pin(on);
            }
            case V_FASTENED -> fasteners(before.curve().map(curve -> curve.outer().getLast()).orElse(tip), inner.minus(tip).unit());
            case SPLINED -> key();
        }
    }

    private void pin(Point along) {
        double length = setting(Pins.LENGTH);
        double lean = plan.joints().used().lean().radians();
        Point entry = in(along, setting(Pins.FROM_TIP), 0);
        Point inward = in(along, 0, 1).minus(tip);
        Point way = inward.times(Math.sin(lean)).minus(along.times(Math.cos(lean)));
        sketch.line(at(entry), at(entry.plus(way.times(length))), Ink.METAL, sketch.em(2.2));
        Point head = along.times(sketch.em(4) / unit);
        sketch.line(at(entry.minus(head)), at(entry.plus(head)), Ink.METAL, sketch.em(2.4));
    }

    /** The key's long edge lies square to the middle of the corner, the slot's height from the tip. */
    private void key() {
        double half = plan.frame().angles().get(1).radians() / 2;
        double leg = setting(Splines.HEIGHT) / Math.cos(half);
        List<At> key = List.of(at(tip), at(in(back, leg, 0)), at(in(on, leg, 0)));
        sketch.area(key, Ink.KEY);
        sketch.outline(key, Ink.PENCIL, sketch.em(1));
    }

    /** A V-fastener bridges the joint with its point toward the outside corner. */
    private void fasteners(Point outside, Point joint) {
        double wing = 6;
        Point across = joint.outward();
        for (FigureKey<Length> key : List.of(VFasteners.OUTER_PLACE, VFasteners.INNER_PLACE)) {
            double along = setting(key);
            if (along > 0) {
                Point point = outside.plus(joint.times(along - wing * 0.3));
                Point foot = outside.plus(joint.times(along + wing * 0.4));
                sketch.line(List.of(at(foot.plus(across.times(wing * 0.7))), at(point), at(foot.minus(across.times(wing * 0.7)))),
                        Paint.of(Ink.METAL), sketch.em(2.6), Mark.Dash.SOLID);
            }
        }
    }
}
