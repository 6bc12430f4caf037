package neatcorner.app.view;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Aside;
import neatcorner.core.cut.Makes;
import neatcorner.core.cut.SheetLot;
import neatcorner.core.measure.Money;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.text.MillText;

/** What is said beside boards and sheets that are laid out. */
final class StockRows {
    private StockRows() {
    }

    /** Where the wood of the boards goes, and the strips that no board gives, by reason. */
    static void milling(Panel panel, VBox box, Milling milling) {
        MillText.balance(milling, panel.book())
                .forEach(line -> box.getChildren()
                        .add(Panel.spread(Panel.text(line.what(), "soft"), Panel.text(line.volume(), "strong"))));
        MillText.bought(milling, panel.desk().cuts().asMoulding(), panel.desk().shop(), panel.book())
                .forEach(said -> box.getChildren().add(Panel.text(said, "strong")));
        MillText.spread(milling, panel.book()).forEach(said -> box.getChildren().add(Panel.text(said, "soft")));
        MillText.missing(milling, panel.book()).forEach(said -> box.getChildren().add(Panel.text(said, "soft")));
    }

    /** The list boards are milled by, each step with what is looked out for. */
    static void list(Panel panel, VBox box, Milling milling, Shop shop) {
        for (MillText.Part part : MillText.list(milling, shop.habits(), panel.book())) {
            box.getChildren().add(Panel.text(part.title(), "heading"));
            for (MillText.Step step : part.steps()) {
                box.getChildren().add(Panel.text(step.what(), "strong"));
                step.said().forEach(note -> box.getChildren().add(Panel.text(note, "soft")));
            }
            part.left().forEach(left -> box.getChildren().add(Panel.text(left, "soft")));
        }
    }

    /**
     * What some sticks make.
     *
     * @param of    which sticks, where there are several to tell apart
     * @param makes what; empty when the words say it all
     */
    record Lines(Optional<Words> of, Optional<Makes> makes) {
        Lines(Optional<Words> of, Makes makes) {
            this(of, Optional.of(makes));
        }
    }

    /** The largest frames and the standard sizes that some sticks make. */
    static void makes(Panel panel, VBox box, Makes makes) {
        Phrasebook book = panel.book();
        if (makes.largest().isEmpty()) {
            box.getChildren().add(Panel.text(Labels.get("rack.makes_nothing"), "soft"));
            return;
        }
        box.getChildren()
                .add(Panel.text(Labels.get(
                        "rack.makes_largest",
                        makes.largest().stream()
                                .map(s -> book.write(s.width()) + " × " + book.write(s.height()))
                                .collect(Collectors.joining(", ")))));
        box.getChildren()
                .add(Panel.text(
                        makes.sizes().isEmpty()
                                ? Labels.get("rack.makes_no_standard")
                                : Labels.get(
                                        "rack.makes_standard",
                                        makes.sizes().stream()
                                                .map(s -> book.say(
                                                        "rack.makes_size",
                                                        s.count(),
                                                        book.exactly(s.width()),
                                                        book.exactly(s.height())))
                                                .collect(Collectors.joining(", ")))));
    }

    /**
     * A button that asks what sticks or boards make; the answer is worked out beside the window and stays as long as
     * what it depends on does.
     */
    static <K> void asked(
            Panel panel, VBox box, Aside<K, List<Lines>> aside, K key, String question, Supplier<List<Lines>> work) {
        if (!aside.isAsked(key)) {
            Button ask = new Button(question);
            ask.getStyleClass().add("quiet");
            ask.setOnAction(_ -> {
                aside.ask(key, _ -> work.get(), panel::update);
                panel.update();
            });
            box.getChildren().add(ask);
            return;
        }
        box.getChildren().add(Panel.text(question, "heading"));
        if (aside.answer(key).isEmpty()) {
            box.getChildren().add(Panel.text(Labels.get("cuts.asking"), "soft"));
        }
        for (Lines lines : aside.answer(key).orElse(List.of())) {
            lines.of.ifPresent(of -> box.getChildren().add(Panel.text(panel.book().say(of), "strong")));
            lines.makes.ifPresent(makes -> makes(panel, box, makes));
        }
    }

    /**
     * Of every material the panes, the sheets they take and how good that is; first those with panes that no sheet
     * holds.
     */
    static void sheets(Panel panel, VBox box, List<SheetLot> lots, String currency) {
        Phrasebook book = panel.book();
        for (SheetLot lot : lots.stream().sorted(Comparator.comparing(lot -> lot.tooLarge().isEmpty())).toList()) {
            VBox rows = new VBox(1);
            rows.getStyleClass().add("option");
            rows.getChildren().add(Panel.text(book.say(lot.kind().words()), "strong"));
            lot.problem()
                    .ifPresent(problem -> lot.answer().ifPresent(answer -> {
                        int panes = problem.panes().stream()
                                .mapToInt(SheetProblem.Pane::count)
                                .sum();
                        List<SheetAnswer.Laid> bought =
                                answer.sheets().stream().filter(lot::isBought).toList();
                        rows.getChildren()
                                .add(Panel.text(
                                        book.say(
                                                "cuts.sheet_lot",
                                                panes,
                                                answer.sheets().size()),
                                        "soft"));
                        if (!bought.isEmpty()) {
                            rows.getChildren()
                                    .add(Panel.text(
                                            book.say(
                                                    "cuts.sheets_bought",
                                                    bought.size(),
                                                    new Money(answer.cost(), currency).text()),
                                            "soft"));
                        }
                        rows.getChildren()
                                .add(Panel.text(
                                        book.say(SheetLot.proof(List.of(lot)).words()), "soft"));
                    }));
            lot.tooLarge()
                    .forEach(pane -> rows.getChildren()
                            .add(Panel.text(
                                    book.say("cuts.sheet_none", pane.name(), pane.width(), pane.height()),
                                    "severity")));
            box.getChildren().add(rows);
        }
    }
}
