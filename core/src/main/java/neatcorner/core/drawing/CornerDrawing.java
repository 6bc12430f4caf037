package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;

/**
 * Corner B close up, seen from the face, with its joint: pins from both sides, V-fasteners on the
 * back, splines across the tip.
 */
public final class CornerDrawing {
    private final Plan plan;
    private final Section section;
    private final Sketch sketch;
    private final double width;
    private final double height;
    private final double unit;
    private final At tip;

    private CornerDrawing(Plan plan, Reader reader, double width, double height) {
        this.plan = plan;
        this.section = plan.job().section();
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        double show = section.width().toMm() * 2.1;
        double space = Math.min(width - sketch.em(24), height - sketch.em(20));
        this.unit = space / show;
        this.tip = new At((width + space) / 2, (height - space) / 2);
    }

    /** The picture. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        return new CornerDrawing(plan, reader, width, height).draw();
    }

    /** So far in from the outside of the right side, and down from the outside of the top, in millimetres. */
    private At at(double in, double down) {
        return new At(tip.x() - in * unit, tip.y() + down * unit);
    }

    private Picture draw() {
        double face = section.width().toMm();
        double far = face * 2.1;
        sketch.wood(at(far, 0), at(0, 0), at(face, face), at(far, face), section.species(), 3, false);
        sketch.wood(at(0, 0), at(0, far), at(face, far), at(face, face), section.species(), 8, false);
        sketch.line(List.of(at(far, 0), at(0, 0), at(0, far)), edge(), sketch.em(1.6), Mark.Dash.SOLID);
        sketch.line(List.of(at(far, face), at(face, face), at(face, far)), edge(), sketch.em(1.4), Mark.Dash.SOLID);
        if (!plan.frame().isSolid()) {
            sketch.line(at(0, 0), at(face, face), Sketch.letters(section.species()), sketch.em(1.4));
        }
        if (section.lip().isPositive()) {
            double rabbet = section.face().minus(section.lip()).toMm();
            sketch.line(List.of(at(far, rabbet), at(rabbet, rabbet), at(rabbet, far)), Paint.of(Sketch.letters(section.species())), sketch.em(1), Mark.Dash.HIDDEN);
        }
        if (plan.joints().used().fits() || !plan.joints().used().settings().isEmpty()) {
            joint();
        }
        sketch.text(at(face * 0.35, face * 1.45), "B", Sketch.letters(section.species()), 12, true, Anchor.MIDDLE);
        sketch.text(at(face * 1.45, face * 0.35), "B", Sketch.letters(section.species()), 12, true, Anchor.MIDDLE);
        return sketch.picture(width, height);
    }

    private Paint edge() {
        return new Paint.Wood(section.species(), Paint.Shade.EDGE);
    }

    private double setting(String id) {
        return plan.joints().used().settings().stream().filter(f -> f.id().equals(id)).findFirst()
                .map(Figure::value).map(Length::toMm).orElse(0.0);
    }

    private void joint() {
        JointKind kind = plan.joints().chosen();
        switch (kind) {
            case GLUED, SOLID -> {
            }
            case PINNED -> pins();
            case V_FASTENED -> fasteners();
            case SPLINED -> {
                double leg = setting("joint.slot_height") * Math.sqrt(2);
                List<At> key = List.of(at(0, 0), at(leg, 0), at(0, leg));
                sketch.area(key, Ink.KEY);
                sketch.outline(key, Ink.PENCIL, sketch.em(1));
            }
        }
    }

    private void pins() {
        double from = setting("joint.pin_from_tip");
        double length = setting("joint.pin_length");
        sketch.line(at(from, 0), at(from, length), Ink.METAL, sketch.em(2.2));
        sketch.line(at(0, from), at(length, from), Ink.METAL, sketch.em(2.2));
        head(at(from, 0), sketch.em(4), 0);
        head(at(0, from), 0, sketch.em(4));
    }

    private void head(At at, double dx, double dy) {
        sketch.line(at.plus(-dx, -dy), at.plus(dx, dy), Ink.METAL, sketch.em(2.4));
    }

    /** A V-fastener bridges the joint with its point toward the outside corner. */
    private void fasteners() {
        double wing = Length.mm(6).toMm();
        for (String id : List.of("joint.v_outer", "joint.v_inner")) {
            double along = setting(id) * Math.sqrt(0.5);
            if (along > 0) {
                List<At> shape = new ArrayList<>(List.of(at(along + wing * 0.2, along - wing * 0.75), at(along - wing * 0.15, along - wing * 0.15),
                        at(along - wing * 0.75, along + wing * 0.2)));
                sketch.line(shape, Paint.of(Ink.METAL), sketch.em(2.6), Mark.Dash.SOLID);
            }
        }
    }
}
