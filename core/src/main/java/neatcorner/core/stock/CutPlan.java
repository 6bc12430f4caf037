package neatcorner.core.stock;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.words.Figure;

/**
 * Every piece on its stick.
 *
 * @param sticks   in the order they are cut; empty when some piece fits on no stick
 * @param toBuy    how many sticks of each length, by length
 * @param waste    all that is neither piece nor remnant worth keeping: kerfs, trims and short ends
 * @param share    the same as a share of all stock used
 * @param biggest  the largest opening of the same shape that one stick would give, on each axis
 */
public record CutPlan(List<StickLayout> sticks, Map<Length, Integer> toBuy, Optional<Figure<Length>> waste,
                      Optional<Figure<Share>> share, Optional<Biggest> biggest) {
    /**
     * The largest frame of the same shape and section from one stick.
     *
     * @param stick  its length
     * @param width  of the sight opening
     * @param height of the sight opening
     */
    public record Biggest(Length stick, Figure<Length> width, Figure<Length> height) {
    }
}
