package neatcorner.files.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.Rack;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.section.Ready;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.json.Document;
import neatcorner.files.sheet.LabelSheet;
import neatcorner.files.sheet.SheetSize;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The rack in its own JSON, as CSV and on labels. */
class RackCsvTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.MM_TENTH);
    private static final Species PEAR = Species.own("pear", 700, 0.0015, 0.0033, Species.Hardness.MIDDLING, false);
    private static final Shop SHOP = Shop.starting().withMouldings(Stream.concat(Shop.starting().mouldings().stream(),
            Stream.of(new Moulding(Ready.FLAT.in(PEAR, "pear, flat"), Moulding.USUALLY_SOLD, List.of()))).toList());
    private static final Moulding FIRST = SHOP.mouldings().getFirst();
    private static final List<RackItem> ITEMS = List.of(
            new OffCut(
                    "C-1",
                    FIRST.section(),
                    Length.inches(33, 1, 2),
                    List.of(new Span(Length.mm(100), Length.mm(120.5))),
                    "barrel, left",
                    "spring"),
            new Board(
                    "B-1",
                    PEAR,
                    Length.mm(2400),
                    Length.mm(190),
                    Length.mm(27),
                    Optional.of(new Share(0.085)),
                    "select “A”",
                    List.of(
                            new Board.Defect(
                                    Board.Kind.KNOT, Length.mm(800), Length.mm(60), Length.mm(50), Length.mm(40)),
                            new Board.Defect(
                                    Board.Kind.STAIN,
                                    Length.mm(0),
                                    Length.mm(0),
                                    Length.mm(50),
                                    Length.mm(40),
                                    Optional.of(new Board.Shallow(Board.Face.LOWER, Length.mm(2.5))))),
                    Optional.of(new Price(640, Price.Per.BOARD_FOOT)),
                    "",
                    new Board.Condition(Board.Surface.PLANED, Length.mm(1.5), Length.mm(2))),
            new Sheet(
                    "S-1",
                    Material.MAT_4_PLY,
                    Length.inches(32),
                    Length.inches(40),
                    Material.MAT_4_PLY.usualThickness(),
                    3,
                    true,
                    Sheet.Grain.UPRIGHT,
                    "sea grey",
                    Optional.of(new Price(1150, Price.Per.PIECE)),
                    "drawer"));

    @Test
    void whatIsWrittenIsReadAgain() {
        RackCsv.Rows rows = RackCsv.read("\uFEFF" + RackCsv.write(ITEMS), SHOP);
        assertThat(rows.refusals()).isEmpty();
        assertThat(rows.items()).isEqualTo(ITEMS);
        Shop shop = SHOP.withRack(new Rack(ITEMS)).withCurrency("Kr");
        assertThat(Document.readShop(Document.of(shop).text()).value()).isEqualTo(shop);
    }

    @Test
    void badRowsAreSaidByTheirLineAndTheGoodOnesKept() {
        RackCsv.Rows rows = RackCsv.read("""
            kind,label,what,length_mm,width_mm,thickness_mm,count,price,price_per
            board,B-2,oak,2400,190,27,,,
            off_cut,C-2,no such moulding,300,,,,,
            sheet,S-2,acrylic,24 in,36 in,,2,12.50,piece
            sheet,S-2,acrylic,600,900,,2,,
            sheet,S-3,acrylic,600,900,,2,-1,piece
            log,L-1,oak,,,,,,
            """, SHOP);
        assertThat(rows.items()).extracting(RackItem::label).containsExactly("S-2");
        assertThat(rows.refusals()).hasSize(5);
        assertThat(said(rows, 0)).contains("line 2", "oak", "red_oak");
        assertThat(said(rows, 1)).contains("line 3", "no such moulding");
        assertThat(said(rows, 2)).contains("line 5", "S-2", "once");
        assertThat(said(rows, 3)).contains("line 6", "-1", "0 or more");
        assertThat(said(rows, 4)).contains("line 7", "log", "off_cut, board, sheet");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> RackCsv.read("name;size\n", SHOP))
                .withMessageContaining("kind");
    }

    /** What a spreadsheet would run is masked, and every text comes back as it was. */
    @Test
    void cellsThatLookLikeFormulasAreMaskedAndReadBack() {
        List<RackItem> odd = List.of(new Sheet(
                "=1+1",
                Material.ACRYLIC,
                Length.mm(600),
                Length.mm(900),
                Length.mm(3),
                0,
                false,
                Sheet.Grain.NONE,
                "'=a",
                Optional.empty(),
                "@left"));
        String text = RackCsv.write(odd);
        assertThat(text).contains("'=1+1", "''=a", "'@left");
        assertThat(RackCsv.read(text, SHOP).items()).isEqualTo(odd);
    }

    @Test
    void whatIsNoWholeNumberNoYesOrOneCellTooManyIsRefused() {
        RackCsv.Rows rows = RackCsv.read("""
            kind,label,what,length_mm,width_mm,count,for_sale,price
            sheet,S-1,acrylic,600,900,2.7,,
            sheet,S-2,acrylic,600,900,2,perhaps,
            sheet,S-3,acrylic,600,900,2,YES,3f
            sheet,S-4,acrylic,600,900,2,YES,3,more
            sheet,S-5,acrylic,600,900,2,YES,3
            """, SHOP);
        assertThat(rows.items()).singleElement().satisfies(item -> assertThat(((Sheet) item).forSale()).isTrue());
        assertThat(rows.refusals().stream().map(BOOK::say).collect(Collectors.joining("\n")))
                .contains("2.7", "perhaps", "3f", "9 cells");
    }

    /** Letters of other scripts are drawn, or named by their code, and control signs left out: nothing is refused. */
    @Test
    void labelsTakeAnyLetter() throws IOException {
        List<RackItem> items = List.of(new Sheet(
                "S-1",
                Material.ACRYLIC,
                Length.mm(600),
                Length.mm(900),
                Length.mm(3),
                1,
                false,
                Sheet.Grain.NONE,
                "",
                Optional.empty(),
                "shelf \u6f22\u07ff\u0002 left"));
        try (PDDocument document =
                Loader.loadPDF(LabelSheet.write(items, new Phrasebook(Graduation.MM_TENTH), SheetSize.A4))) {
            assertThat(new PDFTextStripper().getText(document)).contains("shelf", "left").doesNotContain("?");
        }
    }

    /** The printed page, read by a code reader of its own. */
    @Test
    void aLabelsCodeOpensItsItem() throws Exception {
        byte[] pdf = LabelSheet.write(ITEMS, new Phrasebook(Graduation.INCH_16), SheetSize.LETTER);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document)).contains("C-1", "B-1", "S-1", "barrel, left", "33 1/2");
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, 200);
            for (int i = 0; i < ITEMS.size(); i++) {
                BufferedImage label =
                        image.getSubimage(i * image.getWidth() / 3, 0, image.getWidth() / 3, image.getHeight() / 6);
                int[] pixels = label.getRGB(0, 0, label.getWidth(), label.getHeight(), null, 0, label.getWidth());
                assertThat(new QRCodeReader()
                                .decode(new BinaryBitmap(new HybridBinarizer(
                                        new RGBLuminanceSource(label.getWidth(), label.getHeight(), pixels))))
                                .getText())
                        .isEqualTo(LabelSheet.CODE + ITEMS.get(i).label());
            }
        }
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> LabelSheet.write(List.of(), new Phrasebook(Graduation.INCH_16), SheetSize.A4))
                .withMessageContaining("nothing");
    }

    private static String said(RackCsv.Rows rows, int line) {
        return BOOK.say(rows.refusals().get(line));
    }
}
