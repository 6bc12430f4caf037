package neatcorner.core.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;
import org.junit.jupiter.api.Test;

class KnownAnswersTest {
    private static StickProblem problem(int millimetres, int pieces) {
        return new StickProblem(
                List.of(new StickProblem.Kind("p", Length.mm(millimetres), pieces)),
                List.of(new StickProblem.Stock("s", Length.mm(2400), Optional.empty(), 1)),
                Length.mm(3),
                Length.ZERO,
                Length.mm(300),
                List.of());
    }

    /** Hours of typing on thousands of pieces are not kept; what was asked for last is. */
    @Test
    void manyPiecesAreForgottenSoonerThanFew() {
        KnownAnswers known = new KnownAnswers();
        StickAnswer answer = StickSolver.quick(problem(500, 4)).orElseThrow();
        StickProblem first = problem(400, 4_000);
        known.put(first, answer);
        for (int i = 0; i < 200; i++) {
            known.put(problem(500 + i, 4_000), answer);
            assertThat(known.to(first)).as("asked for again and again").isPresent();
        }
        assertThat(known.size()).isLessThanOrEqualTo(50);
        assertThat(known.to(problem(500, 4_000))).isEmpty();
        KnownAnswers small = new KnownAnswers();
        for (int i = 0; i < 1_000; i++) {
            small.put(problem(500 + i, 4), answer);
        }
        assertThat(small.size()).isEqualTo(400);
        assertThat(small.to(problem(1_499, 4))).contains(answer);
    }
}
