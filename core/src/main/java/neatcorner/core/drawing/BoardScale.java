package neatcorner.core.drawing;

import neatcorner.core.measure.Length;

/**
 * Where a place of a board is in a picture.
 *
 * @param origin where its left end is, though it may be out of the picture
 * @param bottom where its near edge is
 * @param along  picture units of a millimetre along the board
 * @param across the same across it; more when narrow rips could not be lettered otherwise
 */
record BoardScale(double origin, double bottom, double along, double across) {
    double x(Length fromLeftEnd) {
        return origin + fromLeftEnd.toMm() * along;
    }

    double y(Length fromNearEdge) {
        return bottom - fromNearEdge.toMm() * across;
    }
}
