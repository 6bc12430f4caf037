package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.CornerSpace;
import neatcorner.core.drawing.Turn;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Job;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import org.jspecify.annotations.Nullable;

/** How the pieces of a part meet: mitred, or square in one of several ways, and which of them run through then. */
final class MeetingChoice {
    private static final double WIDE = 92;
    private static final double HIGH = 64;
    private static final double GAP = 10;
    private final Panel panel;

    private MeetingChoice(Panel panel) {
        this.panel = panel;
    }

    static void add(Panel panel) {
        new MeetingChoice(panel).build();
    }

    private Desk desk() {
        return panel.desk();
    }

    private Job job() {
        return desk().plan().job();
    }

    private Construction now() {
        return job().body().construction();
    }

    private void build() {
        panel.heading(Labels.get("corners.meeting"));
        ComboBox<Construction> meeting =
                panel.choice(Labels.get("corners.pieces"), this::all, this::now, this::said, this::built);
        meeting.setId("meeting");
        meeting.setVisibleRowCount(SquareCorner.values().length + 2);
        meeting.setCellFactory(_ -> new Way());
        var through = panel.choice(
                Labels.get("corners.through"),
                () -> List.of(Through.values()),
                () -> job().squared().map(Construction.Squared::through).orElse(Through.STILES),
                way -> panel.book().say(way.words()),
                way -> built(new Construction.Squared(
                        job().squared().map(Construction.Squared::corner).orElse(SquareCorner.HALF_LAPPED), way)));
        through.setId("through");
        panel.onlyWhile(through, () -> job().squared().isPresent());
    }

    /** All that a part of this shape can be built as, with the pieces running through that do so now. */
    private List<Construction> all() {
        Through through = job().squared().map(Construction.Squared::through).orElse(Through.STILES);
        return Stream.concat(
                        Stream.of(Construction.MITRED, Construction.ONE_PIECE),
                        Stream.of(SquareCorner.values())
                                .map(corner -> (Construction) new Construction.Squared(corner, through)))
                .filter(job().body()::canBe)
                .toList();
    }

    private String said(Construction construction) {
        return panel.book()
                .say(switch (construction) {
                    case Construction.Mitred _ -> Words.of("construction.mitred");
                    case Construction.OnePiece _ -> Words.of("construction.one_piece");
                    case Construction.Squared squared -> squared.corner().words();
                });
    }

    /** One way in the opened list, with this job's own corner made so, in space. */
    private final class Way extends ListCell<Construction> {
        private final PictureView picture = new PictureView(desk(), panel.typing());

        Way() {
            picture.setMouseTransparent(true);
            picture.setMinSize(WIDE, HIGH);
            picture.setPrefSize(WIDE, HIGH);
            picture.setMaxSize(WIDE, HIGH);
            setGraphicTextGap(GAP);
        }

        @Override
        protected void updateItem(@Nullable Construction way, boolean empty) {
            super.updateItem(way, empty);
            if (empty || way == null) {
                setText(null);
                setGraphic(null);
                return;
            }
            setText(said(way));
            Optional<Plan> made = made(way);
            made.ifPresent(plan -> picture.draw(said(way), space -> CornerSpace.draw(
                    plan, Turn.NONE, PictureView.reader(desk()), space.getWidth(), space.getHeight())));
            setGraphic(made.isPresent() ? picture : null);
        }
    }

    /** The plan of this job built so; empty where its numbers leave no such frame. */
    private Optional<Plan> made(Construction way) {
        try {
            return Optional.of(Planner.plan(new Edit.Build(way).apply(job()), desk().shop()));
        } catch (Refusal impossible) {
            return Optional.empty();
        }
    }

    private Optional<String> built(Construction construction) {
        return desk().edit(new Edit.Build(construction));
    }
}
