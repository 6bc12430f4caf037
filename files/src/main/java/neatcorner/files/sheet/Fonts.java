package neatcorner.files.sheet;

import java.io.IOException;
import java.io.InputStream;

/** The two faces that are shipped: one for text, highly legible, one condensed for figures. */
public final class Fonts {
    /** Text. */
    public static final String TEXT = "text-regular.ttf";
    /** Text that stands out. */
    public static final String BOLD = "text-bold.ttf";
    /** Figures. */
    public static final String FIGURES = "figures.ttf";

    private Fonts() {
    }

    /** A font file; the caller closes it. */
    public static InputStream open(String name) throws IOException {
        InputStream stream = Fonts.class.getResourceAsStream("/neatcorner/files/fonts/" + name);
        if (stream == null) {
            throw new IOException("the font " + name + " is missing from the program");
        }
        return stream;
    }
}
