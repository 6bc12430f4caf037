package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** The numbers that say how a part lies by another. */
public enum PlaceKey implements FigureKey.OfLength {
    /** How far it keeps away, on each side. */
    GAP,
    /** How far its front stands out before the other's. */
    PROUD,
    /** How high it stands on the other. */
    HIGH;

    /** {@code place.gap} and the like. */
    @Override
    public String id() {
        return "place." + name().toLowerCase(Locale.ROOT);
    }

    @Override
    public Station station() {
        return Station.BRIEF;
    }
}
