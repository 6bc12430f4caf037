package neatcorner.core.work;

import java.util.Optional;
import neatcorner.core.words.FigureKey;

/** What was read of one part's sizes: where there is a reading, it takes over from what was planned. */
@FunctionalInterface
public interface Readings {
    /** Nothing was measured. */
    Readings NONE = _ -> Optional.empty();

    /** What was read of this size last; empty where it was not measured. */
    Optional<Deed.Measured> of(FigureKey<?> size);
}
