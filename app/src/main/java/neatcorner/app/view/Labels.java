package neatcorner.app.view;

import java.util.Locale;
import java.util.ResourceBundle;

/** The window's own text. What is said of frames comes from the phrasebook. */
final class Labels {
    private static final ResourceBundle TEXT = ResourceBundle.getBundle("neatcorner.app.view.labels", Locale.ROOT);

    private Labels() {
    }

    static String get(String key) {
        return TEXT.getString(key);
    }

    static String get(String key, Object value) {
        return get(key).replace("{0}", value.toString());
    }
}
