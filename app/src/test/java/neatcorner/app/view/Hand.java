package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.geometry.BoundingBox;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import org.jspecify.annotations.Nullable;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Mouse and keyboard of the toolkit's own robot. After every act the window has answered and is laid out, which takes a
 * frame, where a robot that waits by the clock takes a tenth of a second.
 */
final class Hand {
    /** Seconds; a machine that does much else at the same time is not a fault of the window. */
    private static final int MOST_WAIT = 90;
    /** So many frames a station is given to be laid out. */
    private static final int MOST_FRAMES = 60;

    private @Nullable Robot robot;

    /** Runs work on the interface thread and waits for all that comes of it. */
    static <T> T on(Callable<T> work) throws Exception {
        T result = WaitForAsyncUtils.asyncFx(work).get(MOST_WAIT, TimeUnit.SECONDS);
        settle();
        return result;
    }

    /** Lets the window answer what has happened: all that is queued, a frame that is laid out, and what that queues. */
    static void settle() {
        try {
            WaitForAsyncUtils.asyncFx(() -> true).get(MOST_WAIT, TimeUnit.SECONDS);
            CountDownLatch laidOut = new CountDownLatch(1);
            WaitForAsyncUtils.asyncFx(() -> nextFrame(laidOut)).get(MOST_WAIT, TimeUnit.SECONDS);
            laidOut.await(MOST_WAIT, TimeUnit.SECONDS);
            WaitForAsyncUtils.asyncFx(() -> true).get(MOST_WAIT, TimeUnit.SECONDS);
        } catch (Exception failed) {
            throw new IllegalStateException("the window does not answer", failed);
        }
    }

    private static boolean nextFrame(CountDownLatch laidOut) {
        Optional<Scene> scene =
                List.copyOf(Window.getWindows()).stream().map(Window::getScene).findFirst();
        if (scene.isEmpty()) {
            laidOut.countDown();
            return false;
        }
        Scene shown = scene.get();
        shown.addPostLayoutPulseListener(new Runnable() {
            @Override
            public void run() {
                shown.removePostLayoutPulseListener(this);
                laidOut.countDown();
            }
        });
        Platform.requestNextPulse();
        return true;
    }

    private Hand act(Act act) {
        try {
            on(() -> {
                act.with(robot());
                return true;
            });
        } catch (Exception failed) {
            throw new IllegalStateException(failed);
        }
        return this;
    }

    /** One for all acts: it remembers what is held down. */
    private Robot robot() {
        if (robot == null) {
            robot = new Robot();
        }
        return robot;
    }

    private interface Act {
        void with(Robot robot);
    }

    /** Presses and lets go of these keys together, the last held by the ones before. */
    Hand push(KeyCode... keys) {
        return act(robot -> {
            for (KeyCode key : keys) {
                robot.keyPress(here(key));
            }
            for (int i = keys.length - 1; i >= 0; i--) {
                robot.keyRelease(here(keys[i]));
            }
        });
    }

    private static KeyCode here(KeyCode key) {
        return key == KeyCode.SHORTCUT ? KeyCode.CONTROL : key;
    }

    /** Types a text where the keyboard is. */
    Hand write(String text) {
        for (char character : text.toCharArray()) {
            act(_ -> {
                Scene scene = focused().getScene();
                Node owner = scene.getFocusOwner() == null ? scene.getRoot() : scene.getFocusOwner();
                String typed = String.valueOf(character);
                for (var type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_TYPED, KeyEvent.KEY_RELEASED)) {
                    boolean isTyped = type == KeyEvent.KEY_TYPED;
                    owner.fireEvent(new KeyEvent(
                            type,
                            isTyped ? typed : KeyEvent.CHAR_UNDEFINED,
                            isTyped ? "" : typed,
                            isTyped ? KeyCode.UNDEFINED : code(character),
                            false,
                            false,
                            false,
                            false));
                }
            });
        }
        return this;
    }

    private static KeyCode code(char character) {
        KeyCode code = KeyCode.getKeyCode(String.valueOf(Character.toUpperCase(character)));
        return code == null ? KeyCode.UNDEFINED : code;
    }

    private static Window focused() {
        return Window.getWindows().stream()
                .filter(Window::isFocused)
                .findFirst()
                .orElseGet(() -> Window.getWindows().getFirst());
    }

    /** Clicks in the middle of what has this id, after a #, or of what bears this text. */
    Hand clickOn(String selector) {
        until(() -> isInWindow(found(selector)));
        return act(robot -> click(robot, middle(found(selector))));
    }

    /** Clicks in the middle of a node. */
    Hand clickOn(Node node) {
        until(() -> isInWindow(node));
        return act(robot -> click(robot, middle(node)));
    }

    /** Clicks on a point of the screen. */
    Hand clickOn(Point2D at) {
        return act(robot -> click(robot, at));
    }

    /** Clicks twice in the middle of a node. */
    Hand doubleClickOn(Node node) {
        clickOn(node);
        return clickOn(node);
    }

    /** Takes hold at one point of the screen and lets go at another. */
    Hand drag(Point2D from, Point2D to) {
        act(robot -> {
            robot.mouseMove(from);
            robot.mousePress(MouseButton.PRIMARY);
        });
        act(robot -> robot.mouseMove(from.midpoint(to)));
        act(robot -> robot.mouseMove(to));
        return act(robot -> robot.mouseRelease(MouseButton.PRIMARY));
    }

    /** A node of a station that was just gone to may not be where it will be: there the robot finds no window. */
    private static void until(Callable<Boolean> isThere) {
        try {
            for (int frames = 0; frames < MOST_FRAMES && !on(isThere); frames++) {
                settle();
            }
        } catch (Exception failed) {
            throw new IllegalStateException("the window does not answer", failed);
        }
    }

    private static boolean isInWindow(Node node) {
        Window window = node.getScene().getWindow();
        return new BoundingBox(window.getX(), window.getY(), window.getWidth(), window.getHeight())
                .contains(middle(node));
    }

    private static void click(Robot robot, Point2D at) {
        robot.mouseMove(at);
        robot.mousePress(MouseButton.PRIMARY);
        robot.mouseRelease(MouseButton.PRIMARY);
    }

    private static Node found(String selector) {
        return List.copyOf(Window.getWindows()).stream()
                .map(window -> window.getScene().getRoot())
                .flatMap(root -> OnTheDemo.all(
                        root,
                        node -> selector.startsWith("#")
                                ? selector.equals("#" + node.getId())
                                : node instanceof Labeled labeled && selector.equals(labeled.getText())))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing is " + selector));
    }

    private static Point2D middle(Node node) {
        Bounds bounds = node.localToScreen(node.getLayoutBounds());
        return new Point2D(bounds.getCenterX(), bounds.getCenterY());
    }
}
