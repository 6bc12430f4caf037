package neatcorner.files.sheet;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextLayout;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/**
 * A maker's own text on a page. Letters that the shipped face does not have are drawn with the machine's
 * own fonts, as outlines; what none of these has stands there by its code, as {@code [U+6F22]}.
 */
public final class Letters {
    private static final FontRenderContext OUTLINES = new FontRenderContext(null, true, true);

    private Letters() {
    }

    /** Letters in a row that are all in the face, or all in none of its. */
    private record Run(String text, boolean isInFace) {
    }

    /**
     * How wide a text is.
     *
     * @param size in points, as is the answer
     */
    public static double width(PDFont face, String text, double size) {
        double width = 0;
        for (Run run : runs(face, text)) {
            width += run.isInFace() ? inFace(face, run.text(), size) : own(run.text(), size).getAdvance();
        }
        return width;
    }

    /**
     * Writes a text in the colour for filling that the page has at present.
     *
     * @param size in points, as are {@code x} and {@code y}, from the lower left corner of the page
     */
    public static void show(PDPageContentStream out, PDFont face, double size, double x, double y, String text)
            throws IOException {
        double at = x;
        for (Run run : runs(face, text)) {
            if (run.isInFace()) {
                out.beginText();
                out.setFont(face, (float) size);
                out.newLineAtOffset((float) at, (float) y);
                out.showText(run.text());
                out.endText();
                at += inFace(face, run.text(), size);
            } else {
                var drawn = own(run.text(), size);
                fill(out, drawn.getOutline(null), at, y);
                at += drawn.getAdvance();
            }
        }
    }

    /** The text cut into what the face has and what it has not; control signs are left out. */
    private static List<Run> runs(PDFont face, String text) {
        List<Run> runs = new ArrayList<>();
        text.codePoints().filter(point -> !Character.isISOControl(point)).forEach(point -> {
            String letter = Character.toString(point);
            if (isIn(face, letter)) {
                add(runs, letter, true);
            } else if (Character.isDefined(point) && new Font(Font.SANS_SERIF, Font.PLAIN, 1).canDisplay(point)) {
                add(runs, letter, false);
            } else {
                add(runs, String.format(Locale.ROOT, "[U+%04X]", point), true);
            }
        });
        return runs;
    }

    private static void add(List<Run> runs, String letter, boolean isInFace) {
        if (!runs.isEmpty() && runs.getLast().isInFace() == isInFace) {
            runs.add(new Run(runs.removeLast().text() + letter, isInFace));
        } else {
            runs.add(new Run(letter, isInFace));
        }
    }

    private static boolean isIn(PDFont face, String letter) {
        try {
            face.encode(letter);
            return true;
        } catch (IOException | IllegalArgumentException missing) {
            return false;
        }
    }

    private static double inFace(PDFont face, String text, double size) {
        try {
            return face.getStringWidth(text) * size / 1000;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static TextLayout own(String text, double size) {
        return new TextLayout(text, new Font(Font.SANS_SERIF, Font.PLAIN, 1).deriveFont((float) size), OUTLINES);
    }

    private static void fill(PDPageContentStream out, Shape outline, double x, double y) throws IOException {
        float[] at = new float[6];
        float left = (float) x;
        float base = (float) y;
        boolean any = false;
        float lastX = 0;
        float lastY = 0;
        for (PathIterator i = outline.getPathIterator(null); !i.isDone(); i.next()) {
            any = true;
            switch (i.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> out.moveTo(left + at[0], base - at[1]);
                case PathIterator.SEG_LINETO -> out.lineTo(left + at[0], base - at[1]);
                case PathIterator.SEG_CUBICTO ->
                    out.curveTo(left + at[0], base - at[1], left + at[2], base - at[3], left + at[4], base - at[5]);
                case PathIterator.SEG_QUADTO ->
                    out.curveTo(
                            left + (lastX + 2 * at[0]) / 3,
                            base - (lastY + 2 * at[1]) / 3,
                            left + (at[2] + 2 * at[0]) / 3,
                            base - (at[3] + 2 * at[1]) / 3,
                            left + at[2],
                            base - at[3]);
                default -> out.closePath();
            }
            int end = switch (i.currentSegment(at)) {
                case PathIterator.SEG_CUBICTO -> 4;
                case PathIterator.SEG_QUADTO -> 2;
                default -> 0;
            };
            lastX = at[end];
            lastY = at[end + 1];
        }
        if (any) {
            out.fill();
        }
    }
}
