package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Mitre;
import neatcorner.core.joint.HiddenFastener;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.outline.Point;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Section;

/**
 * The cut face of the sharpest mitre, outside to the left: the section drawn out along the cut, where
 * something hidden may lie, and the largest that fits.
 */
public final class MitreFaceDrawing {
    private static final int ROUND = 24;
    private final Plan plan;
    private final Sketch sketch;
    private final double stretch;
    private final double unit;
    private final double left;
    private final double base;

    private MitreFaceDrawing(Plan plan, Reader reader, double width, double height) {
        this.plan = plan;
        this.sketch = new Sketch(reader);
        Section section = plan.job().section();
        Mitre corner = plan.hidden().corner();
        this.stretch = plan.frame().isSolid() ? 1 : Math.hypot(corner.along(), corner.across()) / corner.along();
        double wide = section.width().toMm() * stretch;
        double high = section.thickness().toMm();
        double margin = sketch.em(8);
        this.unit = Math.min((width - 2 * margin) / wide, (height - 2 * margin - sketch.em(16)) / high);
        this.left = (width - wide * unit) / 2;
        this.base = (height - sketch.em(16) + high * unit) / 2;
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
        String angle = drawing.sketch.say("hidden.angle", plan.hidden().corner().toEdge());
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
        return new At(left + (plan.job().section().face().toMm() - x) * stretch * unit, base - y * unit);
    }

    private void draw() {
        for (Section.Part part : plan.job().section().parts()) {
            EndGrain.draw(sketch, part.wood(), part.species(), this::at);
        }
        if (plan.frame().isSolid()) {
            return;
        }
        for (List<Point> outline : plan.hidden().zone().outlines()) {
            List<At> drawn = new ArrayList<>(outline.stream().map(p -> at(p.x(), p.y())).toList());
            drawn.add(drawn.getFirst());
            sketch.line(drawn, Paint.of(Ink.GOOD), sketch.em(1.4), Mark.Dash.DOTTED);
        }
        shown(plan.hidden()).ifPresent(this::fastener);
    }

    /** The strongest of those that fit: a tenon, else a dowel, else what there is. */
    private static Optional<HiddenPlan.Fit> shown(HiddenPlan hidden) {
        return hidden.fits().stream().filter(f -> f.fastener().kind() == HiddenFastener.Kind.FLOATING_TENON).findFirst()
                .or(() -> hidden.fits().stream().findFirst());
    }

    /** Round ends, as a cutter leaves them; a dowel is all ends. */
    private void fastener(HiddenPlan.Fit fit) {
        double half = fit.fastener().along().toMm() * unit / 2;
        double radius = fit.fastener().thick().toMm() * unit / 2;
        At middle = at(fit.across(), fit.fromBack().value().toMm());
        List<At> outline = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double angle = 2 * Math.PI * (i + 0.5) / ROUND;
            outline.add(middle.plus(
                    Math.max(0, half - radius) * Math.signum(Math.cos(angle)) + radius * Math.cos(angle),
                    radius * Math.sin(angle)));
        }
        sketch.area(outline, Ink.KEY);
        sketch.outline(outline, Ink.PENCIL, sketch.em(1));
    }
}
