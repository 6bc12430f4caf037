package neatcorner.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.StreamSupport;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.files.Jobs;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ShopSheetTest {
    private static PDDocument sheet(Job job, Graduation tape, SheetSize size) throws IOException {
        Plan plan = Planner.plan(job, Shop.starting());
        return Loader.loadPDF(ShopSheet.write(plan, Optional.empty(), new Phrasebook(tape), size));
    }

    private static String text(PDDocument document) throws IOException {
        PDFTextStripper stripper = new PDFTextStripper();
        stripper.setSortByPosition(true);
        return stripper.getText(document);
    }

    /** Without the breaks of lines and with every space alike. */
    private static String plain(String text) {
        return text.replaceAll("[\\s\\u00a0]+", " ");
    }

    /** Read back by the library's own reader: everything the maker needs is on the paper. */
    @ParameterizedTest
    @EnumSource(SheetSize.class)
    void theSheetSaysEverythingNeededToMakeTheFrame(SheetSize size) throws IOException {
        Job job = new Edit.Face("bottom", Optional.empty()).apply(Jobs.full());
        Plan plan = Planner.plan(job, Shop.starting());
        Phrasebook book = new Phrasebook(Graduation.INCH_16);
        try (PDDocument document = sheet(job, Graduation.INCH_16, size)) {
            String text = plain(text(document));
            assertThat(text)
                    .contains(
                            "Grüße aus dem Hafen",
                            "quantity 6",
                            "Cut list",
                            "At the saw",
                            "Glue-up",
                            "Finish",
                            "Fit",
                            "Hang",
                            "no. 3 – two coats",
                            plain(book.write(plan.hang().hookHeight().orElseThrow())),
                            plain(book.write(plan.glue().checks().getFirst())),
                            "swing right");
            String asWritten = plain(new PDFTextStripper().getText(document));
            plan.findings().forEach(finding -> assertThat(asWritten).contains(plain(book.say(finding.cure()))));
            plan.safety()
                    .forEach(caution -> assertThat(asWritten).contains(plain(book.say(Phrasebook.keyOf(caution)))));
            assertThat(document.getPage(0).getMediaBox().getHeight()).isEqualTo(size.paper().getHeight());
        }
    }

    /** ISO 216: A4 is 210 × 297 mm; a point is 1/72 in. */
    @ParameterizedTest
    @CsvSource({"A4,210,297", "LETTER,215.9,279.4"})
    void papersHaveTheirStandardSize(SheetSize size, double widthMm, double heightMm) {
        assertThat(size.paper().getWidth() / 72 * 25.4).isCloseTo(widthMm, org.assertj.core.api.Assertions.within(0.1));
        assertThat(size.paper().getHeight() / 72 * 25.4)
                .isCloseTo(heightMm, org.assertj.core.api.Assertions.within(0.1));
    }

    /** Read at arm's length: the library's own reader finds no small type, and nothing beyond the margins. */
    @ParameterizedTest
    @EnumSource(SheetSize.class)
    void nothingIsSetSmallOrRunsOffThePaper(SheetSize size) throws IOException {
        for (Job job : List.of(Jobs.full(), Jobs.plain(), new Edit.Quantity(40).apply(Jobs.plain()))) {
            try (PDDocument document = sheet(job, Graduation.INCH_64, size)) {
                new PDFTextStripper() {
                    @Override
                    protected void processTextPosition(TextPosition letter) {
                        assertThat(letter.getFontSizeInPt()).as(letter.getUnicode()).isGreaterThanOrEqualTo(11);
                        assertThat(letter.getX()).as(letter.getUnicode()).isGreaterThan(18);
                        assertThat(letter.getX() + letter.getWidth())
                                .as(letter.getUnicode())
                                .isLessThan(size.paper().getWidth() - 18);
                        assertThat(letter.getY()).as(letter.getUnicode())
                                .isBetween(18f, size.paper().getHeight() - 18);
                    }
                }.getText(document);
            }
        }
    }

    /**
     * A frame of moulding from the rack, cut on a saw that was proved, is one page; nothing is left of it but the steps
     * that all frames have.
     */
    @ParameterizedTest
    @EnumSource(SheetSize.class)
    void aPlainFrameIsOnePageOnWhitePaper(SheetSize size) throws IOException {
        Shop shop = Shop.starting().withMouldings(List.of(new Moulding(
                Jobs.plain().section(), Moulding.USUALLY_SOLD, List.of(new Sticks(Length.inches(96), 2)))))
                .withMachines(Jobs.proved());
        Plan plan = Planner.plan(Jobs.plain(), shop);
        Phrasebook book = new Phrasebook(Graduation.INCH_16);
        try (PDDocument document = Loader.loadPDF(ShopSheet.write(plan, Optional.empty(), book, size))) {
            assertThat(document.getNumberOfPages()).isOne();
            String text = plain(new PDFTextStripper().getText(document));
            plan.safety().stream()
                    .filter(caution -> caution.station() != Station.SECTION)
                    .forEach(caution -> assertThat(text).contains(plain(book.say(Phrasebook.keyOf(caution)))));
            plan.fit().sheets().forEach(sheet -> assertThat(text)
                    .contains(plain(book.say("sheet.size", sheet.width(), sheet.height()))));
            BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, 20);
            assertThat(image.getRGB(2, 2) & 0xFFFFFF).isEqualTo(0xFFFFFF);
        }
    }

    @Test
    void allFontsAreEmbedded() throws IOException {
        try (PDDocument document = sheet(Jobs.full(), Graduation.MM_HALF, SheetSize.A4)) {
            for (PDPage page : document.getPages()) {
                StreamSupport.stream(page.getResources().getFontNames().spliterator(), false).forEach(name -> {
                    try {
                        assertThat(page.getResources().getFont(name).isEmbedded()).as(name.getName()).isTrue();
                    } catch (IOException failed) {
                        throw new UncheckedIOException(failed);
                    }
                });
            }
        }
    }

    /** They are drawn with the machine's fonts, or named by their code where it has none. */
    @Test
    void signsTheFaceDoesNotHaveDoNotSpoilTheSheet() throws IOException {
        Job job = new Edit.Name("松 frame 🪵 of pine").apply(Jobs.plain());
        try (PDDocument document = sheet(job, Graduation.INCH_16, SheetSize.A4)) {
            assertThat(text(document)).contains("frame", "of pine").doesNotContain("?");
        }
    }

    @Test
    void aHundredFramesGoOnWithoutRunningOffThePaper() throws IOException {
        Job job = new Edit.Quantity(40).apply(Jobs.plain());
        try (PDDocument document = sheet(job, Graduation.INCH_16, SheetSize.LETTER)) {
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                BufferedImage image = new PDFRenderer(document).renderImageWithDPI(i, 40);
                for (int x = 0; x < image.getWidth(); x++) {
                    int rgb = image.getRGB(x, image.getHeight() - 3);
                    assertThat(rgb & 0xFF)
                            .as("nothing is cut off by the lower edge of page " + (i + 1))
                            .isGreaterThan(200);
                }
            }
        }
    }
}
