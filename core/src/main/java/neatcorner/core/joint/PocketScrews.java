package neatcorner.core.joint;

import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.Drawers;
import neatcorner.core.wood.Ware;

/** Screws for pockets, by the thickness of the wood the pocket is bored in. */
public final class PocketScrews {
    /** The longest for this thickness or more. Common practice, from memory. */
    private static final NavigableMap<Length, Length> BY_THICKNESS = new TreeMap<>(Map.of(
            Length.inches(0, 1, 2), Length.inches(1),
            Length.inches(0, 3, 4), Length.inches(1, 1, 4),
            Length.inches(0, 7, 8), Length.inches(1, 1, 2),
            Length.inches(1, 1, 8), Length.inches(2),
            Length.inches(1, 1, 2), Length.inches(2, 1, 2)));

    private PocketScrews() {
    }

    /** The longest at hand for wood so thick; empty where it is too thin for a pocket, or none is there. */
    public static Optional<Length> forWood(Length thick, Drawers drawers) {
        return Optional.ofNullable(BY_THICKNESS.floorEntry(thick))
                .map(Map.Entry::getValue)
                .flatMap(usual -> drawers.longest(Ware.POCKET_SCREW, usual));
    }
}
