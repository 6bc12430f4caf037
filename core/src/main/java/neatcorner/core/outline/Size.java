package neatcorner.core.outline;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;

/**
 * A size as the maker gives it.
 *
 * @param line   where the tape was held
 * @param length what it read, from 10 mm to 10 m
 */
public record Size(Line line, Length length) {
    /** The least size of anything framed. */
    public static final Length LEAST = Length.mm(10);
    /** The greatest size of anything framed. */
    public static final Length MOST = Length.mm(10_000);

    public Size {
        Range.within("size_at", length, LEAST, MOST, line);
    }
}
