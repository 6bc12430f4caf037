package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Layer;
import neatcorner.core.job.Material;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;

/**
 * The moulding cut through, front up, outside to the left, with the package lying in it to scale.
 */
public final class SectionDrawing {
    private final Plan plan;
    private final Section section;
    private final Sketch sketch;
    private final double width;
    private final double height;
    private final double unit;
    private final double left;
    private final double base;

    private SectionDrawing(Plan plan, Reader reader, double width, double height) {
        this.plan = plan;
        this.section = plan.job().section();
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        double reach = section.width().toMm() + past();
        double tall = section.thickness().toMm() + Math.max(0, -plan.depth().left().value().toMm());
        double aside = sketch.em(100);
        double above = sketch.em(52);
        this.unit = Math.min((width - aside - sketch.em(16)) / reach, (height - 2 * above) / tall);
        this.left = aside + (width - aside - sketch.em(16) - reach * unit) / 2;
        this.base = (height - tall * unit) / 2 + section.thickness().toMm() * unit;
    }

    /** The picture, with tags on everything that can be typed. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        SectionDrawing drawing = new SectionDrawing(plan, reader, width, height);
        drawing.draw();
        drawing.tags();
        return drawing.sketch.picture(width, height);
    }

    /** The picture without tags, for a corner of another view. */
    public static Picture plain(Plan plan, Reader reader, double width, double height) {
        SectionDrawing drawing = new SectionDrawing(plan, reader, width, height);
        drawing.draw();
        return drawing.sketch.picture(width, height);
    }

    /** How much of the package is shown past the sight line. */
    private double past() {
        return section.recess() instanceof Recess.Bar ? 0
                : Math.max(section.face().toMm() * 0.35, section.lip().toMm() * 1.2);
    }

    /** From the section's own axes (x from the sight line outwards, y from the back) to the picture. */
    private At at(double x, double y) {
        return new At(left + (section.face().toMm() - x) * unit, base - y * unit);
    }

    private void draw() {
        List<At> outline = section.outline().stream().map(p -> at(p.x(), p.y())).toList();
        sketch.area(outline, new Paint.Wood(section.species(), Paint.Shade.FACE));
        endGrain();
        sketch.outline(outline, new Paint.Wood(section.species(), Paint.Shade.EDGE), sketch.em(1.6));
        contents();
    }

    /** Growth rings, as arcs about a pith below the piece, kept inside the outline. */
    private void endGrain() {
        double face = section.face().toMm();
        double thick = section.thickness().toMm();
        double pithX = face * 0.35;
        double pithY = -thick * 0.9;
        for (double radius = thick * 0.95; radius < thick * 2.4 + face; radius += Math.max(thick, face) / 9) {
            List<At> run = new ArrayList<>();
            for (int i = 0; i <= 80; i++) {
                double angle = Math.PI * i / 80;
                double x = pithX + radius * Math.cos(angle);
                double y = pithY + radius * Math.sin(angle);
                if (isWood(x, y)) {
                    run.add(at(x, y));
                } else {
                    flush(run);
                }
            }
            flush(run);
        }
    }

    private void flush(List<At> run) {
        if (run.size() > 1) {
            sketch.line(run, new Paint.Wood(section.species(), Paint.Shade.GRAIN), sketch.em(0.8), Mark.Dash.SOLID);
        }
        run.clear();
    }

    private boolean isWood(double x, double y) {
        double face = section.face().toMm();
        if (y <= 0 || x >= face || x <= -section.recess().ledge().toMm()) {
            return false;
        }
        return switch (section.recess()) {
            case Recess.Rabbet(Length lip, Length depth) -> x > 0 && (x > lip.toMm() || y > depth.toMm()) && y < front(x);
            case Recess.Floater(_, Length thickness) -> x < 0 ? y < thickness.toMm() : y < front(x);
            case Recess.Bar() -> x > 0 && y < front(x);
        };
    }

    private double front(double x) {
        return section.thickness().minus(section.profile().below(Math.clamp(x / section.face().toMm(), 0, 1))).toMm();
    }

