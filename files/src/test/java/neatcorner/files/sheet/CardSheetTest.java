package neatcorner.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import neatcorner.core.card.Card;
import neatcorner.core.card.CardCode;
import neatcorner.core.card.Cards;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.Jobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Cards on paper: all of them, whole, in their order, and their codes open the job there. */
class CardSheetTest {
    private static final String JOB = "0a1b2c3d-8d1e-4c5a-9f00-112233445566";
    private static final Phrasebook BOOK = new Phrasebook(Graduation.INCH_16);
    private final Plan plan = Planner.plan(Jobs.plain(), Shop.starting());
    private final List<Card> cards = Cards.of(plan);

    /** The printed pages, read by a code reader of its own. */
    @ParameterizedTest
    @EnumSource(SheetSize.class)
    void everyCardHasItsCode(SheetSize paper) throws Exception {
        List<String> codes = cards.stream()
                .map(card -> CardCode.of(JOB, card.act()).text())
                .toList();
        assertThat(codes).doesNotHaveDuplicates();
        for (int across : new int[] {1, 2}) {
            List<String> read = new ArrayList<>();
            byte[] pdf = CardSheet.write(plan, Optional.of(JOB), across * across, BOOK, paper, _ -> true);
            try (PDDocument document = Loader.loadPDF(pdf)) {
                PDFRenderer pages = new PDFRenderer(document);
                for (int page = 0; page < document.getNumberOfPages(); page++) {
                    BufferedImage image = pages.renderImageWithDPI(page, 150);
                    for (int place = 0; place < across * across; place++) {
                        read.addAll(code(image, place % across, place / across, across));
                    }
                }
            }
            assertThat(read).isEqualTo(codes);
        }
    }

    private static List<String> code(BufferedImage page, int column, int row, int across) throws Exception {
        int wide = page.getWidth() / across;
        int high = page.getHeight() / across;
        // The upper right of the place.
        BufferedImage corner = page.getSubimage(column * wide + wide / 2, row * high, wide - wide / 2, high / 2);
        int[] pixels = corner.getRGB(0, 0, corner.getWidth(), corner.getHeight(), null, 0, corner.getWidth());
        try {
            return List.of(new QRCodeReader()
                    .decode(new BinaryBitmap(new HybridBinarizer(
                            new RGBLuminanceSource(corner.getWidth(), corner.getHeight(), pixels))))
                    .getText());
        } catch (NotFoundException carriedOver) {
            return List.of();
        }
    }

    @Test
    void everyWordOfACardIsPrinted() throws Exception {
        byte[] pdf = CardSheet.write(plan, Optional.empty(), 4, BOOK, SheetSize.A4, _ -> true);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = plain(new PDFTextStripper().getText(document));
            cards.forEach(card -> {
                assertThat(text).contains(plain(BOOK.sentence(card.title())));
                card.says().forEach(says -> assertThat(text).contains(plain(BOOK.sentence(says))));
                card.checks().forEach(says -> assertThat(text).contains(plain(BOOK.sentence(says))));
                card.cautions().forEach(caution -> assertThat(text).contains(plain(BOOK.sentence(caution.words()))));
            });
        }
    }

    /** Without what a line's end, or a number beside it, may come between. */
    private static String plain(String text) {
        return text.replaceAll("[\\s\\p{Z}]+", "");
    }

    @Test
    void aCodeSaysItsActAndNoOther() {
        for (Card card : cards) {
            CardCode code = CardCode.read(CardCode.of(JOB, card.act()).text()).orElseThrow();
            assertThat(JOB).startsWith(code.job());
            assertThat(cards.stream().filter(other -> code.isOf(other.act()))).containsExactly(card);
        }
        assertThat(CardCode.read("neat-corner:rack:C-1")).isEmpty();
        assertThat(CardCode.read("#neat-corner:card:0a1b2c3d:xyz")).isEmpty();
        assertThatExceptionOfType(IllegalArgumentException.class)
                .isThrownBy(() -> CardSheet.write(plan, Optional.empty(), 3, BOOK, SheetSize.A4, _ -> true));
    }

    /** How far it is is said in shares that grow, and whoever does not want it any more is not kept waiting. */
    @Test
    void manyCardsCanBeStopped() {

        List<Double> shares = new ArrayList<>();
        CardSheet.write(plan, Optional.empty(), 4, BOOK, SheetSize.A4, shares::add);
        assertThat(shares).isSorted().allMatch(share -> share >= 0 && share <= 1);
        List<Double> asked = new ArrayList<>();
        assertThatExceptionOfType(CancellationException.class)
                .isThrownBy(() -> CardSheet.write(plan, Optional.empty(), 1, BOOK, SheetSize.A4, share -> {
                    asked.add(share);
                    return asked.size() < 5;
                }));
        assertThat(asked).hasSize(5);
    }
}
