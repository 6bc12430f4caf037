package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.drawing.Mark.Dash;
import neatcorner.core.measure.Length;
import neatcorner.core.practice.Shown;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Station;

/** What an exercise looks like. */
public final class PracticeDrawing {
    private static final Species WOOD = Species.POPLAR;
    /** A length on a piece, read from where the sticks lie. */
    private static final double LETTERS = 28;
    /** A number beside a tag. */
    private static final double TAG = 17;
    /** What would be smaller is read beside the picture. */
    private static final double SMALLEST = 8;
    private final Sketch sketch;
    private final double width;
    private final double height;

    private PracticeDrawing(Reader reader, double width, double height) {
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
    }

    /** The picture, to fill a space of this size. */
    public static Picture draw(Shown shown, Reader reader, double width, double height) {
        return switch (shown) {
            case Shown.Scraps(var proof) -> ProvingDrawing.draw(proof, reader, width, height);
            case Shown.Gaping(var ring, var guess, var seen) ->
                DoctorDrawing.draw(ring, guess, seen, reader, width, height);
            case Shown.Piece piece -> new PracticeDrawing(reader, width, height).piece(piece);
            case Shown.Sticks sticks -> new PracticeDrawing(reader, width, height).sticks(sticks);
            case Shown.Planned planned -> new PracticeDrawing(reader, width, height).planned(planned, reader);
        };
    }

    /** Without anything to type or to take hold of: it is nobody's job. */
    private Picture planned(Shown.Planned shown, Reader reader) {
        Picture picture = switch (shown.station()) {
            case BRIEF -> FrameDrawing.plain(shown.plan(), false, reader, width, height);
            case SECTION -> SectionDrawing.dimensioned(shown.plan(), reader, width, height);
            default -> CardDrawing.bench(shown.plan(), shown.station(), reader, width, height);
        };
        return new Picture(
                picture.width(),
                picture.height(),
                picture.marks().stream().flatMap(this::still).toList());
    }

    private Stream<Mark> still(Mark mark) {
        return switch (mark) {
            case Mark.Grip _, Mark.Spot _ -> Stream.empty();
            case Mark.Tag tag -> {
                double high = sketch.em(TAG);
                double wide = sketch.widthOf(tag.value().toString(), high, true) / 2 + sketch.em(4);
                At at = tag.at();
                Mark ground = new Mark.Area(
                        Sketch.rectangle(at.x() - wide, at.y() - high * 0.8, at.x() + wide, at.y() + high * 0.8),
                        Paint.of(Ink.PANEL));
                Mark number = new Mark.Number(at, tag.value(), Ink.INK, high, Anchor.MIDDLE);
                Mark caption = new Mark.Text(
                        at.plus(0, sketch.em(22)), tag.caption(), Ink.SOFT, sketch.em(11.5), false, Anchor.MIDDLE);
                yield tag.caption().isEmpty() ? Stream.of(ground, number) : Stream.of(ground, number, caption);
            }
            default -> Stream.of(mark);
        };
    }

    /** The piece from its front, the outside edge up; dashed behind it as it must be. */
    private Picture piece(Shown.Piece piece) {
        double foot = sketch.footnote(sketch.say("practice.piece_so"), Ink.SOFT, width, height);
        double high = Math.min((height - foot) * 0.34, width * 0.2);
        double wide = width * 0.74;
        double left = (width - wide) / 2;
        double top = (height - foot - high) / 2;
        double short_ = piece.shorter() ? sketch.em(14) : 0;
        List<At> must = outline(piece.rightEnd(), true, left, top, wide, high, 0);
        List<At> is = outline(piece.rightEnd(), piece.leansOut(), left, top, wide, high, short_);
        sketch.wood(is.get(0), is.get(1), is.get(2), is.get(3), WOOD, 7, false);
        sketch.outline(is, Ink.INK, sketch.em(1.4));
        sketch.line(
                List.of(must.get(0), must.get(1), must.get(2), must.get(3), must.get(0)),
                Paint.of(Ink.SAW),
                sketch.em(1.6),
                Dash.HIDDEN);
        double lip = high * 0.2;
        double rebate = is.get(3).y() - lip;
        sketch.line(
                new At(is.get(3).x() + (is.get(0).x() - is.get(3).x()) * lip / high, rebate),
                new At(is.get(2).x() + (is.get(1).x() - is.get(2).x()) * lip / high, rebate),
                Ink.SOFT,
                sketch.em(1));
        if (piece.chipped()) {
            chips(piece.rightEnd() ? is.get(1) : is.get(0), piece.rightEnd() ? is.get(2) : is.get(3));
        }
        double middle = left + wide / 2;
        sketch.small(new At(middle, top - sketch.em(14)), sketch.say("practice.outside"), Anchor.MIDDLE);
        sketch.small(new At(middle, top + high + sketch.em(18)), sketch.say("practice.sight"), Anchor.MIDDLE);
        sketch.text(
                new At(middle, top - sketch.em(48)),
                sketch.say("practice.piece_right"),
                Ink.INK,
                15,
                true,
                Anchor.MIDDLE);
        return sketch.picture(width, height);
    }

