package neatcorner.app.view;

import javafx.scene.input.MouseEvent;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.Thing;

/** Turns what is seen in space by dragging it, as if it lay in the hand. */
final class SpaceTurn {
    /** So many pixels turn it by one rad. */
    private static final double A_RADIAN = 110;

    private final PictureView picture;
    private final Desk desk;
    private final Runnable again;
    private boolean held;
    private double lastX;
    private double lastY;

    private SpaceTurn(PictureView picture, Desk desk, Runnable again) {
        this.picture = picture;
        this.desk = desk;
        this.again = again;
    }

    /**
     * Lets a picture be turned.
     *
     * @param again draws it anew
     */
    static void on(PictureView picture, Desk desk, Runnable again) {
        SpaceTurn turn = new SpaceTurn(picture, desk, again);
        picture.addEventHandler(MouseEvent.MOUSE_PRESSED, turn::pressed);
        picture.addEventHandler(MouseEvent.MOUSE_DRAGGED, turn::dragged);
        picture.addEventHandler(MouseEvent.MOUSE_RELEASED, turn::released);
    }

    private void pressed(MouseEvent press) {
        held = picture.spotAt(press.getX(), press.getY())
                .filter(spot -> spot.what() instanceof Thing.InSpace)
                .isPresent();
        lastX = press.getX();
        lastY = press.getY();
    }

    private void dragged(MouseEvent move) {
        if (held) {
            desk.turning(desk.turn().by((lastX - move.getX()) / A_RADIAN, (lastY - move.getY()) / A_RADIAN));
            lastX = move.getX();
            lastY = move.getY();
            again.run();
        }
    }

    private void released(MouseEvent drop) {
        if (held) {
            held = false;
            desk.lookFrom(desk.turn());
        }
    }
}
