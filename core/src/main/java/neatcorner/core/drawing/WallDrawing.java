package neatcorner.core.drawing;

import java.util.List;
import java.util.Locale;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Assembly;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;

/**
 * The wall to scale: floor, centre line and hook with their heights, the frame where it will hang, and beside it its
 * back.
 */
public final class WallDrawing {
    /** So much of a wall is shown at least, in mm. */
    private static final double LEAST_SHOWN = 2000;
    private static final double ABOVE = 180;
    /** Below this the back makes room for the wall. */
    private static final double NARROW = 480;
    private final Plan plan;
    private final Reader reader;
    private final Sketch sketch;
    private final double width;
    private final double height;

    private WallDrawing(Plan plan, Reader reader, double width, double height) {
        this.plan = plan.hung();
        this.reader = reader;
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
    }

    /** The picture, to fill a space of this size. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        WallDrawing drawing = new WallDrawing(plan, reader, width, height);
        if (!drawing.plan.hang().chosen().isOnWall()) {
            if (drawing.plan.job().section().recess() instanceof Recess.Over) {
                drawing.wall(width);
            } else {
                drawing.laid();
            }
            return drawing.sketch.picture(width, height);
        }
        double share = width < drawing.sketch.em(NARROW) ? 0.68 : 0.58;
        double wall = Math.min(width * share, height * 0.95);
        drawing.wall(wall);
        drawing.sketch.line(new At(wall, 0), new At(wall, height), Ink.HAIRLINE, drawing.sketch.em(1));
        drawing.sketch.small(
                new At((wall + width) / 2, drawing.sketch.em(12)), drawing.sketch.say("wall.back"), Anchor.MIDDLE);
        drawing.sketch.inset(
                FrameDrawing.hardware(drawing.plan, reader, width - wall, height - drawing.sketch.em(16)),
                wall,
                drawing.sketch.em(16));
        return drawing.sketch.picture(width, height);
    }

    /** On a table, seen from the front; nothing is fixed to a wall. */
    private void laid() {
        double table = height * 0.8;
        sketch.area(Sketch.rectangle(0, table, width, height), Ink.BOARD);
        sketch.line(new At(0, table), new At(width, table), Ink.INK, sketch.em(1.6));
        sketch.small(new At(sketch.em(8), table + sketch.em(14)), sketch.say("wall.table"), Anchor.START);
        double wide = plan.assembly().width().toMm();
        double high = plan.assembly().height().toMm();
        double unit = Math.min((table - sketch.em(40)) / high, (width - sketch.em(60)) / wide);
        double w = wide * unit + sketch.em(4);
        double h = high * unit + sketch.em(4);
        sketch.inset(FrameDrawing.small(plan, reader, w, h), (width - w) / 2, table - h);
    }

    private void wall(double room) {
        Assembly whole = plan.assembly();
        double wide = whole.width().toMm();
        double high = whole.height().toMm();
        double centre = plan.frame().habits().get(Habit.CENTRE_HEIGHT).toMm();
        double shown = Math.max(LEAST_SHOWN, centre + high / 2 + ABOVE);
        double floor = height - sketch.em(34);
        double side = beside(room);
        double unit = Math.min((floor - sketch.em(24)) / shown, (room - 2 * side) / wide);
        double x = room / 2;
        sketch.area(Sketch.rectangle(0, floor, room, height), Ink.BOARD);
        sketch.line(new At(0, floor), new At(room, floor), Ink.INK, sketch.em(1.6));
        sketch.small(new At(sketch.em(8), floor + sketch.em(14)), sketch.say("wall.floor"), Anchor.START);
        At middle = new At(x, floor - centre * unit);
        sketch.line(
                List.of(new At(sketch.em(6), middle.y()), new At(room - sketch.em(6), middle.y())),
                Paint.of(Ink.GIVEN),
                sketch.em(1.2),
                Mark.Dash.HIDDEN);
        sketch.inset(FrameDrawing.small(plan, reader, wide * unit + sketch.em(4), high * unit + sketch.em(4)),
                x - wide * unit / 2 - sketch.em(2), middle.y() - high * unit / 2 - sketch.em(2));
        double top = middle.y() - high * unit / 2;
        int carrier = plan.job().carrier();
        if (plan.hang().chosen().isOnWall()) {
            hook(
                x - wide * unit / 2 + whole.leftOf(carrier).toMm() * unit,
                top + whole.below(carrier).toMm() * unit,
                unit,
                floor,
                room);
        }
        double line = side * 0.55;
        sketch.line(new At(line, middle.y()), new At(line, floor), Ink.SOFT, sketch.em(1));
        sketch.tag(plan, new At(line, floor - sketch.em(54)), Habit.CENTRE_HEIGHT, sketch.say("wall.centre"));
    }

    /** Left free on either side of the frame, for the heights. */
    private double beside(double room) {
        return Math.min(sketch.em(84), room * 0.2);
    }

    /** What it hangs on, where that is in the wall, seen through the frame: one hook, two, or a cleat. */
    private void hook(double left, double top, double unit, double floor, double room) {
        HangPlan hang = plan.hang();
        Length height = hang.hookHeight().orElseThrow().value();
        double y = floor - height.toMm() * unit;
        double middle = left
                + FrameDrawing.middleAt(
                                plan.frame(),
                                hang.rings()
                                        .map(rings -> rings.down().value().toMm())
                                        .orElse(0.0))
                        * unit;
        double half =
                hang.rings().map(rings -> rings.apart().value().toMm() / 2).orElse(FrameDrawing.fixedHalf(plan)) * unit;
        hang.wire()
                .ifPresent(wire -> hang.rings().ifPresent(rings -> {
                    double low = top + rings.down().value().toMm() * unit;
                    sketch.line(
                            List.of(new At(middle - half, low), new At(middle, y), new At(middle + half, low)),
                            Paint.of(Ink.SAW),
                            sketch.em(1.4),
                            Mark.Dash.SOLID);
                    String pull = sketch.say("wall.pull", wire.tension());
                    double free = 2 * Math.min(middle, room - middle) - sketch.em(6);
                    sketch.text(
                            new At(middle, top - sketch.em(14)),
                            pull,
                            Ink.SOFT,
                            sketch.fitting(pull, 11.5, false, free),
                            false,
                            Anchor.MIDDLE);
                }));
        double dot = sketch.em(4);
        switch (hang.chosen()) {
            case RINGS_AND_WIRE, SAW_TOOTH ->
                sketch.area(Sketch.rectangle(middle - dot, y - dot, middle + dot, y + dot), Ink.SAW);
            case TWO_HOOKS -> {
                sketch.area(Sketch.rectangle(middle - half - dot, y - dot, middle - half + dot, y + dot), Ink.SAW);
                sketch.area(Sketch.rectangle(middle + half - dot, y - dot, middle + half + dot, y + dot), Ink.SAW);
            }
            case CLEAT ->
                sketch.area(Sketch.rectangle(middle - half, y - dot / 2, middle + half, y + dot / 2), Ink.SAW);
            case LAID -> {
            }
        }
        double right = room - beside(room) * 0.64;
        sketch.line(List.of(new At(middle, y), new At(right, y)), Paint.of(Ink.SAW), sketch.em(1), Mark.Dash.HIDDEN);
        sketch.line(new At(right, y), new At(right, floor), Ink.SOFT, sketch.em(1));
        if (height.isPositive()) {
            sketch.tag(plan, new At(right, floor - sketch.em(54)), HangPlanner.HOOK_HEIGHT,
                    sketch.say("tag.height_of." + hang.chosen().name().toLowerCase(Locale.ROOT)));
        }
    }
}
