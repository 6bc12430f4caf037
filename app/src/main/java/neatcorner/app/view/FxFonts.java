package neatcorner.app.view;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import neatcorner.core.drawing.Lettering;
import neatcorner.files.sheet.Fonts;

/** The shipped faces in JavaFX. Interface thread only. */
final class FxFonts implements Lettering {
    /** The one set of fonts of this process. */
    static final FxFonts SHIPPED = new FxFonts();
    private static final double MEASURED_AT = 100;
    private final String text = family(Fonts.TEXT);
    private final String bold = family(Fonts.BOLD);
    private final String figures = family(Fonts.FIGURES);
    private final Map<String, Double> widths = new HashMap<>();
    private final Text ruler = new Text();

    private static String family(String file) {
        try (InputStream stream = Fonts.open(file)) {
            return Font.loadFont(stream, MEASURED_AT).getName();
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    Font text(double size, boolean strong) {
        return new Font(strong ? bold : text, size);
    }

    Font figures(double size) {
        return new Font(figures, size);
    }

    @Override
    public double width(String string, double size, boolean strong) {
        return width(strong ? bold : text, string) * size / MEASURED_AT;
    }

    @Override
    public double figures(String string, double size) {
        return width(figures, string) * size / MEASURED_AT;
    }

    private double width(String font, String string) {
        if (widths.size() > 20_000) {
            widths.clear();
        }
        return widths.computeIfAbsent(font + "|" + string, _ -> {
            ruler.setFont(new Font(font, MEASURED_AT));
            ruler.setText(string);
            return ruler.getLayoutBounds().getWidth();
        });
    }
}
