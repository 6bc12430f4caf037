package neatcorner.core.work;

import java.time.Instant;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/**
 * A line of a log.
 *
 * @param at   when it was written, by the clock that was there
 * @param by   whom, up to 60 characters; may be empty
 * @param deed what
 * @param said what it was about in words, as it stood then: the job may know no such piece or step any more
 */
public record LogLine(Instant at, String by, Deed deed, Words said) {
    private static final int LONGEST = 60;

    /**
     * Checks it.
     *
     * @throws Refusal for a name that is too long
     */
    public LogLine {
        checkName(by);
    }

    /**
     * Checks the name of whoever writes.
     *
     * @throws Refusal for one that is too long
     */
    public static void checkName(String by) {
        if (by.length() > LONGEST) {
            throw Refusal.of("work.name", LONGEST, by.length());
        }
    }
}
