package neatcorner.files.sheet;

import java.awt.Color;
import java.io.IOException;
import java.util.List;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.Lettering;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Paint;
import neatcorner.core.drawing.Palette;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.StackedNumeral;
import neatcorner.core.measure.Numeral;
import neatcorner.core.words.Origin;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * Paints on one page, in points from its top left corner.
 */
final class PdfPage {
    /** Middle of a line of text over its baseline, as a share of its size. */
    private static final double MIDDLE = 0.34;
    private final PDPageContentStream out;
    private final double pageHeight;
    private final Face face;
    private final double least;

    /** The fonts embedded in one document. */
    record Face(PDFont text, PDFont bold, PDFont figures) implements Lettering {
        @Override
        public double width(String string, double size, boolean strong) {
            return width(strong ? bold : text, string, size);
        }

        @Override
        public double figures(String string, double size) {
            return width(figures, string, size);
        }

        private static double width(PDFont font, String string, double size) {
            return Letters.width(font, string, size);
        }
    }

    PdfPage(PDPageContentStream out, double pageHeight, Face face) {
        this(out, pageHeight, face, Column.TEXT);
    }

    /** One whose pictures have no print that is smaller than this. */
    PdfPage(PDPageContentStream out, double pageHeight, Face face, double least) {
        this.least = least;
        this.out = out;
        this.pageHeight = pageHeight;
        this.face = face;
    }

    private float y(double y) {
        return (float) (pageHeight - y);
    }

    private static Color colour(Paint paint) {
        return new Color(paint.rgb(Palette.PRINT));
    }

    /** Tags are set in figures of {@code tagSize} points. */
    void picture(Picture picture, double left, double top, double tagSize) throws IOException {
        for (Mark mark : picture.marks()) {
            switch (mark) {
                case Mark.Area(List<Mark.At> outline, Paint fill) -> {
                    path(outline, left, top, true);
                    out.setNonStrokingColor(colour(fill));
                    out.fill();
                }
                case Mark.Stroke stroke -> stroke(stroke, left, top);
                case Mark.Text text ->
                    text(
                            text.at().plus(left, top),
                            text.text(),
                            text.ink(),
                            Math.max(text.size(), least),
                            text.bold(),
                            text.anchor());
                case Mark.Number number ->
                    number(number.at().plus(left, top), number.numeral(), number.ink(), number.size(), number.anchor());
                case Mark.Tag tag -> tag(tag, left, top, tagSize);
                // A cheap printer makes a dark patch of it, and nobody needs it at the saw.
                case Mark.Photo _ -> { }
                case Mark.Grip _ -> { }
                case Mark.Spot _ -> { }
            }
        }
    }

    private void path(List<Mark.At> points, double left, double top, boolean closed) throws IOException {
        Mark.At first = points.getFirst();
        out.moveTo((float) (first.x() + left), y(first.y() + top));
        for (Mark.At at : points.subList(1, points.size())) {
            out.lineTo((float) (at.x() + left), y(at.y() + top));
        }
        if (closed) {
            out.closePath();
        }
    }

    private void stroke(Mark.Stroke stroke, double left, double top) throws IOException {
        path(stroke.points(), left, top, stroke.closed());
        out.setStrokingColor(colour(stroke.paint()));
        out.setLineWidth((float) stroke.width());
        out.setLineJoinStyle(1);
        out.setLineDashPattern(switch (stroke.dash()) {
            case SOLID -> new float[0];
            case HIDDEN -> new float[] {4, 3};
            case DOTTED -> new float[] {1, 2};
        }, 0);
        out.stroke();
    }

    void text(Mark.At at, String text, Ink ink, double size, boolean bold, Mark.Anchor anchor) throws IOException {
        run(
                bold ? face.bold() : face.text(),
                text,
                start(at.x(), face.width(text, size, bold), anchor),
                at.y() + size * MIDDLE,
                size,
                ink);
    }

