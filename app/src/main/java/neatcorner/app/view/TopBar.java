package neatcorner.app.view;

import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.drawing.Palette;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Unit;

/** The bar at the top: which job, how far it is settled, units, light, the shop, and what can be written. */
final class TopBar extends HBox {
    /** Below this, at the usual size of text, the bar needs the room of the program's name. */
    private static final double WIDE = 1070;
    /** At the usual size of text all buttons and a short title are so wide. */
    private static final double FULL = 920;
    private static final double LETTERS = 13;
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private final Desk desk;
    private final Label brand = new Label("Neat Corner");
    private final Label title = new Label();
    private final Label order = new Label();
    private final Button inch = button("inch", () -> look(Unit.INCH));
    private final Button mm = button("mm", () -> look(Unit.MM));
    private final Button settle;
    private final Button light;
    private final Button shop;
    private final Button unsaved;

    /**
     * The bar of a desk.
     *
     * @param say  tells the maker why something was refused
     * @param jobs shows or hides the jobs
     * @param help shows the keys
     */
    TopBar(Desk desk, Papers papers, Consumer<String> say, Runnable jobs, Runnable help) {
        super(10);
        this.desk = desk;
        this.settle = button("settle", () -> desk.toggleSettled().ifPresent(say));
        this.light = button("light", () -> desk.look(desk.appearance().inOtherLight()));
        this.shop = button("shop", () -> desk.show(Page.SHOP));
        this.unsaved = button("unsaved", desk::saveAgain);
        shop.setText(Labels.get("bar.shop"));
        Button bench = button("to-bench", () -> desk.show(Page.BENCH));
        bench.setText(Labels.get("bar.bench"));
        bench.setAccessibleText(Labels.get("bench.go"));
        bench.setTooltip(new Tooltip(Labels.get("bench.go")));
        unsaved.getStyleClass().add("unsaved");
        HBox units = new HBox(inch, mm);
        units.getStyleClass().add("units");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        Button keys = button("help", help);
        keys.setText("F1");
        keys.setAccessibleText(Labels.get("bar.help"));
        Button sheet = button("sheet", papers::sheet);
        sheet.setText(Labels.get("bar.sheet"));
        sheet.getStyleClass().add("main-action");
        MenuButton more = new MenuButton(Labels.get("bar.write"));
        more.setId("write");
        more.setOnShowing(_ -> papers.offer(more));
        Polygon mark = new Polygon(0, 0, 20, 0, 14, 7, 7, 7, 7, 14, 0, 20);
        mark.getStyleClass().add("mark");
        brand.getStyleClass().add("brand");
        getChildren().setAll(
                mark, brand, job(jobs), between, unsaved, settle, units, light, shop, bench, keys, more, sheet);
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().add("bar");
    }

    private static Button button(String id, Runnable action) {
        Button button = new Button();
        button.setId(id);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private Button job(Runnable jobs) {
        title.getStyleClass().add("bar-title");
        order.getStyleClass().add("bar-order");
        VBox words = new VBox(title, order);
        words.setAlignment(Pos.CENTER_LEFT);
        Button job = button("open-jobs", jobs);
        job.getStyleClass().add("job-title");
        job.setGraphic(words);
        job.setAccessibleText(Labels.get("bar.jobs"));
        return job;
    }

    private void look(Unit unit) {
        desk.look(desk.appearance().in(unit));
    }

    /** Reads the desk anew. */
    void update() {
        title.setText(desk.plan().job().title());
        order.setText(desk.plan().job().order());
        order.setManaged(!order.getText().isEmpty());
        Graduation graduation = desk.appearance().graduation();
        boolean inches = graduation.unit() == Unit.INCH;
        String marks = Labels.get("unit." + graduation.name().toLowerCase(Locale.ROOT));
        inch.setText(inches ? marks : Labels.get("unit.inch"));
        mm.setText(inches ? Labels.get("unit.mm") : marks);
        inch.pseudoClassStateChanged(ON, inches);
        mm.pseudoClassStateChanged(ON, !inches);
        light.setText(Labels.get(desk.appearance().palette() == Palette.DAY ? "bar.evening" : "bar.day"));
        settle.setText(Labels.get(desk.isSettled() ? "bar.settled" : "bar.settle"));
        settle.pseudoClassStateChanged(ON, desk.isSettled());
        settle.setVisible(!desk.isInShop());
        shop.pseudoClassStateChanged(ON, desk.page() == Page.SHOP);
        updateUnsaved();
    }

    private void updateUnsaved() {
        Optional<String> why = desk.unsaved();
        unsaved.setText(Labels.get("bar.unsaved"));
        unsaved.setAccessibleText(Labels.get("bar.unsaved") + ". " + why.orElse(""));
        unsaved.setTooltip(why.map(Tooltip::new).orElse(null));
        unsaved.setVisible(why.isPresent());
        unsaved.setManaged(why.isPresent());
    }

    /** Makes do with a window of this width: letters grow with the text as far as every button keeps its words. */
    void fit(double width) {
        double wanted = desk.appearance().textSize() / 100.0;
        brand.setVisible(width > WIDE * wanted);
        brand.setManaged(brand.isVisible());
        setStyle("-fx-font-size: " + LETTERS * Math.min(wanted, Math.max(1, width / FULL)) + "px;");
    }
}
