package neatcorner.core.section;

import java.util.Locale;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * A number of one strip: {@code strip.2.inner_width} and the like.
 *
 * @param strip counted from 0
 * @param what  which of its numbers
 */
public record StripKey(int strip, What what) implements FigureKey.OfLength {
    /** The numbers of a strip. */
    public enum What {
        /** Across. */
        WIDTH,
        /** Through. */
        THICKNESS,
        /** From the outside. */
        SET_IN,
        /** How far its front falls. */
        DROP,
        /** Of the worked inner edge, across. */
        INNER_WIDTH,
        /** Of the worked inner edge, down. */
        INNER_DEPTH,
        /** Of the worked outer edge, across. */
        OUTER_WIDTH,
        /** Of the worked outer edge, down. */
        OUTER_DEPTH
    }

    @Override
    public String id() {
        return "strip." + (strip + 1) + "." + word();
    }

    @Override
    public Station station() {
        return Station.SECTION;
    }

    @Override
    public Words words() {
        return Words.of("figure.strip.of", alone(), strip + 1);
    }

    /** Its name where there is one strip only. */
    public Words alone() {
        return Words.of("figure.strip." + word());
    }

    private String word() {
        return what.name().toLowerCase(Locale.ROOT);
    }
}
