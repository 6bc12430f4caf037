package neatcorner.app.desk;

import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import neatcorner.files.store.StoreException;

/**
 * Saves edits one after another on a thread of its own, in the order they were made and before anything else.
 * What cannot be saved (a full disk, a locked file) is tried again until it is, and everything after it waits:
 * nothing is saved that builds on what is not.
 */
final class Saver {
    private static final long MILLIS_BETWEEN_TRIES = 2_000;
    private final Executor interfaceThread;
    private final Consumer<Optional<String>> told;
    private final Consumer<RuntimeException> bug;
    private final AtomicInteger pending = new AtomicInteger();
    private final Semaphore again = new Semaphore(0);
    private volatile boolean leaving;
    private volatile boolean failing;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(work -> {
        Thread made = new Thread(work, "shop-writer");
        made.setDaemon(true);
        return made;
    });

    /**
     * Saves for a desk.
     *
     * @param told on the interface thread: why something is not saved, or empty when all is well again
     * @param bug  on the interface thread: a save that failed for no reason of the disk's, and was dropped
     */
    Saver(Executor interfaceThread, Consumer<Optional<String>> told, Consumer<RuntimeException> bug) {
        this.interfaceThread = interfaceThread;
        this.told = told;
        this.bug = bug;
    }

    /** Whether something waits because it could not be saved. */
    boolean isFailing() {
        return failing;
    }

    /** How many edits are not saved yet. */
    int pending() {
        return pending.get();
    }

    /** Saves behind all that is under way. */
    void save(Runnable work) {
        pending.incrementAndGet();
        thread.execute(() -> {
            try {
                untilDone(work);
            } catch (RuntimeException fault) {
                interfaceThread.execute(() -> bug.accept(fault));
            } finally {
                pending.decrementAndGet();
            }
        });
    }

    private void untilDone(Runnable work) {
        while (true) {
            try {
                work.run();
                if (failing) {
                    failing = false;
                    interfaceThread.execute(() -> told.accept(Optional.empty()));
                }
                return;
            } catch (StoreException failed) {
                failing = true;
                interfaceThread.execute(() -> told.accept(Optional.of(failed.getMessage())));
                if (leaving || !rested()) {
                    return;
                }
            }
        }
    }

    private boolean rested() {
        try {
            again.tryAcquire(MILLIS_BETWEEN_TRIES, TimeUnit.MILLISECONDS);
            return true;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    /** Tries again at once what could not be saved. */
    void retry() {
        again.release();
    }

    /** Runs something behind all saves that are under way, not waiting for it. */
    void after(Runnable work) {
        thread.execute(work);
    }

    /**
     * Asks something behind all saves that are under way, and waits for the answer; not while something cannot be
     * saved.
     */
    <T> T ask(Callable<T> question) throws ExecutionException, InterruptedException {
        return thread.submit(question).get();
    }

    /** Saves what is under way, however long it takes; what cannot be saved is tried once more and then given up. */
    void close() {
        leaving = true;
        again.release();
        thread.shutdown();
        try {
            while (!thread.awaitTermination(1, TimeUnit.SECONDS)) {
                again.release();
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
