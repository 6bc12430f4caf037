package neatcorner.app.view;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.sawing.Effort;
import neatcorner.core.sawing.Run;
import neatcorner.core.sawing.Sawing;

/** Every cut in its order, the one at hand large, and what the order saves. */
final class OrderPanel extends Panel {
    OrderPanel(Desk desk) {
        super(desk, NoTyping.HERE);
        heading(Labels.get("sawing.heading"));
        rows(box -> {
            if (desk.cuts().sawing().isEmpty()) {
                box.getChildren().add(text(Labels.get("sawing.working"), "soft"));
            } else if (desk.cuts().cut().isEmpty()) {
                box.getChildren().add(text(Labels.get("sawing.nothing"), "soft"));
            }
        });
        SawCard card = new SawCard(this);
        getChildren().add(card.steps());
        onUpdate(() -> card.update(true));
        rows(card::fill);
        rows(this::effort);
        rows(this::runs);
    }

    private void effort(VBox box) {
        desk().cuts().sawing().filter(sawing -> !sawing.cuts().isEmpty()).ifPresent(sawing -> {
            box.getStyleClass().add("ruled");
            box.getChildren().addAll(
                    text(Labels.get("sawing.effort"), "heading"),
                    row("sawing.ours", sawing.effort()),
                    row("sawing.plainly", sawing.plainly()),
                    text(book().say(sawing.proof()), "soft"));
        });
    }

    private static Node row(String name, Effort effort) {
        return spread(
                text(Labels.get(name), "soft"), text(Labels.get("sawing.counts", effort.settings(), effort.lengths())));
    }

    /** Every setting with its cuts; pressing one goes there. */
    private void runs(VBox box) {
        desk().cuts().sawing().map(Sawing::runs).filter(runs -> !runs.isEmpty()).ifPresent(runs -> {
            box.getStyleClass().add("ruled");
            box.getChildren().add(text(Labels.get("sawing.runs"), "heading"));
            runs.forEach(run -> box.getChildren().add(run(run)));
        });
    }

    private Button run(Run run) {
        int first = run.cuts().getFirst().number();
        Button button = new Button(book().say(run.words()));
        button.setId("run-" + first);
        button.getStyleClass().add("quiet");
        button.setWrapText(true);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(_ -> desk().cuts().goToCut(first));
        return button;
    }
}
