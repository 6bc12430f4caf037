package neatcorner.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import neatcorner.app.desk.BenchDesk;
import neatcorner.app.desk.Mishaps;
import neatcorner.app.desk.Page;
import neatcorner.core.card.Scene;
import neatcorner.core.words.Station;
import neatcorner.core.work.Deed;

/**
 * What the next card costs at the bench in the real window: from the key until it is drawn and laid out; and, after the
 * last, how long a job's cards take to be told anew when a piece was spoiled. No display: {@code bench/cards}.
 */
public final class CardFrames {
    /** Between cards, so that each is painted. */
    private static final int FRAMES_BETWEEN = 8;

    private CardFrames() {
    }

    /** Numbers of demonstration jobs, or none for the pressings and the shutters. */
    public static void main(String[] args) throws Exception {
        int[] jobs = args.length == 0
                ? new int[] {0, 25, 0, 25}
                : Arrays.stream(args).mapToInt(Integer::parseInt).toArray();
        ShownDesk.open(shown -> measure(shown, jobs, 0));
    }

    private static void measure(ShownDesk shown, int[] jobs, int index) {
        if (index == jobs.length) {
            System.exit(0);
        }
        shown.take(jobs[index], Station.BRIEF);
        shown.desk().goTo(Page.BENCH);
        BenchDesk bench = shown.desk().bench();
        List<Double> keys = new ArrayList<>();
        new AnimationTimer() {
            private int frame;
            private int cards = -1;
            private long pressed;
            private boolean listening;
            private final Runnable laidOut = () -> {
                if (pressed != 0) {
                    keys.add((System.nanoTime() - pressed) / 1e6);
                    pressed = 0;
                }
            };

            @Override
            public void handle(long now) {
                if (bench.told().isEmpty()) {
                    return;
                }
                if (!listening) {
                    listening = true;
                    shown.scene().addPostLayoutPulseListener(laidOut);
                    bench.goTo(0);
                    cards = bench.told().get().cards().size();
                }
                if (frame++ % FRAMES_BETWEEN != 0) {
                    return;
                }
                if (keys.size() == cards) {
                    stop();
                    shown.scene().removePostLayoutPulseListener(laidOut);
                    say(jobs[index], keys);
                    Platform.runLater(() -> spoil(shown, () -> measure(shown, jobs, index + 1)));
                    return;
                }
                bench.goTo(keys.size());
                pressed = System.nanoTime();
                shown.scene().getFocusOwner().fireEvent(new KeyEvent(
                        KeyEvent.KEY_PRESSED, KeyEvent.CHAR_UNDEFINED, "", KeyCode.SPACE, false, false, false, false));
            }
        }.start();
    }

    private static void say(int job, List<Double> keys) {
        List<Double> sorted = keys.stream().sorted().toList();
        System.out.printf(
                "job %d, %d cards: key to laid out, median %.1f ms, 95 %% %.1f ms, slowest %.1f ms%n",
                job, keys.size(), sorted.get(keys.size() / 2), sorted.get(keys.size() * 95 / 100), sorted.getLast());
    }

    private static void spoil(ShownDesk shown, Runnable then) {
        BenchDesk bench = shown.desk().bench();
        int cut = 0;
        while (!(bench.told().orElseThrow().cards().get(cut).scene() instanceof Scene.AtTheSaw)) {
            cut++;
        }
        bench.goTo(cut);
        long began = System.nanoTime();
        Mishaps.Spoiling spoiling = bench.mishaps().spoiling(Deed.Spoilt.SPLIT).orElseThrow();
        double quick = (System.nanoTime() - began) / 1e6;
        bench.mishaps().spoilt(spoiling);
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                if (bench.told().isPresent()) {
                    stop();
                    System.out.printf(
                            "a piece spoiled: what becomes of it said after %.1f ms, its cards there after %.0f ms%n",
                            quick, (System.nanoTime() - began) / 1e6);
                    then.run();
                }
            }
        }.start();
    }
}
