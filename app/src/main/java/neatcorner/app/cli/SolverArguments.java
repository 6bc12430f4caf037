package neatcorner.app.cli;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import neatcorner.core.phrase.Refusal;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What every command that solves a bare planning problem is given. */
final class SolverArguments {
    @Parameters(paramLabel = "PROBLEM.json", description = "The problem; docs/formats tells how it is written.")
    private Path problem;

    @Option(
            names = "--seconds",
            paramLabel = "S",
            defaultValue = "10",
            description = "Time to look for better layouts; ${DEFAULT-VALUE} when not said.")
    private double seconds;

    @Option(names = "--json", description = "Print the answer as JSON.")
    private boolean json;

    /** Whether the answer is wanted as JSON. */
    boolean isJson() {
        return json;
    }

    /** An answer and how long it took. */
    record Solved<P, A>(P problem, A answer, double seconds) {
    }

    /** Reads the problem and solves it within its time. */
    <P, A> Solved<P, A> solve(
            Function<String, P> read, BiFunction<P, BooleanSupplier, Optional<A>> solver, String tooFew) {
        if (!(seconds > 0 && seconds <= 86_400)) {
            throw new CommandException("--seconds is " + seconds + "; it must be over 0 and up to 86400");
        }
        try {
            P given = read.apply(JobFile.text(problem));
            long start = System.nanoTime();
            A answer = solver.apply(given, () -> System.nanoTime() - start > seconds * 1e9)
                    .orElseThrow(() -> new CommandException(problem + ": " + tooFew));
            return new Solved<>(given, answer, (System.nanoTime() - start) / 1e9);
        } catch (Refusal refused) {
            throw new CommandException(problem, refused);
        }
    }

    /** "Proven best", or how far it may be from it. */
    static String proof(boolean proven, double gap, long bound) {
        return proven
                ? "proven best"
                : String.format(Locale.ROOT, "at most %.1f %% from best (bound %d)", gap * 100, bound);
    }
}
