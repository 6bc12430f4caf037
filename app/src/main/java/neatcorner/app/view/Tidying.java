package neatcorner.app.view;

import javafx.scene.Scene;
import javafx.scene.input.InputEvent;

/**
 * Keeps the window's memory small. The collector lets the heap grow as far as it may before it looks at what has
 * grown old, which the answers and plans of a second ago soon do; so it is asked to when there is a pause, and when
 * there is none for long. It holds the window up for a tenth of a second.
 */
final class Tidying {
    private static final long PAUSE_NANOS = 1_500_000_000L;
    private static final long LOOKS_EVERY_MS = 500;
    private static final long GROWN_IN_A_PAUSE = 12 << 20;
    private static final long GROWN_AT_MOST = 40 << 20;
    private volatile long lastInput = System.nanoTime();
    private long small = Long.MAX_VALUE;

    private Tidying() {
    }

    /** Watches as long as the program runs. */
    static void watch(Scene scene) {
        Tidying tidying = new Tidying();
        scene.addEventFilter(InputEvent.ANY, _ -> tidying.lastInput = System.nanoTime());
        Thread.ofVirtual().start(tidying::run);
    }

    private void run() {
        try {
            while (true) {
                Thread.sleep(LOOKS_EVERY_MS);
                look();
            }
        } catch (InterruptedException over) {
            Thread.currentThread().interrupt();
        }
    }

    private void look() {
        long held = Runtime.getRuntime().totalMemory();
        small = Math.min(small, held);
        boolean paused = System.nanoTime() - lastInput > PAUSE_NANOS;
        if (held - small > (paused ? GROWN_IN_A_PAUSE : GROWN_AT_MOST)) {
            System.gc();
            small = Runtime.getRuntime().totalMemory();
        }
    }
}
