package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.Ink;
import neatcorner.core.frame.Member;
import neatcorner.core.glue.GluePlanner;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Finding;
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
        rows(this::working);
        rows(this::findings);
        rows(this::safety);
    }

    private Plan plan() {
        return desk().plan();
    }

    private void tally(VBox box) {
        switch (desk().station()) {
            case BRIEF, SECTION, CORNERS, CUTS -> pieces(box);
            case GLUE_UP -> {
                plan().glue().checks().stream().findFirst().ifPresent(check -> big(box, check,
                        plan().frame().isFourSquare() ? Labels.get("side.both_diagonals") : book().say(check.name()), ""));
                plan().glue().checks().stream().skip(1).limit(5).map(this::figureRow).forEach(box.getChildren()::add);
                plan().glue().least().ifPresent(least -> box.getChildren().add(figureRow(least)));
                plan().glue().most().ifPresent(most -> box.getChildren().add(figureRow(most)));
                plan().figure(GluePlanner.LEAN).map(this::figureRow).ifPresent(box.getChildren()::add);
                plan().figure(GluePlanner.PUSH).map(this::figureRow).ifPresent(box.getChildren()::add);
            }
            case FINISH -> {
                box.getChildren().add(Panel.text(book().say("side.finish_total", plan().finish().total()), "big-text"));
                box.getChildren().add(Panel.text(book().say("side.finish_steps", plan().finish().steps().size()), "soft"));
            }
            case FIT -> plan().fit().sheets().stream().findFirst().ifPresent(sheet -> {
                big(box, sheet.width(), book().say(sheet.name()), book().say("side.wide"));
                big(box, sheet.height(), "", book().say("side.high"));
            });
            case HANG -> {
                big(box, plan().hang().hookHeight(), book().say(plan().hang().hookHeight().name()), "");
                box.getChildren().add(figureRow(plan().hang().weight().total()));
                plan().hang().wire().ifPresent(wire -> box.getChildren().add(figureRow(wire.tension())));
                box.getChildren().add(figureRow(plan().hang().rating()));
            }
            case LOG -> {
                pieces(box);
            }
        }
    }

    /** Members that are cut alike are counted together, for all frames of the job. */
    private void pieces(VBox box) {
        for (List<Member> group : plan().frame().alike()) {
            Member member = group.getFirst();
            String names = plan().frame().isFourSquare() ? group.stream().map(m -> book().say(m.side().words())).collect(Collectors.joining(", "))
                    : group.stream().map(m -> m.side().letters()).distinct().collect(Collectors.joining(", "));
            HBox row = big(box, member.longPoint(), names.substring(0, 1).toUpperCase(Locale.ROOT) + names.substring(1), "");
            row.getChildren().addFirst(count(group.size() * plan().job().quantity()));
            VBox words = (VBox) row.getChildren().getLast();
            boolean plain = member.longPoint().value().equals(member.shortPoint().value()) && member.left().isSquare() && member.right().isSquare();
            words.getChildren().setAll(plain ? List.of(Panel.text(book().say("sheet.square_ends"), "soft"))
                    : List.of(Panel.text(book().say("tag.long_point"), "soft"), Panel.text(book().say("sheet.short", member.shortPoint()), "soft")));
        }
        List<Member> pieces = plan().frame().pieces().toList();
        Member first = pieces.getFirst();
        boolean same = pieces.stream().allMatch(m -> m.left().isSetLike(first.left()) && m.right().isSetLike(first.left()));
        Label saw = same ? Panel.text(book().write(first.left().swing()), "big-angle") : Panel.text(swings(), "big-text");
        VBox words = new VBox(Panel.text(Labels.get(same ? "side.saw_both" : "side.saw_differs"), "soft"), Panel.text(Labels.get("side.saw_lie"), "soft"));
        HBox row = new HBox(10, saw, words);
        row.setAlignment(Pos.CENTER_LEFT);
        saw.setMinWidth(Region.USE_PREF_SIZE);
        box.getChildren().add(row);
        plan().cuts().share().ifPresent(share -> box.getChildren().add(figureRow(share)));
        box.getChildren().add(figureRow(plan().hang().weight().total()));
    }

    /** Every setting the saw is to have, where one would mislead. */
    private String swings() {
        return plan().frame().pieces().flatMap(m -> Stream.of(m.left().swing(), m.right().swing()))
                .map(book()::write).distinct().sorted().collect(Collectors.joining("\n"));
    }

    private Label count(int count) {
        return Panel.text(book().say("side.count", count), "count");
    }

    /** A big number that can be pressed for its working. */
    private HBox big(VBox box, Figure<Length> figure, String over, String beside) {
        if (!over.isEmpty()) {
            box.getChildren().add(Panel.text(over, "soft"));
        }
        NumeralView number = new NumeralView();
        number.show(book().numeral(figure), 36 * desk().appearance().textSize() / 100.0,
                Painter.colour(desk().appearance().palette().rgb(Ink.INK)));
        Button button = new Button();
        button.setGraphic(number);
        button.getStyleClass().add("big-figure");
        button.setId("big-" + figure.id().replace('.', '-'));
        button.setAccessibleText(book().say(figure.name()) + ": " + book().write(figure));
        button.setOnAction(_ -> desk().select(figure.key()));
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
            box.getChildren().add(Panel.spread(Panel.text(sign + book().say(line.words())), Panel.text(book().exactly(line.amount()), "strong")));
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
        List<Finding> here = new ArrayList<>(plan().findings(desk().station()));
        plan().findings().stream().filter(f -> !here.contains(f)).forEach(here::add);
        for (Finding finding : here) {
            box.getChildren().add(finding(finding));
        }
        if (here.isEmpty()) {
            box.getChildren().add(Panel.text(book().say("text.no_findings"), "finding", "good"));
        }
    }

    private Node finding(Finding finding) {
        VBox card = new VBox(2);
        card.getStyleClass().addAll("finding", finding.severity().name().toLowerCase(Locale.ROOT));
        String where = finding.station() == desk().station() ? "" : " · " + book().say(Phrasebook.keyOf(finding.station()));
        card.getChildren().addAll(Panel.text(book().say(Phrasebook.keyOf(finding.severity())) + where, "severity"),
                Panel.text(book().say(finding.what())), Panel.text(book().say(finding.cure()), "soft"));
        finding.remedy().ifPresent(remedy -> {
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
