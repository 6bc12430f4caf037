package neatcorner.core.job;

import java.time.Instant;
import neatcorner.core.phrase.Refusal;

/**
 * Something the maker wrote down.
 *
 * @param at   when
 * @param text what, up to 2 000 characters, not blank
 */
public record Note(Instant at, String text) {
    public Note {
        check(text);
    }

    /**
     * Whether a maker may write this down.
     *
     * @throws Refusal for a text that is blank or too long
     */
    public static void check(String text) {
        if (text.isBlank() || text.length() > 2000) {
            throw Refusal.of("note.note_has_characters_have", text.length());
        }
    }
}
