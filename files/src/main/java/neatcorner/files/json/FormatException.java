package neatcorner.files.json;

import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/** A document that cannot be read. It says the field, its value and what is allowed. */
public final class FormatException extends Refusal {
    private final String field;

    /**
     * Names the field by its path.
     *
     * @param field such as {@code section.recess.depth}; empty for the document itself
     * @param rule  its value and what is allowed
     */
    public FormatException(String field, Words rule) {
        super(field.isEmpty() ? rule : Words.of("refused.field", field, rule));
        this.field = field;
    }

    /** The field's path. */
    public String field() {
        return field;
    }
}
