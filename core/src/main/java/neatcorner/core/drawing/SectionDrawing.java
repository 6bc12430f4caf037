package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Layer;
import neatcorner.core.job.Part;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.plan.Plan;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.Silhouette;
import neatcorner.core.shop.Habit;

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

    private SectionDrawing(Plan plan, Reader reader, double width, double height, double aside, double above) {
        this.plan = plan;
        this.section = plan.job().section();
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        double reach = section.width().toMm() + past();
        double tall = section.thickness().toMm() + proud();
        this.unit = Math.max(1e-3, Math.min((width - 2 * aside) / reach, (height - 2 * above) / tall));
        this.left = (width - reach * unit) / 2;
        this.base = (height - tall * unit) / 2 + section.thickness().toMm() * unit;
    }

    /**
     * The picture to work on: tags on everything that can be typed, grips on everything that can be
     * dragged, what may be used for hidden fasteners, and the frame it makes in a corner.
     */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        SectionDrawing drawing = withRoomForTags(plan, reader, width, height);
        drawing.frame(reader);
        drawing.wood();
        drawing.contents();
        drawing.safeZone();
        drawing.tags();
        return drawing.sketch.picture(width, height);
    }

    /** The picture with its numbers, for paper. */
    public static Picture dimensioned(Plan plan, Reader reader, double width, double height) {
        SectionDrawing drawing = withRoomForTags(plan, reader, width, height);
        drawing.wood();
        drawing.contents();
        drawing.tags();
        Picture picture = drawing.sketch.picture(width, height);
        return new Picture(
                width,
                height,
                picture.marks().stream()
                        .filter(mark -> !(mark instanceof Mark.Grip))
                        .toList());
    }

    private static SectionDrawing withRoomForTags(Plan plan, Reader reader, double width, double height) {
        int rows = SectionTags.rows(plan.job().section());
        return new SectionDrawing(plan, reader, width, height, Math.min(reader.scale() * (58 + 34 * rows), width * 0.3),
                Math.min(reader.scale() * (42 + 24 * rows), height * 0.3));
    }

    /** The picture without tags, for a corner of another view. */
    public static Picture plain(Plan plan, Reader reader, double width, double height) {
        SectionDrawing drawing =
                new SectionDrawing(plan, reader, width, height, reader.scale() * 8, reader.scale() * 8);
        drawing.wood();
        drawing.contents();
        return drawing.sketch.picture(width, height);
    }

    /** A section by itself, as it lies, the sight edge to the right. */
    public static Picture alone(Section section, Reader reader, double width, double height) {
        Sketch sketch = new Sketch(reader);
        double left = section.parts().stream().mapToDouble(part -> part.wood().left()).min().orElse(0);
        double right = section.parts().stream().mapToDouble(part -> part.wood().right()).max().orElse(1);
        double high = section.parts().stream().mapToDouble(part -> part.wood().high()).max().orElse(1);
        double margin = sketch.em(8);
        double unit = Math.min((width - 2 * margin) / (right - left), (height - 2 * margin) / high);
        for (Section.Part part : section.parts()) {
            EndGrain.draw(
                    sketch,
                    part.wood(),
                    part.species(),
                    (x, y) -> new At(margin + (right - x) * unit, margin + (high - y) * unit));
        }
        return sketch.picture(width, high * unit + 2 * margin);
    }

    /** How much of the package is shown past the sight line, or past a floater's ledge. */
    private double past() {
        double face = section.face().toMm();
        return switch (section.recess()) {
            case Recess.Bar _ -> 0;
            case Recess.Over _ -> face * 0.4;
            case Recess.Floater _ ->
                plan.job().linings().stream()
                        .mapToDouble(ledge -> ledge.body().section().face().toMm() * 1.15)
                        .max()
                        .orElse(face * 0.5);
            default -> Math.max(face * 0.22, section.lip().toMm() * 1.2);
        };
    }

    private double proud() {
        return Math.max(0, -plan.depth().left().value().toMm());
    }

    /** From the section's own axes (x from the sight line outwards, y from the back) to the picture. */
    private At at(double x, double y) {
        return new At(left + (section.face().toMm() - x) * unit, base - y * unit);
    }

    private void wood() {
        for (Section.Part part : section.parts()) {
            EndGrain.draw(sketch, part.wood(), part.species(), this::at);
        }
    }

    /** The mirror a surround lies on, up to the wall, with the clip that holds it. */
    private void mirror(Recess.Over over) {
        double back = -over.stands().toMm();
        At edge = at(over.overlap().toMm(), 0);
        At in = at(-past(), back);
        List<At> glass = Sketch.rectangle(edge.x(), edge.y(), in.x(), in.y());
        sketch.area(glass, Ink.SILVER);
        sketch.outline(glass, Ink.SOFT, sketch.em(0.7));
        At clip = at(over.overlap().minus(over.clips()).toMm(), 0);
        sketch.line(edge, clip, Ink.METAL, sketch.em(3));
        sketch.line(edge, at(over.overlap().toMm(), back), Ink.METAL, sketch.em(3));
        sketch.line(at(section.face().toMm(), back), in, Ink.INK, sketch.em(1.6));
    }

    /** The package: from the front of a rabbet backwards, or from a floater's ledge forwards. */
    private void contents() {
        if (section.recess() instanceof Recess.Over over) {
            mirror(over);
            return;
        }
        Frame frame = plan.frame();
        boolean floats = section.recess() instanceof Recess.Floater;
        double top = floats
                ? section.stacked().minus(section.recessDepth()).toMm()
                        + plan.job().contents().stack().toMm()
                : section.recessFront().toMm();
        Length lip = section.lip().minus(frame.habits().get(Habit.PLAY).over(2));
        double edge = floats ? -frame.habits().get(Habit.FLOAT_GAP).toMm() : lip.toMm();
        double inner = -past() - section.recess().ledge().toMm();
        top += floats ? lining() : -lining();
        for (Layer layer : plan.job().contents().layers()) {
            double thick = layer.thickness().toMm();
            double wider = section.recess() instanceof Recess.DoubleRabbet step
                            && layer.material().role() == Material.Role.BACKING
                    ? step.wider().toMm()
                    : 0;
            if (layer.material().role() == Material.Role.BACKING) {
                top = section.backGroove().orElse(top);
            }
            At a = at(edge + wider, top);
            At c = at(Math.min(inner, edge - 1), top - thick);
            double bottom = Math.max(c.y(), a.y() + 1);
            List<At> sheet = Sketch.rectangle(a.x(), a.y(), c.x(), bottom);
            sketch.area(sheet, ink(layer.material()));
            sketch.outline(sheet, Ink.SOFT, sketch.em(0.7));
            top -= thick;
        }
    }

    /**
     * What lines the rabbet, against its wall and its ledge, or is the ledge behind a floater's wall; how thick that is
     * in all, in mm.
     */
    private double lining() {
        boolean wall = section.recess() instanceof Recess.Floater;
        double front = wall ? plan.job().lined().toMm() : section.recessFront().toMm();
        double first = front;
        for (Part lining : plan.job().linings()) {
            Section own = lining.body().section();
            double outer = section.lip().minus(lining.placement().orElseThrow().gap()).toMm();
            double back = front - own.thickness().toMm();
            for (Section.Part strip : own.parts()) {
                EndGrain.draw(
                        sketch,
                        strip.wood(),
                        strip.species(),
                        (x, y) -> at(outer - own.face().toMm() + x, back + y));
            }
            front = back;
        }
        return first - front;
    }

    static Ink ink(Material material) {
        return switch (material.role()) {
            case GLAZING -> material == Material.MIRROR ? Ink.SILVER : Ink.GLASS;
            case MAT -> Ink.MAT;
            case ART -> Ink.ART;
            case MOUNT, BACKING -> Ink.BOARD;
        };
    }

    /** Where something hidden in the corner may lie, and the largest dowel that fits there. */
    private void safeZone() {
        Silhouette zone = plan.hidden().zone();
        for (List<Point> outline : zone.outlines()) {
            List<At> drawn = new ArrayList<>(outline.stream().map(p -> at(p.x(), p.y())).toList());
            drawn.add(drawn.getFirst());
            sketch.line(drawn, Paint.of(Ink.GOOD), sketch.em(1.2), Mark.Dash.DOTTED);
        }
    }

    /** What the section makes, so that the frame stays in view. */
    private void frame(Reader reader) {
        double w = Math.min(width * 0.17, sketch.em(120));
        double h = Math.min(height * 0.24, sketch.em(110));
        sketch.inset(FrameDrawing.small(plan, reader, w, h), width - w - sketch.em(4), sketch.em(4));
    }

    private void tags() {
        SectionTags.Axes axes = new SectionTags.Axes() {
            @Override
            public At at(double x, double y) {
                return SectionDrawing.this.at(x, y);
            }

            @Override
            public double unit() {
                return unit;
            }
        };
        Optional<String> left = plan.job().contents().layers().isEmpty()
                ? Optional.empty()
                : Optional.of(sketch.say(
                        plan.depth().left().value().isNegative()
                                ? "section.stands_proud"
                                : plan.job().section().recess() instanceof Recess.Floater
                                        ? "section.below_front"
                                        : "section.depth_left",
                        plan.depth().stack(),
                        new Length(Math.abs(plan.depth().left().value().nanometres()))));
        Ink ink = plan.depth().left().value().isNegative() ? Ink.SAW : Ink.SOFT;
        double foot = left.map(words -> sketch.footnote(words, ink, width, height)).orElse(sketch.em(20));
        new SectionTags(plan, sketch, axes, past(), width, height - foot).draw();
    }
}
