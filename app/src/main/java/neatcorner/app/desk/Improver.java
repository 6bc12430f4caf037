package neatcorner.app.desk;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.solve.Answer;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.KnownAnswers;
import neatcorner.core.solve.Problem;

/**
 * Looks for better ways to cut on a thread of its own. Used from the interface thread only; what it finds is
 * handed over there. Every problem is looked at until its answer is proven best, its time is over, the maker
 * says enough, or other problems take its place; the best so far stays in any case.
 */
public final class Improver implements AutoCloseable {
    /** How long it looks at one problem when nothing else is said. */
    static final Duration USUAL = Duration.ofSeconds(5);
    /** So many problems that were looked at are remembered. */
    private static final int KEPT = 400;
    private final Executor interfaceThread;
    private final Runnable found;
    private final long nanosEach;
    private final AtomicInteger round = new AtomicInteger();
    private final KnownAnswers known = new KnownAnswers();
    private final Set<Problem<?>> finished = new HashSet<>();
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread made = new Thread(work, "stick-solver");
        made.setDaemon(true);
        made.setPriority(Thread.MIN_PRIORITY);
        return made;
    });
    private boolean on;
    private int left;
    private List<? extends Problem<?>> last = List.of();

    /**
     * For a desk.
     *
     * @param each  how long it looks at one problem
     * @param found called after everything that was found, on the interface thread
     */
    Improver(Executor interfaceThread, Duration each, Runnable found) {
        this.interfaceThread = interfaceThread;
        this.nanosEach = each.toNanos();
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
    void improve(List<? extends Problem<?>> problems) {
        last = problems;
        if (!on) {
            return;
        }
        List<? extends Problem<?>> open = problems.stream().distinct().filter(p -> !finished.contains(p)).toList();
        int mine = round.incrementAndGet();
        left = open.size();
        open.forEach(problem -> thread.execute(() -> solve(problem, mine)));
    }

    private <A extends Answer> void solve(Problem<A> problem, int mine) {
        if (round.get() != mine) {
            return;
        }
        long end = System.nanoTime() + nanosEach;
        BooleanSupplier stop = () -> round.get() != mine || System.nanoTime() > end;
        try {
            problem.solve(stop, better -> tell(problem, better, mine, false))
                    .ifPresent(best -> tell(problem, best, mine, true));
        } catch (Refusal locksThatCannotBe) {
            // The plan has said so already; there is nothing to improve.
        } catch (RuntimeException bug) {
            FaultLog.keep("looking for better cuts", bug);
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

    /** Hands an answer over when it is better than what is known from before. */
    private <A extends Answer> void tell(Problem<A> problem, A answer, int mine, boolean last) {
        interfaceThread.execute(() -> {
            Optional<A> before = known.to(problem);
            if (before.isEmpty() || answer.isBetterThan(before.get())) {
                known.put(problem, answer);
                if (round.get() == mine && !last) {
                    found.run();
                }
            }
        });
    }

    /** Looks at nothing any more, whatever still comes in from what was under way elsewhere. */
    @Override
    public void close() {
        on = false;
        round.incrementAndGet();
        thread.shutdownNow();
    }
}
