package neatcorner.core.drawing;

import neatcorner.core.measure.Length;
import neatcorner.core.words.FigureKey;

/** What can be dragged in a picture. */
public sealed interface Handle {
    /**
     * A number that grows and shrinks.
     *
     * @param key which number
     */
    record Number(FigureKey<Length> key) implements Handle {
    }

    /**
     * A corner of a free outline.
     *
     * @param index counted from 0
     */
    record Corner(int index) implements Handle {
    }
}
