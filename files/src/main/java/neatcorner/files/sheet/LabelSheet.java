package neatcorner.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.words.Phrasebook;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * Labels for things on the rack, three across and eight down, to be cut apart or printed on sheets of that
 * ruling. Each has a QR code of the item's own text, which the rack's search takes as it is read.
 */
public final class LabelSheet {
    /** What a code begins with, so that nothing else is taken for a label. */
    public static final String CODE = "neat-corner:rack:";
    private static final int ACROSS = 3;
    private static final int DOWN = 8;
    private static final float MARGIN = 24;
    /** A code wants four of its modules free all round. */
    private static final float QUIET = 12;

    private LabelSheet() {
    }

    /** The labels as the bytes of a PDF with its fonts embedded. */
    public static byte[] write(List<RackItem> items, Phrasebook book, SheetSize size) {
        if (items.isEmpty()) {
            throw Refusal.of("label_sheet.there_is_nothing_print");
        }
        try (PDDocument document = new PDDocument()) {
            PDType0Font text = font(document, Fonts.TEXT);
            PDType0Font bold = font(document, Fonts.BOLD);
            float wide = (size.paper().getWidth() - 2 * MARGIN) / ACROSS;
            float high = (size.paper().getHeight() - 2 * MARGIN) / DOWN;
            for (int first = 0; first < items.size(); first += ACROSS * DOWN) {
                PDPage page = new PDPage(size.paper());
                document.addPage(page);
                try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                    for (int i = first; i < Math.min(items.size(), first + ACROSS * DOWN); i++) {
                        int place = i - first;
                        label(
                                out,
                                items.get(i),
                                book,
                                text,
                                bold,
                                MARGIN + place % ACROSS * wide,
                                size.paper().getHeight() - MARGIN - (place / ACROSS + 1) * high,
                                wide,
                                high);
                    }
                }
            }
            document.getDocumentInformation().setTitle("Labels");
            document.getDocumentInformation().setCreator("Neat Corner");
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException failed) {
            throw new UncheckedIOException("the labels could not be made", failed);
        }
    }

    private static PDType0Font font(PDDocument document, String name) throws IOException {
        try (InputStream stream = Fonts.open(name)) {
            return PDType0Font.load(document, stream, true);
        }
    }

    private static void label(
            PDPageContentStream out,
            RackItem item,
            Phrasebook book,
            PDType0Font text,
            PDType0Font bold,
            float x,
            float y,
            float wide,
            float high)
            throws IOException {
        out.setStrokingColor(0.8f);
        out.setLineWidth(0.4f);
        out.addRect(x, y, wide, high);
        out.stroke();
        float code = Math.min(high - 2 * QUIET, wide * 0.34f);
        CodeMark.draw(out, CODE + item.label(), x + QUIET, y + (high - code) / 2, code);
        float left = x + code + 2 * QUIET;
        float room = x + wide - 6 - left;
        line(out, bold, 16, item.label(), left, y + high - 26, room);
        line(out, text, 9, what(item, book), left, y + high - 42, room);
        line(out, text, 9, size(item, book), left, y + high - 54, room);
        line(out, text, 9, item.shelf(), left, y + high - 66, room);
    }

    private static String what(RackItem item, Phrasebook book) {
        return switch (item) {
            case OffCut cut -> cut.section().name();
            case Board board -> book.say(board.species().words());
            case Sheet sheet -> book.say(Phrasebook.keyOf(sheet.material()));
        };
    }

    private static String size(RackItem item, Phrasebook book) {
        return switch (item) {
            case OffCut cut -> book.exactly(cut.length());
            case Board board ->
                book.exactly(board.length()) + " × " + book.exactly(board.width()) + " × "
                        + book.exactly(board.thickness());
            case Sheet sheet -> book.exactly(sheet.width()) + " × " + book.exactly(sheet.height());
        };
    }

    /** A line of text, smaller where it would not fit, and cut short where that would be too small to read. */
    private static void line(
            PDPageContentStream out, PDType0Font font, float size, String text, float x, float y, float room)
            throws IOException {
        double fitted = Math.max(6, Math.min(size, size * room / Math.max(1, Letters.width(font, text, size))));
        String shown = text;
        while (shown.length() > 1 && Letters.width(font, shown, fitted) > room) {
            shown = shown.substring(0, shown.offsetByCodePoints(shown.length(), -1));
        }
        out.setNonStrokingColor(0.13f);
        Letters.show(out, font, fitted, x, y, shown);
    }
}
