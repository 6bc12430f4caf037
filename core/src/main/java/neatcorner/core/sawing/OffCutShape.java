package neatcorner.core.sawing;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * What falls off for the bin or the rack, as it lies: along the fence and along the edge toward the maker.
 *
 * @param fence   along the fence, 0 or more
 * @param near    along the other edge, 0 or more
 * @param kept    whether it goes back to the rack
 */
public record OffCutShape(Length fence, Length near, boolean kept) {
    private static final Length LIKE = Length.mm(0.5);

    public OffCutShape {
        fence = fence.max(Length.ZERO);
        near = near.max(Length.ZERO);
    }

    /** Whether it is longer on one edge than on the other. */
    public boolean isWedge() {
        return fence.minus(near).abs().isOver(LIKE);
    }

    /** How it looks when the cut was right. */
    public Words words() {
        Words shape = !isWedge()
                ? Words.of("sawing.off_square", fence)
                : fence.isUnder(LIKE) ? Words.of("sawing.off_triangle", near)
                : near.isUnder(LIKE) ? Words.of("sawing.off_triangle_fence", fence)
                : Words.of("sawing.off_wedge", fence, near);
        return kept ? Words.of("sawing.off_kept", shape) : shape;
    }
}
