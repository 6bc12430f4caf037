package neatcorner.core.mend;

import java.util.List;
import java.util.Optional;
import neatcorner.core.job.Trouble;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;

/**
 * How a corner that went wrong is mended.
 *
 * @param trouble what went wrong; empty where nothing did
 * @param steps   what is done, in order; empty where nothing went wrong
 */
public record Mending(Optional<Trouble> trouble, List<Words> steps) {
    /** What is worked out of it, each where it matters. */
    public static final List<FigureKey<?>> FIGURES =
            List.of(Broken.AMOUNT, Mender.CLOSED, Broken.LEFT, Mender.FEATHER, Mender.SHORTER);

    /** Nothing went wrong. */
    static final Mending NONE = new Mending(Optional.empty(), List.of());

    public Mending {
        steps = List.copyOf(steps);
    }
}
