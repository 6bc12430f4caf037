package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Placement.Hinged.Leaves;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import neatcorner.core.wood.Species;

/**
 * Leaves and the opening they hang in from above, cut through half way up, the wall at the top: shut, open at a right
 * angle, and folded right back.
 */
public final class SwingDrawing {
    private static final int ARC = 24;
    private final Sketch sketch;
    private final Frame base;
    private final Frame leaf;
    private final Placement.Hinged hung;
    /** How far from the wall the front of the shut leaves lies, in mm. */
    private final double front;
    /** The hinge side of a leaf that hangs on the left, and of one on the right, in mm from the left. */
    private final double leftHinge;
    private final double rightHinge;
    /** How far folded leaves reach beyond the sides, in mm. */
    private final double beyond;
    private final double depth;
    private final double unit;
    private final At origin;

    private SwingDrawing(Plan plan, Placement.Hinged hung, Reader reader, double width, double height) {
        Assembly whole = plan.assembly();
        int on = whole.job().indexOf(hung.on());
        int seen = whole.job().seen();
        this.sketch = new Sketch(reader);
        this.hung = hung;
        this.base = whole.frame(on);
        this.leaf = whole.frame(seen);
        Assembly.Lie under = whole.lies().get(on);
        List<Assembly.Lie> alike = whole.copies(seen);
        double across = base.width(Line.OUTSIDE).toMm();
        double wide = leaf.width(Line.OUTSIDE).toMm();
        this.depth = base.job().section().thickness().toMm();
        this.front = alike.getFirst()
                .back()
                .minus(under.back())
                .plus(leaf.job().section().thickness())
                .toMm();
        this.leftHinge = alike.getFirst().across() - under.across();
        this.rightHinge = alike.getLast().across() - under.across() + wide;
        double left = hung.leaves() == Leaves.RIGHT ? 0 : wide - leftHinge;
        double right = hung.leaves() == Leaves.LEFT ? 0 : wide - (across - rightHinge);
        this.beyond = Math.max(0, Math.max(left, right));
        double down = Math.max(depth, front) + wide;
        this.unit = Math.min(
                (width - sketch.em(40)) / (across + 2 * beyond), (height - sketch.em(34)) / Math.max(1, down));
        this.origin = new At((width - across * unit) / 2, sketch.em(6));
    }

    /**
     * The picture, to fill a space of this size.
     *
     * @param hung how the part that is looked at hangs
     */
    public static Picture draw(Plan plan, Placement.Hinged hung, Reader reader, double width, double height) {
        return new SwingDrawing(plan, hung, reader, width, height).draw(width, height);
    }

    private At at(double across, double out) {
        return new At(origin.x() + across * unit, origin.y() + out * unit);
    }

    private List<At> box(double from, double back, double to, double out) {
        return List.of(at(from, back), at(to, back), at(to, out), at(from, out));
    }

    private Picture draw(double width, double height) {
        double across = base.width(Line.OUTSIDE).toMm();
        sketch.line(new At(0, origin.y()), new At(width, origin.y()), Ink.HAIRLINE, sketch.em(1.2));
        List<Point> sight = Known.in(base.lines(), Line.SIGHT);
        double left = Polygons.least(sight).x();
        double right = sight.stream().mapToDouble(Point::x).max().orElseThrow();
        wood(box(0, 0, left, depth), base.job().section().species());
        wood(box(right, 0, across, depth), base.job().section().species());
        double wide = leaf.width(Line.OUTSIDE).toMm();
        if (hung.leaves() != Leaves.RIGHT) {
            leaf(leftHinge, leftHinge + wide, 1);
        }
        if (hung.leaves() != Leaves.LEFT) {
            leaf(rightHinge, rightHinge - wide, -1);
        }
        sketch.text(
                new At(width / 2, height - sketch.em(8)),
                beyond > 0
                        ? sketch.say(
                                "swing.room",
                                leaf.width(Line.OUTSIDE),
                                Length.mm(beyond))
                        : sketch.say("swing.room_front", leaf.width(Line.OUTSIDE)),
                Ink.SOFT,
                11,
                false,
                Anchor.MIDDLE);
        return sketch.picture(width, height);
    }

    private void wood(List<At> outline, Species species) {
        sketch.area(outline, new Paint.Wood(species, Paint.Shade.FACE));
        sketch.outline(outline, new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(1.1));
    }

    /**
     * A leaf shut, open at a right angle and folded back, round its knuckle at its front.
     *
     * @param hinge where its hinge side is, in mm from the left
     * @param free  where its free side is
     * @param way   1 where that lies to the right
     */
    private void leaf(double hinge, double free, int way) {
        Species species = leaf.job().section().species();
        double thick = leaf.job().section().thickness().toMm();
        double wide = Math.abs(free - hinge);
        double out = front;
        wood(box(hinge, out - thick, free, out), species);
        List<At> open = box(hinge - way * thick, out, hinge, out + wide);
        sketch.outline(open, new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(1.1));
        sketch.hidden(box(hinge, out, hinge - way * wide, out + thick), Ink.SOFT);
        List<At> arc = new ArrayList<>();
        for (int i = 0; i <= ARC; i++) {
            double turn = Math.PI * i / ARC;
            arc.add(at(hinge + way * wide * Math.cos(turn), out + wide * Math.sin(turn)));
        }
        sketch.line(arc, Paint.of(Ink.HAIRLINE), sketch.em(1), Mark.Dash.DOTTED);
        double knuckle = sketch.em(2.5) / unit;
        sketch.area(box(hinge - knuckle, out - knuckle, hinge + knuckle, out + knuckle), Ink.METAL);
    }
}
