package neatcorner.files.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import neatcorner.core.drawing.FullSize;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.sheet.Fonts;
import neatcorner.files.sheet.Letters;
import neatcorner.files.sheet.SheetSize;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * A drawing at full size tiled over sheets of paper. Neighbouring sheets overlap; crosses at the same
 * places on both are laid on each other. Every sheet carries a bar of 100 mm and one of 4 in to check
 * that the printer did not scale it.
 */
public final class Template {
    private static final double POINTS_PER_MM = 72 / 25.4;
    /** Left blank round every sheet: printers do not reach the edge. */
    private static final double MARGIN = 12;
    /** Kept at the foot for the check bars. */
    private static final double FOOT = 16;
    private static final double OVERLAP = 10;
    private static final double CROSS = 4;
    /** A drawing of more sheets than this is better plotted. */
    private static final int MOST_SHEETS = 400;
    private final PDDocument document = new PDDocument();
    private final Phrasebook book;
    private final PDRectangle paper;
    private final double tileWidth;
    private final double tileHeight;
    private final PDFont font;

    private Template(Phrasebook book, SheetSize size) throws IOException {
        this.book = book;
        this.paper = size.paper();
        this.tileWidth = paper.getWidth() / POINTS_PER_MM - 2 * MARGIN;
        this.tileHeight = paper.getHeight() / POINTS_PER_MM - 2 * MARGIN - FOOT;
        try (var stream = Fonts.open(Fonts.TEXT)) {
            this.font = PDType0Font.load(document, stream);
        }
    }

    /**
     * The drawings one after the other, each starting a sheet.
     *
     * @throws Refusal when one would need more than 400 sheets
     */
    public static byte[] write(List<FullSize> drawings, Phrasebook book, SheetSize size) {
        try {
            Template template = new Template(book, size);
            try (PDDocument document = template.document) {
                for (FullSize drawing : drawings) {
                    template.tile(drawing);
                }
                ByteArrayOutputStream bytes = new ByteArrayOutputStream();
                document.save(bytes);
                return bytes.toByteArray();
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** How many tiles cover a length, each overlapping the one before. */
    private static int tiles(double length, double tile) {
        return (int) Math.max(1, Math.ceil((length - OVERLAP) / (tile - OVERLAP) - 1e-9));
    }

    private void tile(FullSize drawing) throws IOException {
        Extent box = Extent.of(drawing);
        int columns = tiles(box.width(), tileWidth);
        int rows = tiles(box.height(), tileHeight);
        if ((long) columns * rows > MOST_SHEETS) {
            throw Refusal.of("template.would_take_sheets_may", drawing.name(), (long) columns * rows, MOST_SHEETS);
        }
        for (int row = 0; row < rows; row++) {
            for (int column = 0; column < columns; column++) {
                sheet(
                        drawing,
                        new Point(
                                box.left() + column * (tileWidth - OVERLAP), box.top() + row * (tileHeight - OVERLAP)),
                        row,
                        column,
                        rows,
                        columns);
            }
        }
    }

    private void sheet(FullSize drawing, Point origin, int row, int column, int rows, int columns) throws IOException {
        PDPage page = new PDPage(paper);
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            text(
                    out,
                    MARGIN,
                    MARGIN - 4,
                    9,
                    book.say("template.sheet", drawing.name(), row + 1, column + 1, rows, columns));
            checkBars(out);
            out.saveGraphicsState();
            out.addRect(x(MARGIN), y(MARGIN + tileHeight), (float) (tileWidth * POINTS_PER_MM), (float)
                    (tileHeight * POINTS_PER_MM));
            out.clip();
            for (FullSize.Trace trace : drawing.traces()) {
                trace(out, trace, origin);
            }
            for (FullSize.Word word : drawing.words()) {
                Point at = word.at().minus(origin);
                text(out, MARGIN + at.x() - 4, MARGIN + at.y() + 2, 14, word.text());
            }
            out.restoreGraphicsState();
            crosses(out);
        }
    }

    private void trace(PDPageContentStream out, FullSize.Trace trace, Point origin) throws IOException {
        out.setLineWidth(0.6f);
        out.setLineDashPattern(trace.layer() == FullSize.Layer.RABBET ? new float[] {6, 4} : new float[0], 0);
        List<Point> points = trace.points();
        for (int i = 0; i < points.size(); i++) {
            Point at = points.get(i).minus(origin);
            if (i == 0) {
                out.moveTo(x(MARGIN + at.x()), y(MARGIN + at.y()));
            } else {
                out.lineTo(x(MARGIN + at.x()), y(MARGIN + at.y()));
            }
        }
        if (trace.closed()) {
            out.closePath();
        }
        out.stroke();
        out.setLineDashPattern(new float[0], 0);
    }

    /** In the middle of every overlap, so that neighbours share them. */
    private void crosses(PDPageContentStream out) throws IOException {
        out.setLineWidth(0.4f);
        for (double cx : List.of(OVERLAP / 2, tileWidth - OVERLAP / 2)) {
            for (double cy : List.of(OVERLAP / 2, tileHeight - OVERLAP / 2)) {
                line(out, MARGIN + cx - CROSS, MARGIN + cy, MARGIN + cx + CROSS, MARGIN + cy);
                line(out, MARGIN + cx, MARGIN + cy - CROSS, MARGIN + cx, MARGIN + cy + CROSS);
            }
        }
    }

    private void checkBars(PDPageContentStream out) throws IOException {
        double top = MARGIN + tileHeight + 6;
        bar(out, MARGIN, top, 100, "100 mm");
        bar(out, MARGIN, top + 7, 101.6, "4 in");
        text(out, MARGIN + 122, top + 4, 8, book.say("template.check"));
    }

    private void bar(PDPageContentStream out, double left, double y, double mm, String said) throws IOException {
        out.setLineWidth(0.6f);
        line(out, left, y, left + mm, y);
        line(out, left, y - 1.5, left, y + 1.5);
        line(out, left + mm, y - 1.5, left + mm, y + 1.5);
        text(out, left + mm + 3, y + 1, 8, said);
    }

    private void line(PDPageContentStream out, double x1, double y1, double x2, double y2) throws IOException {
        out.moveTo(x(x1), y(y1));
        out.lineTo(x(x2), y(y2));
        out.stroke();
    }

    private void text(PDPageContentStream out, double left, double baseline, double size, String text)
            throws IOException {
        Letters.show(out, font, size, x(left), y(baseline), text);
    }

    private static float x(double mm) {
        return (float) (mm * POINTS_PER_MM);
    }

    private float y(double mm) {
        return (float) (paper.getHeight() - mm * POINTS_PER_MM);
    }
}
