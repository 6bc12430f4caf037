package neatcorner.app.view;

import java.util.Comparator;
import java.util.List;
import javafx.scene.layout.VBox;
import neatcorner.core.measure.Money;
import neatcorner.core.stock.Milling;
import neatcorner.core.stock.SheetAnswer;
import neatcorner.core.stock.SheetLot;
import neatcorner.core.stock.SheetProblem;
import neatcorner.core.words.Phrasebook;

/** What is said beside boards and sheets that are laid out. */
final class StockRows {
    private StockRows() {
    }

    /** The wood at every step, and the blanks that no board gives. */
    static void milling(Panel panel, VBox box, Milling milling) {
        Phrasebook book = panel.book();
        for (Milling.Step step : Milling.Step.values()) {
            String lost = step == Milling.Step.ROUGH ? "" : book.say("board.lost", milling.lost(step));
            box.getChildren().add(Panel.spread(Panel.text(book.say(Phrasebook.keyOf(step)), "soft"), Panel.text(book.write(milling.wood().get(step)) + lost, "strong")));
        }
        if (milling.missingCount() > 0) {
            box.getChildren().add(Panel.text(Labels.get("rack.milling_missing", milling.missingCount()), "soft"));
        }
    }

    /** Of every material the panes, the sheets they take and how good that is; first those with panes that no sheet holds. */
    static void sheets(Panel panel, VBox box, List<SheetLot> lots, String currency) {
        Phrasebook book = panel.book();
        for (SheetLot lot : lots.stream().sorted(Comparator.comparing(lot -> lot.tooLarge().isEmpty())).toList()) {
            VBox rows = new VBox(1);
            rows.getStyleClass().add("option");
            rows.getChildren().add(Panel.text(book.say(Phrasebook.keyOf(lot.material())), "strong"));
            lot.problem().ifPresent(problem -> lot.answer().ifPresent(answer -> {
                int panes = problem.panes().stream().mapToInt(SheetProblem.Pane::count).sum();
                List<SheetAnswer.Laid> bought = answer.sheets().stream().filter(lot::isBought).toList();
                rows.getChildren().add(Panel.text(book.say("cuts.sheet_lot", panes, answer.sheets().size()), "soft"));
                if (!bought.isEmpty()) {
                    rows.getChildren().add(Panel.text(book.say("cuts.sheets_bought", bought.size(), new Money(answer.cost(), currency).text()), "soft"));
                }
                rows.getChildren().add(Panel.text(book.say(SheetLot.proof(List.of(lot)).words()), "soft"));
            }));
            lot.tooLarge().forEach(pane -> rows.getChildren().add(Panel.text(book.say("cuts.sheet_none", pane.name(), pane.width(), pane.height()), "severity")));
            box.getChildren().add(rows);
        }
    }
}
