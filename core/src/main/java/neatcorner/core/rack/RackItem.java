package neatcorner.core.rack;

import java.util.Optional;
import neatcorner.core.phrase.Refusal;

/** One thing on the rack with a label of its own. */
public sealed interface RackItem permits OffCut, Board, Sheet {
    /** What is written on it; no other item of the rack has the same. */
    String label();

    /** Where it lies; may be empty. */
    String shelf();

    /** Lying elsewhere. */
    RackItem withShelf(String other);

    /** What it is or was bought for; empty when nobody knows. */
    Optional<Price> price();

    /** A label that can be one: 1 to 40 characters, not blank. */
    static String checkedLabel(String label) {
        if (label.isBlank() || label.length() > 40) {
            throw Refusal.of("rack_item.label_has_characters_have", label, label.strip().length());
        }
        return label.strip();
    }
}
