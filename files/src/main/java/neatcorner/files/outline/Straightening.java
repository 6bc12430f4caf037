package neatcorner.files.outline;

import java.awt.geom.AffineTransform;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.phrase.Words;

/**
 * Straight sides in place of whatever was drawn. Points on a straight are dropped; curves become the
 * fewest straight sides that stay near enough, and where even that would be too many sides to saw, as
 * near as {@value #MOST_SIDES} sides allow.
 */
final class Straightening {
    /** More sides than this nobody wants to mitre. */
    static final int MOST_SIDES = 36;
    private static final int MOST_POINTS = 4_000_000;

    private Straightening() {
    }

    static OutlineFile.Found of(Path2D path, double unit) {
        Path2D scaled = new Path2D.Double(path, AffineTransform.getScaleInstance(unit, unit));
        var box = scaled.getBounds2D();
        double size = Math.max(box.getWidth(), box.getHeight());
        if (!(size > 0) || !Double.isFinite(size)) {
            throw new DrawingException("outline", Words.of("refused.straightening.has_no_size_draw"));
        }
        List<Point> points = points(scaled, size / 20_000);
        if (points.size() < 3) {
            throw new DrawingException(
                    "outline", Words.of("refused.straightening.has_points_have_more", points.size()));
        }
        Thinning thinning = new Thinning(points);
        thinning.until(size / 10_000, MOST_SIDES);
        boolean curved = thinning.off() > size / 10_000 || isCurved(scaled);
        if (curved) {
            thinning = new Thinning(points);
            thinning.until(size / 1000, MOST_SIDES);
        }
        return new OutlineFile.Found(withoutStraights(thinning.corners()), curved ? thinning.off() : 0);
    }

    private static boolean isCurved(Path2D path) {
        double[] at = new double[6];
        for (PathIterator i = path.getPathIterator(null); !i.isDone(); i.next()) {
            int kind = i.currentSegment(at);
            if (kind == PathIterator.SEG_CUBICTO || kind == PathIterator.SEG_QUADTO) {
                return true;
            }
        }
        return false;
    }

    /** The points of the first closed run, curves within {@code flatness} of their chords. */
    static List<Point> points(Path2D path, double flatness) {
        List<Point> points = new ArrayList<>();
        double[] at = new double[6];
        for (PathIterator i = new FlatteningPathIterator(path.getPathIterator(null), flatness, 12);
                !i.isDone();
                i.next()) {
            int kind = i.currentSegment(at);
            if (kind == PathIterator.SEG_CLOSE || kind == PathIterator.SEG_MOVETO && points.size() > 2) {
                break;
            }
            Point next = new Point(at[0], at[1]);
            if (points.isEmpty() || points.getLast().to(next) > 0) {
                points.add(next);
            }
            if (points.size() > MOST_POINTS) {
                throw new DrawingException(
                        "outline", Words.of("refused.straightening.has_over_points_simplify", MOST_POINTS));
            }
        }
        if (points.size() > 1 && points.getLast().to(points.getFirst()) < 1e-9) {
            points.removeLast();
        }
        return points;
    }

    /** The run may have started in the middle of a side. */
    private static List<Point> withoutStraights(List<Point> corners) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            Point before = corners.get((i + corners.size() - 1) % corners.size());
            Point after = corners.get((i + 1) % corners.size());
            if (Math.abs(Polygons.turn(before, corners.get(i), after)) > Math.toRadians(1.01)) {
                kept.add(corners.get(i));
            }
        }
        return kept;
    }
}
