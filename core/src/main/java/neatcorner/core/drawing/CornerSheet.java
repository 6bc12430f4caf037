package neatcorner.core.drawing;

import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.plan.Plan;

/** One corner large: flat from the front, in space, and the face of its mitre. */
public final class CornerSheet {
    private CornerSheet() {
    }

    /** The picture, to fill a space of this size. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        Sketch sketch = new Sketch(reader);
        double head = sketch.em(22);
        double left = width * 0.54;
        double high = (height - 2 * head) / 2;
        sketch.small(new At(sketch.em(4), head / 2), sketch.say("corner.flat"), Anchor.START);
        sketch.inset(CornerDrawing.draw(plan, reader, left - sketch.em(12), height - head), 0, head);
        sketch.line(new At(left, 0), new At(left, height), Ink.HAIRLINE, sketch.em(1));
        double room = width - left - sketch.em(12);
        sketch.small(new At(left + sketch.em(12), head / 2), sketch.say("corner.space"), Anchor.START);
        sketch.inset(CornerSpace.draw(plan, reader, room, high), left + sketch.em(12), head);
        sketch.small(new At(left + sketch.em(12), head + high + head / 2), sketch.say("corner.mitre"), Anchor.START);
        sketch.inset(MitreFaceDrawing.draw(plan, reader, room, high), left + sketch.em(12), 2 * head + high);
        return sketch.picture(width, height);
    }
}
