package neatcorner.core.job;

import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The thickness of a layer of the package: {@code layer.1} and the like.
 *
 * @param layer counted from 0, the front first
 */
public record LayerKey(int layer) implements FigureKey.OfLength {
    @Override
    public String id() {
        return "layer." + (layer + 1);
    }

    @Override
    public Station station() {
        return Station.SECTION;
    }

    @Override
    public Words words() {
        return Words.of("figure.layer");
    }
}
