package neatcorner.core.frame;

import neatcorner.core.outline.Vector;

/**
 * Where a piece is in the frame, in space: z toward whoever looks at the frame, zero where the sight
 * line touches the back.
 *
 * @param start   the end of the outside edge, on the back, where the piece starts
 * @param along   the way along it, clockwise, of length one
 * @param outward the way across its back from the sight edge to the outside edge, of length one
 * @param front   the way from its back to its front, of length one
 */
public record Place(Vector start, Vector along, Vector outward, Vector front) {
    /**
     * A place on the piece.
     *
     * @param along   mm along the outside edge from its start
     * @param across  mm from the outside edge outwards; negative inwards
     * @param through mm from the back
     */
    public Vector at(double along, double across, double through) {
        return start.plus(this.along.times(along)).plus(outward.times(across)).plus(front.times(through));
    }
}
