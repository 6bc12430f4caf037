package neatcorner.core.clash;

import neatcorner.core.measure.Length;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * How much wood is left between what lies in a frame.
 *
 * @param least between two things in it, in mm; without end where there are not two
 */
public record Clashes(double least) {
    /** Between what holds the corners and whatever is nearest to it. */
    public static final FigureKey<Length> LEAST = FigureKey.length(Station.CORNERS, "clash.least");
}
