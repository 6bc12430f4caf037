package neatcorner.app.view;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.geometry.Rectangle2D;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.shape.StrokeLineJoin;
import javafx.scene.text.TextAlignment;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Paint;
import neatcorner.core.drawing.Palette;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.StackedNumeral;
import neatcorner.core.measure.Numeral;

/** Paints pictures on a canvas. Tags are left to be controls. */
final class Painter {
    /** The radius of a grip. */
    static final double GRIP = 5;
    private final GraphicsContext on;
    private final Palette palette;
    private final Function<String, Optional<Image>> photos;

    /**
     * Paints with these colours.
     *
     * @param photos customers' pictures by their names; one that is not ready is left out
     */
    Painter(GraphicsContext on, Palette palette, Function<String, Optional<Image>> photos) {
        this.on = on;
        this.palette = palette;
        this.photos = photos;
        on.setLineJoin(StrokeLineJoin.ROUND);
        on.setLineCap(StrokeLineCap.BUTT);
        on.setTextBaseline(VPos.BASELINE);
        on.setTextAlign(TextAlignment.LEFT);
    }

    static Color colour(int rgb) {
        return Color.rgb(rgb >> 16 & 0xFF, rgb >> 8 & 0xFF, rgb & 0xFF);
    }

    private Color colour(Paint paint) {
        return colour(paint.rgb(palette));
    }

    void paint(Picture picture) {
        for (Mark mark : picture.marks()) {
            switch (mark) {
                case Mark.Area(List<Mark.At> outline, Paint fill) -> {
                    on.setFill(colour(fill));
                    on.fillPolygon(xs(outline), ys(outline), outline.size());
                }
                case Mark.Photo photo ->
                    photos.apply(photo.name()).ifPresent(image -> photo(photo, image));
                case Mark.Stroke stroke -> stroke(stroke);
                case Mark.Text text -> text(text);
                case Mark.Number number ->
                    number(number.at(), number.numeral(), number.ink(), number.size(), number.anchor());
                case Mark.Tag _ -> { }
                case Mark.Grip grip -> grip(grip);
                case Mark.Spot _ -> { }
            }
        }
    }

    private void photo(Mark.Photo photo, Image image) {
        double width = photo.to().x() - photo.from().x();
        double height = photo.to().y() - photo.from().y();
        double scale = Math.max(width / image.getWidth(), height / image.getHeight());
        double left = photo.from().x() + (width - image.getWidth() * scale) / 2;
        double top = photo.from().y() + (height - image.getHeight() * scale) / 2;
        Optional<Rectangle2D> window = window(photo.outline());
        if (window.isPresent()) {
            // Where nothing but a straight window is cut out of it no clip is needed: that takes a tenth of a second.
            Rectangle2D seen = window.get();
            on.drawImage(
                    image,
                    (seen.getMinX() - left) / scale,
                    (seen.getMinY() - top) / scale,
                    seen.getWidth() / scale,
                    seen.getHeight() / scale,
                    seen.getMinX(),
                    seen.getMinY(),
                    seen.getWidth(),
                    seen.getHeight());
            return;
        }
        on.save();
        on.beginPath();
        photo.outline().forEach(at -> on.lineTo(at.x(), at.y()));
        on.closePath();
        on.clip();
        on.drawImage(image, left, top, image.getWidth() * scale, image.getHeight() * scale);
        on.restore();
    }

    /** The rectangle an outline is; empty for one that leans or is none. */
    private static Optional<Rectangle2D> window(List<Mark.At> outline) {
        double[] xs = xs(outline);
        double[] ys = ys(outline);
        double left = Arrays.stream(xs).min().orElse(0);
        double right = Arrays.stream(xs).max().orElse(0);
        double top = Arrays.stream(ys).min().orElse(0);
        double low = Arrays.stream(ys).max().orElse(0);
        boolean straight = outline.stream()
                .allMatch(at -> (at.x() == left || at.x() == right) && (at.y() == top || at.y() == low));
        return straight && outline.size() == 4
                ? Optional.of(new Rectangle2D(left, top, right - left, low - top))
                : Optional.empty();
    }

    /** A ring that is easy to take hold of. */
    private void grip(Mark.Grip grip) {
        on.setLineDashes();
        on.setLineWidth(2);
        on.setFill(colour(Paint.of(Ink.GIVEN_GROUND)));
        on.setStroke(colour(Paint.of(Ink.GIVEN)));
        on.fillOval(grip.at().x() - GRIP, grip.at().y() - GRIP, 2 * GRIP, 2 * GRIP);
        on.strokeOval(grip.at().x() - GRIP, grip.at().y() - GRIP, 2 * GRIP, 2 * GRIP);
    }

    private static double[] xs(List<Mark.At> points) {
        return points.stream().mapToDouble(Mark.At::x).toArray();
    }

    private static double[] ys(List<Mark.At> points) {
        return points.stream().mapToDouble(Mark.At::y).toArray();
    }

    private void stroke(Mark.Stroke stroke) {
        on.setStroke(colour(stroke.paint()));
        on.setLineWidth(stroke.width());
        switch (stroke.dash()) {
            case SOLID -> on.setLineDashes();
            case HIDDEN -> on.setLineDashes(6, 4);
            case DOTTED -> on.setLineDashes(1.5, 3);
        }
        if (stroke.closed()) {
            on.strokePolygon(xs(stroke.points()), ys(stroke.points()), stroke.points().size());
        } else {
            on.strokePolyline(xs(stroke.points()), ys(stroke.points()), stroke.points().size());
        }
    }

    private void text(Mark.Text text) {
        double width = FxFonts.SHIPPED.width(text.text(), text.size(), text.bold());
        on.setFill(colour(Paint.of(text.ink())));
        on.setFont(FxFonts.SHIPPED.text(text.size(), text.bold()));
        on.fillText(text.text(), start(text.at().x(), width, text.anchor()), text.at().y() + text.size() * 0.34);
    }

    private static double start(double x, double width, Mark.Anchor anchor) {
        return switch (anchor) {
            case START -> x;
            case MIDDLE -> x - width / 2;
            case END -> x - width;
        };
    }

    private void number(Mark.At at, Numeral numeral, Ink ink, double size, Mark.Anchor anchor) {
        StackedNumeral set = StackedNumeral.of(numeral, size, FxFonts.SHIPPED);
        numeral(set, start(at.x(), set.width(), anchor), at.y() + size * StackedNumeral.CAP / 2, colour(Paint.of(ink)));
    }

    /** A set number with its baseline here. */
    void numeral(StackedNumeral set, double x, double baseline, Color colour) {
        on.setFill(colour);
        for (StackedNumeral.Run run : set.runs()) {
            on.setFont(FxFonts.SHIPPED.figures(run.size()));
            on.fillText(run.text(), x + run.x(), baseline - run.baseline());
        }
        if (set.barTo() > set.barFrom()) {
            on.fillRect(
                    x + set.barFrom(),
                    baseline - set.barAt() - set.barThick() / 2,
                    set.barTo() - set.barFrom(),
                    set.barThick());
        }
    }
}
