package neatcorner.core.glue;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;

/**
 * Where the hinges of a leaf usually stand: common practice, no source.
 *
 * @param places of their middles, from the top of the leaf
 */
public record Hinges(List<Length> places) {
    /** The outer ones are this share of its height from the ends. */
    static final int SHARE = 6;
    /** Higher leaves have a third. */
    static final Length TWO_UP_TO = Length.mm(1_000);

    public Hinges {
        places = List.copyOf(places);
    }

    /** Those of a leaf so high. */
    public static Hinges of(Length high) {
        Length from = high.over(SHARE);
        return new Hinges(Stream.of(from, high.over(2), high.minus(from))
                .filter(place -> high.isOver(TWO_UP_TO) || !place.equals(high.over(2)))
                .toList());
    }

    /** How far the outer ones stand from the ends. */
    Length fromEnd() {
        return places.getFirst();
    }
}
