package neatcorner.core.joint;

import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The length of a joint's fastener, or the depth of its slot, that the maker may choose.
 *
 * @param id    its name for machines
 * @param words its name for people
 */
public record FastenerKey(String id, Words words) implements FigureKey.OfLength {
    FastenerKey(String id) {
        this(id, Words.of("figure." + id));
    }

    @Override
    public Station station() {
        return Station.CORNERS;
    }
}
