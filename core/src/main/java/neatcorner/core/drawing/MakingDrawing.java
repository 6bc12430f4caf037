package neatcorner.core.drawing;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.making.MakingStep;
import neatcorner.core.outline.Point;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Silhouette;
import neatcorner.core.words.Phrasebook;

/**
 * The stick after every step of its making, as it lies at the machine: what is down is down, the fence is
 * on the left, what the step takes is shown in the saw's colour.
 */
public final class MakingDrawing {
    private static final double CELL = 128;
    private static final double CALLED = 11.5;
    private static final double PICTURE = 74;
    private static final double WORDS = 47;
    private final Sketch sketch;
    private final Plan plan;
    private final double cell;
    private final double unit;
    /** How high the stick is drawn with what it lies on. */
    private final double high;

    private MakingDrawing(Plan plan, Reader reader, double width) {
        this.sketch = new Sketch(reader);
        this.plan = plan;
        this.high = sketch.em(PICTURE);
        List<MakingStep> steps = plan.making().steps();
        double named = IntStream.range(0, steps.size())
                .mapToDouble(i -> sketch.widthOf(called(i + 1, steps.get(i)), sketch.em(CALLED), true))
                .max()
                .orElse(0);
        double least = Math.max(sketch.em(CELL * 0.72), named + sketch.em(10));
        this.cell = Math.clamp(width / Math.max(1, steps.size()), least, Math.max(least, sketch.em(CELL * 1.4)));
        this.unit = unit(steps);
    }

    /** For one step, to fill a space. */
    private MakingDrawing(Plan plan, MakingStep step, Reader reader, double width, double height) {
        this.sketch = new Sketch(reader);
        this.plan = plan;
        this.cell = width;
        this.high = height - sketch.em(WORDS);
        this.unit = unit(List.of(step));
    }

    private double unit(List<MakingStep> steps) {
        double widest = 1;
        double highest = 1;
        for (MakingStep step : steps) {
            Silhouette all = step.stick().plus(step.taken());
            boolean upright = step.lies().filter(lies -> !lies.down().isFlatwise()).isPresent();
            widest = Math.max(widest, upright ? all.high() - all.low() : all.right() - all.left());
            highest = Math.max(highest, upright ? all.right() - all.left() : all.high() - all.low());
        }
        return Math.min((cell - sketch.em(22)) / widest, (high - sketch.em(10)) / highest);
    }

    /** The pictures side by side, in as many rows as the width asks for. */
    public static Picture draw(Plan plan, Reader reader, double width) {
        MakingDrawing drawing = new MakingDrawing(plan, reader, width);
        List<MakingStep> steps = plan.making().steps();
        double row = drawing.sketch.em(PICTURE + WORDS);
        int columns = Math.max(1, (int) (width / drawing.cell));
        for (int i = 0; i < steps.size(); i++) {
            drawing.step(i + 1, steps.get(i), i % columns * drawing.cell, i / columns * row);
        }
        return drawing.sketch.picture(width, Math.max(1, (steps.size() + columns - 1) / columns) * row);
    }

    /** One step alone, to fill a space of this size. */
    public static Picture draw(Plan plan, MakingStep step, Reader reader, double width, double height) {
        MakingDrawing drawing = new MakingDrawing(plan, step, reader, width, height);
        drawing.step(plan.making().steps().indexOf(step) + 1, step, 0, 0);
        return drawing.sketch.picture(width, height);
    }

    /** From the section's axes to the table: to the right of the fence, up from the table. */
    private static Point lying(MakingStep step, Point p, Silhouette all) {
        if (step.lies().isEmpty()) {
            return new Point(all.right() - p.x(), p.y() - all.low());
        }
        MakingStep.Lies lies = step.lies().get();
        return new Point(lies.against().off(p, all), lies.down().off(p, all));
    }

    private void step(int number, MakingStep step, double left, double top) {
        Silhouette all = step.stick().plus(step.taken());
        boolean machined = step.lies().isPresent();
        double start = left + sketch.em(machined ? 14 : 8);
        double table = top + high - sketch.em(2);
        for (List<Point> outline : step.stick().outlines()) {
            List<At> drawn = at(step, outline, all, start, table);
            sketch.area(drawn, new Paint.Wood(plan.job().section().species(), Paint.Shade.FACE));
            sketch.outline(drawn, new Paint.Wood(plan.job().section().species(), Paint.Shade.EDGE), sketch.em(1.2));
        }
        for (List<Point> outline : step.taken().outlines()) {
            sketch.hatched(at(step, outline, all, start, table), Ink.SAW);
        }
        if (machined) {
            sketch.line(
                    new At(left + sketch.em(6), table + sketch.em(1.5)),
                    new At(left + cell - sketch.em(10), table + sketch.em(1.5)),
                    Ink.SOFT,
                    sketch.em(2));
            sketch.line(
                    new At(start - sketch.em(3), table),
                    new At(start - sketch.em(3), top + sketch.em(8)),
                    Ink.SOFT,
                    sketch.em(4));
        }
        sketch.text(
                new At(left + sketch.em(4), table + sketch.em(14)),
                called(number, step),
                step.supported() ? Ink.INK : Ink.SAW,
                CALLED,
                true,
                Anchor.START);
        settings(step, left, table);
    }

    private String called(int number, MakingStep step) {
        return number + "  " + sketch.say(Phrasebook.keyOf(step.tool()));
    }

    /** Below one another: side by side they would run into the next step's. */
    private void settings(MakingStep step, double left, double table) {
        Stream<String> said = Stream.concat(step.fence().map(fence -> sketch.say("making.fence_short", fence)).stream(),
                step.height().map(height -> sketch.say("making.height_short", height)).stream());
        double line = table + sketch.em(27);
        for (String setting : said.toList()) {
            sketch.text(new At(left + sketch.em(4), line), setting, Ink.SOFT, 11, false, Anchor.START);
            line += sketch.em(13);
        }
    }

    private List<At> at(MakingStep step, List<Point> outline, Silhouette all, double start, double table) {
        return outline.stream()
                .map(p -> lying(step, p, all))
                .map(p -> new At(start + p.x() * unit, table - p.y() * unit))
                .toList();
    }
}
