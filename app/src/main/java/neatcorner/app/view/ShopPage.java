package neatcorner.app.view;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Sheet;

/** The shop: what lies on the rack, and what a job is made with. One place, one line a part of it. */
final class ShopPage extends VBox {
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private static final double WIDE_ENOUGH = 680;
    private final Desk desk;
    private final StockList stock;
    private final Button back = new Button();
    private final StackPane shown = new StackPane();
    private final List<Part> parts;
    private Part here;

    /** A part of the shop: its button, what it shows and how that follows the shop. */
    private record Part(Button button, Runnable chosen, Node content, Runnable update) {
    }

    ShopPage(Desk desk, FilePort files, Consumer<String> say) {
        this.desk = desk;
        this.stock = new StockList(desk, files, say);
        getStyleClass().add("shop-page");
        this.parts = List.of(
                stock("all", _ -> true),
                stock("sticks", StockRow.Sticks.class::isInstance),
                stock("off_cuts", row -> row instanceof StockRow.Item(OffCut _)),
                stock("boards", row -> row instanceof StockRow.Item(Board _)),
                stock("sheets", row -> row instanceof StockRow.Item(Sheet _)),
                panel("clamps", new ClampsPanel(desk)),
                panel("joining", new JoiningPanel(desk)),
                panel("habits", new HabitsPanel(desk)),
                panel("air", new AirPanel(desk)),
                panel("books", new BooksPanel(desk, files)));
        this.here = parts.getFirst();
        back.setId("back-to-job");
        back.getStyleClass().add("quiet");
        back.setMinWidth(USE_PREF_SIZE);
        back.setOnAction(_ -> desk.show(Page.JOB));
        Label heading = new Label(Labels.get("shop.heading"));
        heading.getStyleClass().add("heading");
        heading.setMinWidth(USE_PREF_SIZE);
        FlowPane head = new FlowPane(6, 6, back, heading);
        FlowPane.setMargin(heading, new Insets(0, 8, 0, 8));
        parts.forEach(part -> head.getChildren().add(part.button));
        head.getStyleClass().addAll("card", "padded");
        VBox.setVgrow(shown, Priority.ALWAYS);
        getChildren().addAll(head, shown);
        go(here);
    }

    private Part stock(String name, Predicate<StockRow> kind) {
        return part(name, () -> stock.only(kind), stock, stock::update);
    }

    private Part panel(String name, Panel panel) {
        ScrollPane pane = new ScrollPane(panel);
        pane.setId("shop-" + name + "-panel");
        pane.setFitToWidth(true);
        pane.getStyleClass().add("card");
        pane.setMaxWidth(WIDE_ENOUGH);
        StackPane.setAlignment(pane, Pos.TOP_LEFT);
        return part(name, () -> { }, pane, panel::update);
    }

    private Part part(String name, Runnable chosen, Node content, Runnable update) {
        Button button = new Button(Labels.get("shop.part." + name));
        button.setId("shop-" + name.replace('_', '-'));
        button.getStyleClass().add("part");
        Part part = new Part(button, chosen, content, update);
        button.setOnAction(_ -> go(part));
        return part;
    }

    private void go(Part part) {
        here = part;
        parts.forEach(other -> other.button.pseudoClassStateChanged(ON, other == part));
        part.chosen.run();
        shown.getChildren().setAll(part.content);
        update();
    }

    /** Everything the shop keeps, ready to be searched. */
    void find() {
        go(parts.getFirst());
        stock.find();
    }

    void update() {
        back.setText(Labels.get("shop.back", Labels.brief(desk.plan().job().title())));
        here.update.run();
    }
}
