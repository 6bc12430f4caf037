package neatcorner.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoublePredicate;
import neatcorner.core.card.Card;
import neatcorner.core.card.CardCode;
import neatcorner.core.card.Cards;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.PrintedCard;
import neatcorner.core.drawing.Reader;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.words.Phrasebook;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * The cards of a job on paper, each on a page of its own or four on one to be cut apart, in their order from the left
 * and from the top. Each has a QR code that opens the job there.
 */
public final class CardSheet {
    private static final double MARGIN = 16;
    private static final double PADDING = 10;
    private static final double CODE = 48;
    /** What a card of a whole page is set in, as a share of the usual print. */
    private static final double LARGE = 1.6;
    /** The same of four to a page. */
    private static final double SMALL = 0.82;
    /** In points. */
    private static final double LEAST_PRINT = 8;
    private static final double TAG = 12;
    /** The share of the time that drawing takes; the rest is setting the pages. */
    private static final double DRAWING = 0.6;
    private final int across;
    private final double scale;
    private final double wide;
    private final double high;
    private final SheetSize size;

    private CardSheet(int aPage, SheetSize size) {
        this.across = aPage == 1 ? 1 : 2;
        this.scale = aPage == 1 ? LARGE : SMALL;
        this.size = size;
        this.wide = (size.paper().getWidth() - 2 * MARGIN) / across;
        this.high = (size.paper().getHeight() - 2 * MARGIN) / across;
    }

    /**
     * The cards as the bytes of a PDF with its fonts embedded.
     *
     * @param job   what the shop calls the job; empty for one that is in no shop: then there are no codes
     * @param aPage 1 or 4
     * @param goOn  told now and then what share of them is done; says no when nobody wants them any more
     * @throws Refusal for a job without anything to do
     * @throws CancellationException when nobody wants them any more
     */
    public static byte[] write(
            Plan plan, Optional<String> job, int aPage, Phrasebook book, SheetSize size, DoublePredicate goOn) {
        if (aPage != 1 && aPage != 4) {
            throw new IllegalArgumentException(aPage + " cards to a page; there may be 1 or 4");
        }
        List<Card> cards = Cards.of(plan);
        if (cards.isEmpty()) {
            throw Refusal.of("export.no_cards");
        }
        try (PDDocument document = new PDDocument()) {
            new CardSheet(aPage, size).fill(document, plan, cards, job, book, goOn);
            document.getDocumentInformation().setTitle(plan.job().title());
            document.getDocumentInformation().setCreator("Neat Corner");
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** What fills one place of a page, and the code in its corner. */
    private record Place(Picture picture, Optional<CardCode> code) {
    }

    private void fill(
            PDDocument document,
            Plan plan,
            List<Card> cards,
            Optional<String> job,
            Phrasebook book,
            DoublePredicate goOn)
            throws IOException {
        PdfPage.Face face = new PdfPage.Face(
                font(document, Fonts.TEXT), font(document, Fonts.BOLD), font(document, Fonts.FIGURES));
        Reader reader = new Reader(book, face, scale);
        List<Plan> parts = Planner.ofParts(plan);
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < cards.size(); i++) {
            goOn(goOn, DRAWING * i / cards.size());
            Card card = cards.get(i);
            List<Picture> pictures = PrintedCard.draw(
                    parts.get(card.part()),
                    card,
                    i + 1,
                    cards.size(),
                    reader,
                    wide - 2 * PADDING,
                    high - 2 * PADDING,
                    job.isPresent() ? CODE : 0);
            for (int j = 0; j < pictures.size(); j++) {
                Optional<CardCode> code =
                        j == 0 ? job.map(name -> CardCode.of(name, card.act())) : Optional.empty();
                places.add(new Place(pictures.get(j), code));
            }
        }
        int aPage = across * across;
        for (int first = 0; first < places.size(); first += aPage) {
            goOn(goOn, DRAWING + (1 - DRAWING) * first / places.size());
            PDPage page = new PDPage(size.paper());
            document.addPage(page);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                PdfPage paint = new PdfPage(out, size.paper().getHeight(), face, LEAST_PRINT);
                for (int i = first; i < Math.min(places.size(), first + aPage); i++) {
                    int place = i - first;
                    double left = MARGIN + place % across * wide;
                    double top = MARGIN + place / across * high;
                    frame(out, left, top);
                    paint.picture(places.get(i).picture(), left + PADDING, top + PADDING, TAG * scale);
                    if (places.get(i).code().isPresent()) {
                        CodeMark.draw(
                                out,
                                places.get(i).code().get().text(),
                                (float) (left + wide - PADDING - CODE),
                                (float) (size.paper().getHeight() - top - PADDING - CODE),
                                (float) CODE);
                    }
                }
            }
        }
    }

    private static void goOn(DoublePredicate asked, double share) {
        if (!asked.test(share)) {
            throw new CancellationException();
        }
    }

    private static PDType0Font font(PDDocument document, String name) throws IOException {
        try (InputStream stream = Fonts.open(name)) {
            return PDType0Font.load(document, stream, true);
        }
    }

    /** Along it they are cut apart. */
    private void frame(PDPageContentStream out, double left, double top) throws IOException {
        out.setStrokingColor(0.75f);
        out.setLineWidth(0.4f);
        out.addRect(
                (float) left, (float) (size.paper().getHeight() - top - high), (float) wide, (float) high);
        out.stroke();
    }
}
