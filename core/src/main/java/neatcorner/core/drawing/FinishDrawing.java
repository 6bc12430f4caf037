package neatcorner.core.drawing;

import java.time.Duration;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.finish.FinishPlan;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Phrasebook;

/** The finish on a ruler of hours: each step at its start, the wait behind it as a bar. */
public final class FinishDrawing {
    private FinishDrawing() {
    }

    /** The picture, one row a step; it is as high as it needs to be. */
    public static Picture draw(Plan plan, Reader reader, double width) {
        Sketch sketch = new Sketch(reader);
        FinishPlan finish = plan.finish();
        double row = sketch.em(23);
        double labels = finish.steps().stream().mapToDouble(s -> sketch.widthOf(label(sketch, s), sketch.em(12), false))
                .max().orElse(0) + sketch.em(16);
        double times = sketch.em(62);
        double unit = (width - labels - times) / Math.max(1, finish.total().toMinutes());
        double y = row / 2;
        for (FinishPlan.Step step : finish.steps()) {
            sketch.text(new At(0, y), label(sketch, step), Ink.INK, 12, false, Anchor.START);
            double from = labels + step.after().toMinutes() * unit;
            double to = from + step.coat().pause().toMinutes() * unit;
            double half = sketch.em(6);
            sketch.area(Sketch.rectangle(from, y - half, Math.max(to, from + sketch.em(3)), y + half),
                    step.coat().pause().isZero() ? Ink.SOFT : Ink.KEY);
            sketch.text(
                    new At(width, y),
                    step.after().isZero() ? sketch.say("finish.at_once") : after(sketch, step.after()),
                    Ink.SOFT,
                    11.5,
                    false,
                    Anchor.END);
            y += row;
        }
        return sketch.picture(width, y - row / 2 + sketch.em(4));
    }

    private static String label(Sketch sketch, FinishPlan.Step step) {
        String kind = sketch.say(Phrasebook.keyOf(step.coat().kind()));
        return step.coat().product().isBlank() ? kind : kind + ": " + step.coat().product();
    }

    private static String after(Sketch sketch, Duration after) {
        return sketch.say("finish.after", after);
    }
}
