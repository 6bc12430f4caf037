package neatcorner.core.glue;

import neatcorner.core.frame.Frame;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.ClampKind;
import neatcorner.core.shop.Shop;

/** How the corners are pressed together, with the clamps on hand. */
public enum Closing {
    /** Arms across, all corners at once. */
    CROSSED_ARMS,
    /** A band round all of them. */
    BAND,
    /** A vice at every corner. */
    FOUR_VICES,
    /** Two opposite corners, later the halves. */
    HALVES,
    /** One corner after the other in one vice. */
    ONE_VICE,
    /** No clamp: against a square block or by hand. */
    BY_HAND,
    /** Bar clamps across both ways, shoulders or ends pulled tight. */
    BARS,
    /** Pairs of wedges between the frame and strips screwed to a flat board. */
    WEDGES,
    /** Flat on a board, each joint held level by a clamp until it is fastened. */
    FLAT_BOARD,
    /** Piece by piece against the part it lies by; the corners close by themselves. */
    FITTED,
    /** Nothing is glued. */
    NOTHING;

    /** Two over each pair of ends that are pulled together. */
    private static final int BARS_NEEDED = 2;

    /** The surest way to press this frame's corners with what the shop has. */
    static Closing of(Frame frame, Shop shop) {
        if (frame.job().isFitted()) {
            return FITTED;
        }
        if (frame.isSquared()) {
            if (frame.job().squared().orElseThrow().corner() == SquareCorner.BUTTED) {
                return FLAT_BOARD;
            }
            return shop.clamps(ClampKind.BAR, frame.longSide()) >= BARS_NEEDED ? BARS : WEDGES;
        }
        int vices = shop.clamps(ClampKind.CORNER_VICE, Length.ZERO);
        boolean four = frame.members().size() == 4 && frame.isFourSquare();
        boolean straight = frame.members().stream().noneMatch(member -> member.curve().isPresent());
        if (!frame.isConvex()) {
            return BY_HAND;
        } else if (four && shop.clamps(ClampKind.CROSSED_ARMS, frame.longSide()) > 0) {
            return CROSSED_ARMS;
        } else if (shop.clamps(ClampKind.BAND, frame.around()) > 0) {
            return BAND;
        } else if (four && vices >= 4) {
            return FOUR_VICES;
        } else if (vices >= 2 && (four || straight)) {
            return HALVES;
        }
        return four && vices == 1 ? ONE_VICE : BY_HAND;
    }

    /** How many joints are closed at once. */
    int atOnce(Frame frame) {
        return switch (this) {
            case CROSSED_ARMS, BAND, FOUR_VICES, BARS, WEDGES, FLAT_BOARD -> frame.members().size();
            case HALVES -> 2;
            case ONE_VICE, BY_HAND, FITTED -> 1;
            case NOTHING -> 0;
        };
    }
}
