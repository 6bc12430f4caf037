package neatcorner.files.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.json.Document;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Jobs that once got a plan which would have spoilt wood, and what their plans must and must not say. */
class WentWrongTest {
    private static final Map<String, Job> JOBS = read();

    private static Map<String, Job> read() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                WentWrongTest.class.getResourceAsStream("/neatcorner/files/faults/jobs.jsonl"),
                StandardCharsets.UTF_8))) {
            return lines.lines()
                    .map(line -> Document.readJob(line).value())
                    .collect(Collectors.toMap(Job::title, Function.identity()));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    private static List<String> words(String cell) {
        return cell == null ? List.of() : List.of(cell.strip().split("\\s*;\\s*"));
    }

    /** The finding named is there, and those after a minus are not. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "cant40demo | falls_through",
                "cant38in | falls_through",
                "cant80ou | no_wall",
                "cantv | joint_does_not_fit; lean_shallow; tilted_ledge_out",
                "crash-json-lean | tilted_ledge_out",
                "lean5 | joint_does_not_fit; tilted_ledge_out",
                "meas_small | glass_too_large",
                "meas_wrongsize | glass_too_large",
                "m10_out2 | glass_will_not_drop_in; out_of_square",
                "octv | -joint_does_not_fit",
                "octpin | -joint_does_not_fit",
                "gon36 | short_piece; -joint_does_not_fit",
                "oneside | mirror_images; past_reach",
                "ringafter | short_piece; -board_too_wide",
                "panel | -no_room_for_points; -glue_alone",
                "solid | board_too_wide; -open_time",
                "bigstrainer | flat_wire; -slender; -flat_thin",
                "heavy70 | corners_outside; too_heavy; slender",
                "thin8mirror | joint_beyond; side_breaks",
                "tiny50 | no_joint_enough",
                "smallmirror | mirror_hardware; joint_too_weak",
                "flatthin | flat_thin",
                "lshapeglass | glass_inward; off_centre",
                "acrylic-in-bars | nothing_holds",
                "mathidden | picture_over_glass",
                "doubleflush | step_shallow",
                "belowfloor | below_floor; lifted_badly; -joint_beyond",
                "waxfirst | over_wax; oil_over_film; sanded_through; water_over_oil",
                "crash-all-faces-differ | unlike_ends; past_reach",
                "three_faces | -side_joined",
                "odd-11-2 | rabbet_too_shallow"
            })
    void thePlanFindsWhatIsWrong(String name, String findings) {
        Plan plan = Planner.plan(JOBS.get(name), Shop.starting());
        List<String> found = plan.findings().stream().map(Finding::id).toList();
        for (String finding : words(findings)) {
            if (finding.startsWith("-")) {
                assertThat(found).doesNotContain(finding.substring(1));
            } else {
                assertThat(found).contains(finding);
            }
        }
    }

    /** Phrases that the plan must hold, and those after a minus that it must not. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "ringafter | Mill blanks; saw the curve; from the tip of one blank; circle or oval, box around it;"
                        + " -Chisel the corners",
                "panel | Cut the groove; no glue in the groove; -Points, pressed; -room for points",
                "solid | Rout the opening; Nothing to close; Chisel the corners square; -Mill the strip; -squeeze on a"
                        + " joint",
                "bigstrainer | == strainer ==; level bar 1 L1; the hardware goes on it; no dust paper is glued over it;"
                        + " hold it by flat clips; -Screw it to the frame",
                "pu_splined | foam; -wet rag",
                "window2 | half; every pane",
                "lshapeglass | any polygon, box around it; A band slides off; -–45; --45",
                "waxfirst | wax",
                "thin8mirror | block",
                "oneside | Top and bottom are cut as mirror images"
            })
    void thePlanSaysWhatIsTrueForTheJob(String name, String phrases) {
        String text =
                PlanText.write(Planner.plan(JOBS.get(name), Shop.starting()), new Phrasebook(Graduation.MM_TENTH));
        for (String phrase : words(phrases)) {
            if (phrase.startsWith("-")) {
                assertThat(text).doesNotContain(phrase.substring(1));
            } else {
                assertThat(text).contains(phrase);
            }
        }
    }

    /** A stop's remedy makes the stop go away. */
    @ParameterizedTest
    @CsvSource({
        "cant40demo,falls_through",
        "cant38in,falls_through",
        "cant80ou,no_wall",
        "doubleflush,step_shallow",
        "waxfirst,over_wax",
        "mathidden,picture_over_glass"
    })
    void theRemedyIsACure(String name, String finding) {
        Plan plan = Planner.plan(JOBS.get(name), Shop.starting());
        Remedy remedy = plan.findings().stream()
                .filter(f -> f.id().equals(finding))
                .findFirst()
                .flatMap(Finding::remedy)
                .orElseThrow();
        if (remedy instanceof Remedy.OnJob cure) {
            assertThat(Planner.plan(cure.edit().apply(plan.job()), Shop.starting())
                            .findings())
                    .extracting(Finding::id)
                    .doesNotContain(finding);
        }
    }
}
