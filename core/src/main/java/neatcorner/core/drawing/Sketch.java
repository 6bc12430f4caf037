package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.drawing.Mark.Dash;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Numeral;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Phrasebook;

/**
 * A picture being drawn: the marks so far, and the reader they are for.
 */
final class Sketch {
    /** The size of the figures on a tag. */
    private static final double TAG = 19;
    private final List<Mark> marks = new ArrayList<>();
    private final Reader reader;

    Sketch(Reader reader) {
        this.reader = reader;
    }

    /** A size in the reader's units for text and margins meant to be {@code points} at the usual size. */
    double em(double points) {
        return points * reader.scale();
    }

    Phrasebook book() {
        return reader.book();
    }

    String say(Words words) {
        return reader.book().say(words);
    }

    String say(String key, Object... args) {
        return reader.book().say(key, args);
    }

    double widthOf(String text, double size, boolean bold) {
        return reader.lettering().width(text, size, bold);
    }

    void area(List<At> outline, Paint fill) {
        marks.add(new Mark.Area(List.copyOf(outline), fill));
    }

    void area(List<At> outline, Ink fill) {
        area(outline, Paint.of(fill));
    }

    void outline(List<At> outline, Paint paint, double width) {
        marks.add(new Mark.Stroke(List.copyOf(outline), true, paint, width, Dash.SOLID));
    }

    void outline(List<At> outline, Ink ink, double width) {
        outline(outline, Paint.of(ink), width);
    }

    void photo(List<At> seen, At from, At to, String name) {
        marks.add(new Mark.Photo(List.copyOf(seen), from, to, name));
    }

    void hidden(List<At> outline, Ink ink) {
        marks.add(new Mark.Stroke(List.copyOf(outline), true, Paint.of(ink), em(1), Dash.HIDDEN));
    }

    void line(At from, At to, Ink ink, double width) {
        line(List.of(from, to), Paint.of(ink), width, Dash.SOLID);
    }

    void line(List<At> points, Paint paint, double width, Dash dash) {
        marks.add(new Mark.Stroke(List.copyOf(points), false, paint, width, dash));
    }

    void text(At at, String text, Ink ink, double size, boolean bold, Anchor anchor) {
        marks.add(new Mark.Text(at, text, ink, em(size), bold, anchor));
    }

    /** As large as it has room, of this size at most; large text stays at the usual size where it would not fit. */
    double fitting(String text, double size, boolean bold, double room) {
        double wide = widthOf(text, em(size), bold);
        return wide <= room ? size : Math.max(size / reader.scale(), size * room / wide);
    }

    /** As many words to a line as there is room for; a measure stays whole. */
    List<String> wrapped(String text, double size, boolean bold, double room) {
        List<String> lines = new ArrayList<>();
        for (String word : Phrasebook.unbroken(text).split(" ")) {
            String longer = lines.isEmpty() ? word : lines.getLast() + " " + word;
            if (lines.isEmpty() || widthOf(longer, em(size), bold) > room) {
                lines.add(word);
            } else {
                lines.set(lines.size() - 1, longer);
            }
        }
        lines.removeIf(String::isEmpty);
        return lines.stream().map(line -> line.replace('\u00a0', ' ')).toList();
    }

    /** A sentence along the foot of a picture of this size, in as many lines as it takes; returns how high they are. */
    double footnote(String text, Ink ink, double width, double height) {
        return footnote(text, ink, new At(width / 2, height), width);
    }

    /** The same under a part of a picture, its middle at the foot of the part. */
    double footnote(String text, Ink ink, At foot, double width) {
        List<String> lines = wrapped(text, 12, false, width - em(8));
        double line = em(15);
        double y = foot.y() - em(9) - line * (lines.size() - 1);
        for (String words : lines) {
            text(new At(foot.x(), y), words, ink, 12, false, Anchor.MIDDLE);
            y += line;
        }
        return em(5) + line * lines.size();
    }

    void small(At at, String text, Anchor anchor) {
        text(at, text, Ink.SOFT, 11.5, false, anchor);
    }

    void number(At at, Figure<Length> figure, double size, Anchor anchor) {
        number(at, book().numeral(figure), size, anchor);
    }

    void number(At at, Numeral numeral, double size, Anchor anchor) {
        marks.add(new Mark.Number(at, numeral, Ink.INK, em(size), anchor));
    }

