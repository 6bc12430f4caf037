package neatcorner.core.phrase;

import java.util.Locale;
import java.util.MissingResourceException;
import java.util.ResourceBundle;
import java.util.function.Function;

/** The phrase file, and how the gaps of its phrases are filled. */
public final class Phrases {
    private static final ResourceBundle FILE = ResourceBundle.getBundle("neatcorner.core.words.phrases", Locale.ROOT);

    private Phrases() {
    }

    /** Whether the phrase file has this key. */
    public static boolean knows(String key) {
        return FILE.containsKey(key);
    }

    /** The key under which a constant's name for people stands: {@code joint.kind.splined}. */
    public static String keyOf(Enum<?> constant) {
        return constant.getDeclaringClass().getSimpleName().toLowerCase(Locale.ROOT) + "."
                + constant.name().toLowerCase(Locale.ROOT);
    }

    /**
     * The sentence. A key without a phrase is a bug and throws {@link MissingResourceException}.
     *
     * @param values writes what is neither words nor a name: quantities, numbers, texts
     */
    public static String say(Words words, Function<Object, String> values) {
        if (words.key().equals(Words.PLAIN)) {
            return (String) words.args().getFirst();
        }
        String phrase = FILE.getString(words.key());
        String said = filled(phrase, words, values);
        // A sentence begins with a capital whatever is put in front.
        boolean sentence = phrase.startsWith("{") && phrase.endsWith(".");
        return sentence && !said.isEmpty() ? said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1) : said;
    }

    private static String filled(String phrase, Words words, Function<Object, String> values) {
        StringBuilder said = new StringBuilder();
        int at = 0;
        while (at < phrase.length()) {
            int open = phrase.indexOf('{', at);
            if (open < 0) {
                return said.append(phrase, at, phrase.length()).toString();
            }
            int close = phrase.indexOf('}', open);
            int index = Integer.parseInt(phrase, open + 1, close, 10);
            said.append(phrase, at, open).append(argument(words.args().get(index), values));
            at = close + 1;
        }
        return said.toString();
    }

    private static String argument(Object argument, Function<Object, String> values) {
        if (argument instanceof Words words) {
            return say(words, values);
        }
        if (argument instanceof Named named) {
            return say(named.words(), values);
        }
        return argument instanceof Enum<?> constant
                ? say(Words.of(keyOf(constant)), values)
                : values.apply(argument);
    }
}
