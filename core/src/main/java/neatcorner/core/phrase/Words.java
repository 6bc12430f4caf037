package neatcorner.core.phrase;

import java.util.List;

/**
 * Something to say, not yet said: a key of the phrase file and what goes in its gaps. Arguments may
 * be quantities, figures, durations, other words, strings, whole numbers, and constants of an enum
 * (said by the phrase of their own name).
 *
 * @param key  the phrase's key
 * @param args what {@code {0}}, {@code {1}} and so on stand for
 */
public record Words(String key, List<Object> args) {
    public Words {
        args = List.copyOf(args);
    }

    /** The key of words that are said as they are. */
    static final String PLAIN = "plain";

    /** Words with their arguments. */
    public static Words of(String key, Object... args) {
        return new Words(key, List.of(args));
    }

    /** Several after each other; one or more. */
    public static Words listed(List<Words> several) {
        return several.stream().reduce((list, next) -> of("list.and", list, next)).orElseThrow();
    }

    /** The maker's own text, said as it is. */
    public static Words plain(String text) {
        return new Words(PLAIN, List.of(text));
    }
}
