package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.outline.Point;

/**
 * Finds free places for tags around a shape: beside the line a tag belongs to, as near as it goes, clear
 * of the shape, of the picture's edges and of every tag placed before.
 */
final class TagPlacer {
    private static final double[] SHARES = {0.5, 0.42, 0.58, 0.33, 0.67, 0.25, 0.75};
    private static final int STEPS_OUT = 14;
    private final List<Point> shape;
    private final double width;
    private final double height;
    private final double step;
    private final List<Box> taken = new ArrayList<>();

    /**
     * A box around a middle.
     *
     * @param halfWidth  to either side
     * @param halfHeight up and down
     */
    record Box(double x, double y, double halfWidth, double halfHeight) {
        boolean overlaps(Box other) {
            return Math.abs(x - other.x) < halfWidth + other.halfWidth
                    && Math.abs(y - other.y) < halfHeight + other.halfHeight;
        }

        List<Point> corners() {
            return List.of(new Point(x - halfWidth, y - halfHeight), new Point(x + halfWidth, y - halfHeight),
                    new Point(x + halfWidth, y + halfHeight), new Point(x - halfWidth, y + halfHeight));
        }

        boolean holds(Point p) {
            return Math.abs(p.x() - x) < halfWidth && Math.abs(p.y() - y) < halfHeight;
        }
    }

    /** A shape in a picture of this size; {@code step} is how far a tag moves out when it finds no room. */
    TagPlacer(List<At> shape, double width, double height, double step) {
        this.shape = shape.stream().map(at -> new Point(at.x(), at.y())).toList();
        this.width = width;
        this.height = height;
        this.step = step;
    }

    /** Keeps a place free for something else. */
    void take(Box box) {
        taken.add(box);
    }

    /** Takes a place when it is free of everything, the shape too; says whether it was. */
    boolean takeIfFree(Box box) {
        boolean free = isFree(box);
        if (free) {
            taken.add(box);
        }
        return free;
    }

    /**
     * The nearest free place for a box beside a line that runs round the shape clockwise; empty when
     * there is none.
     */
    Optional<At> beside(At from, At to, double halfWidth, double halfHeight) {
        Point a = new Point(from.x(), from.y());
        Point b = new Point(to.x(), to.y());
        if (a.to(b) == 0) {
            return Optional.empty();
        }
        Point out = b.minus(a).unit().outward();
        double clear = Math.abs(out.x()) * halfWidth + Math.abs(out.y()) * halfHeight + step * 0.6;
        for (int i = 0; i < STEPS_OUT; i++) {
            for (double share : SHARES) {
                Point p = a.towards(b, share).plus(out.times(clear + i * step));
                Box box = new Box(p.x(), p.y(), halfWidth, halfHeight);
                if (isFree(box)) {
                    taken.add(box);
                    return Optional.of(new At(p.x(), p.y()));
                }
            }
        }
        return Optional.empty();
    }

    private boolean isFree(Box box) {
        boolean inside = box.x() - box.halfWidth() >= 0 && box.x() + box.halfWidth() <= width
                && box.y() - box.halfHeight() >= 0 && box.y() + box.halfHeight() <= height;
        return inside && taken.stream().noneMatch(box::overlaps) && !touchesShape(box);
    }

    private boolean touchesShape(Box box) {
        if (shape.stream().anyMatch(box::holds) || box.corners().stream().anyMatch(this::isInside)) {
            return true;
        }
        List<Point> corners = box.corners();
        for (int i = 0; i < shape.size(); i++) {
            Point a = shape.get(i);
            Point b = shape.get((i + 1) % shape.size());
            for (int j = 0; j < 4; j++) {
                Point c = corners.get(j);
                Point d = corners.get((j + 1) % 4);
                if (b.minus(a).cross(c.minus(a)) * b.minus(a).cross(d.minus(a)) < 0
                        && d.minus(c).cross(a.minus(c)) * d.minus(c).cross(b.minus(c)) < 0) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Whether a level ray to the right crosses the shape an odd number of times. */
    private boolean isInside(Point p) {
        boolean inside = false;
        for (int i = 0; i < shape.size(); i++) {
            Point a = shape.get(i);
            Point b = shape.get((i + 1) % shape.size());
            if (a.y() > p.y() != b.y() > p.y() && p.x() < a.towards(b, (p.y() - a.y()) / (b.y() - a.y())).x()) {
                inside = !inside;
            }
        }
        return inside;
    }
}
