package neatcorner.files.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetCheck;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.solve.sheet.SheetSolver;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickCheck;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Cutting problems that once got an impossible layout, a false proof, no end or a refusal that was not due. */
class CutsThatWentWrongTest {
    private static final Map<String, String> PROBLEMS = read();

    private static Map<String, String> read() {
        try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                CutsThatWentWrongTest.class.getResourceAsStream("/neatcorner/files/faults/cuts.tsv"),
                StandardCharsets.UTF_8))) {
            return lines.lines()
                    .map(line -> line.split("\t"))
                    .collect(Collectors.toMap(cells -> cells[0], cells -> cells[1]));
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** Stops after a number of questions, so that nothing depends on the machine's speed. */
    private static BooleanSupplier after(int questions) {
        int[] asked = {0};
        return () -> ++asked[0] > questions;
    }

    /**
     * What the best layout costs was worked out by hand or given with a layout that proves it; the bound may not lie
     * above.
     */
    @ParameterizedTest
    @CsvSource({
        "offcut-used-twice,0",
        "kerf-missing-across-thin-defect,10",
        "group-gap-too-wide,100",
        "same-without-group,100",
        "false-proof-short-runs,47",
        "prices-far-apart-overrun,1",
        "gives-up-early,18"
    })
    void theBestIsFoundAndProven(String name, long cost) {
        StickProblem problem = StickPlanJson.read(PROBLEMS.get(name));
        StickAnswer answer = StickSolver.solve(problem, after(2_000_000), _ -> { }).orElseThrow();
        assertThat(StickCheck.wrong(problem, answer)).isEmpty();
        assertThat(answer.cost()).isEqualTo(cost);
        assertThat(answer.bound()).isLessThanOrEqualTo(cost);
        Map<Integer, Integer> used = new HashMap<>();
        answer.sticks().forEach(stick -> used.merge(stick.stock(), 1, Integer::sum));
        used.forEach((stock, count) -> problem.stock()
                .get(stock)
                .count()
                .ifPresent(most -> assertThat(count).isLessThanOrEqualTo(most)));
    }

    @Test
    void whatCanBeHeldIsNotRefused() {
        StickProblem problem = StickPlanJson.read(PROBLEMS.get("false-refusal"));
        assertThat(StickSolver.solve(problem, after(400_000), _ -> {}))
                .hasValueSatisfying(
                        answer -> assertThat(StickCheck.wrong(problem, answer)).isEmpty());
    }

    /** Twenty panes that are known to lie on one sheet, though none of them fills it to the hair. */
    @Test
    void twentyPanesGoOnOneSheet() {
        SheetProblem problem = SheetPlanJson.read(PROBLEMS.get("twenty-panes-on-one-sheet"));
        SheetAnswer answer = SheetSolver.solve(problem, after(20_000_000), _ -> { }).orElseThrow();
        assertThat(SheetCheck.wrong(problem, answer)).isEmpty();
        assertThat(answer.sheets()).hasSize(1);
    }

    /** A strip of 13 mm less the kerf of 3 mm is narrower than the 12 mm that can be broken off. */
    @Test
    void aStripTooNarrowToBreakOffIsRefused() {
        assertThatThrownBy(() -> SheetPlanJson.read(PROBLEMS.get("strip-too-narrow-with-kerf")))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining("strip narrower than 12 mm");
    }

    @ParameterizedTest
    @CsvSource({
        "impossible-piece-hangs,pieces[0],cross before",
        "negative-width-accepted,pieces[0].width,-60 mm",
        "crossing-cuts-accepted,pieces[0],cross before",
        "misspelt-field-ignored,pieces[0].cuont,not known",
        "hangs-in-spite-of-seconds,pieces[0],cross before",
        "waste-over-stick,pieces[0],cross before"
    })
    void whatIsWrongIsNamedByItsField(String name, String field, String why) {
        assertThatThrownBy(() -> StickPlanJson.read(PROBLEMS.get(name)))
                .isInstanceOf(FormatException.class)
                .hasMessageContaining(field)
                .hasMessageContaining(why);
    }

    /** The checker itself: a stick too many of a kind, a piece left out and pieces that overlap are all caught. */
    @ParameterizedTest
    @ValueSource(strings = {"offcut-used-twice", "gives-up-early", "false-proof-short-runs"})
    void theCheckerCatchesWhatIsIllegal(String name) {
        StickProblem problem = StickPlanJson.read(PROBLEMS.get(name));
        StickAnswer good = StickSolver.solve(problem, after(100_000), _ -> { }).orElseThrow();
        StickAnswer.Laid first = good.sticks().getFirst();
        List<StickAnswer.Laid> rest = good.sticks().subList(1, good.sticks().size());
        assertThat(StickCheck.wrong(problem, new StickAnswer(rest, good.cost(), 0))).isPresent();
        List<StickAnswer.Laid> twice = new ArrayList<>(good.sticks());
        twice.add(first);
        assertThat(StickCheck.wrong(problem, new StickAnswer(twice, good.cost(), 0))).isPresent();
        assertThat(StickCheck.wrong(problem, new StickAnswer(good.sticks(), good.cost() + 1, 0))).isPresent();
    }
}
