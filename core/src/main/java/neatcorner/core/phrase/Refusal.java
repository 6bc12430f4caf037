package neatcorner.core.phrase;

/**
 * What a person asked for and cannot have: a size that leaves no frame, a text that is no measure, a file
 * that holds something else. It says what is wrong and what would be allowed, in {@link Words}, so that
 * everyone reads it in their own units. It is no bug: nothing has changed, and no trace is kept.
 */
public class Refusal extends RuntimeException {
    private final transient Words words;

    /** Refuses in these words. */
    public Refusal(Words words) {
        super(null, null, false, false);
        this.words = words;
    }

    /** Refuses in the phrase {@code refused.KEY}. */
    public static Refusal of(String key, Object... args) {
        return new Refusal(Words.of("refused." + key, args));
    }

    /** What is wrong and what would be allowed. */
    public Words words() {
        return words;
    }

    /** The words with lengths in exact millimetres, for whoever reads without units of their own. */
    @Override
    public String getMessage() {
        return Phrases.say(words, Object::toString);
    }
}
