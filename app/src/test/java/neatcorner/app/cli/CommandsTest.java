package neatcorner.app.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import neatcorner.app.desk.Demo;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Planner;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.store.ShopStore;
import neatcorner.files.text.PlanText;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The commands, run here: what they say is caught from the process, so that nothing else may run beside. */
@Isolated
class CommandsTest {
    private final PrintStream realOut = System.out;
    private final PrintStream realErr = System.err;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();
    @TempDir
    private Path folder;
    private Path job;
    private Path shop;

    @BeforeEach
    void listen() throws IOException {
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(err, true, StandardCharsets.UTF_8));
        job = Files.writeString(folder.resolve("job.json"), Demo.jobs().getFirst().text());
        shop = Files.writeString(folder.resolve("shop.json"), Demo.shop().text());
    }

    @AfterEach
    void restore() {
        System.setOut(realOut);
        System.setErr(realErr);
    }

    private String said() {
        return out.toString(StandardCharsets.UTF_8);
    }

    private String complained() {
        return err.toString(StandardCharsets.UTF_8);
    }

    private long files() throws IOException {
        try (Stream<Path> all = Files.list(folder)) {
            return all.count();
        }
    }

    /**
     * Backed up, compacted, written as open files and read back: the same shop each time, and what is wrong is said.
     */
    @Test
    void aWholeShopGoesOutAndComesBack() {
        Path store = folder.resolve("demo.neatcorner");
        Demo.store(store, Clock.systemUTC()).close();
        String copy = folder.resolve("copy.neatcorner").toString();
        String open = folder.resolve("open").toString();
        String back = folder.resolve("back.neatcorner").toString();
        assertThat(Commands.run("backup", store.toString(), copy)).isZero();
        assertThat(Commands.run("compact", copy)).isZero();
        assertThat(said()).contains("KB before");
        assertThat(Commands.run("export", copy, open)).isZero();
        assertThat(Commands.run("import", open, back)).isZero();
        try (ShopStore was = ShopStore.open(store, Clock.systemUTC());
                ShopStore is = ShopStore.open(Path.of(back), Clock.systemUTC())) {
            assertThat(is.shop().text()).isEqualTo(was.shop().text());
            assertThat(is.jobs()).hasSameSizeAs(was.jobs());
            for (int i = 0; i < was.jobs().size(); i++) {
                assertThat(is.whole(is.jobs().get(i).id())).isEqualTo(was.whole(was.jobs().get(i).id()));
            }
        }
        assertThat(Commands.run("export", copy, open)).isEqualTo(2);
        assertThat(Commands.run("import", open, back)).isEqualTo(2);
        assertThat(Commands.run("backup", store.toString(), copy)).isEqualTo(2);
        assertThat(Commands.run("compact", folder.resolve("none").toString())).isEqualTo(2);
        assertThat(complained()).contains("not empty", "there already", "no such shop").doesNotContain("Exception");
    }

    /** 1000 mm sticks: 400 + 596 with a kerf of 4 fill one exactly; three of each are three sticks. */
    @Test
    void aBareProblemIsLaidOnSticksWithItsProof() throws IOException {
        Path problem = Files.writeString(folder.resolve("sticks.json"), """
            { "kerf": 4, "pieces": [
                { "name": "a", "length": 400, "count": 3 }, { "name": "b", "length": 596, "count": 3 } ],
              "stock": [ { "name": "s", "length": "1 m", "cost": 7 } ] }\
            """);
        assertThat(Commands.run("stickplan", problem.toString())).isZero();
        assertThat(said()).contains("sticks 3, cost 21").contains("proven best");
        out.reset();
        assertThat(Commands.run("stickplan", "--json", problem.toString())).isZero();
        JsonNode answer = JsonMapper.shared().readTree(said());
        assertThat(answer.at("/cost").intValue()).isEqualTo(21);
        assertThat(answer.at("/sticks/0/pieces")).hasSize(2);
        for (String wrong : List.of("\"length\": 1400", "\"length\": 0", "\"length\": \"4 furlongs\"")) {
            Files.writeString(problem, Files.readString(problem).replaceFirst("\"length\": 400", wrong));
            assertThat(Commands.run("stickplan", problem.toString())).isEqualTo(2);
            Files.writeString(problem, Files.readString(problem).replace(wrong, "\"length\": 400"));
        }
        assertThat(complained())
                .contains("longer than every stick")
                .contains("length of piece a")
                .contains("pieces[0].length");
    }

    /**
     * Slanted ends that may be turned share their cut: two of 500 mm, 60 wide at 45°, and a kerf of 3 take 2 · 500 − 60
     * + 3·√2.
     */
    @Test
    void aBareProblemMayHaveSlantedEndsGroupsDefectsAndLocks() throws IOException {
        Path problem = Files.writeString(folder.resolve("sticks.json"), """
            { "kerf": 3, "pieces": [
                { "name": "a", "length": 500, "count": 2, "left": 45, "right": 45, "width": 60, "flip": true },
                { "name": "x", "length": 200, "group": "g" }, { "name": "y", "length": 150, "group": "g" } ],
              "stock": [ { "name": "s", "length": 945, "cost": 7 },
                { "name": "o", "length": 700, "count": 1, "defects": [ { "from": 100, "to": 120 } ] } ],
              "locks": [ { "piece": 1, "stock": 1 } ] }\
            """);
        assertThat(Commands.run("stickplan", "--json", problem.toString())).isZero();
        JsonNode answer = JsonMapper.shared().readTree(said());
        assertThat(answer.at("/cost").intValue()).isEqualTo(7);
        assertThat(answer.at("/sticks/0/pieces/1/start_mm").doubleValue())
                .isEqualTo(500 - 60 + 3 * Math.sqrt(2), within(1e-5));
        assertThat(answer.at("/sticks/1/pieces/0/start_mm").doubleValue())
                .as("past the defect")
                .isGreaterThanOrEqualTo(120);
        assertThat(answer.at("/sticks/1/pieces/1/name").stringValue()).isEqualTo("y");
    }

    @Test
    void aBareProblemOfPanesIsLaidOnSheets() throws IOException {
        Path problem = Files.writeString(folder.resolve("sheets.json"), """
            { "panes": [ { "name": "p", "width": 500, "height": 300, "count": 4 } ],
              "stock": [ { "name": "s", "width": 1000, "height": 600, "cost": 9 } ] }\
            """);
        assertThat(Commands.run("sheetplan", problem.toString())).isZero();
        assertThat(said()).contains("sheets 1, cost 9, proven best").contains("4 × p").contains("3 cuts");
        Files.writeString(problem, Files.readString(problem).replace("\"height\": 300", "\"height\": 3000"));
        assertThat(Commands.run("sheetplan", problem.toString())).isEqualTo(2);
        assertThat(complained()).contains("pane p").contains("larger sheet");
    }

    @Test
    void severalJobsAreCutTogether() throws IOException {
        Path other = Files.writeString(folder.resolve("other.json"), Demo.jobs().get(2).text());
        Path csv = folder.resolve("both.csv");
        assertThat(Commands.run(
                        "cuts", job.toString(), other.toString(), "--shop-file", shop.toString(), "-o", csv.toString()))
                .isZero();
        assertThat(said()).contains("maple scoop", "oak flat, wide", "proven best");
        assertThat(Files.readAllLines(csv)).hasSize(1 + 24 + 4);
    }

    /** Four strips of a demonstration job from its red oak: what is said and the rows of the file are one list. */
    @Test
    void boardsAreMilledByAList() throws IOException {
        Files.writeString(job, Demo.jobs().get(2).text());
        Path csv = folder.resolve("mill.csv");
        assertThat(Commands.run(
                        "mill", job.toString(), "--shop", shop.toString(), "--seconds", "0.2", "-o", csv.toString()))
                .isZero();
        String said = said();
        assertThat(said).contains("red oak", "Guards on", "riving knife", "finished strips", "stays a board");
        List<String> rows = Files.readAllLines(csv);
        assertThat(rows.getFirst()).startsWith("board,step,operation,length,rips,setting_mm,from_mm,pieces,blanks");
        assertThat(rows.stream().filter(row -> row.contains(",blank,")))
                .as("every strip is crosscut once")
                .extracting(row -> row.split("A–B/1|B–C/1|C–D/1|D–A/1", -1).length - 1)
                .satisfies(counts -> assertThat(
                                counts.stream().mapToInt(n -> n).sum())
                        .isEqualTo(4));
        Files.writeString(job, Demo.jobs().get(6).text());
        assertThat(Commands.run("mill", job.toString(), "--shop", shop.toString())).isZero();
        assertThat(said()).contains("5 not made: there is no board of pine");
        assertThat(Commands.run("mill", job.toString())).isEqualTo(2);
        Path strip = folder.resolve("strip.pdf");
        assertThat(Commands.run("mill", job.toString(), "--shop", shop.toString(), "--strip", strip.toString()))
                .as("no board, no strip")
                .isEqualTo(2);
        Files.writeString(job, Demo.jobs().get(2).text());
        assertThat(Commands.run("mill", job.toString(), "--shop", shop.toString(), "--strip", strip.toString()))
                .isZero();
        try (var document = Loader.loadPDF(strip.toFile())) {
            assertThat(new PDFTextStripper().getText(document)).contains("Length 1", "A–B/1", "C–D/1");
        }
        Path sheet = folder.resolve("sheet.pdf");
        assertThat(Commands.run(
                        "sheet", job.toString(), "--shop", shop.toString(), "--boards", "-o", sheet.toString()))
                .isZero();
        try (var document = Loader.loadPDF(sheet.toFile())) {
            assertThat(new PDFTextStripper().getText(document))
                    .as("every step and its caution are on the sheet")
                    .contains("Boards, in the order they are milled", "1. Crosscut at", "Rip 1:", "feather boards");
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15})
    void everyDemoJobIsPlannedInWords(int index) throws IOException {
        Files.writeString(job, Demo.jobs().get(index).text());
        assertThat(Commands.run("plan", job.toString(), "--shop-file", shop.toString())).isZero();
        assertThat(said()).isEqualTo(PlanText.write(Planner.plan(Demo.jobs().get(index).value(), Demo.shop().value()),
                new Phrasebook(Graduation.INCH_16)));
        assertThat(complained()).isEmpty();
    }

    @Test
    void thePlanComesAsJsonInMillimetresAndDegrees() {
        assertThat(Commands.run("plan", job.toString(), "--json")).isZero();
        JsonNode tree = JsonMapper.shared().readTree(said());
        assertThat(tree.at("/figures/member.top.long/mm").decimalValue()).isEqualByComparingTo("377.825");
        assertThat(tree.at("/members/0/right_end/swing_degrees").doubleValue()).isEqualTo(45.0);
    }

    @Test
    void millimetresAreThereForTheAsking() {
        assertThat(Commands.run("plan", job.toString(), "--tape", "MM_HALF")).isZero();
        assertThat(said()).contains("378 mm").doesNotContain("14 7/8");
    }

    @Test
    void theSheetIsAPdfOnThePaperAskedFor() throws IOException {
        Path pdf = folder.resolve("out.pdf");
        assertThat(Commands.run("sheet", job.toString(), "-o", pdf.toString(), "--paper", "LETTER")).isZero();
        try (var document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getPage(0).getMediaBox().getWidth()).isEqualTo(612);
        }
    }

    @Test
    void theCutListIsWritten() throws IOException {
        Path csv = folder.resolve("out.csv");
        assertThat(Commands.run("cuts", job.toString(), "-o", csv.toString(), "--shop-file", shop.toString())).isZero();
        assertThat(Files.readAllLines(csv)).hasSize(25);
    }

    @Test
    void aSideTooLongForAnyStickMakesNoCutListButSaysWhatWouldHelp() throws IOException {
        Files.writeString(
                job,
                Demo.jobs()
                        .get(3)
                        .text()
                        .replace("\"choices\"", "\"overrides\": {}, \"choices\"")
                        .replaceFirst("\"adhesive\"", "\"cutting\": {\"matched\": true}, \"adhesive\""));
        long before = files();
        assertThat(Commands.run(
                        "cuts",
                        job.toString(),
                        "-o",
                        folder.resolve("x.csv").toString(),
                        "--shop-file",
                        shop.toString()))
                .isEqualTo(2);
        assertThat(complained()).contains("job.json", "ash slope", "matched less strictly");
        assertThat(files()).isEqualTo(before);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"length\" : 304.8 | \"length\" : -3 | width | 10 mm",
                "\"version\" : 2 | \"version\" : 9 | version | update",
                "\"quantity\" : 6 | \"quantity\" : 5000 | quantity | 999",
                "{ | [ | JSON | line",
                "\"lip\" : 4.7625 | \"lip\" : \"4 spans\" | section.recess.lip | spans",
                "\"line\" : \"glass\" | \"line\" : \"rim\" | width.line | outside"
            })
    void badInputNamesTheFileTheFieldAndWhatIsAllowedAndNothingIsWritten(
            String good, String bad, String field, String allowed) throws IOException {
        Files.writeString(job, Files.readString(job).replaceFirst(Pattern.quote(good), Matcher.quoteReplacement(bad)));
        long before = files();
        for (List<String> command : List.of(
                List.of("plan", job.toString()),
                List.of("sheet", job.toString(), "-o", folder.resolve("o.pdf").toString()),
                List.of("cuts", job.toString(), "-o", folder.resolve("o.csv").toString()))) {
            err.reset();
            assertThat(Commands.run(command.toArray(String[]::new))).isEqualTo(2);
            assertThat(complained()).contains("job.json", field, allowed);
        }
        assertThat(said()).isEmpty();
        assertThat(files()).isEqualTo(before);
    }

    @Test
    void numbersThatLeaveNoFrameAreRefused() throws IOException {
        Files.writeString(
                job,
                Files.readString(job)
                        .replaceFirst("\"face\" : 39.6875", "\"face\" : 39.6875")
                        .replaceFirst("\"line\" : \"glass\"", "\"line\" : \"outside\"")
                        .replaceFirst("\"length\" : 304.8", "\"length\" : 60"));
        assertThat(Commands.run("plan", job.toString())).isEqualTo(2);
        assertThat(complained()).contains("job.json", "would be", "10 mm");
    }

    @Test
    void missingFilesFoldersAndArgumentsAreSaid() throws IOException {
        assertThat(Commands.run("plan", folder.resolve("none.json").toString())).isEqualTo(2);
        assertThat(complained()).contains("none.json", "no such file");
        assertThat(Commands.run("sheet", job.toString(), "-o", folder.resolve("no/where.pdf").toString())).isEqualTo(2);
        assertThat(complained()).contains("there is no folder");
        assertThat(Commands.run("sheet", job.toString())).isEqualTo(2);
        assertThat(Commands.run("hammer")).isEqualTo(2);
        assertThat(complained()).contains("hammer");
        Files.write(job, new byte[] {(byte) 0xFF, (byte) 0xFE, 0});
        assertThat(Commands.run("plan", job.toString())).isEqualTo(2);
        assertThat(complained()).contains("UTF-8");
    }

    @Test
    void withoutADisplayTheWindowSaysSo() {
        assertThat(Display.isThere("Linux", Map.of())).isFalse();
        assertThat(Display.isThere("Linux", Map.of("DISPLAY", ":0"))).isTrue();
        assertThat(Display.isThere("Linux", Map.of("WAYLAND_DISPLAY", "w"))).isTrue();
        assertThat(Display.isThere("Mac OS X", Map.of())).isTrue();
    }
}
