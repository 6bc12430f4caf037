package neatcorner.app.view;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.card.Card;
import neatcorner.core.card.CardCode;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.gauge.GaugeReading;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;

/** What is typed at the bench: how something came out, or what is to be remembered of it. */
final class BenchEntry extends VBox {
    private final Desk desk;
    private final Runnable after;
    private final TextField text = new TextField();
    /** Which of several lengths is measured. */
    private final ComboBox<Card.Readable> which = new ComboBox<>();
    private final ComboBox<Instrument> by = new ComboBox<>();
    private final Label refused = Panel.text("", "caution-word");
    private final Button measure = side("bench-measure", "bench.measure");
    private final Button note = side("bench-note", "bench.note");
    private final Button who = BenchPage.button("bench-who", "quiet");
    private Kind kind = Kind.NOTE;
    /** What is typed. */
    private enum Kind {
        MEASURE,
        NOTE,
        WHO,
        CODE
    }

    /** With what was measured before a caliper spoke: it is taken up again after that. */
    private Optional<Instrument> laidDown = Optional.empty();

    /** What was refused as doubtful: typed again it is kept. */
    private String doubted = "";

    /**
     * The entry.
     *
     * @param after runs when it was closed
     */
    BenchEntry(Desk desk, Runnable after) {
        this.desk = desk;
        this.after = after;
        text.setId("bench-text");
        text.getStyleClass().add("bench-text");
        HBox.setHgrow(text, Priority.ALWAYS);
        by.setId("bench-instrument");
        by.getItems().setAll(Instrument.values());
        by.setValue(Instrument.TAPE);
        by.setAccessibleText(Labels.get("bench.with"));
        by.setConverter(Panel.said(item -> desk.book().say(Phrasebook.keyOf(item))));
        which.setId("bench-which");
        which.setAccessibleText(Labels.get("bench.which"));
        which.setConverter(Panel.said(item -> desk.book().say(item.name())));
        which.valueProperty().addListener((_, _, _) -> prompt());
        HBox row = new HBox(10, which, text, by);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(row, refused);
        text.setOnAction(_ -> take());
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                key.consume();
                close();
            } else if (key.getTarget() == text && (key.getCode() == KeyCode.UP || key.getCode() == KeyCode.DOWN)) {
                key.consume();
                step(key.getCode() == KeyCode.UP ? -1 : 1);
            }
        });
        measure.setOnAction(_ -> open(Kind.MEASURE));
        note.setOnAction(_ -> open(Kind.NOTE));
        who.setOnAction(_ -> {
            open(Kind.WHO);
            text.setText(desk.bench().by());
            text.selectAll();
        });
        show(false);
    }

    /** Another of the lengths that are measured. */
    private void step(int by) {
        int all = which.getItems().size();
        if (all > 1) {
            which.getSelectionModel().select(Math.floorMod(which.getSelectionModel().getSelectedIndex() + by, all));
        }
    }

    private static Button side(String id, String label) {
        Button button = BenchPage.button(id, "bench-side");
        button.setText(Labels.get(label));
        return button;
    }

    /** The buttons that open it. */
    List<Button> buttons() {
        return List.of(measure, note);
    }

    /** The button that says who is at the bench, and opens it to say otherwise. */
    Button who() {
        return who;
    }

    /** Opens it where this key does. */
    boolean opens(KeyCode code) {
        boolean measured = code == KeyCode.M && !measure.isDisabled();
        if (!measured && !(code == KeyCode.N && !note.isDisabled())) {
            return false;
        }
        // A key that is pressed is also typed: only after that may there be something to type in.
        Platform.runLater(() -> open(measured ? Kind.MEASURE : Kind.NOTE));
        return true;
    }

    /** Takes what a caliper says; says no where no length waits for it, or something else is being typed. */
    boolean takes(GaugeReading reading) {
        boolean waits = isVisible() ? kind == Kind.MEASURE : !measure.isDisabled();
        if (reading.gauge() != Gauge.CALIPER || !waits) {
            return false;
        }
        if (!isVisible()) {
            open(Kind.MEASURE);
        }
        if (laidDown.isEmpty()) {
            laidDown = Optional.of(by.getValue());
        }
        by.setValue(Instrument.CALIPER);
        text.setText(reading.typed());
        take();
        return true;
    }

    /** Reads the desk anew. */
    void update() {
        measure.setDisable(desk.bench().readables().isEmpty());
        note.setDisable(desk.bench().card().isEmpty());
        who.setText(desk.bench().by().isEmpty() ? Labels.get("bench.who") : Labels.get("bench.by", desk.bench().by()));
    }

    private void open(Kind now) {
        kind = now;
        doubted = "";
        by.setVisible(kind == Kind.MEASURE);
        by.setManaged(kind == Kind.MEASURE);
        text.clear();
        which.getItems().setAll(kind == Kind.MEASURE ? desk.bench().readables() : List.of());
        boolean several = which.getItems().size() > 1;
        which.setVisible(several);
        which.setManaged(several);
        if (kind == Kind.MEASURE) {
            desk.bench().readable().ifPresent(which::setValue);
        }
        prompt();
        show(true);
        text.requestFocus();
    }

    private void prompt() {
        String planned = Optional.ofNullable(which.getValue())
                .map(one -> desk.book().write(one.planned()))
                .orElse("");
        text.setPromptText(Labels.get("bench." + kind.name().toLowerCase(Locale.ROOT) + "_prompt", planned));
        text.setAccessibleText(
                which.isVisible()
                        ? desk.book().say(which.getValue().name()) + ": " + text.getPromptText()
                        : text.getPromptText());
    }

    /** Opens it for the code of a printed card, of which the first sign came already. */
    void openCode() {
        open(Kind.CODE);
        text.setText(CardCode.BEGINS);
        text.end();
    }

    /** Closes it; what was typed is not kept. */
    void close() {
        if (isVisible()) {
            show(false);
            after.run();
        }
    }

    private void show(boolean shown) {
        setVisible(shown);
        setManaged(shown);
        if (!shown) {
            laidDown.ifPresent(by::setValue);
            laidDown = Optional.empty();
        }
        refuse(Optional.empty());
    }

    private void refuse(Optional<String> why) {
        refused.setText(why.orElse(""));
        refused.setVisible(why.isPresent());
        refused.setManaged(why.isPresent());
    }

    private void take() {
        Optional<String> why = switch (kind) {
            case MEASURE -> measured();
            case NOTE -> desk.bench().remark(text.getText());
            case WHO -> desk.bench().by(text.getText());
            case CODE -> desk.bench().open(text.getText());
        };
        if (why.isPresent()) {
            refuse(why);
        } else if (kind == Kind.MEASURE && which.getSelectionModel().getSelectedIndex() < which.getItems().size() - 1) {
            // What is measured together is read one after the other.
            text.clear();
            doubted = "";
            refuse(Optional.empty());
            step(1);
        } else {
            close();
        }
    }

    private Optional<String> measured() {
        try {
            boolean sure = doubted.equals(text.getText());
            doubted = text.getText();
            return desk.bench().measured(
                    which.getValue().act(), desk.parsed(text.getText()), by.getValue(), sure);
        } catch (Refusal unreadable) {
            return Optional.of(desk.said(unreadable));
        }
    }

    /** How much a reading is off, in words. */
    static String off(Phrasebook book, Deed.Measured measured) {
        if (!measured.off().abs().isOver(measured.by().doubt())) {
            return Labels.get("bench.as_planned");
        }
        return Labels.get(
                measured.off().isNegative() ? "bench.under" : "bench.over_by",
                book.write(measured.off().abs()));
    }

    /** What was remarked. */
    static String text(LogLine entry) {
        return entry.deed() instanceof Deed.Remark remark ? remark.text() : "";
    }
}