    /** Top left, top right, bottom right, bottom left; the end that is not cut yet is as it must be. */
    private static List<At> outline(
            boolean rightEnd, boolean leansOut, double left, double top, double wide, double high, double less) {
        double right = left + wide;
        double leftLess = rightEnd ? 0 : less;
        double rightLess = rightEnd ? less : 0;
        boolean leftOut = rightEnd || leansOut;
        boolean rightOut = !rightEnd || leansOut;
        return List.of(
                new At(left + leftLess + (leftOut ? 0 : high), top),
                new At(right - rightLess - (rightOut ? 0 : high), top),
                new At(right - rightLess - (rightOut ? high : 0), top + high),
                new At(left + leftLess + (leftOut ? high : 0), top + high));
    }

    /** Splinters broken out along a cut. */
    private void chips(At from, At to) {
        int many = 7;
        for (int i = 0; i < many; i++) {
            At at = Sketch.blend(from, to, (i + 0.5) / many);
            double deep = sketch.em(i % 2 == 0 ? 9 : 6) * (from.x() > width / 2 ? -1 : 1);
            sketch.area(
                    List.of(at.plus(0, -sketch.em(4)), at.plus(deep, 0), at.plus(0, sketch.em(4))), Ink.PANEL);
        }
    }

    private Picture sticks(Shown.Sticks shown) {
        double left = width * 0.02;
        List<List<Length>> open = rows(shown);
        Length longest = shown.sticks().stream()
                .map(on -> laid(on, shown.gap()).plus(shown.trim().times(2)))
                .reduce(shown.stick(), Length::max);
        double perMm = width * 0.96 / longest.toMm();
        int rows = shown.sticks().size() + open.size();
        double pitch = Math.min(height / (rows + 0.3), sketch.em(96));
        double high = pitch * 0.46;
        double y = pitch * 0.42;
        for (int i = 0; i < shown.sticks().size(); i++) {
            sketch.small(new At(left, y - sketch.em(9)), sketch.say("practice.stick", i + 1), Anchor.START);
            stick(shown, shown.sticks().get(i), left, y, high, perMm);
            y += pitch;
        }
        for (int i = 0; i < open.size(); i++) {
            if (i == 0) {
                sketch.small(new At(left, y - sketch.em(9)), sketch.say("practice.on_none"), Anchor.START);
            }
            lay(open.get(i), shown.gap(), left, y, high, perMm);
            y += pitch;
        }
        return sketch.picture(width, height);
    }

    private static Length laid(List<Length> pieces, Length gap) {
        return Length.sum(pieces).plus(gap.times(Math.max(0, pieces.size() - 1)));
    }

    /** What lies on no stick yet, in rows no longer than one. */
    private static List<List<Length>> rows(Shown.Sticks shown) {
        List<List<Length>> rows = new ArrayList<>();
        for (Length piece : shown.left()) {
            boolean full = !rows.isEmpty()
                    && laid(rows.getLast(), shown.gap()).plus(shown.gap()).plus(piece).isOver(shown.stick());
            if (rows.isEmpty() || full) {
                rows.add(new ArrayList<>());
            }
            rows.getLast().add(piece);
        }
        return rows;
    }

    private void stick(Shown.Sticks shown, List<Length> pieces, double left, double top, double high, double perMm) {
        List<At> whole = Sketch.rectangle(left, top, left + shown.stick().toMm() * perMm, top + high);
        sketch.area(whole, new Paint.Wood(WOOD, Paint.Shade.PALE));
        double trim = shown.trim().toMm() * perMm;
        double end = lay(pieces, shown.gap(), left + trim, top, high, perMm);
        sketch.outline(whole, Ink.INK, sketch.em(1.2));
        double most = left + shown.stick().toMm() * perMm - trim;
        if (end > most + 1e-6) {
            sketch.line(
                    new At(most, top - sketch.em(5)), new At(most, top + high + sketch.em(5)), Ink.SAW, sketch.em(3));
        }
    }

    /** Pieces one after the other; returns where the last ends. */
    private double lay(List<Length> pieces, Length gap, double from, double top, double high, double perMm) {
        double at = from;
        double end = from;
        List<At> labels = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            double wide = pieces.get(i).toMm() * perMm;
            At a = new At(at, top);
            At b = new At(at + wide, top);
            At c = new At(at + wide, top + high);
            At d = new At(at, top + high);
            sketch.wood(a, b, c, d, WOOD, i + 3, false);
            sketch.outline(List.of(a, b, c, d), Ink.INK, sketch.em(1));
            labels.add(new At(at + wide / 2, top + high / 2));
            end = at + wide;
            at = end + gap.toMm() * perMm;
        }
        for (int i = 0; i < labels.size(); i++) {
            String says = sketch.book().write(pieces.get(i));
            double size = Math.min(
                    LETTERS,
                    LETTERS * pieces.get(i).toMm() * perMm * 0.92 / sketch.widthOf(says, sketch.em(LETTERS), true));
            if (size >= SMALLEST) {
                sketch.text(labels.get(i), says, Ink.PENCIL, size, true, Anchor.MIDDLE);
            }
        }
        return end;
    }
}
