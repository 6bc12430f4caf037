package neatcorner.app.view;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.core.words.Working;

/** The tally with its big figures, the working of the figure in hand, findings and cautions. */
final class SideColumn extends Panel {
    SideColumn(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        getStyleClass().add("side-rows");
        heading(Labels.get("side.tally"));
        rows(this::tally);
        rows(this::findings);
        rows(this::working);
        rows(this::safety);
    }

    private Plan plan() {
        return desk().plan();
    }

    private void tally(VBox box) {
        Rooms.of(desk().station()).tally(new Tally(this, box));
    }

    private void working(VBox box) {
        Optional<? extends Figure<?>> figure = plan().figure(desk().selected());
        if (figure.isEmpty()) {
            return;
        }
        box.getStyleClass().add("ruled");
        Figure<?> shown = figure.get();
        box.getChildren().add(Panel.text(book().say("side.how", shown), "heading"));
        if (shown.working().lines().isEmpty()) {
            box.getChildren().add(Panel.spread(Panel.text(book().say(shown.name()), "soft"),
                    Panel.text(book().say(Phrasebook.keyOf(shown.origin())), "strong")));
        }
        for (Working.Line line : shown.working().lines()) {
            String sign = line.step().sign().isEmpty() ? "" : line.step().sign() + " ";
            box.getChildren()
                    .add(Panel.spread(
                            Panel.text(sign + book().say(line.words())),
                            Panel.text(book().exactly(line.amount()), "strong")));
        }
        if (!shown.working().lines().isEmpty()) {
            HBox result = Panel.spread(Panel.text(book().say(shown.name())), Panel.text(book().write(shown), "strong"));
            result.getStyleClass().add("result");
            box.getChildren().add(result);
        }
        shown.working().note().ifPresent(note -> box.getChildren().add(Panel.text(book().say(note), "soft", "note")));
    }

    private void findings(VBox box) {
        box.getStyleClass().add("ruled");
        box.getChildren().add(Panel.text(Labels.get("side.before"), "heading"));
        plan().findings(desk().station()).forEach(finding -> box.getChildren().add(finding(finding)));
        if (plan().findings().isEmpty()) {
            box.getChildren().add(Panel.text(book().say("text.no_findings"), "finding", "good"));
        }
        for (Station station : Station.values()) {
            List<Finding> there = plan().findings(station);
            if (station != desk().station() && !there.isEmpty()) {
                box.getChildren().add(elsewhere(station, there));
            }
        }
    }

    /** What there is to know at another station, in one line that leads there. */
    private Button elsewhere(Station station, List<Finding> there) {
        Button line = new Button(book().say(Phrasebook.keyOf(station)) + ": "
                + there.stream()
                        .map(finding -> book().say(Phrasebook.keyOf(finding.severity())))
                        .collect(Collectors.groupingBy(word -> word, LinkedHashMap::new, Collectors.counting()))
                        .entrySet()
                        .stream()
                        .map(entry -> entry.getValue() > 1 ? entry.getValue() + " × " + entry.getKey() : entry.getKey())
                        .collect(Collectors.joining(", ")));
        line.getStyleClass().addAll("elsewhere", there.getFirst().severity().name().toLowerCase(Locale.ROOT));
        line.setId("elsewhere-" + station.id());
        line.setMaxWidth(Double.MAX_VALUE);
        line.setOnAction(_ -> desk().go(station));
        return line;
    }

    /** A finding of the station that is open, with the step that mends it, unless that would only lead here. */
    private Node finding(Finding finding) {
        VBox card = new VBox(2);
        card.getStyleClass().addAll("finding", finding.severity().name().toLowerCase(Locale.ROOT));
        card.getChildren().addAll(Panel.text(book().say(Phrasebook.keyOf(finding.severity())), "severity"),
                Panel.text(book().say(finding.what())), Panel.text(book().say(finding.cure()), "soft"));
        finding.remedy()
                .filter(remedy ->
                        !(remedy instanceof Remedy.Visit(_, Station where) && where == desk().station()))
                .ifPresent(remedy -> {
                    Button button = new Button(book().say(remedy.words()));
                    button.getStyleClass().add("remedy");
                    button.setId("remedy-" + finding.id());
                    button.setOnAction(_ -> complain(button, desk().remedy(remedy)));
                    card.getChildren().add(button);
                });
        return card;
    }

    private void safety(VBox box) {
        List<Safety> here = plan().safety().stream().filter(s -> s.station() == desk().station()).toList();
        if (here.isEmpty()) {
            return;
        }
        box.getStyleClass().add("ruled");
        box.getChildren().add(Panel.text(Labels.get("side.safety"), "heading"));
        here.forEach(caution -> box.getChildren().add(Panel.text(book().say(Phrasebook.keyOf(caution)), "safety")));
        box.getChildren().add(Panel.text(book().say("safety.rule"), "soft"));
    }

    /** What a screen reader says of the station that is open. */
    static String spoken(Desk desk) {
        Station station = desk.station();
        return desk.book().say(Phrasebook.keyOf(station)) + ", " + desk.plan().job().title();
    }
}
