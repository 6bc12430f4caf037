package neatcorner.core.outline;

import java.util.function.Function;
import neatcorner.core.measure.Length;
import neatcorner.core.words.FigureKey;

/**
 * A number of an outline that can be typed.
 *
 * @param key  which number
 * @param now  as it stands
 * @param with the outline with another; throws {@link neatcorner.core.phrase.Refusal} when it is out of range
 */
public record OutlineEntry(FigureKey<Length> key, Length now, Function<Length, Outline> with) {
}
