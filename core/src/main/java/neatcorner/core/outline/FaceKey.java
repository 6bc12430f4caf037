package neatcorner.core.outline;

import java.util.Locale;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The face of a side that is wider or narrower than the rest: {@code face.bottom}, {@code face.side_3}; the
 * parts of a curve share one.
 *
 * @param name   of the side
 * @param number of one of many sides, from 1; 0 for every other
 */
public record FaceKey(Side.Name name, int number) implements FigureKey.OfLength {
    /** The face of a side. */
    public static FaceKey of(Side side) {
        return new FaceKey(side.name(), side.name() == Side.Name.SIDE ? side.number() : 0);
    }

    @Override
    public String id() {
        return "face." + word() + (number == 0 ? "" : "_" + number);
    }

    @Override
    public Station station() {
        return Station.SECTION;
    }

    @Override
    public Words words() {
        return Words.of(
                "figure.face.of",
                number == 0 ? Words.of("side." + word()) : Words.of("side." + word() + ".nth", number));
    }

    private String word() {
        return name.name().toLowerCase(Locale.ROOT);
    }
}
