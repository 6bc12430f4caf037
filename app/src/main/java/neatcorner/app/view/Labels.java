package neatcorner.app.view;

import java.util.Locale;
import java.util.ResourceBundle;
import java.util.regex.Pattern;

/** The window's own text. What is said of frames comes from the phrasebook. */
final class Labels {
    private static final ResourceBundle TEXT = ResourceBundle.getBundle("neatcorner.app.view.labels", Locale.ROOT);

    private static final Pattern LONG_WORD = Pattern.compile("(\\S{40})\\S{60,}(\\S{20})");

    private Labels() {
    }

    static String get(String key, Object... values) {
        String text = TEXT.getString(key);
        for (int i = 0; i < values.length; i++) {
            text = text.replace("{" + i + "}", values[i].toString());
        }
        return text;
    }

    /**
     * A refusal that echoes what was typed, with the middle left out of words far longer than any number, name or path.
     */
    static String brief(String refusal) {
        return LONG_WORD.matcher(refusal).replaceAll("$1…$2");
    }
}
