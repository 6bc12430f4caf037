package neatcorner.app.view;

import java.util.Optional;
import java.util.function.Consumer;
import neatcorner.app.desk.Desk;
import neatcorner.core.job.Edit;
import neatcorner.core.job.Entry;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import org.jspecify.annotations.Nullable;

/** Drags a number of the job along with the edge it stands for, from mark to mark of the tape in use. */
final class GripDrag implements PictureView.Dragging {
    private final Desk desk;
    private final Consumer<String> refusal;
    private final CornerDrag corners;
    private @Nullable Job from;

    GripDrag(Desk desk, Consumer<String> refusal) {
        this.desk = desk;
        this.refusal = refusal;
        this.corners = new CornerDrag(desk, refusal);
    }

    @Override
    public void drag(PictureView.Pull pull) {
        if (pull.grip().right() == 0 && pull.grip().down() == 0) {
            corners.drag(pull);
            return;
        }
        if (from == null) {
            from = desk.plan().job();
        }
        Optional<Edit> edit = Entry.of(from, pull.grip().what()).map(entry -> new Edit.Enter(entry.id(), onMark(entry.read().apply(from),
                pull.dx() * pull.grip().right() + pull.dy() * pull.grip().down())));
        if (!pull.dropped()) {
            desk.preview(edit);
            return;
        }
        from = null;
        desk.preview(Optional.empty());
        if (Math.hypot(pull.dx(), pull.dy()) > 0) {
            edit.flatMap(desk::edit).ifPresent(refusal);
        }
    }

    private Length onMark(Length value, double by) {
        return Math.abs(by) < 1e-9 ? value : desk.appearance().graduation().round(value.plus(Length.mm(by)), Rounding.NEAREST);
    }
}
