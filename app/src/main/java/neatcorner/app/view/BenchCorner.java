package neatcorner.app.view;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.job.Trouble;
import neatcorner.core.phrase.Refusal;

/** What went wrong at a corner, at which, and how much of it: then its mending is among the cards. */
final class BenchCorner extends VBox {
    private final Desk desk;
    private final Runnable closed;
    /** One question after another, so that the card above stays in sight. */
    private final FlowPane question = new FlowPane(10, 10);
    private final TextField amount = new TextField();
    private final Label refused = Panel.text("", "caution-word");
    private Optional<Trouble.Kind> kind = Optional.empty();
    private OptionalInt corner = OptionalInt.empty();

    /**
     * The entry.
     *
     * @param closed runs when it was answered or given up
     */
    BenchCorner(Desk desk, Runnable closed) {
        super(10);
        this.desk = desk;
        this.closed = closed;
        amount.setId("bench-amount");
        amount.getStyleClass().add("bench-text");
        amount.setOnAction(_ -> take());
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                key.consume();
                closed.run();
            }
        });
        getChildren().addAll(question, amount, refused);
        close();
    }

    /** Asks what is seen. */
    void open() {
        close();
        List<Button> all = new ArrayList<>();
        for (Trouble.Kind one : Trouble.Kind.values()) {
            Button button = BenchPage.button("bench-trouble-" + (one.ordinal() + 1), "bench-side");
            button.setText((one.ordinal() + 1) + " · " + desk.book().say(one.words()));
            button.setOnAction(_ -> choose(one));
            all.add(button);
        }
        ask(Labels.get("bench.what_wrong"), all);
        shown(this, true);
    }

    /** Closes it; nothing went wrong. */
    void close() {
        kind = Optional.empty();
        corner = OptionalInt.empty();
        amount.clear();
        shown(amount, false);
        refuse(Optional.empty());
        shown(this, false);
    }

    /** Does what this key means here. */
    void take(KeyCode code) {
        if (code.isDigitKey()) {
            int number = code.getName().charAt(0) - '1';
            if (number >= 0 && number < Trouble.Kind.values().length) {
                choose(Trouble.Kind.values()[number]);
            }
        } else if (code.isLetterKey() && kind.isPresent()) {
            int number = desk.bench().mishaps().corners().indexOf(code.getName());
            if (number >= 0) {
                choose(number);
            }
        }
    }

    private void choose(Trouble.Kind now) {
        kind = Optional.of(now);
        corner = OptionalInt.empty();
        shown(amount, false);
        refuse(Optional.empty());
        List<String> letters = desk.bench().mishaps().corners();
        List<Button> all = new ArrayList<>();
        for (String letter : letters.stream().sorted(inOrder()).toList()) {
            Button button = BenchPage.button("bench-corner-" + letter, "bench-side");
            button.setText(letter);
            button.setOnAction(_ -> choose(letters.indexOf(letter)));
            all.add(button);
        }
        ask(Labels.get("bench.which_corner", desk.book().sentence(now.words())), all);
    }

    /** A to Z, then A1 to Z1. */
    private static Comparator<String> inOrder() {
        return Comparator.comparing(String::length).thenComparing(Comparator.naturalOrder());
    }

    private void choose(int number) {
        corner = OptionalInt.of(number);
        kind.ifPresent(now -> ask(
                Labels.get(
                        "bench.how_much",
                        desk.bench().mishaps().corners().get(number),
                        desk.book().say(now.words()),
                        desk.book().say(now.amount())),
                List.of()));
        amount.setPromptText(Labels.get("bench.amount_prompt"));
        kind.ifPresent(now -> amount.setAccessibleText(desk.book().say(now.amount())));
        shown(amount, true);
        // A key that is pressed is also typed: only after that may there be something to type in.
        Platform.runLater(amount::requestFocus);
    }

    private void take() {
        try {
            Optional<String> why = desk.bench()
                    .mishaps()
                    .cornerWentWrong(kind.orElseThrow(), corner.orElseThrow(), desk.parsed(amount.getText()));
            if (why.isEmpty()) {
                closed.run();
            } else {
                refuse(why);
            }
        } catch (Refusal unreadable) {
            refuse(Optional.of(desk.said(unreadable)));
        }
    }

    private void refuse(Optional<String> why) {
        refused.setText(why.orElse(""));
        shown(refused, why.isPresent());
    }

    private void ask(String what, List<Button> answers) {
        question.getChildren().setAll(Panel.text(what, "bench-says"));
        question.getChildren().addAll(answers);
    }

    private static void shown(Node node, boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
    }
}
