package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.drawing.Mark.At;

/**
 * Makes what is written on a picture legible on whatever lies under it, in both lights: letters of no
 * meaning of their own take another ink; those whose colour says something, and where no ink will do, get
 * a ground of their own. Contrast by the formula of WCAG 2.1, 4.5 to 1 for letters and 3 to 1 for lines.
 */
final class Legible {
    /** Least contrast of letters and their ground. */
    private static final double LETTERS = 4.5;
    /** Least contrast of a line that says something. */
    private static final double LINES = 3;
    private static final Set<Ink> SAYING = Set.of(Ink.SAW, Ink.CAUTION, Ink.GOOD, Ink.GIVEN);
    private static final List<Ink> PLAIN = List.of(Ink.INK, Ink.PENCIL, Ink.CHALK);
    private final List<Mark> marks;
    private final Lettering lettering;
    private final List<Mark> made = new ArrayList<>();

    private Legible(List<Mark> marks, Lettering lettering) {
        this.marks = marks;
        this.lettering = lettering;
    }

    /** The marks with all of them legible, in their order. */
    static List<Mark> made(List<Mark> marks, Lettering lettering) {
        return new Legible(marks, lettering).made();
    }

    private List<Mark> made() {
        for (Mark mark : marks) {
            if (mark instanceof Mark.Text text) {
                letters(text, Box.of(text, lettering));
            } else if (mark instanceof Mark.Number number) {
                letters(number, Box.of(number, lettering));
            } else if (mark instanceof Mark.Stroke stroke
                    && stroke.paint() instanceof Paint.Of(Ink ink)
                    && SAYING.contains(ink)) {
                line(stroke, ink);
            } else {
                made.add(mark);
            }
        }
        return List.copyOf(made);
    }

    private void letters(Mark.Lettered mark, Box box) {
        Ink ink = mark.ink();
        if (isOnPhoto(box.middle())) {
            made.add(new Mark.Area(box.corners(), Paint.of(Ink.PANEL)));
        }
        Paint ground = ground(made, made.size(), box.middle());
        if (contrast(ink, ground) >= LETTERS) {
            made.add(mark);
            return;
        }
        Optional<Ink> other = SAYING.contains(ink)
                ? Optional.empty()
                : PLAIN.stream()
                        .filter(plain -> contrast(plain, ground) >= LETTERS)
                        .findFirst();
        if (other.isEmpty()) {
            made.add(new Mark.Area(box.corners(), Paint.of(Ink.PANEL)));
        }
        made.add(mark.in(other.orElse(SAYING.contains(ink) ? ink : Ink.INK)));
    }

    private void line(Mark.Stroke stroke, Ink ink) {
        At first = stroke.points().getFirst();
        At second = stroke.points().get(Math.min(1, stroke.points().size() - 1));
        if (contrast(ink, ground(made, made.size(), Sketch.middle(first, second))) < LINES) {
            made.add(new Mark.Stroke(
                    stroke.points(), stroke.closed(), Paint.of(Ink.PANEL), stroke.width() + 1.6, stroke.dash()));
        }
        made.add(stroke);
    }

    /** Nobody knows how dark a customer's picture is. */
    private boolean isOnPhoto(At at) {
        for (Mark mark : made.reversed()) {
            if (mark instanceof Mark.Photo photo && holds(photo.outline(), at)) {
                return true;
            }
            if (mark instanceof Mark.Area area && holds(area.outline(), at)) {
                return false;
            }
        }
        return false;
    }

    /** What lies under a place before a mark is drawn. */
    static Paint ground(List<Mark> marks, int before, At at) {
        for (int i = before - 1; i >= 0; i--) {
            if (marks.get(i) instanceof Mark.Area area && holds(area.outline(), at)) {
                return area.fill();
            }
        }
        return Paint.of(Ink.PANEL);
    }

    /** Whether an outline goes round a place. */
    static boolean holds(List<At> outline, At at) {
        boolean in = false;
        for (int i = 0, j = outline.size() - 1; i < outline.size(); j = i++) {
            At a = outline.get(i);
            At b = outline.get(j);
            if (a.y() > at.y() != b.y() > at.y()
                    && at.x() < (b.x() - a.x()) * (at.y() - a.y()) / (b.y() - a.y()) + a.x()) {
                in = !in;
            }
        }
        return in;
    }

    /** The worse of both lights. */
    private static double contrast(Ink ink, Paint ground) {
        double least = Double.MAX_VALUE;
        for (Palette palette : Palette.values()) {
            double a = luminance(palette.rgb(ink));
            double b = luminance(ground.rgb(palette));
            least = Math.min(least, (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05));
        }
        return least;
    }

    private static double luminance(int rgb) {
        return 0.2126 * channel(rgb >> 16) + 0.7152 * channel(rgb >> 8) + 0.0722 * channel(rgb);
    }

    private static double channel(int value) {
        double share = (value & 0xFF) / 255.0;
        return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
    }

    /** The room letters take. */
    record Box(double left, double top, double right, double bottom) {
        static Box of(Mark.Text text, Lettering lettering) {
            return around(
                    text.at(), lettering.width(text.text(), text.size(), text.bold()), text.size(), text.anchor());
        }

        static Box of(Mark.Number number, Lettering lettering) {
            return around(
                    number.at(),
                    StackedNumeral.of(number.numeral(), number.size(), lettering)
                            .width(),
                    number.size(),
                    number.anchor());
        }

        private static Box around(At at, double width, double size, Mark.Anchor anchor) {
            double left = switch (anchor) {
                case START -> at.x();
                case MIDDLE -> at.x() - width / 2;
                case END -> at.x() - width;
            };
            return new Box(left - 2, at.y() - size * 0.62, left + width + 2, at.y() + size * 0.62);
        }

        At middle() {
            return new At((left + right) / 2, (top + bottom) / 2);
        }

        List<At> corners() {
            return Sketch.rectangle(left, top, right, bottom);
        }
    }
}
