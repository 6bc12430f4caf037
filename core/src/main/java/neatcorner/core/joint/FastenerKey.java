package neatcorner.core.joint;

import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The length of a joint's fastener, or the depth of its slot, that the maker may choose.
 *
 * @param id its name for machines
 */
public record FastenerKey(String id) implements FigureKey.OfLength {
    @Override
    public Station station() {
        return Station.CORNERS;
    }
}