    /** A tag for a figure of the plan; nothing when the plan has no such figure. */
    void tag(Plan plan, At at, FigureKey<Length> figure, String caption) {
        plan.figure(figure).ifPresent(f -> marks.add(new Mark.Tag(at, figure, caption, book().numeral(f), f.origin())));
    }

    /** Half the width and half the height a tag takes with its caption, a little generous. */
    double[] tagSize(Figure<Length> figure, String caption) {
        StackedNumeral set = StackedNumeral.of(book().numeral(figure), em(TAG), reader.lettering());
        double number = set.width() + em(20);
        double words = caption.isEmpty() ? 0 : widthOf(caption, em(11.5), false) + em(6);
        return new double[] {Math.max(number, words) / 2, (set.height() + em(10 + (caption.isEmpty() ? 0 : 16))) / 2};
    }

    /** Where a tag's number has its middle when number and caption together are to have theirs there. */
    At tagMiddle(At middle) {
        return middle.plus(0, -em(8));
    }

    /** A place that can be dragged. */
    void grip(Mark.Grip grip) {
        marks.add(grip);
    }

    /** A thing that can be pressed or dragged. */
    void spot(double left, double top, double right, double bottom, Thing what) {
        marks.add(new Mark.Spot(new At(left, top), new At(right, bottom), what));
    }

    /** Another picture set into this one. */
    void inset(Picture picture, double left, double top) {
        picture.marks().forEach(mark -> marks.add(mark.moved(left, top)));
    }

    /** A tag for a number that has not been taken yet. */
    void emptyTag(At at, Mark.Tag tag) {
        marks.add(new Mark.Tag(at, tag.figure(), tag.caption(), tag.value(), tag.origin()));
    }

    /**
     * A dimension line between two points with a tick at each end and the tag on it. The tag covers
     * the line, so the line runs through.
     */
    void dimension(Plan plan, At from, At to, FigureKey<Length> figure, String caption) {
        ruler(from, to);
        tag(plan, middle(from, to), figure, caption);
    }

    void ruler(At from, At to) {
        line(from, to, Ink.SOFT, em(1));
        tick(from, to);
        tick(to, from);
    }

    private void tick(At at, At other) {
        double length = Math.hypot(other.x() - at.x(), other.y() - at.y());
        if (length > 0) {
            double ux = (other.x() - at.x()) / length * em(5);
            double uy = (other.y() - at.y()) / length * em(5);
            line(at.plus(-uy, ux), at.plus(uy, -ux), Ink.SOFT, em(1.2));
            line(
                    at.plus(-uy * 0.7 - ux * 0.7, ux * 0.7 - uy * 0.7),
                    at.plus(uy * 0.7 + ux * 0.7, uy * 0.7 - ux * 0.7),
                    Ink.SOFT,
                    em(1.2));
        }
    }

