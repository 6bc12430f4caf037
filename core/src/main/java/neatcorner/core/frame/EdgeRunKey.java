package neatcorner.core.frame;

import java.util.Locale;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Quantity;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * A number of what repeats along the inner edge of a side, and of all sides as long: {@code edge.pitch.top} and the
 * like.
 *
 * @param side which
 * @param what which of its numbers
 * @param kind what kind of number
 */
public record EdgeRunKey<Q extends Quantity>(Side side, What what, Class<Q> kind) implements FigureKey<Q> {
    /** The numbers. */
    public enum What {
        /** How many repeats. */
        COUNT,
        /** How long one is. */
        PITCH,
        /** Of its arcs. */
        RADIUS
    }

    /** How many. */
    static FigureKey<Count> count(Side side) {
        return new EdgeRunKey<>(side, What.COUNT, Count.class);
    }

    /** A length of them. */
    static FigureKey<Length> length(Side side, What what) {
        return new EdgeRunKey<>(side, what, Length.class);
    }

    @Override
    public String id() {
        return "edge." + word() + "." + side.id();
    }

    @Override
    public Station station() {
        return Station.BRIEF;
    }

    @Override
    public Words words() {
        return Words.of("figure.edge." + word() + "_of", side.words());
    }

    private String word() {
        return what.name().toLowerCase(Locale.ROOT);
    }
}
