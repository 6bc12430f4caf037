package neatcorner.core.measure;

/** Text that is not a measure. The message says what is wrong and what would be read. */
public final class MeasureFormatException extends IllegalArgumentException {
    private final String text;

    /** {@code rule} completes the sentence after the quoted text. */
    public MeasureFormatException(String text, String rule) {
        super("“" + (text.length() > 60 ? text.substring(0, 57) + "…" : text) + "”: " + rule);
        this.text = text;
    }

    /** What was typed, whole. */
    public String text() {
        return text;
    }
}
