package neatcorner.core.job;

import java.time.Instant;

/**
 * Something the maker wrote down.
 *
 * @param at   when
 * @param text what, up to 2 000 characters, not blank
 */
public record Note(Instant at, String text) {
    public Note {
        if (text.isBlank() || text.length() > 2000) {
            throw new IllegalArgumentException("a note has " + text.length() + " characters; it must have from 1 to 2000");
        }
    }
}
