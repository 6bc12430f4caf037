package neatcorner.core.drawing;

import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.plan.Plan;

/** One corner large: flat from the front, in space, and the face of its mitre. */
public final class CornerSheet {
    private CornerSheet() {
    }

    /**
     * The picture, to fill a space of this size; the frame small in its upper right, with its corners to be pressed.
     *
     * @param side the corner at the right end of this one, from 0
     * @param turn from where it is seen in space
     */
    public static Picture draw(Plan whole, int side, Turn turn, Reader reader, double width, double height) {
        Plan plan = whole.atCorner(side);
        Sketch sketch = new Sketch(reader);
        double head = sketch.em(22);
        double top = height * 0.52;
        double half = width / 2;
        boolean tight = sketch.widthOf(sketch.say("corner.space"), sketch.em(11.5), false) > half - sketch.em(16);
        double low = height - top - head;
        double small = Math.min(sketch.em(120), width * 0.26);
        double beside = width - small - sketch.em(8);
        boolean narrow = sketch.widthOf(sketch.say("corner.flat"), sketch.em(11.5), false) > beside;
        sketch.small(
                new At(sketch.em(4), head / 2),
                sketch.say(narrow ? "corner.flat_short" : "corner.flat"),
                Anchor.START);
        sketch.inset(
                CornerDrawing.draw(plan, reader, width - small - sketch.em(8), top - head - sketch.em(6)), 0, head);
        sketch.line(new At(0, top), new At(width, top), Ink.HAIRLINE, sketch.em(1));
        sketch.small(
                new At(sketch.em(4), top + head / 2),
                sketch.say(named("space", tight, plan)),
                Anchor.START);
        sketch.inset(CornerSpace.draw(plan, turn, reader, half - sketch.em(10), low), 0, top + head);
        sketch.spot(0, top + head, half, height, new Thing.InSpace(sketch.say("corner.space")));
        sketch.line(new At(half, top), new At(half, height), Ink.HAIRLINE, sketch.em(1));
        sketch.small(
                new At(half + sketch.em(12), top + head / 2),
                sketch.say(named("mitre", tight, plan)),
                Anchor.START);
        sketch.inset(MitreFaceDrawing.draw(plan, reader, half - sketch.em(12), low), half + sketch.em(12), top + head);
        sketch.inset(FrameDrawing.corners(whole, reader, small, small, side), width - small, 0);
        return sketch.picture(width, height);
    }

    private static String named(String picture, boolean tight, Plan plan) {
        String what = plan.frame().isSquared()
                ? "square_" + picture
                : plan.frame().isSolid() && picture.equals("mitre") ? "one_piece" : picture;
        return "corner." + what + (tight ? "_short" : "");
    }
}
