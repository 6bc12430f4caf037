package neatcorner.app.cli;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.solve.sheet.SheetSolver;
import neatcorner.files.json.SheetPlanJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** {@code neat-corner sheetplan PROBLEM.json}. */
@Command(
        name = "sheetplan",
        description = "Lay bare rectangles on sheets by cuts from edge to edge, for the least cost.",
        mixinStandardHelpOptions = true)
final class SheetPlanCommand implements Runnable {
    @Mixin
    private SolverArguments arguments = new SolverArguments();

    @Override
    public void run() {
        SolverArguments.Solved<SheetProblem, SheetAnswer> solved = arguments.solve(
                SheetPlanJson::read,
                (problem, stop) -> SheetSolver.solve(problem, stop, _ -> {}),
                "the sheets do not hold all panes; add sheets, or give some without a count");
        System.out.print(
                arguments.isJson()
                        ? SheetPlanJson.write(solved.problem(), solved.answer(), solved.seconds())
                        : text(solved));
    }

    private static String text(SolverArguments.Solved<SheetProblem, SheetAnswer> solved) {
        SheetProblem problem = solved.problem();
        SheetAnswer answer = solved.answer();
        StringBuilder text = new StringBuilder();
        int number = 1;
        for (SheetAnswer.Laid laid : answer.sheets()) {
            Map<String, Integer> panes = new LinkedHashMap<>();
            laid.panes().forEach(p -> panes.merge(named(problem.panes().get(p.pane())), 1, Integer::sum));
            SheetProblem.Stock sheet = problem.stock().get(laid.stock());
            text.append(String.format(
                    Locale.ROOT,
                    "sheet %d, %s%s × %s: %s; %d cuts; largest left %s%n",
                    number++,
                    sheet.name().isBlank() ? "" : sheet.name() + " ",
                    sheet.width(),
                    sheet.height(),
                    panes.entrySet().stream()
                            .map(e -> (e.getValue() > 1 ? e.getValue() + " × " : "") + e.getKey())
                            .collect(Collectors.joining(", ")),
                    laid.cuts().size(),
                    laid.largestRest()
                            .map(rest -> rest.width() + " × " + rest.height())
                            .orElse("nothing")));
        }
        return text.append(String.format(
                        Locale.ROOT,
                        "sheets %d, cost %d, %s, %.2f s%n",
                        answer.sheets().size(),
                        answer.cost(),
                        SolverArguments.proof(answer.isProven(), answer.gap(), answer.bound()),
                        solved.seconds()))
                .toString();
    }

    private static String named(SheetProblem.Pane pane) {
        return (pane.name().isBlank() ? "" : pane.name() + " ") + "(" + pane.width() + " × " + pane.height() + ")";
    }
}
