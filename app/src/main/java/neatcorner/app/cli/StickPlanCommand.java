package neatcorner.app.cli;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;
import neatcorner.files.json.StickPlanJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code neat-corner stickplan PROBLEM.json}. */
@Command(
        name = "stickplan",
        description = "Lay bare lengths on sticks for the least cost, with a proven bound.",
        mixinStandardHelpOptions = true)
final class StickPlanCommand implements Runnable {
    @Mixin
    private SolverArguments arguments = new SolverArguments();

    @Override
    public void run() {
        SolverArguments.Solved<StickProblem, StickAnswer> solved = arguments.solve(
                StickPlanJson::read,
                (problem, stop) -> StickSolver.solve(problem, stop, _ -> {}),
                "the sticks do not hold all pieces; add sticks, or give some without a count");
        System.out.print(arguments.isJson() ? StickPlanJson.write(solved.problem(), solved.answer(), solved.seconds())
                : text(solved.problem(), solved.answer(), solved.seconds()));
    }

    private static String text(StickProblem problem, StickAnswer answer, double took) {
        StringBuilder text = new StringBuilder();
        int number = 1;
        for (StickAnswer.Laid laid : answer.sticks()) {
            Map<String, Integer> pieces = new LinkedHashMap<>();
            for (StickAnswer.Placed placed : laid.placed()) {
                for (StickProblem.Part part : problem.pieces().get(placed.kind()).parts()) {
                    pieces.merge((part.name().isBlank() ? "" : part.name() + " ") + part.length(), 1, Integer::sum);
                }
            }
            StickProblem.Stock stock = problem.stock().get(laid.stock());
            text.append(String.format(
                    Locale.ROOT,
                    "stick %d, %s%s: %s; %s left%n",
                    number++,
                    stock.name().isBlank() ? "" : stock.name() + " ",
                    stock.length(),
                    pieces.entrySet().stream()
                            .map(e -> (e.getValue() > 1 ? e.getValue() + " × " : "") + e.getKey())
                            .collect(Collectors.joining(", ")),
                    problem.left(laid)));
        }
        String proof = SolverArguments.proof(answer.isProven(), answer.gap(), answer.bound());
        return text.append(String.format(
                        Locale.ROOT,
                        "sticks %d, cost %d, waste %s, %s, %.2f s%n",
                        answer.sticks().size(),
                        answer.cost(),
                        problem.waste(answer),
                        proof,
                        took))
                .toString();
    }
}
