package neatcorner.core.job;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;

/**
 * How much mat shows around its opening, from 3 mm to 1 m each.
 *
 * @param top    above
 * @param sides  left and right, each
 * @param bottom below; usually a little more, so that the picture does not look low
 */
public record Borders(Length top, Length sides, Length bottom) {
    private static final Length LEAST = Length.mm(3);
    private static final Length MOST = Length.mm(1000);

    public Borders {
        Range.within("top_border", top, LEAST, MOST);
        Range.within("side_border", sides, LEAST, MOST);
        Range.within("bottom_border", bottom, LEAST, MOST);
    }
}
