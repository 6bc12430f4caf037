package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.saw.Budget;
import neatcorner.core.saw.Laid;
import neatcorner.core.saw.Openings;
import neatcorner.core.saw.PieceError;
import neatcorner.core.saw.SawPlan;

/**
 * The frame as this saw makes it, its errors drawn so many times larger: pulled together all at once, and closed one
 * corner after another.
 */
public final class BudgetDrawing {
    /** The largest error of a cut that is drawn, in rad: the frame is still one. */
    private static final double DRAWN = Math.toRadians(5);
    /** Less is no gap, in mm. */
    private static final double LEAST_SAID = 0.02;

    private static final double DRAWN_LAST = Math.toRadians(16);
    private final SawPlan plan;
    private final Sketch sketch;
    private final List<PieceError> errors;

    private BudgetDrawing(SawPlan plan, Reader reader) {
        this.plan = plan;
        this.sketch = new Sketch(reader);
        this.errors = plan.trust().expected(plan.ring());
    }

    /** The picture, to fill a space of this size; of a frame whose mitres close a ring. */
    public static Picture draw(SawPlan plan, Budget budget, Reader reader, double width, double height) {
        return new BudgetDrawing(plan, reader).draw(budget, width, height);
    }

    private Picture draw(Budget budget, double width, double height) {
        double worst = errors.stream()
                .mapToDouble(error -> Math.max(
                        Math.abs(error.left().swing()), Math.abs(error.right().swing())))
                .max()
                .orElse(0);
        int shared = Exaggeration.of(worst, DRAWN);
        int last = Exaggeration.of(worst, DRAWN_LAST / (2 * errors.size()));
        double half = width / 2;
        frame(
                Laid.pulled(plan.ring(), Laid.times(errors, shared)),
                sketch.say(pulled(budget, shared), shared),
                0,
                half,
                height,
                budget.pulled());
        frame(
                Laid.closed(plan.ring(), Laid.times(errors, last)),
                sketch.say(last == 1 ? "budget.closed" : "budget.closed_times", last),
                half,
                half,
                height,
                List.of());
        lastSaid(budget, half, half, height);
        return sketch.picture(width, height);
    }

    private static String pulled(Budget budget, int factor) {
        boolean tight = budget.pulled().stream().allMatch(open -> open.widest() < LEAST_SAID);
        return tight ? "budget.pulled_tight" : factor == 1 ? "budget.pulled" : "budget.pulled_times";
    }

    private void frame(List<List<Point>> sides, String caption, double left, double width, double height,
                       List<Openings> said) {
        List<Point> all = sides.stream().flatMap(List::stream).toList();
        Point least = Polygons.least(all);
        double wide = all.stream().mapToDouble(Point::x).max().orElseThrow() - least.x();
        double high = all.stream().mapToDouble(Point::y).max().orElseThrow() - least.y();
        double foot = sketch.footnote(caption, Ink.SOFT, new At(left + width / 2, height), width - sketch.em(16));
        double margin = sketch.em(58);
        double unit = Math.min((width - 2 * margin) / wide, (height - foot - 2 * margin) / high);
        double x = left + (width - wide * unit) / 2;
        double y = (height - foot - high * unit) / 2;
        Point middle = new Point(left + width / 2, y + high * unit / 2);
        for (int i = 0; i < sides.size(); i++) {
            Member side = plan.ring().get(i);
            List<At> outline = sides.get(i).stream()
                    .map(place -> new At(x + (place.x() - least.x()) * unit, y + (place.y() - least.y()) * unit))
                    .toList();
            sketch.area(outline, new Paint.Wood(side.section().species(), Paint.Shade.FACE));
            sketch.outline(outline, new Paint.Wood(side.section().species(), Paint.Shade.EDGE), sketch.em(1.2));
            if (!said.isEmpty()) {
                said(said.get(i), outline.getFirst(), middle);
            }
        }
    }

    /** How wide a corner stands open, beside it on the side away from the middle. */
    private void said(Openings open, At corner, Point middle) {
        boolean heel = open.heelOverToe() > 0;
        double widest = open.widest();
        double away = Math.hypot(corner.x() - middle.x(), corner.y() - middle.y());
        if (widest < LEAST_SAID || away == 0) {
            return;
        }
        double out = sketch.em(30) / away;
        At at = corner.plus((corner.x() - middle.x()) * out, (corner.y() - middle.y()) * out - sketch.em(6));
        sketch.text(at, sketch.book().write(Gap.mm(widest)), Ink.INK, 13, true, Anchor.MIDDLE);
        sketch.text(
                at.plus(0, sketch.em(13)),
                sketch.say(heel ? "budget.inside" : "budget.outside"),
                Ink.SOFT,
                11,
                false,
                Anchor.MIDDLE);
    }

    private void lastSaid(Budget budget, double left, double width, double height) {
        sketch.text(
                new At(left + width / 2, height / 2 - sketch.em(18)),
                sketch.say("budget.last", new Angle(Math.abs(budget.last().turn()))),
                Ink.INK,
                13,
                true,
                Anchor.MIDDLE);
    }
}
