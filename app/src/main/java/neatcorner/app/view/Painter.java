package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
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
        on.save();
        on.beginPath();
        photo.outline().forEach(at -> on.lineTo(at.x(), at.y()));
        on.closePath();
        on.clip();
        on.drawImage(
                image,
                photo.from().x() + (width - image.getWidth() * scale) / 2,
                photo.from().y() + (height - image.getHeight() * scale) / 2,
                image.getWidth() * scale,
                image.getHeight() * scale);
        on.restore();
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
