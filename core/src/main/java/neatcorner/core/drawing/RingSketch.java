package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Gap;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;

/** A frame of pieces that are a little off, with what its corners are left with beside them. */
final class RingSketch {
    private final Sketch sketch;
    private final List<Member> ring;

    RingSketch(Sketch sketch, List<Member> ring) {
        this.sketch = sketch;
        this.ring = ring;
    }

    /** So far from a corner what is written of it stands. */
    private static final double OUT = 30;

    /**
     * What is written beside a corner.
     *
     * @param gap   how wide it is, in mm
     * @param where it is
     */
    record Beside(double gap, String where) {
        /** Nothing worth a word. */
        static final Beside NOTHING = new Beside(0, "");
    }

    /**
     * Draws it into a part of the picture.
     *
     * @param sides  where the pieces lie, in mm
     * @param beside the corners, in the order of the sides; empty for nothing
     */
    void draw(List<List<Point>> sides, String caption, double left, double width, double height, List<Beside> beside) {
        List<Point> all = sides.stream().flatMap(List::stream).toList();
        Point least = Polygons.least(all);
        double wide = all.stream().mapToDouble(Point::x).max().orElseThrow() - least.x();
        double high = all.stream().mapToDouble(Point::y).max().orElseThrow() - least.y();
        double foot = sketch.footnote(caption, Ink.SOFT, new At(left + width / 2, height), width - sketch.em(16));
        double margin = sketch.em(58);
        double aside = Math.max(margin, sketch.em(OUT + 2) + widest(beside) / 2);
        double unit = Math.min((width - 2 * aside) / wide, (height - foot - 2 * margin) / high);
        double x = left + (width - wide * unit) / 2;
        double y = (height - foot - high * unit) / 2;
        Point middle = new Point(left + width / 2, y + high * unit / 2);
        for (int i = 0; i < sides.size(); i++) {
            Member side = ring.get(i);
            List<At> outline = sides.get(i).stream()
                    .map(place -> new At(x + (place.x() - least.x()) * unit, y + (place.y() - least.y()) * unit))
                    .toList();
            sketch.area(outline, new Paint.Wood(side.section().species(), Paint.Shade.FACE));
            sketch.outline(outline, new Paint.Wood(side.section().species(), Paint.Shade.EDGE), sketch.em(1.2));
            if (!beside.isEmpty()) {
                write(side.side().from(), beside.get(i), outline.getFirst(), middle);
            }
        }
    }

    private double widest(List<Beside> beside) {
        double widest = 0;
        for (int i = 0; i < beside.size(); i++) {
            if (!beside.get(i).where().isEmpty()) {
                String open = open(ring.get(i).side().from(), beside.get(i));
                widest = Math.max(widest, Math.max(
                        sketch.widthOf(open, sketch.em(13), true),
                        sketch.widthOf(beside.get(i).where(), sketch.em(11), false)));
            }
        }
        return widest;
    }

    private String open(String letter, Beside what) {
        return letter + " · " + sketch.book().write(Gap.mm(what.gap()));
    }

    /** The letter of a corner and how wide it stands open, on the side away from the middle. */
    private void write(String letter, Beside what, At corner, Point middle) {
        double away = Math.hypot(corner.x() - middle.x(), corner.y() - middle.y());
        if (away == 0) {
            return;
        }
        double out = sketch.em(what.where().isEmpty() ? 14 : OUT) / away;
        At at = corner.plus((corner.x() - middle.x()) * out, (corner.y() - middle.y()) * out);
        if (what.where().isEmpty()) {
            sketch.text(at.plus(0, sketch.em(4)), letter, Ink.INK, 12, true, Anchor.MIDDLE);
            return;
        }
        at = at.plus(0, -sketch.em(6));
        sketch.text(at, open(letter, what), Ink.INK, 13, true, Anchor.MIDDLE);
        sketch.text(at.plus(0, sketch.em(13)), what.where(), Ink.SOFT, 11, false, Anchor.MIDDLE);
    }
}
