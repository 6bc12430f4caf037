package neatcorner.files.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.StringReader;
import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.Jobs;
import neatcorner.files.json.PlanJson;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PlanTextTest {
    private static final Job JOB =
            new Edit.Cut(Cutting.FREE).apply(new Edit.Face("bottom", Optional.empty()).apply(Jobs.full()));

    @ParameterizedTest
    @EnumSource(Graduation.class)
    void theTextHasEveryStationAndItsFigures(Graduation tape) {
        Plan plan = Planner.plan(JOB, Shop.starting());
        Phrasebook book = new Phrasebook(tape);
        String text = PlanText.write(plan, book);
        assertThat(text).contains("BRIEF", "SECTION", "CORNERS", "CUTS", "GLUE-UP", "FINISH", "FIT", "HANG");
        plan.safety().forEach(caution -> assertThat(text).contains("! " + book.say(Phrasebook.keyOf(caution))));
        plan.frame()
                .members()
                .forEach(member ->
                        assertThat(text).contains(book.write(member.longPoint()), book.write(member.rabbet())));
        plan.findings()
                .forEach(finding -> assertThat(text).contains(book.say(finding.what()), book.say(finding.cure())));
        assertThat(text)
                .contains(book.write(plan.hang().hookHeight().orElseThrow()), book.write(plan.hang().weight().total()));
        assertThat(text).doesNotContain("{", "null", "Optional");
    }

    /** RFC 4180, read back by the library's own reader: one row a piece, unrounded. */
    @Test
    void theCutListHasOneRowAPiece() throws IOException {
        Plan plan = Planner.plan(JOB, Shop.starting());
        List<CSVRecord> rows = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).get()
                .parse(new StringReader(CutList.write(plan))).getRecords();
        assertThat(rows)
                .as("six of: a frame and its strainer, a rim, a spacer with a panel, a cap with four strips")
                .hasSize(156);
        assertThat(rows).extracting(row -> row.get("job")).containsOnly("Grüße aus dem Hafen");
        assertThat(rows)
                .extracting(row -> row.get("of_part"))
                .containsOnly("chart frame", "rim", "spacer", "cap", "strainer");
        assertThat(rows).allSatisfy(row -> {
            var member = plan.assembly().frame(plan.job().indexOf(row.get("of_part")))
                    .pieces()
                    .filter(m -> m.side().letters().equals(row.get("letters")))
                    .findFirst()
                    .orElseThrow();
            assertThat(row.get("long_mm"))
                    .isEqualTo(member.longPoint().value().toExactMm().toPlainString());
            assertThat(Double.parseDouble(row.get("left_swing_right_deg")))
                    .isEqualTo(member.left().swing().toDegrees());
            if (row.get("of_part").equals("chart frame")) {
                assertThat(row.get("section"))
                        .isEqualTo(member.section().lip().isPositive() ? "scoop “A”" : "stretcher bar");
            }
        });
    }

    @Test
    void everyPartIsSaidWithWhatItIsAndHowItLies() {
        Plan plan = Planner.plan(JOB, Shop.starting());
        String text = PlanText.write(plan, new Phrasebook(Graduation.MM_HALF));
        assertThat(text)
                .contains("== rim ==", "Around the chart frame, 0.5 mm free on each side, its front 3 mm behind.")
                .contains("== spacer ==", "On the back of the rim")
                .containsOnlyOnce("HANG");
        assertThat(text.split("\nGLUE-UP\n")).as("each is closed by itself").hasSize(6);
        JsonNode json = JsonMapper.builder().build().readTree(PlanJson.write(plan));
        assertThat(json.get("parts"))
                .extracting(part -> part.get("name").asString())
                .containsExactly("rim", "spacer", "cap", "strainer");
        assertThat(json.get("parts").get(0).get("figures").get("sight.width").get("mm").asDouble())
                .as("what the tape read on the frame and two gaps of 0.5")
                .isCloseTo(400.1 + 1, within(1e-6));
    }

    @Test
    void aBareFrameSaysSo() {
        assertThat(PlanText.write(Planner.plan(Jobs.plain(), Shop.starting()), new Phrasebook(Graduation.INCH_16)))
                .contains("bare wood");
    }
}
