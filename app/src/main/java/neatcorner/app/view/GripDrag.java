package neatcorner.app.view;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.Handle;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.Entry;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.words.FigureKey;
import org.jspecify.annotations.Nullable;

/**
 * Drags corners of a free outline, and numbers along with the edge they stand for, from mark to mark of
 * the tape in use. The drawing follows the mouse; what is read beside it follows when the hand rests.
 */
final class GripDrag implements PictureView.Dragging {
    private final Desk desk;
    private final Consumer<String> refusal;
    private final PauseTransition resting = new PauseTransition(Duration.millis(120));
    private @Nullable Job from;

    GripDrag(Desk desk, Consumer<String> refusal) {
        this.desk = desk;
        this.refusal = refusal;
    }

    @Override
    public void drag(PictureView.Pull pull) {
        Job start = from == null ? desk.plan().job() : from;
        Optional<Edit> edit = edit(start, pull);
        if (!pull.dropped()) {
            from = start;
            desk.drag(edit, true);
            resting.setOnFinished(_ -> desk.drag(edit, false));
            resting.playFromStart();
            return;
        }
        resting.stop();
        from = null;
        desk.drag(Optional.empty(), false);
        if (pull.dx() != 0 || pull.dy() != 0) {
            edit.flatMap(desk::edit).ifPresent(refusal);
        }
    }

    /** Empty where the outline cannot be so. */
    private Optional<Edit> edit(Job start, PictureView.Pull pull) {
        try {
            return switch (pull.grip().what()) {
                case Handle.Corner(int index)
                when start.outline() instanceof Outline.Free free -> {
                    Corner corner = free.corners().get(index);
                    yield Optional.of(new Edit.Draw(free.withCorner(
                            index, new Corner(onMark(corner.x(), pull.dx()), onMark(corner.y(), pull.dy())))));
                }
                case Handle.Corner _ -> Optional.empty();
                case Handle.Number(FigureKey<Length> key) -> {
                    double grown = pull.dx() * pull.grip().right()
                            + pull.dy() * pull.grip().down();
                    yield Entry.of(start, key)
                            .map(entry ->
                                    new Edit.Enter(key, onMark(entry.read().apply(start), grown)));
                }
            };
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }

    private Length onMark(Length place, double by) {
        return Math.abs(by) < 1e-9
                ? place
                : desk.appearance().graduation().round(place.plus(Length.mm(by)), Rounding.NEAREST);
    }
}
