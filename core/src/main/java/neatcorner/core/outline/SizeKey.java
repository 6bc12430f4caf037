package neatcorner.core.outline;

import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * A size of the whole frame at a line: {@code glass.width} and the like.
 *
 * @param line which line
 * @param axis which way
 */
public record SizeKey(Line line, Axis axis) implements FigureKey.OfLength {
    @Override
    public String id() {
        return line.id() + "." + axis.id();
    }

    @Override
    public Station station() {
        return Station.BRIEF;
    }
}
