package neatcorner.bench;

import java.util.Arrays;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import neatcorner.app.desk.Desk;
import neatcorner.app.view.MainView;
import neatcorner.core.edit.Edit;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Station;

/**
 * What a key costs in the real window while a size is typed on the drawing of a job of one frame or of many:
 * from the key until everything it changed is planned, drawn and laid out, and whether the interface thread
 * is held up by what is worked out aside afterwards. No display: {@code bench/keys}.
 */
public final class KeyFrames {
    private static final int WARM = 40;
    private static final int KEYS = 120;
    /** Between keys, as fast as one types: what is worked out aside comes in between. */
    private static final int FRAMES_BETWEEN = 6;
    private static final String[] TYPED = {"1", "2", "\r", "1", "3", "\r"};

    private KeyFrames() {
    }

    /** Quantities, or none for 1, 50, 500 and 999. */
    public static void main(String[] args) throws Exception {
        int[] quantities = args.length == 0
                ? new int[] {1, 50, 500, 999}
                : Arrays.stream(args).mapToInt(Integer::parseInt).toArray();
        ShownDesk.open(shown -> {
            shown.take(0, Station.BRIEF);
            measure(shown.desk(), shown.view(), shown.scene(), quantities, 0);
        });
    }

    private static void measure(Desk desk, MainView view, Scene scene, int[] quantities, int index) {
        if (index == quantities.length) {
            System.exit(0);
        }
        desk.edit(new Edit.Quantity(quantities[index]));
        view.focusDrawing();
        double[] keys = new double[KEYS];
        double[] gaps = new double[KEYS * FRAMES_BETWEEN];
        new AnimationTimer() {
            private int frame = -WARM * FRAMES_BETWEEN;
            private long last;
            private long pressed;
            private int key = -1;
            private int seen;
            private Plan before = desk.plan();
            private final Runnable laidOut = () -> {
                if (pressed != 0 && desk.plan() != before) {
                    seen++;
                    before = desk.plan();
                }
                if (pressed != 0 && key >= 0 && key < KEYS) {
                    keys[key] = (System.nanoTime() - pressed) / 1e6;
                }
                pressed = 0;
            };

            @Override
            public void handle(long now) {
                if (last == 0) {
                    scene.addPostLayoutPulseListener(laidOut);
                }
                if (frame >= 0 && frame < gaps.length) {
                    gaps[frame] = (System.nanoTime() - last) / 1e6;
                }
                if (frame == gaps.length) {
                    stop();
                    scene.removePostLayoutPulseListener(laidOut);
                    say(quantities[index], seen, keys, gaps);
                    Platform.runLater(() -> measure(desk, view, scene, quantities, index + 1));
                    return;
                }
                last = System.nanoTime();
                if (Math.floorMod(frame, FRAMES_BETWEEN) == 0) {
                    key = frame < 0 ? -1 : frame / FRAMES_BETWEEN;
                    pressed = System.nanoTime();
                    press(view, scene, TYPED[Math.floorMod(frame / FRAMES_BETWEEN, TYPED.length)]);
                }
                frame++;
            }
        }.start();
    }

    private static void press(MainView view, Scene scene, String typed) {
        if (scene.getFocusOwner() == null) {
            view.focusDrawing();
        }
        Node hand = scene.getFocusOwner();
        if (typed.equals("\r")) {
            hand.fireEvent(event(KeyEvent.KEY_PRESSED, "", KeyCode.ENTER));
        } else {
            hand.fireEvent(event(KeyEvent.KEY_TYPED, typed, KeyCode.UNDEFINED));
        }
    }

    private static KeyEvent event(EventType<KeyEvent> type, String typed, KeyCode code) {
        return new KeyEvent(
                type, typed.isEmpty() ? KeyEvent.CHAR_UNDEFINED : typed, "", code, false, false, false, false);
    }

    private static void say(int quantity, int seen, double[] keys, double[] gaps) {
        Arrays.sort(keys);
        Arrays.sort(gaps);
        if (seen < KEYS / 2) {
            throw new IllegalStateException("only " + seen + " keys changed the plan");
        }
        System.out.printf(
                "%4d frames alike: key to laid out, median %.1f ms, 95 %% %.1f ms, slowest %.1f ms; longest the window"
                        + " stood still %.1f ms%n",
                quantity, keys[KEYS / 2], keys[KEYS * 95 / 100], keys[KEYS - 1], gaps[gaps.length - 1]);
    }
}
