package neatcorner.core.outline;

import java.util.List;
import neatcorner.core.measure.Length;

/** The kinds of outline a maker chooses among. */
public enum Form {
    /** Four square corners. */
    RECTANGLE,
    /** A rectangle with glazing bars. */
    WINDOW,
    /** A rectangle with an arched top. */
    ARCHED,
    /** A circle or an ellipse from segments. */
    ROUND,
    /** Equal sides, equal corners. */
    REGULAR,
    /** Any polygon. */
    FREE;

    /** The form of an outline. */
    public static Form of(Outline outline) {
        return switch (outline) {
            case Boxed.Rectangle _ -> RECTANGLE;
            case Boxed.Window _ -> WINDOW;
            case Boxed.Arched _ -> ARCHED;
            case Boxed.Round _ -> ROUND;
            case Outline.Regular _ -> REGULAR;
            case Outline.Free _ -> FREE;
        };
    }

    /**
     * The usual outline of this form in a box, to start from.
     *
     * @param now corners of the outline as it is, for a polygon that starts as it; empty where it has curves
     */
    public Outline in(Size width, Size height, List<Point> now) {
        return switch (this) {
            case RECTANGLE -> new Boxed.Rectangle(width, height);
            case WINDOW -> new Boxed.Window(width, height, 3, 2, Length.inches(1));
            case ARCHED ->
                Boxed.Arched.usual(
                        width,
                        height.length().isOver(width.length())
                                ? height
                                : new Size(height.line(), width.length().times(1.5)),
                        Boxed.Arch.HALF_ROUND,
                        4);
            case ROUND -> new Boxed.Round(width, height, 12);
            case REGULAR ->
                new Outline.Regular(
                        6,
                        Outline.Across.FLATS,
                        new Size(width.line(), width.length().min(height.length())));
            case FREE ->
                now.isEmpty()
                        ? new Boxed.Rectangle(width, height).asFree()
                        : new Outline.Free(
                                width.line(), now.stream().map(Corner::of).toList());
        };
    }
}
