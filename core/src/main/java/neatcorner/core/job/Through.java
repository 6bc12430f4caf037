package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Words;

/** Which pieces of a squared frame run through from outside to outside; the others stand between them. */
public enum Through implements Named {
    /** The upright ones, left and right. */
    STILES,
    /** The level ones, above and below. */
    RAILS;

    /** Whether this side of a rectangle runs through. */
    public boolean runs(Side side) {
        return (side.name() == Side.Name.LEFT || side.name() == Side.Name.RIGHT) == (this == STILES);
    }

    @Override
    public Words words() {
        return Words.of("through." + name().toLowerCase(Locale.ROOT));
    }
}
