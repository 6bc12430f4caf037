package neatcorner.core.job;

import neatcorner.core.measure.Length;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * A length that is given of something a part has beyond the pieces that go round it.
 *
 * @param <T> what that is
 */
public interface ExtraKey<T> extends FigureKey.OfLength {
    /** This number of it. */
    Length of(T extra);

    /** It with another such number. */
    T in(T extra, Length length);

    @Override
    default Station station() {
        return Station.BRIEF;
    }
}
