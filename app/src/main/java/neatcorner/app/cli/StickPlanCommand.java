package neatcorner.app.cli;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import neatcorner.core.stock.StickAnswer;
import neatcorner.core.stock.StickProblem;
import neatcorner.core.stock.StickSolver;
import neatcorner.files.json.FormatException;
import neatcorner.files.json.StickPlanJson;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code neat-corner stickplan PROBLEM.json}. */
@Command(name = "stickplan", description = "Lay bare lengths on sticks for the least cost, with a proven bound.", mixinStandardHelpOptions = true)
final class StickPlanCommand implements Runnable {
    @Parameters(paramLabel = "PROBLEM.json", description = "Pieces and sticks; docs/formats/stickplan.md.")
    private @Nullable Path problem;
    @Option(names = "--seconds", paramLabel = "S", defaultValue = "10", description = "Time to look for better layouts; ${DEFAULT-VALUE} when not said.")
    private double seconds;
    @Option(names = "--json", description = "Print the answer as JSON.")
    private boolean json;

    @Override
    public void run() {
        if (!(seconds > 0 && seconds <= 86_400)) {
            throw new CommandException("--seconds is " + seconds + "; it must be over 0 and up to 86400");
        }
        StickProblem read;
        try {
            read = StickPlanJson.read(Files.readString(problem));
        } catch (IOException failed) {
            throw new CommandException(problem + " cannot be read: " + failed.getMessage());
        } catch (FormatException refused) {
            throw new CommandException(problem + ": " + refused.getMessage());
        }
        long start = System.nanoTime();
        StickAnswer answer = solved(read, start).orElseThrow(() -> new CommandException(problem + ": the sticks do not hold all pieces; add sticks, or give some without a count"));
        double took = (System.nanoTime() - start) / 1e9;
        System.out.print(json ? StickPlanJson.write(read, answer, took) : text(read, answer, took));
    }

    private Optional<StickAnswer> solved(StickProblem read, long start) {
        try {
            return StickSolver.solve(read, () -> System.nanoTime() - start > seconds * 1e9, _ -> { });
        } catch (IllegalArgumentException conflict) {
            throw new CommandException(problem + ": " + conflict.getMessage());
        }
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
            text.append(String.format(Locale.ROOT, "stick %d, %s%s: %s; %s left%n", number++, stock.name().isBlank() ? "" : stock.name() + " ", stock.length(),
                    pieces.entrySet().stream().map(e -> (e.getValue() > 1 ? e.getValue() + " × " : "") + e.getKey()).collect(Collectors.joining(", ")),
                    problem.left(laid)));
        }
        String proof = answer.isProven() ? "proven best" : String.format(Locale.ROOT, "at most %.1f %% from best (bound %d)", answer.gap() * 100, answer.bound());
        return text.append(String.format(Locale.ROOT, "sticks %d, cost %d, waste %s, %s, %.2f s%n", answer.sticks().size(), answer.cost(), problem.waste(answer),
                proof, took)).toString();
    }
}
