package neatcorner.app.view;

import java.util.Optional;
import java.util.function.Consumer;
import neatcorner.app.desk.Desk;
import neatcorner.core.job.Edit;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Outline;
import org.jspecify.annotations.Nullable;

/** Moves the corners of a free outline with the mouse, from mark to mark of the tape in use. */
final class CornerDrag implements PictureView.Dragging {
    private final Desk desk;
    private final Consumer<String> refusal;
    private Outline.@Nullable Free from;

    CornerDrag(Desk desk, Consumer<String> refusal) {
        this.desk = desk;
        this.refusal = refusal;
    }

    @Override
    public void drag(PictureView.Pull pull) {
        if (from == null && desk.plan().job().outline() instanceof Outline.Free free) {
            from = free;
        }
        if (from == null) {
            return;
        }
        Optional<Edit> edit = moved(from, Integer.parseInt(pull.grip().what().substring(pull.grip().what().indexOf('.') + 1)), pull.dx(), pull.dy());
        if (!pull.dropped()) {
            desk.preview(edit);
            return;
        }
        from = null;
        desk.preview(Optional.empty());
        edit.flatMap(desk::edit).ifPresent(refusal);
    }

    /** Empty where the outline cannot be so. */
    private Optional<Edit> moved(Outline.Free free, int index, double dx, double dy) {
        try {
            Corner corner = free.corners().get(index);
            return Optional.of(new Edit.Draw(free.withCorner(index, new Corner(onMark(corner.x(), dx), onMark(corner.y(), dy)))));
        } catch (IllegalArgumentException refused) {
            return Optional.empty();
        }
    }

    private Length onMark(Length place, double by) {
        return Math.abs(by) < 1e-9 ? place : desk.appearance().graduation().round(place.plus(Length.mm(by)), Rounding.NEAREST);
    }
}
