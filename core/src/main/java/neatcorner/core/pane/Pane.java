package neatcorner.core.pane;

import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.words.Figure;

/**
 * A pane of glass, mat or board to cut, by the rectangle it is cut from.
 *
 * @param name     what it is
 * @param material of it; empty for cloth and for a hole
 * @param count    how many for one frame
 * @param width    across
 * @param height   down
 */
public record Pane(Words name, Optional<Material> material, int count, Figure<Length> width, Figure<Length> height) {
}
