package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import javafx.scene.shape.Rectangle;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.drawing.Thing;
import org.jspecify.annotations.Nullable;

/**
 * The things in a picture by keyboard: arrows choose one, with Shift they move it, Enter or Space presses
 * it. A ring shows which, and its name is spoken.
 */
final class SpotKeys {
    /** Beside the thing, so that a small one is not hidden by its ring. */
    private static final double AROUND = 3;
    private final PictureView picture;
    private final PictureView.Pressing does;
    private final Rectangle ring = new Rectangle();
    private @Nullable Thing chosen;

    private SpotKeys(PictureView picture, PictureView.Pressing does) {
        this.picture = picture;
        this.does = does;
        ring.getStyleClass().add("spot-chosen");
        ring.setManaged(false);
        ring.setMouseTransparent(true);
    }

    /** Lets a picture's things be chosen; {@link #shown} is to be called whenever it is drawn. */
    static SpotKeys of(PictureView picture, PictureView.Pressing does) {
        SpotKeys keys = new SpotKeys(picture, does);
        picture.setFocusTraversable(true);
        picture.addEventHandler(KeyEvent.KEY_PRESSED, keys::pressed);
        picture.focusedProperty().addListener((_, _, _) -> keys.shown());
        return keys;
    }

    private void pressed(KeyEvent key) {
        if (!picture.isFocused() || key.isShortcutDown() || key.isAltDown()) {
            return;
        }
        List<Mark.Spot> spots = picture.spots().toList();
        if (spots.isEmpty()) {
            return;
        }
        boolean known = switch (key.getCode()) {
            case LEFT -> key.isShiftDown() ? move(-1, 0) : choose(spots, -1);
            case RIGHT -> key.isShiftDown() ? move(1, 0) : choose(spots, 1);
            case UP -> key.isShiftDown() ? move(0, -1) : choose(spots, -1);
            case DOWN -> key.isShiftDown() ? move(0, 1) : choose(spots, 1);
            case ENTER, SPACE, CONTEXT_MENU -> press();
            default -> false;
        };
        if (known) {
            key.consume();
        }
    }

    private Optional<Mark.Spot> spot() {
        return picture.spots().filter(spot -> spot.what().equals(chosen)).findFirst();
    }

    private boolean choose(List<Mark.Spot> spots, int by) {
        int now = spot().map(spots::indexOf).orElse(by > 0 ? -1 : 0);
        chosen = spots.get(Math.floorMod(now + by, spots.size())).what();
        shown();
        return true;
    }

    private boolean move(int right, int down) {
        spot().filter(does::canMove).ifPresent(spot -> {
            At step = does.step(spot);
            does.moved(spot, right * step.x(), down * step.y(), true);
        });
        return true;
    }

    private boolean press() {
        spot().ifPresent(spot -> does.pressed(
                spot,
                (spot.from().x() + spot.to().x()) / 2,
                (spot.from().y() + spot.to().y()) / 2));
        return true;
    }

    /** Puts the ring where the chosen thing is now. */
    void shown() {
        Optional<Mark.Spot> spot = picture.isFocused() ? spot() : Optional.empty();
        picture.ring(ring, spot.isPresent());
        spot.ifPresent(s -> {
            ring.setX(s.from().x() - AROUND);
            ring.setY(s.from().y() - AROUND);
            ring.setWidth(s.to().x() - s.from().x() + 2 * AROUND);
            ring.setHeight(s.to().y() - s.from().y() + 2 * AROUND);
            picture.setAccessibleHelp(s.what().label());
        });
    }
}
