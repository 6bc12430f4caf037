package neatcorner.core.section;

import java.util.function.Function;
import neatcorner.core.measure.Length;

/**
 * A number of a recess that can be typed or dragged.
 *
 * @param key  which number
 * @param now  as it stands
 * @param with the recess with another; throws {@link neatcorner.core.phrase.Refusal} when it is out of range
 */
public record RecessEntry(SectionKey key, Length now, Function<Length, Recess> with) {
}
