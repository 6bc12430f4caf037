package neatcorner.core.frame;

import java.util.List;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.words.Figure;

/**
 * What is sawn out of a straight blank once it is glued.
 *
 * @param blank  how wide the blank is: from the outermost point of the outside line to the innermost of
 *               the sight line, square to its grain
 * @param turn   how far the curve turns over this piece
 * @param runOut how far the grain, which runs along the blank, leaves the curve at its ends
 * @param outer  the outside line over this piece, in the frame's plane
 * @param inner  the sight line over this piece, the same way round
 */
public record Curve(Figure<Length> blank, Angle turn, Angle runOut, List<Point> outer, List<Point> inner) {
    /** Of the sight line over this piece, in mm: its chord / (2·sin run-out). */
    public double innerRadius() {
        return inner.getFirst().to(inner.getLast()) / (2 * runOut.sin());
    }
}
