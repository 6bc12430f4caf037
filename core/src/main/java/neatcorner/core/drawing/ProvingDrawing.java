package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Gap;
import neatcorner.core.saw.Trial;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;
import neatcorner.core.wood.Species;

/** Two scraps put together, as they were cut and as they will be when the machine is set right. */
public final class ProvingDrawing {
    /** What is seen best, in rad. */
    private static final double DRAWN = Math.toRadians(7);
    private static final Species WOOD = Species.POPLAR;
    private final Sketch sketch;
    private final double width;
    private final double height;

    private ProvingDrawing(Reader reader, double width, double height) {
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
    }

    /** What a test gave, to fill a space of this size. */
    public static Picture draw(Proof proof, Reader reader, double width, double height) {
        ProvingDrawing drawing = new ProvingDrawing(reader, width, height);
        return switch (proof) {
            case Proof.OfAngle angle -> drawing.angle(angle);
            case Proof.OfStop stop -> drawing.stop(stop);
        };
    }

    private Picture angle(Proof.OfAngle proof) {
        double off = proof.error().radians();
        int factor = Exaggeration.of(off, DRAWN);
        if (width < sketch.em(520)) {
            panel(proof, off * factor, 0, 0, width, height / 2, before(off, factor));
            panel(proof, 0, 0, height / 2, width, height / 2, sketch.say("proving.after"));
        } else {
            panel(proof, off * factor, 0, 0, width / 2, height, before(off, factor));
            panel(proof, 0, width / 2, 0, width / 2, height, sketch.say("proving.after"));
        }
        return sketch.picture(width, height);
    }

    private String before(double off, int factor) {
        return off == 0 ? sketch.say("proving.tight")
                : factor == 1 ? sketch.say("proving.before")
                : sketch.say("proving.before_times", factor);
    }

    private void panel(Proof.OfAngle proof, double off, double left, double top, double wide, double high,
                       String caption) {
        double middle = left + wide / 2;
        double foot = sketch.footnote(caption, Ink.SOFT, new At(middle, top + high), wide);
        double room = high - foot - sketch.em(20);
        if (Trial.pair(proof.at()).radians() > Math.toRadians(179)) {
            flat(proof, off, new At(middle, top + sketch.em(14) + room / 2), wide * 0.8, room * 0.5);
        } else {
            roof(proof, off, new At(middle, top + sketch.em(24)), wide * 0.86, room - sketch.em(16));
        }
    }

    /** Two mitred legs under a square, their corner at the top. */
    private void roof(Proof.OfAngle proof, double off, At top, double wide, double high) {
        double half = Math.PI / 2 - proof.at().radians();
        double tall = Math.cos(half) + 0.28 * Math.sin(half);
        double leg = Math.min(wide / 2 / Math.sin(half), high / tall);
        double face = leg * 0.28;
        At apex = top.plus(0, (high - leg * tall) / 2);
        double apart = off < 0 ? face / Math.pow(Math.sin(half), 2) * Math.sin(-off) : 0;
        for (int side : new int[] {-1, 1}) {
            At along = new At(side * Math.sin(half), Math.cos(half));
            At toe = apex.plus(along.x() * apart, along.y() * apart);
            At inward = new At(-side * Math.cos(half), Math.sin(half));
            double heelBack = face / Math.tan(half - off);
            At far = toe.plus(along.x() * leg, along.y() * leg);
            List<At> piece = List.of(
                    toe,
                    far,
                    far.plus(inward.x() * face, inward.y() * face),
                    toe.plus(
                            along.x() * heelBack + inward.x() * face,
                            along.y() * heelBack + inward.y() * face));
            wood(piece, side);
        }
        double past = leg * 1.06;
        double out = sketch.em(5);
        for (int side : new int[] {-1, 1}) {
            At from = apex.plus(0, -out / Math.sin(half));
            sketch.line(
                    from,
                    from.plus(side * Math.sin(half) * past, Math.cos(half) * past),
                    Ink.METAL,
                    sketch.em(5));
        }
    }

    /** Two halves of a square cut, end to end, on a table or along a fence. */
    private void flat(Proof.OfAngle proof, double off, At middle, double wide, double high) {
        boolean onTable = proof.kind() == ProofKind.TILT;
        double tall = Math.min(high, onTable ? wide * 0.22 : wide * 0.34);
        double slant = tall * Math.tan(off);
        double rest = onTable ? middle.y() + tall / 2 : middle.y() - tall / 2;
        double free = onTable ? middle.y() - tall / 2 : middle.y() + tall / 2;
        for (int side : new int[] {-1, 1}) {
            double atRest = middle.x() + side * Math.max(0, slant);
            double atFree = middle.x() + side * Math.max(0, -slant);
            double far = middle.x() + side * wide / 2;
            wood(List.of(new At(atRest, rest), new At(far, rest), new At(far, free), new At(atFree, free)), side);
        }
        double line = rest + (onTable ? 1 : -1) * sketch.em(3);
        sketch.line(
                new At(middle.x() - wide * 0.56, line), new At(middle.x() + wide * 0.56, line), Ink.METAL,
                sketch.em(5));
        sketch.small(
                new At(middle.x(), line + (onTable ? 1 : -1) * sketch.em(13)),
                sketch.say(onTable ? "proving.table" : "proving.fence"),
                Anchor.MIDDLE);
    }

    private Picture stop(Proof.OfStop proof) {
        double foot = sketch.footnote(
                sketch.say("proving.stop", new Gap(proof.difference())), Ink.SOFT, width, height);
        double wide = width * 0.7;
        double high = Math.min(sketch.em(46), (height - foot) / 5);
        double left = (width - wide) / 2;
        double top = (height - foot) / 2 - high * 1.1;
        double shorter = proof.difference().isZero() ? 0 : Math.min(wide * 0.06, 40 * proof.difference().toMm());
        wood(Sketch.rectangle(left, top, left + wide, top + high), 1);
        wood(Sketch.rectangle(left, top + high * 1.15, left + wide - shorter, top + high * 2.15), -1);
        sketch.line(
                new At(left - sketch.em(4), top - high * 0.3),
                new At(left - sketch.em(4), top + high * 2.45),
                Ink.METAL,
                sketch.em(5));
        if (shorter > 0) {
            sketch.line(
                    new At(left + wide - shorter, top + high * 1.15),
                    new At(left + wide - shorter, top + high * 2.6),
                    Ink.SAW,
                    sketch.em(1));
            sketch.line(
                    new At(left + wide, top + high), new At(left + wide, top + high * 2.6), Ink.SAW, sketch.em(1));
            sketch.text(
                    new At(left + wide - shorter - sketch.em(6), top + high * 2.5),
                    sketch.book().write(new Gap(proof.difference())),
                    Ink.INK,
                    13,
                    true,
                    Anchor.END);
        }
        return sketch.picture(width, height);
    }

    private void wood(List<At> outline, int side) {
        sketch.area(outline, new Paint.Wood(WOOD, side < 0 ? Paint.Shade.FACE : Paint.Shade.PALE));
        sketch.outline(outline, Ink.INK, sketch.em(1));
    }
}
