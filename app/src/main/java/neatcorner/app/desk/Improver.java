package neatcorner.app.desk;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import neatcorner.core.cut.Answers;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.solve.sheet.SheetSolver;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;

/**
 * Looks for better ways to cut on a thread of its own. Used from the interface thread only; what it finds is
 * handed over there. A new set of problems ends the search for the last one; cancelling keeps the best so far.
 */
public final class Improver implements AutoCloseable {
    /** How long it looks at one problem. */
    private static final long NANOS_EACH = 5_000_000_000L;
    /** So many problems that were looked at are remembered. */
    private static final int KEPT = 400;
    private final Executor interfaceThread;
    private final Runnable found;
    private final AtomicInteger round = new AtomicInteger();
    private final KnownAnswers known = new KnownAnswers();
    private final Set<Object> finished = new HashSet<>();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread made = new Thread(work, "stick-solver");
        made.setDaemon(true);
        made.setPriority(Thread.MIN_PRIORITY);
        return made;
    });
    private boolean on;
    private int left;
    private List<?> last = List.of();

    Improver(Executor interfaceThread, Runnable found) {
        this.interfaceThread = interfaceThread;
        this.found = found;
    }

    /** Lets it work from now on; a desk without a window does without. */
    public void start() {
        on = true;
        improve(last);
    }

    /** The best answers known; may be asked from any thread. */
    Answers answers() {
        return known;
    }

    /** Whether it is looking just now. */
    public boolean isWorking() {
        return left > 0;
    }

    /** Of how many problems it has still to look at. */
    public int left() {
        return left;
    }

    /** Looks no further; the best found so far stays. */
    public void cancel() {
        round.incrementAndGet();
        left = 0;
        found.run();
    }

    /** Looks once more at what it gave up. */
    public void again() {
        last.forEach(finished::remove);
        improve(last);
        found.run();
    }

    /** Looks at these problems, those not looked at before, one after another. */
    void improve(List<?> problems) {
        last = problems;
        List<?> open = problems.stream().distinct().filter(p -> !finished.contains(p)).toList();
        int mine = round.incrementAndGet();
        left = on ? open.size() : 0;
        if (on) {
            open.forEach(problem -> thread.execute(() -> solve(problem, mine)));
        }
    }

    private void solve(Object problem, int mine) {
        if (round.get() != mine) {
            return;
        }
        long end = System.nanoTime() + NANOS_EACH;
        BooleanSupplier stop = () -> round.get() != mine || System.nanoTime() > end;
        try {
            switch (problem) {
                case StickProblem sticks -> StickSolver.solve(sticks, stop, better -> tell(problem, better, mine, false)).ifPresent(best -> tell(problem, best, mine, true));
                case SheetProblem sheets -> SheetSolver.solve(sheets, stop, better -> tell(problem, better, mine, false)).ifPresent(best -> tell(problem, best, mine, true));
                default -> throw new IllegalStateException("no solver for " + problem.getClass());
            }
        } catch (Refusal locksThatCannotBe) {
            // The plan has said so already; there is nothing to improve.
        }
        interfaceThread.execute(() -> {
            if (round.get() == mine) {
                if (finished.size() >= KEPT) {
                    finished.clear();
                }
                finished.add(problem);
                left--;
                found.run();
            }
        });
    }

    /** Hands an answer over when it is cheaper or better proven than what is known from before. */
    private void tell(Object problem, Object answer, int mine, boolean last) {
        interfaceThread.execute(() -> {
            Object before = known.of(problem);
            boolean news = before == null || cost(answer) < cost(before) || cost(answer) == cost(before) && bound(answer) >= bound(before);
            if (news && !answer.equals(before)) {
                known.put(problem, answer);
                if (round.get() == mine && !last) {
                    found.run();
                }
            }
        });
    }

    private static long cost(Object answer) {
        return answer instanceof StickAnswer sticks ? sticks.cost() : ((SheetAnswer) answer).cost();
    }

    private static long bound(Object answer) {
        return answer instanceof StickAnswer sticks ? sticks.bound() : ((SheetAnswer) answer).bound();
    }

    @Override
    public void close() {
        round.incrementAndGet();
        thread.shutdownNow();
    }
}
