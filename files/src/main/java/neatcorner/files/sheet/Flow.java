package neatcorner.files.sheet;

import java.io.IOException;
import java.util.List;
import java.util.function.IntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.drawing.Picture;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/**
 * Puts columns on as many pages as they need, on bare paper. Sizes are in points. Every page is headed with the
 * title and ends with the foot.
 */
final class Flow {
    static final double MARGIN = 28;
    static final double GUTTER = 16;
    private static final double TITLE = 17;
    /** The first of two columns may be so much higher than half of both. */
    private static final double LOOSE = 40;
    private final PDDocument document;
    private final SheetSize size;
    private final PdfPage.Face face;
    private final Masthead masthead;
    private final Column foot;
    private PDPageContentStream out;
    private PdfPage page;
    private int pages;
    private double y;
    /** Where this page began. */
    private double bare;

    /**
     * What stands on every page.
     *
     * @param title large
     * @param order under it, on the first page
     * @param page  how the number of a page is said
     * @param foot  at the lower edge
     */
    record Masthead(String title, String order, IntFunction<String> page, String foot) {
    }

    @SuppressWarnings("NullAway.Init") // The first page sets both.
    Flow(PDDocument document, SheetSize size, PdfPage.Face face, Masthead masthead) throws IOException {
        this.document = document;
        this.size = size;
        this.face = face;
        this.masthead = masthead;
        this.foot = column(1).text(masthead.foot());
        turn();
    }

    /** Wide enough for so many beside one another. */
    Column column(int beside) {
        return new Column((width() - (beside - 1) * GUTTER) / beside, face);
    }

    double width() {
        return size.paper().getWidth() - 2 * MARGIN;
    }

    /** What is left of this page. */
    double left() {
        return size.paper().getHeight() - MARGIN - Column.height(foot.lines()) - 6 - y;
    }

    void finish() throws IOException {
        out.close();
    }

    private void turn() throws IOException {
        if (out != null) {
            out.close();
        }
        PDPage sheet = new PDPage(size.paper());
        document.addPage(sheet);
        out = new PDPageContentStream(document, sheet);
        page = new PdfPage(out, size.paper().getHeight(), face);
        pages++;
        y = MARGIN;
        Column head = column(1);
        double aside = face.width("Neat Corner · " + masthead.page().apply(99), Column.TEXT, false) + GUTTER;
        Column title = new Column(width() - aside, face).text(masthead.title(), TITLE, true);
        page.text(
                new At(MARGIN + width(), y + TITLE / 2),
                "Neat Corner · " + masthead.page().apply(pages),
                Ink.INK,
                Column.TEXT,
                false,
                Anchor.END);
        paint(title.lines(), MARGIN);
        if (pages == 1 && !masthead.order().isBlank()) {
            paint(head.text(masthead.order()).lines(), MARGIN);
        }
        page.box(MARGIN, y + 1, width(), 1.6, Ink.INK);
        y += 9;
        double back = y;
        y = size.paper().getHeight() - MARGIN - Column.height(foot.lines());
        paint(foot.lines(), MARGIN);
        y = back;
        bare = y;
    }

    /** A new page unless this one has so much left. */
    void need(double height) throws IOException {
        if (left() < height) {
            turnUnlessBare();
        }
    }

    private void turnUnlessBare() throws IOException {
        if (y > bare) {
            turn();
        }
    }

    private void paint(List<Column.Line> lines, double x) throws IOException {
        for (Column.Line line : lines) {
            line.painter().paint(page, x, y);
            y += line.height();
        }
    }

    /** Over the whole width, with a new page wherever one is full. */
    void down(Column column) throws IOException {
        List<Column.Line> lines = column.lines();
        int from = 0;
        while (from < lines.size()) {
            int to = from;
            double height = 0;
            do {
                height += lines.get(to).height();
            } while (lines.get(to++).keepsNext() && to < lines.size());
            need(height);
            paint(lines.subList(from, to), MARGIN);
            from = to;
        }
    }

    /** A picture over the whole width. */
    void down(Picture picture, double tagSize) throws IOException {
        page.picture(picture, MARGIN, y, tagSize);
        y += picture.height();
    }

    void gap(double height) {
        y += height;
    }

    /** Beside one another on one page; where even a bare page is too short, from column to column and page to page. */
    void beside(Column left, Column right) throws IOException {
        double height = Math.max(Column.height(left.lines()), Column.height(right.lines()));
        need(height);
        if (height > left()) {
            onAndOn(Stream.concat(left.lines().stream(), right.lines().stream()).toList());
        } else {
            two(left.lines(), right.lines());
        }
    }

    /**
     * In two columns of equal width. Where all blocks fit on what is left of the page they stay whole, shared out so
     * that the columns end as high as they can; else they go on from column to column and page to page.
     */
    void inTwo(List<Column> blocks) throws IOException {
        List<List<Column.Line>> apart =
                blocks.stream().map(block -> block.gap(4).lines()).toList();
        for (int tried = 0; tried < 2; tried++) {
            int left = shared(apart);
            if (tallest(apart, left) <= left()) {
                two(of(apart, left, true), of(apart, left, false));
                return;
            }
            need(size.paper().getHeight() * 0.3);
        }
        onAndOn(apart.stream().flatMap(List::stream).toList());
    }

    /** Text of any length in two columns about as high, from page to page. */
    void flowing(List<Column> blocks) throws IOException {
        onAndOn(blocks.stream().flatMap(block -> block.lines().stream()).toList());
    }

    private void onAndOn(List<Column.Line> lines) throws IOException {
        List<Column.Line> rest = lines;
        while (!rest.isEmpty()) {
            double half = Column.height(rest) / 2 + LOOSE;
            int first = filling(rest, 0, Math.min(left(), half));
            int second = filling(rest, first, left());
            two(rest.subList(0, first), rest.subList(first, second));
            rest = rest.subList(second, rest.size());
            if (!rest.isEmpty()) {
                turn();
            }
        }
    }

    /** Which blocks stand on the left, a bit for each: of all ways the one whose taller column is lowest. */
    private static int shared(List<List<Column.Line>> blocks) {
        int best = 1;
        for (int left = 1; left < 1 << blocks.size(); left += 2) {
            best = tallest(blocks, left) < tallest(blocks, best) - 1 ? left : best;
        }
        return best;
    }

    private static List<Column.Line> of(List<List<Column.Line>> blocks, int left, boolean onTheLeft) {
        return IntStream.range(0, blocks.size())
                .filter(i -> (left >> i & 1) == 1 == onTheLeft)
                .mapToObj(blocks::get)
                .flatMap(List::stream)
                .toList();
    }

    private static double tallest(List<List<Column.Line>> blocks, int left) {
        return Math.max(Column.height(of(blocks, left, true)), Column.height(of(blocks, left, false)));
    }

    private void two(List<Column.Line> left, List<Column.Line> right) throws IOException {
        double top = y;
        paint(left, MARGIN);
        double low = y;
        y = top;
        paint(right, MARGIN + (width() + GUTTER) / 2);
        y = Math.max(low, y);
    }

    /** How far lines from this one on fill so much room; at least one of them, for none is taller than a page. */
    private static int filling(List<Column.Line> lines, int from, double room) {
        double height = 0;
        int fits = from;
        for (int i = from; i < lines.size(); i++) {
            height += lines.get(i).height();
            if (height > room) {
                break;
            }
            fits = lines.get(i).keepsNext() ? fits : i + 1;
        }
        return Math.max(fits, Math.min(from + 1, lines.size()));
    }
}
