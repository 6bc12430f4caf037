package neatcorner.core.drawing;

import java.util.List;
import java.util.stream.IntStream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.drawing.Mark.Dash;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.wood.Species;

/** An instrument as it stands, with what it shows. */
public final class GaugeDrawing {
    private static final Species WOOD = Species.POPLAR;
    private static final double LETTERS = 22;
    private final Sketch sketch;
    private final double width;
    private final double height;

    private GaugeDrawing(Reader reader, double width, double height) {
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
    }

    /**
     * The picture, to fill a space of this size.
     *
     * @param share how far it is moved, from 0 to 1 of all it goes
     * @param shows its number and unit
     */
    public static Picture draw(Gauge gauge, double share, String shows, Reader reader, double width, double height) {
        GaugeDrawing drawing = new GaugeDrawing(reader, width, height);
        switch (gauge) {
            case CALIPER -> drawing.caliper(share, shows);
            case ANGLE_GAUGE -> drawing.angleGauge(share, shows);
            case MOISTURE_METER -> drawing.moistureMeter(share, shows);
        }
        return drawing.sketch.picture(width, height);
    }

    private void metal(double left, double top, double right, double bottom) {
        metal(Sketch.rectangle(left, top, right, bottom));
    }

    private void metal(List<At> outline) {
        sketch.area(outline, Ink.METAL);
        sketch.outline(outline, Ink.INK, sketch.em(1));
    }

    /** What it shows, on its own ground and beside nothing else. */
    private void window(double left, double middle, String shows) {
        double high = sketch.em(LETTERS);
        double wide = sketch.widthOf(shows, high, true) + sketch.em(20);
        List<At> box = Sketch.rectangle(left, middle - high * 0.85, left + wide, middle + high * 0.85);
        sketch.area(box, Ink.PANEL);
        sketch.outline(box, Ink.INK, sketch.em(1.2));
        sketch.text(new At(left + wide / 2, middle), shows, Ink.INK, LETTERS, true, Anchor.MIDDLE);
    }

    /** A piece between its jaws. */
    private void caliper(double share, String shows) {
        double left = width * 0.05;
        double jaw = width * 0.035;
        double beam = height * 0.14;
        double top = height * 0.42;
        double tip = height * 0.9;
        double open = left + jaw + share * width * 0.82;
        sketch.wood(
                new At(left + jaw, tip - height * 0.26),
                new At(open, tip - height * 0.26),
                new At(open, tip),
                new At(left + jaw, tip),
                WOOD,
                3,
                false);
        metal(left, top, width * 0.97, top + beam);
        metal(left, top, left + jaw, tip);
        metal(open, top - height * 0.04, open + jaw, tip);
        window(Math.min(width * 0.6, left), top - height * 0.22, shows);
    }

    /** Two blades that turn on each other. */
    private void angleGauge(double share, String shows) {
        double angle = share * Math.PI;
        At pivot = new At(width * 0.6, height * 0.86);
        double length = Math.min(height * 0.72, width * 0.34);
        double half = height * 0.05;
        metal(Sketch.rectangle(pivot.x() - half, pivot.y() - half, pivot.x() + length, pivot.y() + half));
        At along = new At(Math.cos(angle), -Math.sin(angle));
        At across = new At(-along.y() * half, along.x() * half);
        metal(List.of(
                pivot.plus(across.x(), across.y()),
                pivot.plus(along.x() * length + across.x(), along.y() * length + across.y()),
                pivot.plus(along.x() * length - across.x(), along.y() * length - across.y()),
                pivot.plus(-across.x(), -across.y())));
        sketch.line(arc(pivot, length * 0.55, angle), Paint.of(Ink.SAW), sketch.em(1.6), Dash.SOLID);
        window(width * 0.04, height * 0.3, shows);
    }

    private static List<At> arc(At middle, double radius, double angle) {
        int steps = 24;
        return IntStream.rangeClosed(0, steps)
                .mapToObj(i -> angle * i / steps)
                .map(turn -> middle.plus(Math.cos(turn) * radius, -Math.sin(turn) * radius))
                .toList();
    }

    /** Two pins in the wood, and how wet that is. */
    private void moistureMeter(double share, String shows) {
        double left = width * 0.55;
        double right = width * 0.85;
        double foot = height * 0.66;
        sketch.wood(
                new At(width * 0.05, height * 0.78),
                new At(width * 0.97, height * 0.78),
                new At(width * 0.97, height * 0.98),
                new At(width * 0.05, height * 0.98),
                WOOD,
                5,
                false);
        metal(left, height * 0.08, right, foot);
        for (double at : new double[] {0.35, 0.65}) {
            double x = left + (right - left) * at;
            sketch.line(new At(x, foot), new At(x, height * 0.84), Ink.INK, sketch.em(2.5));
        }
        double bar = left + (right - left) * 0.1;
        double end = right - (right - left) * 0.1;
        sketch.area(Sketch.rectangle(bar, height * 0.3, end, height * 0.44), Ink.PANEL);
        sketch.area(Sketch.rectangle(bar, height * 0.3, bar + (end - bar) * share, height * 0.44), Ink.GLASS);
        sketch.outline(Sketch.rectangle(bar, height * 0.3, end, height * 0.44), Ink.INK, sketch.em(1));
        window(width * 0.04, height * 0.3, shows);
    }
}
