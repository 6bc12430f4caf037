package neatcorner.core.practice;

import java.util.List;
import neatcorner.core.phrase.Words;

/**
 * What an answer was worth.
 *
 * @param points from 0 to {@value #MOST}
 * @param why    from the same working as the planner's
 */
public record Judged(int points, List<Words> why) {
    /** For an answer that could not be better. */
    public static final int MOST = 100;

    public Judged {
        if (points < 0 || points > MOST) {
            throw new IllegalArgumentException("points " + points);
        }
        why = List.copyOf(why);
    }
}