    /** The package: from the front of a rabbet backwards, or from a floater's ledge forwards. */
    private void contents() {
        Frame frame = plan.frame();
        boolean floats = section.recess() instanceof Recess.Floater;
        double top = floats ? section.thickness().minus(section.recessDepth()).toMm() + plan.job().contents().stack().toMm()
                : section.recessDepth().toMm();
        double edge = floats ? -frame.habits().get(Habit.FLOAT_GAP).toMm()
                : section.lip().minus(frame.habits().get(Habit.PLAY).over(2)).toMm();
        double inner = -past();
        for (Layer layer : plan.job().contents().layers()) {
            double thick = layer.thickness().toMm();
            At a = at(edge, top);
            At c = at(Math.min(inner, edge - 1), top - thick);
            double bottom = Math.max(c.y(), a.y() + 1);
            List<At> sheet = Sketch.rectangle(a.x(), a.y(), c.x(), bottom);
            sketch.area(sheet, ink(layer.material()));
            sketch.outline(sheet, Ink.SOFT, sketch.em(0.7));
            top -= thick;
        }
    }

    private static Ink ink(Material material) {
        return switch (material.role()) {
            case GLAZING -> material == Material.MIRROR ? Ink.SILVER : Ink.GLASS;
            case MAT -> Ink.MAT;
            case ART -> Ink.ART;
            case MOUNT, BACKING -> Ink.BOARD;
        };
    }

    private void tags() {
        double face = section.face().toMm();
        double thick = section.thickness().toMm();
        double above = at(0, thick).y() - sketch.em(26);
        double below = Math.max(at(0, 0).y(), at(0, plan.depth().left().value().toMm()).y()) + sketch.em(26);
        double aside = at(face, 0).x() - sketch.em(50);
        sketch.dimension(plan, new At(at(face, 0).x(), above), new At(at(0, 0).x(), above), "section.face", sketch.say("tag.face"));
        sketch.dimension(plan, new At(aside, at(0, thick).y()), new At(aside, at(0, 0).y()), "section.thickness", sketch.say("tag.thickness"));
        switch (section.recess()) {
            case Recess.Rabbet(Length lip, Length depth) -> {
                sketch.dimension(plan, new At(at(lip.toMm(), 0).x(), below), new At(at(0, 0).x(), below), "section.lip", sketch.say("tag.lip"));
                double x = at((lip.toMm() + face) / 2, 0).x();
                sketch.dimension(plan, new At(x, at(0, depth.toMm()).y()), new At(x, at(0, 0).y()), "section.rabbet_depth", sketch.say("tag.rabbet_depth"));
            }
            case Recess.Floater(Length ledge, Length ledgeThickness) -> {
                sketch.dimension(plan, new At(at(0, 0).x(), below), new At(at(-ledge.toMm(), 0).x(), below), "section.ledge", sketch.say("tag.ledge"));
                double x = at(face, 0).x() + sketch.em(8);
                sketch.tag(plan, new At(Math.max(x, at(face / 2, 0).x()), at(0, ledgeThickness.toMm() / 2).y()), "section.ledge_thickness", "");
            }
            case Recess.Bar() -> {
            }
        }
        if (section.profile().drop().isPositive()) {
            double x = at(0, 0).x() + sketch.em(34);
            sketch.dimension(plan, new At(x, at(0, thick).y()), new At(x, at(0, thick - section.profile().drop().toMm()).y()), "section.drop", "");
        }
        if (!plan.job().contents().layers().isEmpty()) {
            String left = sketch.say(plan.depth().left().value().isNegative() ? "section.stands_proud" : "section.depth_left",
                    plan.depth().stack(), new Length(Math.abs(plan.depth().left().value().nanometres())));
            sketch.text(new At(width / 2, height - sketch.em(9)), left,
                    plan.depth().left().value().isNegative() ? Ink.SAW : Ink.SOFT, 12, false, Anchor.MIDDLE);
        }
    }
}
