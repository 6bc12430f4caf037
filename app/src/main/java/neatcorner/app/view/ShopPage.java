package neatcorner.app.view;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.StackPane;
import neatcorner.app.desk.Desk;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Sheet;

/** The shop: what lies on the rack, and what a job is made with. One place, one line a part of it. */
final class ShopPage extends PartedPage {
    private static final double WIDE_ENOUGH = 680;
    private final StockList stock;
    private final Part everything;

    ShopPage(Desk desk, FilePort files, Consumer<String> say) {
        super(desk, "shop");
        this.stock = new StockList(desk, files, say);
        this.everything = stock("all", _ -> true);
        consistOf(List.of(
                everything,
                stock("sticks", StockRow.Sticks.class::isInstance),
                stock("off_cuts", row -> row instanceof StockRow.Item(OffCut _)),
                stock("boards", row -> row instanceof StockRow.Item(Board _)),
                stock("sheets", row -> row instanceof StockRow.Item(Sheet _)),
                panel("machines", new MachinesPanel(desk)),
                panel("clamps", new ClampsPanel(desk)),
                panel("joining", new JoiningPanel(desk)),
                panel("habits", new HabitsPanel(desk)),
                panel("air", new AirPanel(desk)),
                panel("books", new BooksPanel(desk, files))));
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

    /** Everything the shop keeps, ready to be searched. */
    void find() {
        go(everything);
        stock.find();
    }
}
