package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.measure.Numeral;
import neatcorner.core.words.Origin;

/** One thing in a picture, in the picture's own units; y runs down. */
public sealed interface Mark {
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

    /** A line along points. */
    record Stroke(List<At> points, boolean closed, Paint paint, double width, Dash dash) implements Mark {
    }

    /** A line of text. */
    record Text(At at, String text, Ink ink, double size, boolean bold, Anchor anchor) implements Mark {
    }

    /** A length with its stacked fraction. */
    record Number(At at, Numeral numeral, Ink ink, double size, Anchor anchor) implements Mark {
    }

    /**
     * A dimension tag: where one would hold the tape, and where one types.
     *
     * @param at      its middle
     * @param figure  the name of the number it shows and takes
     * @param caption what it is, said below the number; may be empty
     * @param value   as written
     * @param origin  who says so
     */
    record Tag(At at, String figure, String caption, Numeral value, Origin origin) implements Mark {
    }

    /**
     * A place that can be dragged.
     *
     * @param at   where it is now
     * @param what names what moves, such as {@code corner.2}
     * @param unit the picture's units in a millimetre of what is drawn
     */
    record Grip(At at, String what, double unit) implements Mark {
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
