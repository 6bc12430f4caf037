package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.outline.Point;
import neatcorner.core.section.Silhouette;
import neatcorner.core.wood.Species;

/** Wood cut across the grain: its growth rings are arcs about a pith that lies below the piece. */
final class EndGrain {
    private static final int RINGS = 9;
    private static final int STEPS = 72;

    private EndGrain() {
    }

    /** From the section's axes, in mm, to the picture. */
    interface Axes {
        At at(double x, double y);
    }

    static void draw(Sketch sketch, Silhouette wood, Species species, Axes axes) {
        for (List<Point> outline : wood.outlines()) {
            List<At> drawn = outline.stream().map(p -> axes.at(p.x(), p.y())).toList();
            sketch.area(drawn, new Paint.Wood(species, Paint.Shade.FACE));
        }
        rings(sketch, wood, species, axes);
        for (List<Point> outline : wood.outlines()) {
            sketch.outline(
                    outline.stream().map(p -> axes.at(p.x(), p.y())).toList(),
                    new Paint.Wood(species, Paint.Shade.EDGE),
                    sketch.em(1.6));
        }
    }

    private static void rings(Sketch sketch, Silhouette wood, Species species, Axes axes) {
        double wide = wood.right() - wood.left();
        double thick = wood.high() - wood.low();
        Point pith = new Point(wood.left() + wide * 0.35, wood.low() - Math.max(thick, wide * 0.3) * 0.9);
        double nearest = wood.low() - pith.y();
        double furthest = Math.hypot(wide * 0.65, wood.high() - pith.y());
        double apart = Math.max(thick, wide * 0.6) / RINGS;
        for (double radius = nearest + apart / 2; radius < furthest; radius += apart) {
            List<At> run = new ArrayList<>();
            for (int i = 0; i <= STEPS; i++) {
                double angle = Math.PI * i / STEPS;
                Point p = pith.plus(Point.heading(angle).times(radius));
                if (wood.contains(p.x(), p.y())) {
                    run.add(axes.at(p.x(), p.y()));
                } else {
                    flush(sketch, run, species);
                }
            }
            flush(sketch, run, species);
        }
    }

    private static void flush(Sketch sketch, List<At> run, Species species) {
        if (run.size() > 1) {
            sketch.line(run, new Paint.Wood(species, Paint.Shade.GRAIN), sketch.em(0.8), Mark.Dash.SOLID);
        }
        run.clear();
    }
}
