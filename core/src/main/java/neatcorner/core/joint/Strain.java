package neatcorner.core.joint;

import neatcorner.core.measure.Share;
import neatcorner.core.strength.Bearing;
import neatcorner.core.strength.Demand;

/**
 * What the most strained corner takes of what a joint may bear.
 *
 * @param use     as a share; over 1 it bears more than is left of what breaks it after the reserve
 * @param bearing how the frame is borne
 * @param corner  at which member it starts, from 0
 * @param demand  what is asked there
 */
public record Strain(double use, Bearing bearing, int corner, Demand demand) {
    /** The use in whole per cent: it is an estimate. */
    public Share share() {
        return Share.whole(use);
    }
}
