package neatcorner.app.view;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import org.jspecify.annotations.Nullable;

/** A page beside the job, of several parts: one is shown, a line of buttons leads to the others and back. */
abstract class PartedPage extends VBox {
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private final Desk desk;
    private final String name;
    private final Button back = new Button();
    private final FlowPane head;
    private final StackPane shown = new StackPane();
    private List<Part> parts = List.of();
    private @Nullable Part here;

    /** A part of the page: its button, what is done when it is chosen, what it shows and how that follows the desk. */
    record Part(Button button, Runnable chosen, Node content, Runnable update) {
    }

    /** The page whose labels begin with this name. */
    PartedPage(Desk desk, String name) {
        this.desk = desk;
        this.name = name;
        getStyleClass().add("shop-page");
        back.setId("back-to-job-from-" + name);
        back.getStyleClass().add("quiet");
        back.setMinWidth(USE_PREF_SIZE);
        back.setOnAction(_ -> desk.show(Page.JOB));
        Label heading = new Label(Labels.get(name + ".heading"));
        heading.getStyleClass().add("heading");
        heading.setMinWidth(USE_PREF_SIZE);
        head = new FlowPane(6, 6, back, heading);
        FlowPane.setMargin(heading, new Insets(0, 8, 0, 8));
        head.getStyleClass().addAll("card", "padded");
        VBox.setVgrow(shown, Priority.ALWAYS);
        getChildren().addAll(head, shown);
    }

    /** Its parts, the first shown. */
    final void consistOf(List<Part> all) {
        parts = List.copyOf(all);
        parts.forEach(part -> head.getChildren().add(part.button));
        go(parts.getFirst());
    }

    final Desk desk() {
        return desk;
    }

    final Part part(String what, Runnable chosen, Node content, Runnable update) {
        Button button = new Button(Labels.get(name + ".part." + what));
        button.setId(name + "-" + what.replace('_', '-'));
        button.getStyleClass().add("part");
        Part part = new Part(button, chosen, content, update);
        button.setOnAction(_ -> go(part));
        return part;
    }

    final void go(Part part) {
        here = part;
        parts.forEach(other -> other.button.pseudoClassStateChanged(ON, other == part));
        part.chosen.run();
        shown.getChildren().setAll(part.content);
        update();
    }

    /** Reads the desk anew. */
    final void update() {
        back.setText(Labels.get("page.back", Labels.brief(desk.plan().job().title())));
        if (here != null) {
            here.update.run();
        }
    }
}
