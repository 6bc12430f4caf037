package neatcorner.core.practice;

import java.util.List;
import neatcorner.core.phrase.Words;

/**
 * One question of an exercise.
 *
 * @param what    is asked
 * @param options to choose from, two or more
 */
public record Ask(Words what, List<Words> options) {
    /** No option is chosen yet. */
    public static final int OPEN = -1;

    public Ask {
        options = List.copyOf(options);
    }
}
