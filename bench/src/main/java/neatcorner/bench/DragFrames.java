package neatcorner.bench;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.Optional;
import java.util.Queue;
import java.util.function.IntConsumer;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Outline;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.StripKey;
import neatcorner.core.words.Station;

/**
 * What a frame of the window costs while something is dragged, in the toolkit's own rhythm: at every pulse
 * the preview is planned and the drawing made anew; then style, layout and painting run as they do in use.
 * Software painting, no display: {@code bench/drag}.
 */
public final class DragFrames {
    private static final int FRAMES = 400;
    private static final int WARM = 200;

    private DragFrames() {
    }

    /** No arguments. */
    public static void main(String[] args) throws Exception {
        ShownDesk.open(shown -> {
            Desk desk = shown.desk();
            Scene scene = shown.scene();
            Deque<Runnable> runs = new ArrayDeque<>();
            runs.add(() -> {
                shown.take(9, Station.BRIEF);
                Outline.Free free = (Outline.Free) desk.plan().job().outline();
                Corner corner = free.corners().get(1);
                measure(
                        "a corner of a polygon",
                        desk,
                        scene,
                        runs,
                        i -> drag(
                                desk,
                                new Edit.Draw(free.withCorner(
                                        1, new Corner(corner.x().plus(Length.mm(i % 60 * 0.5)), corner.y())))));
            });
            runs.add(() -> {
                shown.take(4, Station.SECTION);
                measure(
                        "a rabbet of a built-up section",
                        desk,
                        scene,
                        runs,
                        i -> drag(desk, new Edit.Enter(SectionKey.LIP, Length.mm(6 + i % 97 * 0.05))));
            });
            runs.add(() -> measure(
                    "an edge of a built-up section",
                    desk,
                    scene,
                    runs,
                    i -> drag(
                            desk,
                            new Edit.Enter(
                                    new StripKey(1, StripKey.What.INNER_WIDTH), Length.mm(6 + i % 89 * 0.05)))));
            runs.add(() -> {
                shown.take(4, Station.CORNERS);
                Node picture = scene.lookup("#frame-picture");
                measure(
                        "a corner turned in space",
                        desk,
                        scene,
                        runs,
                        i -> mouse(
                                picture,
                                i % 60 == 0 ? MouseEvent.MOUSE_PRESSED : MouseEvent.MOUSE_DRAGGED,
                                picture.getLayoutBounds().getWidth() / 4 + i % 60,
                                picture.getLayoutBounds().getHeight() * 3 / 4 + i % 40));
            });
            runs.add(() -> System.exit(0));
            runs.remove().run();
        });
    }

    private static void drag(Desk desk, Edit edit) {
        desk.drag(Optional.of(edit), true);
    }

    /** The mouse at a place of a node. */
    private static void mouse(Node node, EventType<MouseEvent> type, double x, double y) {
        Point2D at = node.localToScene(x, y);
        boolean no = false;
        node.fireEvent(new MouseEvent(
                type,
                at.getX(),
                at.getY(),
                at.getX(),
                at.getY(),
                MouseButton.PRIMARY,
                1,
                no,
                no,
                no,
                no,
                true,
                no,
                no,
                no,
                no,
                no,
                null));
    }

    private static void measure(String what, Desk desk, Scene scene, Queue<Runnable> next, IntConsumer move) {
        double[] plan = new double[FRAMES];
        double[] thread = new double[FRAMES];
        double[] apart = new double[FRAMES];
        new AnimationTimer() {
            private int frame = -WARM;
            private long started;
            private long before;
            private final Runnable laidOut = () -> {
                if (frame > 0 && frame <= FRAMES) {
                    thread[frame - 1] = (System.nanoTime() - started) / 1e6;
                }
            };

            @Override
            public void handle(long now) {
                if (frame == -WARM) {
                    scene.addPostLayoutPulseListener(laidOut);
                }
                if (frame == FRAMES) {
                    stop();
                    scene.removePostLayoutPulseListener(laidOut);
                    desk.drag(Optional.empty(), false);
                    say(what, plan, thread, apart);
                    Platform.runLater(next.remove());
                    return;
                }
                before = started;
                started = System.nanoTime();
                move.accept(frame + WARM);
                if (frame >= 0) {
                    plan[frame] = (System.nanoTime() - started) / 1e6;
                    apart[frame] = (started - before) / 1e6;
                }
                frame++;
            }
        }.start();
    }

    private static void say(String what, double[] plan, double[] thread, double[] apart) {
        for (double[] times : new double[][] {plan, thread, apart}) {
            Arrays.sort(times);
        }
        System.out.printf(
                "%-31s plan and drawing: median %.1f ms, 95 %% %.1f ms; with style and layout: median %.1f ms, 95 %%"
                        + " %.1f ms; from frame to frame: median %.1f ms, 95 %% %.1f ms%n",
                what,
                plan[FRAMES / 2],
                plan[FRAMES * 95 / 100],
                thread[FRAMES / 2],
                thread[FRAMES * 95 / 100],
                apart[FRAMES / 2],
                apart[FRAMES * 95 / 100]);
    }
}
