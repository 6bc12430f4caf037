package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.Ink;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import neatcorner.core.words.Figure;

/** The large figures of a station: each can be pressed for its working. */
final class Tally {
    private final Panel panel;
    private final VBox box;

    Tally(Panel panel, VBox box) {
        this.panel = panel;
        this.box = box;
    }

    Desk desk() {
        return panel.desk();
    }

    Plan plan() {
        return panel.desk().plan();
    }

    String say(Words words) {
        return panel.book().say(words);
    }

    String say(String key, Object... args) {
        return panel.book().say(key, args);
    }

    void text(String text, String style) {
        box.getChildren().add(Panel.text(text, style));
    }

    /** A number with its name. */
    void row(Figure<?> figure) {
        box.getChildren().add(panel.figureRow(figure));
    }

    /** A large number under its name. */
    void big(Figure<Length> figure) {
        big(figure, say(figure.name()));
    }

    /** A large number under some words. */
    void big(Figure<Length> figure, String over) {
        big(figure, over, "");
    }

    /** How large the frame is. */
    void outside() {
        big(Known.in(plan().frame().widths(), Line.OUTSIDE), say("line.outside"), say("side.wide"));
        big(Known.in(plan().frame().heights(), Line.OUTSIDE), "", say("side.high"));
        row(plan().hang().weight().total());
    }

    /** Members that are cut alike are counted together, for all frames of the job. */
    void pieces() {
        for (List<Member> group : plan().frame().alike()) {
            Member member = group.getFirst();
            String names = plan().frame().isFourSquare()
                    ? group.stream()
                            .map(m -> panel.book().say(m.side().words()))
                            .collect(Collectors.joining(", "))
                    : group.stream().map(m -> m.side().letters()).distinct().collect(Collectors.joining(", "));
            HBox row = big(member.longPoint(), names.substring(0, 1).toUpperCase(Locale.ROOT) + names.substring(1), "");
            row.getChildren().addFirst(count(group.size() * plan().job().copies()));
            VBox words = (VBox) row.getChildren().getLast();
            boolean plain = member.isSquare();
            words.getChildren()
                    .setAll(
                            plain
                                    ? List.of(Panel.text(panel.book().say("sheet.square_ends"), "soft"))
                                    : List.of(
                                            Panel.text(panel.book().say("tag.long_point"), "soft"),
                                            Panel.text(panel.book().say("sheet.short", member.shortPoint()), "soft")));
        }
    }

    /** How the saw is set. */
    void saw() {
        List<Member> pieces = plan().frame().pieces().toList();
        Member first = pieces.getFirst();
        boolean same = pieces.stream()
                .allMatch(m -> m.left().isSetLike(first.left()) && m.right().isSetLike(first.left()));
        Label saw = same
                ? Panel.text(panel.book().write(first.left().swing()), "big-angle")
                : Panel.text(swings(), "big-text");
        String alike = first.isSquare() ? "side.saw_square" : "side.saw_both";
        VBox words = new VBox(
                Panel.text(Labels.get(same ? alike : "side.saw_differs"), "soft"),
                Panel.text(panel.book().say(plan().frame().lying()), "soft"));
        HBox row = new HBox(10, saw, words);
        row.setAlignment(Pos.CENTER_LEFT);
        saw.setMinWidth(Region.USE_PREF_SIZE);
        box.getChildren().add(row);
    }

    /** Every setting the saw is to have, where one would mislead; what is set alike is said once. */
    private String swings() {
        List<Mitre> settings = new ArrayList<>();
        plan().frame().pieces().flatMap(m -> Stream.of(m.left(), m.right())).forEach(mitre -> {
            if (settings.stream().noneMatch(mitre::isOneSettingWith)) {
                settings.add(mitre);
            }
        });
        return settings.stream()
                .map(mitre -> panel.book().write(mitre.swing()))
                .distinct()
                .sorted()
                .collect(Collectors.joining("\n"));
    }

    private Label count(int count) {
        return Panel.text(panel.book().say("side.count", count), "count");
    }

    /** A big number that can be pressed for its working. */
    HBox big(Figure<Length> figure, String over, String beside) {
        if (!over.isEmpty()) {
            box.getChildren().add(Panel.text(over, "soft"));
        }
        NumeralView number = new NumeralView();
        number.show(panel.book().numeral(figure), 36 * panel.desk().appearance().textSize() / 100.0,
                Painter.colour(panel.desk().appearance().palette().rgb(Ink.INK)));
        Button button = new Button();
        button.setGraphic(number);
        button.getStyleClass().add("big-figure");
        button.setId("big-" + figure.id().replace('.', '-'));
        button.setAccessibleText(panel.book().say(figure.name()) + ": " + panel.book().write(figure));
        button.setOnAction(_ -> panel.desk().select(figure.key()));
        button.setMinWidth(Region.USE_PREF_SIZE);
        VBox words = new VBox();
        words.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(words, Priority.ALWAYS);
        if (!beside.isEmpty()) {
            words.getChildren().add(Panel.text(beside, "soft"));
        }
        HBox row = new HBox(8, button, words);
        row.setAlignment(Pos.CENTER_LEFT);
        box.getChildren().add(row);
        return row;
    }
}
