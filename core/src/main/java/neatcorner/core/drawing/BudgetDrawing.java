package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Angle;
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
        double worst = errors.stream().mapToDouble(PieceError::worstSwing).max().orElse(0);
        int shared = Exaggeration.of(worst, DRAWN);
        int last = Exaggeration.of(worst, DRAWN_LAST / (2 * errors.size()));
        double half = width / 2;
        RingSketch ring = new RingSketch(sketch, plan.ring());
        ring.draw(
                Laid.pulled(plan.ring(), Laid.times(errors, shared)),
                sketch.say(pulled(budget, shared), shared),
                0,
                half,
                height,
                budget.pulled().stream().map(this::beside).toList());
        ring.draw(
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

    /** What a corner is left with, where that is worth a word. */
    private RingSketch.Beside beside(Openings open) {
        return open.widest() < LEAST_SAID
                ? RingSketch.Beside.NOTHING
                : new RingSketch.Beside(
                        open.widest(), sketch.say(open.heelOverToe() > 0 ? "budget.inside" : "budget.outside"));
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
