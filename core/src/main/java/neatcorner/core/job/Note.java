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
        if (text.isBlank() || text.length() > 2000) {
            throw Refusal.of("note.note_has_characters_have", text.length());
        }
    }
}
