package neatcorner.core.strength;

import java.util.Locale;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Words;

/** How a frame bears its weight. */
public enum Bearing implements Named {
    /** On the wall, for years, by the hardware that was chosen. */
    HUNG(4),
    /** On its lower side, for years. */
    STANDING(4),
    /** For a moment, by one hand in the middle of the top. */
    LIFTED_BY_TOP(2),
    /** For a moment, by one hand at a corner, the rest hanging straight below it. */
    LIFTED_BY_CORNER(2);

    private final double reserve;

    Bearing(double reserve) {
        this.reserve = reserve;
    }

    /**
     * By how much what breaks it is divided, for boards that are weaker than the mean and for the time it lasts. Over
     * ten years wood bears about six tenths of what it bears for minutes (Wood Handbook, from memory), and one board in
     * twenty less than six tenths of the mean; the rest is common practice, no source.
     */
    public double reserve() {
        return reserve;
    }

    /** Whether it lasts for years, so that sides sag on. */
    public boolean isLasting() {
        return this == HUNG || this == STANDING;
    }

    @Override
    public Words words() {
        return Words.of("bearing." + name().toLowerCase(Locale.ROOT));
    }
}
