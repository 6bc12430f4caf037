package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Numeral;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;

/** One thing in a picture, in the picture's own units; y runs down. */
public sealed interface Mark {
    /** The same, moved. */
    default Mark moved(double dx, double dy) {
        return switch (this) {
            case Area(List<At> outline, Paint fill) -> new Area(moved(outline, dx, dy), fill);
            case Photo(List<At> outline, At from, At to, String name) ->
                new Photo(moved(outline, dx, dy), from.plus(dx, dy), to.plus(dx, dy), name);
            case Stroke(List<At> points, boolean closed, Paint paint, double width, Dash dash) ->
                new Stroke(moved(points, dx, dy), closed, paint, width, dash);
            case Text(At at, String text, Ink ink, double size, boolean bold, Anchor anchor) ->
                new Text(at.plus(dx, dy), text, ink, size, bold, anchor);
            case Number(At at, Numeral numeral, Ink ink, double size, Anchor anchor) ->
                new Number(at.plus(dx, dy), numeral, ink, size, anchor);
            case Tag(At at, FigureKey<Length> figure, String caption, Numeral value, Origin origin) ->
                new Tag(at.plus(dx, dy), figure, caption, value, origin);
            case Grip(At at, Handle what, double unit, double right, double down) ->
                new Grip(at.plus(dx, dy), what, unit, right, down);
            case Spot(At from, At to, Thing what) -> new Spot(from.plus(dx, dy), to.plus(dx, dy), what);
        };
    }

    private static List<At> moved(List<At> points, double dx, double dy) {
        return points.stream().map(at -> at.plus(dx, dy)).toList();
    }

    /** A point of the picture. */
    record At(double x, double y) {
        /** This moved by so much. */
        public At plus(double dx, double dy) {
            return new At(x + dx, y + dy);
        }
    }

    /** A filled outline. */
    record Area(List<At> outline, Paint fill) implements Mark {
    }

    /**
     * A picture of the maker's, as large as covers a box, its middle on that of the box, seen within an outline.
     *
     * @param outline what is seen of it
     * @param from    upper left of the box
     * @param to      lower right of the box
     * @param name    by which the shop keeps it
     */
    record Photo(List<At> outline, At from, At to, String name) implements Mark {
    }

    /** A line along points. */
    record Stroke(List<At> points, boolean closed, Paint paint, double width, Dash dash) implements Mark {
    }

    /** What is read. */
    sealed interface Lettered extends Mark {
        /** What it is written in. */
        Ink ink();

        /** The same in another ink. */
        Lettered in(Ink other);
    }

    /** A line of text. */
    record Text(At at, String text, Ink ink, double size, boolean bold, Anchor anchor) implements Lettered {
        @Override
        public Text in(Ink other) {
            return new Text(at, text, other, size, bold, anchor);
        }
    }

    /** A length with its stacked fraction. */
    record Number(At at, Numeral numeral, Ink ink, double size, Anchor anchor) implements Lettered {
        @Override
        public Number in(Ink other) {
            return new Number(at, numeral, other, size, anchor);
        }
    }

    /**
     * A dimension tag: where one would hold the tape, and where one types.
     *
     * @param at      its middle
     * @param figure  the number it shows and takes
     * @param caption what it is, said below the number; may be empty
     * @param value   as written
     * @param origin  who says so
     */
    record Tag(At at, FigureKey<Length> figure, String caption, Numeral value, Origin origin) implements Mark {
    }

    /**
     * A place that can be dragged.
     *
     * @param at   where it is now
     * @param what  what moves, or the number that changes
     * @param unit  the picture's units in a millimetre of what is drawn
     * @param right how much the number grows with a millimetre to the right; zero where a place moves freely
     * @param down  how much it grows with a millimetre downwards; zero where a place moves freely
     */
    record Grip(At at, Handle what, double unit, double right, double down) implements Mark {
        /** A place that moves freely. */
        public static Grip free(At at, Handle what, double unit) {
            return new Grip(at, what, unit, 0, 0);
        }
    }

    /**
     * A thing that can be pressed or dragged to another place; what is drawn there shows it.
     *
     * @param from its upper left
     * @param to   its lower right
     * @param what what is drawn there
     */
    record Spot(At from, At to, Thing what) implements Mark {
        /** Whether a point is on it. */
        public boolean has(double x, double y) {
            return x >= from.x() && x <= to.x() && y >= from.y() && y <= to.y();
        }
    }

    /** How a line is broken. */
    enum Dash {
        /** Not at all. */
        SOLID,
        /** What lies behind. */
        HIDDEN,
        /** A habit. */
        DOTTED
    }

    /** Which part of a text stands at its point; texts stand on their middle height. */
    enum Anchor {
        /** Its left end. */
        START,
        /** Its middle. */
        MIDDLE,
        /** Its right end. */
        END
    }
}
