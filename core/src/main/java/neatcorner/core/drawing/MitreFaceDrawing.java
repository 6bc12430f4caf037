package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.joint.Insert;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Section;

/**
 * The cut face of the sharpest mitre, outside to the left: the section drawn out along the cut, where
 * something hidden may lie, and what passes the joint there.
 */
public final class MitreFaceDrawing {
    private static final double STEP = 10;
    private final Plan plan;
    private final Sketch sketch;
    /** The frame turned so that the corner is that of its first two pieces. */
    private final Frame frame;
    private final Member member;
    private final double stretch;
    private final double unit;
    private final double left;
    private final double base;

    private MitreFaceDrawing(Plan plan, Reader reader, double width, double height) {
        this.plan = plan;
        this.sketch = new Sketch(reader);
        this.frame = sharpest(plan);
        this.member = frame.members().getFirst();
        Section section = member.section();
        Mitre corner = member.joint(true);
        this.stretch = frame.isSolid() ? 1 : Math.hypot(corner.along(), corner.across()) / corner.along();
        double wide = section.width().toMm() * stretch;
        double high = section.thickness().toMm();
        double margin = sketch.em(8);
        this.unit = Math.min((width - 2 * margin) / wide, (height - 2 * margin - sketch.em(16)) / high);
        this.left = (width - wide * unit) / 2;
        this.base = (height - sketch.em(16) + high * unit) / 2;
    }

    private static Frame sharpest(Plan plan) {
        return IntStream.range(0, plan.frame().members().size())
                .mapToObj(plan.frame()::from)
                .min(Comparator.comparingDouble(
                        turned -> turned.members().getFirst().joint(true).along()))
                .orElseThrow();
    }

    /** The picture. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        if (plan.frame().isSquared()) {
            return CrossingCut.draw(plan, reader, width, height);
        }
        MitreFaceDrawing drawing = new MitreFaceDrawing(plan, reader, width, height);
        drawing.draw();
        if (plan.frame().isSolid()) {
            return drawing.sketch.picture(width, height);
        }
        String angle = drawing.sketch.say(
                "hidden.angle", drawing.member.joint(true).toEdge());
        drawing.sketch.text(
                new At(width / 2, height - drawing.sketch.em(8)),
                angle,
                Ink.SOFT,
                drawing.sketch.fitting(angle, 11.5, false, width - 4),
                false,
                Anchor.MIDDLE);
        return drawing.sketch.picture(width, height);
    }

    private At at(double x, double y) {
        return new At(left + (member.section().face().toMm() - x) * stretch * unit, base - y * unit);
    }

    private void draw() {
        for (Section.Part part : member.section().parts()) {
            EndGrain.draw(sketch, part.wood(), part.species(), this::at);
        }
        if (plan.frame().isSolid()) {
            return;
        }
        if (member.section().equals(plan.frame().members().getFirst().section())) {
            for (List<Point> outline : plan.hidden().zone().outlines()) {
                List<At> drawn =
                        new ArrayList<>(outline.stream().map(p -> at(p.x(), p.y())).toList());
                drawn.add(drawn.getFirst());
                sketch.line(drawn, Paint.of(Ink.GOOD), sketch.em(1.4), Mark.Dash.DOTTED);
            }
        }
        plan.joints().inserts(frame).stream()
                .filter(insert -> insert.form() != Insert.Form.BLOCK)
                .forEach(this::passing);
    }

    /** What of a thing in the corner passes the joint. */
    private void passing(Insert insert) {
        Vector tip = member.end(0, 0, true);
        Vector normal = member.end(-STEP, 0, true)
                .minus(tip)
                .cross(member.end(0, STEP, true).minus(tip));
        Ink ink = insert.form() == Insert.Form.PLATE ? Ink.KEY : Ink.METAL;
        for (Hull body : insert.bodies()) {
            List<At> cut = body.cut(tip, normal).stream().map(this::at).toList();
            if (cut.size() > 2) {
                sketch.area(cut, ink);
                sketch.outline(cut, Ink.PENCIL, sketch.em(1));
            }
        }
    }

    private At at(Vector place) {
        Vector from = place.minus(member.place().start());
        return at(
                member.section().face().toMm() + from.dot(member.place().outward()),
                from.dot(member.place().front()));
    }
}