    static At middle(At a, At b) {
        return new At((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
    }

    /**
     * Wood: a four-sided piece with its grain. The sides a–b and d–c run with the grain.
     *
     * @param seed varies the figure from piece to piece
     */
    void wood(At a, At b, At c, At d, Species species, int seed, boolean pale) {
        List<At> outline = List.of(a, b, c, d);
        area(outline, new Paint.Wood(species, pale ? Paint.Shade.PALE : Paint.Shade.FACE));
        double across = Math.hypot(d.x() - a.x(), d.y() - a.y());
        int lines = pale ? 0 : (int) Math.clamp(across / em(5), 2, 14);
        for (int i = 1; i <= lines; i++) {
            grain(a, b, c, d, (double) i / (lines + 1), species, seed * 31 + i);
        }
    }

    /**
     * Wood of any outline whose grain runs straight in one direction, as in a curved piece sawn from a
     * straight blank: lines along it, cut off where they leave the outline.
     */
    void woodAlong(List<At> outline, Point along, Species species, int seed) {
        area(outline, new Paint.Wood(species, Paint.Shade.FACE));
        Point across = new Point(-along.y(), along.x());
        List<Point> shape = outline.stream().map(at -> new Point(at.x(), at.y())).toList();
        double low = shape.stream().mapToDouble(p -> p.dot(across)).min().orElseThrow();
        double high = shape.stream().mapToDouble(p -> p.dot(across)).max().orElseThrow();
        int lines = (int) Math.clamp((high - low) / em(5), 2, 40);
        for (int i = 1; i <= lines; i++) {
            double uneven = 0.3 * Math.sin(seed * 1.7 + i * 2.3);
            double at = low + (high - low) * (i + uneven) / (lines + 1);
            List<Double> crossings = crossings(shape, along, across, at);
            for (int k = 0; k + 1 < crossings.size(); k += 2) {
                Point from = along.times(crossings.get(k)).plus(across.times(at));
                Point to = along.times(crossings.get(k + 1)).plus(across.times(at));
                line(
                        List.of(new At(from.x(), from.y()), new At(to.x(), to.y())),
                        new Paint.Wood(species, Paint.Shade.GRAIN),
                        em(0.8),
                        Dash.SOLID);
            }
        }
    }

    /** An area marked with slanted lines: what is taken away. */
    void hatched(List<At> outline, Ink ink) {
        List<Point> shape = outline.stream().map(at -> new Point(at.x(), at.y())).toList();
        Point along = new Point(1, -1).unit();
        Point across = new Point(1, 1).unit();
        double low = shape.stream().mapToDouble(p -> p.dot(across)).min().orElseThrow();
        double high = shape.stream().mapToDouble(p -> p.dot(across)).max().orElseThrow();
        for (double at = low + em(2); at < high; at += em(4)) {
            List<Double> crossings = crossings(shape, along, across, at);
            for (int k = 0; k + 1 < crossings.size(); k += 2) {
                Point from = along.times(crossings.get(k)).plus(across.times(at));
                Point to = along.times(crossings.get(k + 1)).plus(across.times(at));
                line(new At(from.x(), from.y()), new At(to.x(), to.y()), ink, em(0.8));
            }
        }
        outline(outline, ink, em(1.2));
    }

    /** Where a straight line crosses an outline, in order along it. */
    private static List<Double> crossings(List<Point> shape, Point along, Point across, double at) {
        List<Double> crossings = new ArrayList<>();
        for (int i = 0; i < shape.size(); i++) {
            Point a = shape.get(i);
            Point b = shape.get((i + 1) % shape.size());
            double p = a.dot(across) - at;
            double q = b.dot(across) - at;
            if (p > 0 != q > 0) {
                crossings.add(a.towards(b, p / (p - q)).dot(along));
            }
        }
        crossings.sort(null);
        return crossings;
    }

    /** One line of grain, wavering but never past the ends, which it meets exactly. */
    private void grain(At a, At b, At c, At d, double share, Species species, int seed) {
        List<At> points = new ArrayList<>();
        int steps = 14;
        double phase = seed * 1.7;
        for (int i = 0; i <= steps; i++) {
            double along = (double) i / steps;
            double waver = 0.016 * Math.sin(phase + along * (5 + seed % 4)) + 0.01 * Math.sin(phase * 2.3 + along * 11);
            double v = Math.clamp(share + waver, 0.01, 0.99);
            At from = blend(a, d, v);
            At to = blend(b, c, v);
            points.add(blend(from, to, along));
        }
        line(points, new Paint.Wood(species, Paint.Shade.GRAIN), em(0.8), Dash.SOLID);
    }

    /** What letters and lines on this wood are drawn with: pencil, or chalk where pencil would not show. */
    static Ink letters(Species species) {
        int rgb = species.colour();
        double light = 0.299 * (rgb >> 16 & 0xFF) + 0.587 * (rgb >> 8 & 0xFF) + 0.114 * (rgb & 0xFF);
        return light < 120 ? Ink.CHALK : Ink.PENCIL;
    }

    static At blend(At from, At to, double share) {
        return new At(from.x() + (to.x() - from.x()) * share, from.y() + (to.y() - from.y()) * share);
    }

    /** So far from one place on the way to another. */
    static At towards(At from, At to, double distance) {
        return blend(from, to, distance / Math.max(1, Math.hypot(to.x() - from.x(), to.y() - from.y())));
    }

    static List<At> rectangle(double left, double top, double right, double bottom) {
        return List.of(new At(left, top), new At(right, top), new At(right, bottom), new At(left, bottom));
    }

    Picture picture(double width, double height) {
        return new Picture(width, height, Legible.made(marks, reader.lettering()));
    }
}
