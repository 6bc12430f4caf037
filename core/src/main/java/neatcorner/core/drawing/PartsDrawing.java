package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Assembly;
import neatcorner.core.job.Layer;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.plan.Plan;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;

/**
 * All parts of a job cut through on their left, where they lie: front up, outside to the left, with the package in
 * the part that holds it. Where one stands on another they are cut through at the top, the sill of the upper one to the
 * left. The part that is looked at has a line around it.
 */
public final class PartsDrawing {
    private final Plan plan;
    private final Assembly whole;
    private final Sketch sketch;
    private final boolean named;
    private final double unit;
    private final At origin;
    private final double height;
    /** Whether the cut runs down through the top. */
    private final boolean top;

    private PartsDrawing(Plan plan, boolean named, Reader reader, double width, double height) {
        this.plan = plan;
        this.whole = plan.assembly();
        this.sketch = new Sketch(reader);
        this.named = named;
        this.height = height;
        this.top = isThroughTop(plan);
        double margin = sketch.em(named ? 10 : 4);
        double names = named ? Math.min(sketch.em(130), width * 0.4) : 0;
        double low = parts().mapToDouble(i -> back(i)).min().orElseThrow();
        double high = parts().mapToDouble(i -> back(i) + section(i).thickness().toMm())
                .max()
                .orElseThrow();
        double left = parts().mapToDouble(this::in).min().orElseThrow();
        double right = parts().mapToDouble(i -> in(i) + section(i).face().toMm())
                .max()
                .orElseThrow();
        double past = (right - left) * 0.15;
        this.unit = Math.min(
                (width - names - 2 * margin) / (right + past - left), (height - 2 * margin) / (high - low));
        double room = (right + past - left) * unit;
        this.origin = new At(
                (width - names - room) / 2 - left * unit, (height - (high - low) * unit) / 2 + high * unit);
    }

    /** With the name of every part beside it, to fill a space of this size. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        return draw(plan, true, reader, width, height);
    }

    /** Without names, for a small space. */
    public static Picture small(Plan plan, Reader reader, double width, double height) {
        return draw(plan, false, reader, width, height);
    }

    private static Picture draw(Plan plan, boolean named, Reader reader, double width, double height) {
        PartsDrawing drawing = new PartsDrawing(plan, named, reader, width, height);
        drawing.parts().forEach(drawing::wood);
        drawing.contents();
        if (plan.job().parts().size() > 1) {
            drawing.around(plan.job().seen());
        }
        if (named) {
            drawing.names(width);
        }
        return drawing.sketch.picture(width, height);
    }

    private IntStream parts() {
        return IntStream.range(0, whole.frames().size());
    }

    private Section section(int part) {
        return whole.frame(part).job().section();
    }

    private double back(int part) {
        return whole.lies().get(part).back().toMm();
    }

    /** From mm to the right of the first part's outside, and before its back. */
    private At at(double across, double before) {
        return new At(origin.x() + across * unit, origin.y() - before * unit);
    }

    /** Whether parts are cut through at the top and not on the left. */
    public static boolean isThroughTop(Plan plan) {
        return plan.job().parts().stream().anyMatch(PartsDrawing::isOnTop);
    }

    private static boolean isOnTop(Part part) {
        return part.placement().filter(Placement.OnTop.class::isInstance).isPresent();
    }

    /** How far in from the first part's outside the wood of a part begins where it is cut, in mm. */
    private double in(int part) {
        Assembly.Lie lie = whole.lies().get(part);
        if (isOnTop(plan.job().parts().get(part))) {
            return lie.down() + whole.frame(part).height(Line.OUTSIDE).toMm() - section(part).face().toMm();
        }
        return top ? lie.down() : lie.across();
    }

    private At in(int part, double x, double y) {
        boolean sill = isOnTop(plan.job().parts().get(part));
        return at(in(part) + (sill ? x : section(part).face().toMm() - x), back(part) + y);
    }

    private void wood(int part) {
        for (Section.Part strip : section(part).parts()) {
            EndGrain.draw(sketch, strip.wood(), strip.species(), (x, y) -> in(part, x, y));
        }
    }

    /** What is framed, layer behind layer from the front of the rabbet. */
    private void contents() {
        int holder = plan.job().holder();
        Section section = section(holder);
        if (!section.lip().isPositive()) {
            return;
        }
        Length play = whole.frame(holder).habits().get(Habit.PLAY).over(2);
        double edge = section.lip().minus(play).toMm();
        double inner = -section.face().toMm() * 0.3;
        double top = section.recessFront()
                .minus(plan.job().at(holder).lined())
                .toMm();
        for (Layer layer : plan.job().packed().layers()) {
            if (layer.material().role() == Material.Role.BACKING) {
                top = section.backGroove().orElse(top);
            }
            double low = top - layer.thickness().toMm();
            List<At> shape = List.of(
                    in(holder, edge, top), in(holder, inner, top), in(holder, inner, low), in(holder, edge, low));
            sketch.area(shape, SectionDrawing.ink(layer.material()));
            sketch.outline(shape, Ink.HAIRLINE, sketch.em(0.6));
            top = low;
        }
    }

    private void around(int part) {
        double gap = sketch.em(2);
        At low = at(in(part) + section(part).face().toMm(), back(part));
        At high = at(in(part), back(part) + section(part).thickness().toMm());
        sketch.outline(
                Sketch.rectangle(high.x() - gap, high.y() - gap, low.x() + gap, low.y() + gap),
                Ink.GIVEN,
                sketch.em(1.6));
    }

    /** Names on the right in the order of the fronts, each joined to its part by a line. */
    private void names(double width) {
        List<Integer> fromFront = new ArrayList<>(whole.fromBehind(true).reversed());
        double step = Math.min(sketch.em(22), height / (fromFront.size() + 1.0));
        double y = (height - step * (fromFront.size() - 1)) / 2;
        double x = width - Math.min(sketch.em(124), width * 0.38);
        for (int part : fromFront) {
            At middle = in(part, section(part).face().toMm() / 2, section(part).thickness().toMm() * 0.85);
            sketch.line(
                    List.of(middle, new At(x - sketch.em(5), y)),
                    Paint.of(Ink.SOFT),
                    sketch.em(0.8),
                    Mark.Dash.SOLID);
            String name = plan.job().parts().get(part).name();
            sketch.text(
                    new At(x, y),
                    name,
                    part == plan.job().seen() ? Ink.GIVEN : Ink.INK,
                    sketch.fitting(name, 12, part == plan.job().seen(), width - x - sketch.em(4)),
                    part == plan.job().seen(),
                    Anchor.START);
            y += step;
        }
    }
}
