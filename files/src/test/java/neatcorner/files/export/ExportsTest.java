package neatcorner.files.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import neatcorner.core.cut.Lots;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.mill.MillList;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Rack;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.sheet.SheetSize;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Everything that is offered can be written, and what is written can be read by the libraries of the formats. */
class ExportsTest {
    private static final Shop SHOP = shop();
    private static final Phrasebook BOOK = new Phrasebook(Graduation.MM_HALF);

    private static Shop shop() {
        Shop plain = Shop.starting();
        return plain.withRack(new Rack(List.of(new Board(
                "B-1",
                plain.mouldings().getFirst().section().species(),
                Length.mm(2_400),
                Length.mm(180),
                Length.mm(40),
                Optional.empty(),
                "",
                List.of(),
                Optional.empty(),
                "",
                Board.Condition.ROUGH))));
    }

    private static Plan plan() {
        return Planner.plan(
                Job.starting(
                        "sample",
                        Length.mm(200),
                        Length.mm(300),
                        SHOP.mouldings().getFirst().section()),
                SHOP);
    }

    private static Milling milling() {
        return Milling.of(List.of(new Lots.Order("sample", plan().frame())), SHOP, Answers.NONE);
    }

    private static Export.Request request(boolean onSheet) {
        return new Export.Request(
                plan(),
                BOOK,
                SheetSize.A4,
                Optional.of(new Export.Boards(ExportsTest::milling, SHOP, onSheet)),
                Optional.of("a-job"),
                _ -> true);
    }

    private static List<Export> all() {
        return Exports.ALL;
    }

    @ParameterizedTest
    @MethodSource("all")
    void everythingOfferedIsWritten(Export export) {
        byte[] content = export.content().apply(request(true));
        String start = new String(content, 0, 5, StandardCharsets.ISO_8859_1);
        assertThat(start.equals("%PDF-")).isEqualTo(export.ending().equals("pdf"));
        assertThat(BOOK.say(export.words())).doesNotContain("export.");
        assertThat(Exports.of(export.what(), export.ending())).contains(export);
    }

    /** Read back by the library's own reader: a row a step, and every blank crosscut once. */
    @Test
    void boardsAreListedStepByStep() throws IOException {
        String text = new String(
                Exports.of("boards", "csv").orElseThrow().content().apply(request(false)), StandardCharsets.UTF_8);
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(text))
                .getRecords();
        assertThat(rows).hasSameSizeAs(MillList.of(milling(), SHOP.habits()));
        assertThat(rows.stream()
                        .filter(row -> row.get("operation").equals("blank"))
                        .mapToInt(row -> Integer.parseInt(row.get("pieces")))
                        .sum())
                .isEqualTo(4);
    }

    @Test
    void theSheetShowsBoardsOnlyWhereTheyAreWorkedFrom() throws IOException {
        assertThat(sheet(true)).contains("Boards, in the order they are milled", "B-1", "Guards on");
        assertThat(sheet(false)).doesNotContain("Boards, in the order they are milled");
    }

    private static String sheet(boolean withBoards) throws IOException {
        try (PDDocument document =
                Loader.loadPDF(Exports.of("sheet", "pdf").orElseThrow().content().apply(request(withBoards)))) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void withoutBoardsThereIsNothingToMark() {
        Export.Request none = new Export.Request(plan(), BOOK, SheetSize.A4);
        for (String ending : List.of("csv", "pdf")) {
            assertThatExceptionOfType(Refusal.class)
                    .isThrownBy(() ->
                            Exports.of("boards", ending).orElseThrow().content().apply(none));
        }
    }
}
