package neatcorner.core.drawing;

import java.time.Duration;
import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.job.Adhesive;
import neatcorner.core.plan.Plan;

/**
 * The glue's times as a strip: to close, in the clamps, to full strength. What is longer is drawn longer, but not to
 * scale.
 */
public final class GlueClock {
    private GlueClock() {
    }

    /** A stretch of the strip. */
    private record Stretch(String name, Duration until, Ink ink) {
        double share() {
            return Math.log10(10 + until.toMinutes());
        }
    }

    /** The picture; it is as high as it needs to be. */
    public static Picture draw(Plan plan, Reader reader, double width) {
        Sketch sketch = new Sketch(reader);
        double high = sketch.em(22);
        double top = sketch.em(20);
        if (plan.frame().isSolid()) {
            sketch.small(new At(0, top), sketch.say("close.one_piece"), Anchor.START);
            return sketch.picture(width, top + high);
        }
        Adhesive adhesive = plan.glue().adhesive();
        List<Stretch> stretches = List.of(
                new Stretch(sketch.say("clock.open"), adhesive.open(), Ink.GOOD),
                new Stretch(sketch.say("clock.clamp"), adhesive.clamp(), Ink.KEY),
                new Stretch(sketch.say("clock.cure"), adhesive.cure(), Ink.HAIRLINE));
        double whole = stretches.stream().mapToDouble(Stretch::share).sum();
        double room = width - sketch.em(40);
        double x = 0;
        for (Stretch stretch : stretches) {
            double next = x + room * stretch.share() / whole;
            sketch.area(Sketch.rectangle(x, top, next, top + high), stretch.ink());
            sketch.line(
                    new At(next, top - sketch.em(4)), new At(next, top + high + sketch.em(4)), Ink.INK, sketch.em(1.4));
            sketch.small(new At((x + next) / 2, top - sketch.em(10)), stretch.name(), Anchor.MIDDLE);
            sketch.text(
                    new At(next, top + high + sketch.em(14)),
                    sketch.say("clock.until", stretch.until()),
                    Ink.INK,
                    12,
                    true,
                    Anchor.MIDDLE);
            x = next;
        }
        return sketch.picture(width, top + high + sketch.em(26));
    }
}
