package neatcorner.files.sheet;

import java.io.IOException;
import java.io.InputStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

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

    /** A maker's own text may hold signs a face does not have; they become question marks. */
    public static String printable(PDFont font, String string) {
        StringBuilder text = new StringBuilder();
        string.codePoints().forEach(point -> {
            try {
                font.encode(Character.toString(point));
                text.appendCodePoint(point);
            } catch (IOException | IllegalArgumentException missing) {
                text.append('?');
            }
        });
        return text.toString();
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
