package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.PlaceKey;
import neatcorner.core.job.Placement;
import neatcorner.core.section.Recess;

/** How the part that is looked at lies by another, and what lies in it or hangs by it; nothing where it is alone. */
final class PlaceChoice {
    private final Panel panel;

    private PlaceChoice(Panel panel) {
        this.panel = panel;
    }

    static void add(Panel panel) {
        new PlaceChoice(panel).build();
    }

    private Desk desk() {
        return panel.desk();
    }

    private Job job() {
        return desk().plan().job();
    }

    private boolean isOneOfSeveral() {
        return job().parts().size() > 1;
    }

    private Optional<Placement.Hinged> hung() {
        return job().part().hung();
    }

    private void build() {
        panel.rows(box -> {
            if (isOneOfSeveral()) {
                box.getChildren().add(Panel.text(Labels.get("place.heading"), "heading"));
                job().lying()
                        .ifPresent(how -> box.getChildren().add(Panel.text(panel.book().say(how), "soft")));
            }
        });
        var name = panel.line(
                Labels.get("place.name"),
                () -> job().part().name(),
                text -> desk().edit(new Edit.NamePart(text)));
        name.setId("part-name");
        panel.onlyWhile(name, this::isOneOfSeveral);
        panel.entry(PlaceKey.GAP);
        panel.entry(PlaceKey.PROUD);
        panel.entry(PlaceKey.HIGH);
        var leaves = panel.choice(
                Labels.get("place.leaves"),
                () -> List.of(Placement.Hinged.Leaves.values()),
                () -> hung().map(Placement.Hinged::leaves).orElse(Placement.Hinged.Leaves.PAIR),
                way -> panel.book().say(way.words()),
                way -> hung().flatMap(hinged -> desk().edit(new Edit.Place(hinged.with(way)))));
        leaves.setId("leaves");
        panel.onlyWhile(leaves, () -> hung().isPresent());
        FlowPane buttons = new FlowPane(6, 4);
        panel.getChildren().add(buttons);
        panel.onUpdate(() -> buttons.setManaged(isOneOfSeveral()));
        button(
                buttons,
                "hold-here",
                () -> new Edit.HoldHere(),
                () -> job().holder() != job().seen() && job().section().recess() instanceof Recess.Covering);
        button(
                buttons, "carry-here", () -> new Edit.CarryHere(), () -> job().carrier() != job().seen());
        button(
                buttons,
                "remove-part",
                () -> new Edit.RemovePart(job().part().name()),
                () -> job().seen() > 0);
    }

    /** Makes an edit of now. */
    private interface Now {
        Edit edit();
    }

    private void button(FlowPane into, String id, Now now, BooleanSupplier holds) {
        Button button = new Button(Labels.get("place." + id.replace('-', '_')));
        button.setId(id);
        button.getStyleClass().add("quiet");
        button.setOnAction(_ -> {
            Optional<String> refused = desk().edit(now.edit());
            panel.complain(into, refused);
        });
        into.getChildren().add(button);
        panel.onUpdate(() -> {
            button.setVisible(isOneOfSeveral() && holds.getAsBoolean());
            button.setManaged(button.isVisible());
        });
    }
}
