package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.PracticeDesk;
import neatcorner.core.phrase.Words;
import neatcorner.core.practice.Ask;
import neatcorner.core.practice.Attempt;
import neatcorner.core.practice.Exercise;
import neatcorner.core.practice.Judged;
import neatcorner.core.practice.Practice;

/** An exercise of the practice bench: what is asked, the answers, what they are worth, and the record. */
final class PracticePanel extends Panel {
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    /** Options that are longer stand below one another. */
    private static final int SHORT = 26;
    /** As many of the record are shown and make the mean. */
    private static final int LAST = 10;

    PracticePanel(Desk desk) {
        super(desk, NoTyping.HERE);
        heading(Labels.get("practice.heading"));
        choice(
                        Labels.get("practice.what"),
                        () -> List.of(Practice.values()),
                        practice()::what,
                        what -> Labels.get("practice." + what.id()),
                        what -> {
                            practice().practise(what);
                            return Optional.empty();
                        })
                .setId("practice-what");
        rows(this::exercise);
        Button judge = button("practice-judge", "practice.judge", practice()::judge);
        Button hint = button("practice-hint", "practice.hint", practice()::hint);
        Button next = button("practice-next", "practice.next", practice()::next);
        judge.getStyleClass().setAll("button", "remedy");
        onUpdate(() -> {
            judge.setDisable(!practice().canJudge());
            hint.setDisable(practice().isHinted() || practice().judged().isPresent());
        });
        HBox row = new HBox(8, judge, hint, next);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(row);
        rows(this::worth);
        rows(this::record);
    }

    private PracticeDesk practice() {
        return desk().practice();
    }

    private static Button button(String id, String label, Runnable pressed) {
        Button button = new Button(Labels.get(label));
        button.setId(id);
        button.getStyleClass().add("quiet");
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(_ -> pressed.run());
        return button;
    }

    private void exercise(VBox box) {
        if (practice().exercise().isEmpty()) {
            box.getChildren().add(text(Labels.get("practice.made"), "soft"));
            return;
        }
        Exercise exercise = practice().exercise().get();
        box.getChildren().add(text(book().say(exercise.task()), "strong"));
        exercise.facts().forEach(fact -> box.getChildren().add(text(book().say(fact))));
        for (int i = 0; i < exercise.asks().size(); i++) {
            box.getChildren().add(ask(exercise.asks().get(i), i));
        }
        if (practice().isHinted()) {
            box.getChildren().add(text(book().say(exercise.hint()), "soft"));
        }
    }

    private VBox ask(Ask ask, int number) {
        Label what = text(book().say(ask.what()), "heading");
        boolean isShort = ask.options().stream().allMatch(option -> book().say(option).length() <= SHORT);
        FlowPane side = new FlowPane(6, 6);
        VBox below = new VBox(5);
        for (int i = 0; i < ask.options().size(); i++) {
            Button option = option(ask.options().get(i), number, i);
            if (isShort) {
                side.getChildren().add(option);
            } else {
                option.setMaxWidth(Double.MAX_VALUE);
                below.getChildren().add(option);
            }
        }
        return new VBox(4, what, isShort ? side : below);
    }

    private Button option(Words words, int ask, int option) {
        Button button = new Button(book().say(words));
        button.setId("practice-" + ask + "-" + option);
        button.getStyleClass().add("part");
        button.setWrapText(true);
        button.setAlignment(Pos.CENTER_LEFT);
        button.pseudoClassStateChanged(ON, practice().answers().get(ask) == option);
        button.setDisable(practice().judged().isPresent() && practice().answers().get(ask) != option);
        button.setOnAction(_ -> practice().answer(ask, option));
        return button;
    }

    private void worth(VBox box) {
        practice().judged().ifPresent(judged -> {
            box.getStyleClass().add("ruled");
            Label points = text(Labels.get("practice.points", judged.points(), Judged.MOST), "strong");
            points.setId("practice-points");
            box.getChildren().add(points);
            judged.why().forEach(why -> box.getChildren().add(text(book().say(why))));
        });
    }

    private void record(VBox box) {
        List<Attempt> all = practice().record();
        if (all.isEmpty()) {
            return;
        }
        List<Attempt> last = all.stream().limit(LAST).toList();
        box.getStyleClass().add("ruled");
        long mean = Math.round(last.stream().mapToInt(Attempt::points).average().orElse(0));
        box.getChildren().addAll(
                text(Labels.get("practice.record"), "heading"),
                spread(text(Labels.get("practice.done"), "soft"), text(String.valueOf(all.size()))),
                spread(text(Labels.get("practice.mean", last.size()), "soft"), text(String.valueOf(mean))),
                spread(
                        text(Labels.get("practice.last"), "soft"),
                        text(String.join(" · ", last.stream()
                                .map(attempt -> String.valueOf(attempt.points()))
                                .toList()))));
    }
}
