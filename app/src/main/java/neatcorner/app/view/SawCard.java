package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.Ink;
import neatcorner.core.phrase.Words;
import neatcorner.core.sawing.SawCut;

/** The cut one stands at, as a panel tells it: what is set and looked at, with the ways to the next and back. */
final class SawCard {
    private static final double FIGURE = 34;
    private final Panel panel;
    private final Button back = step("cut-back", "sawing.back", -1);
    private final Button next = step("cut-next", "sawing.next", 1);
    private final Label where = Panel.text("", "soft");
    private final HBox steps = new HBox(8, back, next, where);

    SawCard(Panel panel) {
        this.panel = panel;
        steps.setAlignment(Pos.CENTER_LEFT);
    }

    private Desk desk() {
        return panel.desk();
    }

    /** Back, next, and where one is: it stays, so that a key can be pressed again and again. */
    HBox steps() {
        return steps;
    }

    /** Reads the desk anew; nothing is shown where there is no cut, or where none is wanted. */
    void update(boolean wanted) {
        Optional<SawCut> cut = wanted ? desk().cuts().cut() : Optional.empty();
        steps.setVisible(cut.isPresent());
        steps.setManaged(cut.isPresent());
        cut.ifPresent(one -> {
            int all = desk().cuts().sawing().orElseThrow().cuts().size();
            back.setDisable(one.number() == 1);
            next.setDisable(one.number() == all);
            where.setText(Labels.get("sawing.cut_of", one.number(), all, one.on().number()));
        });
    }

    /** Fills a box with the cut; with nothing where there is none. */
    void fill(VBox box) {
        desk().cuts().cut().ifPresent(cut -> {
            box.getChildren().addAll(Panel.text(panel.book().sentence(cut.title()), "strong"), figure(cut));
            box.getChildren().addAll(settings(cut));
            cut.checks().forEach(check -> box.getChildren().add(Panel.text("·  " + panel.book().sentence(check))));
            cut.remains().ifPresent(rest -> box.getChildren()
                    .add(Panel.text(panel.book().say("sawing.remains", rest), "soft")));
        });
    }

    private Button step(String id, String label, int by) {
        Button button = new Button(Labels.get(label));
        button.setId(id);
        button.getStyleClass().add("quiet");
        button.setMinWidth(Button.USE_PREF_SIZE);
        button.setOnAction(_ -> desk().cuts().cut().ifPresent(cut -> desk().cuts().goToCut(cut.number() + by)));
        return button;
    }

    private Node figure(SawCut cut) {
        NumeralView figure = new NumeralView();
        figure.show(
                panel.book().numeral(cut.measure().length()),
                FIGURE * desk().appearance().textSize() / 100.0,
                Painter.colour(desk().appearance().palette().rgb(Ink.INK)));
        figure.setAccessibleText(panel.book().write(cut.measure().length()));
        HBox row = new HBox(10, figure, Panel.text(panel.book().say(cut.measure().words()), "soft"));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private List<Node> settings(SawCut cut) {
        List<Node> settings = new ArrayList<>();
        settings.add(Panel.text(panel.book().sentence(cut.setting().words()), "big-text"));
        cut.setting().saw().ifPresent(saw -> settings.add(Panel.text(Labels.get("sawing.on", saw.name()), "soft")));
        if (cut.anew().setting()) {
            settings.add(Panel.text(Labels.get("sawing.set_saw"), "caution-word"));
        }
        if (cut.anew().stop()) {
            settings.add(Panel.text(Labels.get("sawing.set_stop"), "caution-word"));
        }
        return settings;
    }
}
