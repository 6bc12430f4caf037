package neatcorner.files.json;

/** A document that cannot be read. The message names the field, its value and what is allowed. */
public final class FormatException extends IllegalArgumentException {
    private final String field;

    /**
     * Names the field by its path.
     *
     * @param field such as {@code section.recess.depth}; empty for the document itself
     * @param rule  its value and what is allowed
     */
    public FormatException(String field, String rule) {
        super(field.isEmpty() ? rule : "field " + field + ": " + rule);
        this.field = field;
    }

    /** The field's path. */
    public String field() {
        return field;
    }
}
