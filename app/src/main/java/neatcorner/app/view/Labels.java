package neatcorner.app.view;

import java.util.Locale;
import java.util.ResourceBundle;

/** The window's own text. What is said of frames comes from the phrasebook. */
final class Labels {
    private static final ResourceBundle TEXT = ResourceBundle.getBundle("neatcorner.app.view.labels", Locale.ROOT);

    private Labels() {
    }

    static String get(String key, Object... values) {
        String text = TEXT.getString(key);
        for (int i = 0; i < values.length; i++) {
            text = text.replace("{" + i + "}", values[i].toString());
        }
        return text;
    }
}
