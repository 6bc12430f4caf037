package neatcorner.core.outline;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** The sizes that an outline has apart from its width and height. */
public final class OutlineKey {
    /** Across a regular polygon, or along its side. */
    public static final FigureKey<Length> SIZE = FigureKey.length(Station.BRIEF, "outline.size");
    /** The face of glazing bars. */
    public static final FigureKey<Length> BAR = FigureKey.length(Station.BRIEF, "outline.bar");

    private OutlineKey() {
    }

    /** A side of a free outline. */
    public static FigureKey<Length> side(Side side) {
        return new OfSide(side);
    }

    private record OfSide(Side side) implements FigureKey.OfLength {
        @Override
        public String id() {
            return "outline." + side.id();
        }

        @Override
        public Station station() {
            return Station.BRIEF;
        }

        @Override
        public Words words() {
            return Words.of("figure.outline.side", side.words());
        }
    }
}