    private static double start(double x, double width, Mark.Anchor anchor) {
        return switch (anchor) {
            case START -> x;
            case MIDDLE -> x - width / 2;
            case END -> x - width;
        };
    }

    private void run(PDFont font, String text, double x, double baseline, double size, Ink ink) throws IOException {
        out.setNonStrokingColor(colour(Paint.of(ink)));
        Letters.show(out, font, size, x, y(baseline), text);
    }

    void number(Mark.At at, Numeral numeral, Ink ink, double size, Mark.Anchor anchor) throws IOException {
        StackedNumeral set = StackedNumeral.of(numeral, size, face);
        double x = start(at.x(), set.width(), anchor);
        double baseline = at.y() + size * StackedNumeral.CAP / 2;
        for (StackedNumeral.Run run : set.runs()) {
            run(face.figures(), run.text(), x + run.x(), baseline - run.baseline(), run.size(), ink);
        }
        if (set.barTo() > set.barFrom()) {
            out.setNonStrokingColor(colour(Paint.of(ink)));
            out.addRect((float) (x + set.barFrom()), y(baseline - set.barAt() + set.barThick() / 2),
                    (float) (set.barTo() - set.barFrom()), (float) set.barThick());
            out.fill();
        }
    }

    /** A tag on paper: its box says where the number comes from, as in the window. */
    private void tag(Mark.Tag tag, double left, double top, double size) throws IOException {
        double width = Math.max(StackedNumeral.of(tag.value(), size, face).width(), 10) + 10;
        double height = size * 1.4;
        Mark.At at = tag.at().plus(left, top);
        boolean given = tag.origin() == Origin.GIVEN;
        box(at.x() - width / 2, at.y() - height / 2, width, height, given ? Ink.GIVEN_GROUND : Ink.PANEL);
        if (tag.origin() != Origin.WORKED) {
            List<Mark.At> box = List.of(at.plus(-width / 2, -height / 2), at.plus(width / 2, -height / 2),
                    at.plus(width / 2, height / 2), at.plus(-width / 2, height / 2));
            stroke(new Mark.Stroke(box, true, Paint.of(given ? Ink.GIVEN : Ink.SOFT), 0.8,
                    given ? Mark.Dash.SOLID : Mark.Dash.DOTTED), 0, 0);
        }
        number(at, tag.value(), given ? Ink.GIVEN : Ink.INK, size, Mark.Anchor.MIDDLE);
        if (!tag.caption().isEmpty()) {
            double wide = face.width(tag.caption(), Column.TEXT, false) + 4;
            box(at.x() - wide / 2, at.y() + height / 2, wide, 13, Ink.PANEL);
            text(at.plus(0, height / 2 + 6.5), tag.caption(), Ink.SOFT, Column.TEXT, false, Mark.Anchor.MIDDLE);
        }
    }

    /** A triangle with a sign of exclamation, so high. */
    void warning(double x, double top, double size) throws IOException {
        List<Mark.At> corners = List.of(
                new Mark.At(x + size * 0.58, top),
                new Mark.At(x + size * 1.16, top + size),
                new Mark.At(x, top + size));
        stroke(new Mark.Stroke(corners, true, Paint.of(Ink.INK), 1.1, Mark.Dash.SOLID), 0, 0);
        box(x + size * 0.58 - 0.7, top + size * 0.36, 1.4, size * 0.32, Ink.INK);
        box(x + size * 0.58 - 0.7, top + size * 0.76, 1.4, 1.4, Ink.INK);
    }

    void box(double x, double top, double width, double height, Ink ink) throws IOException {
        out.setNonStrokingColor(colour(Paint.of(ink)));
        out.addRect((float) x, y(top + height), (float) width, (float) height);
        out.fill();
    }

    void rule(double x, double top, double width, Ink ink) throws IOException {
        stroke(
                new Mark.Stroke(
                        List.of(new Mark.At(x, top), new Mark.At(x + width, top)),
                        false,
                        Paint.of(ink),
                        0.8,
                        Mark.Dash.SOLID),
                0,
                0);
    }
}
