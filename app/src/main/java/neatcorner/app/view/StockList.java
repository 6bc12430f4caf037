package neatcorner.app.view;

import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.transformation.FilteredList;
import javafx.collections.transformation.SortedList;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableCell;
import javafx.scene.control.TableColumn;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Unit;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Rack;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.FileRefused;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.sheet.LabelSheet;
import neatcorner.files.sheet.SheetSize;
import neatcorner.files.text.RackCsv;
import org.jspecify.annotations.Nullable;

/**
 * All wood and sheets the shop keeps, sticks by their moulding and everything with a label by itself: searched, sorted,
 * one of them beside the list with its picture, its prices and what it makes.
 */
final class StockList extends HBox {
    private static final long LARGEST = 16L << 20;
    /** So many lines are left in sight over the one that is shown first. */
    private static final int ROWS_ABOVE = 4;
    private final Desk desk;
    private final FilePort files;
    private final Consumer<String> say;
    private final ObservableList<StockRow> items = FXCollections.observableArrayList();
    private final FilteredList<StockRow> found = new FilteredList<>(items);
    private final TableView<StockRow> table = new TableView<>();
    private final TextField search = new TextField();
    private final Label count = new Label();
    private final VBox questions = new VBox(6);
    private final ScrollPane detailPane = new ScrollPane();
    private List<StockRow> known = List.of();
    private Predicate<StockRow> kind = _ -> true;
    private @Nullable Panel detail;
    private String shown = "";

    StockList(Desk desk, FilePort files, Consumer<String> say) {
        this.desk = desk;
        this.files = files;
        this.say = say;
        getStyleClass().add("shop-page");
        SortedList<StockRow> sorted = new SortedList<>(found);
        sorted.comparatorProperty().bind(table.comparatorProperty());
        table.setItems(sorted);
        table.setId("rack-table");
        table.setAccessibleText(Labels.get("shop.part.all"));
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        Phrasebook book = desk.book();
        column(
                "rack.label",
                54,
                StockRow::label,
                Comparator.comparing(StockRow::serial).thenComparing(StockRow::label));
        column("rack.what", 150, row -> row.what(desk.book()), Comparator.comparing(row -> row.what(book)));
        column("rack.size", 240, row -> row.size(desk.book()), Comparator.comparingDouble(StockRow::extent));
        column(
                "rack.price",
                148,
                row -> row.price(desk.book(), desk.shop().currency()),
                Comparator.comparingLong(StockRow::minor));
        column("rack.shelf", 86, StockRow::shelf, Comparator.comparing(StockRow::shelf));
        table.setPlaceholder(new Label(Labels.get("rack.nothing")));
        table.getSelectionModel().selectedItemProperty().addListener((_, _, row) -> open(row));
        search.setId("rack-search");
        search.setPromptText(Labels.get("rack.search"));
        search.setAccessibleText(Labels.get("rack.search"));
        search.textProperty().addListener((_, _, _) -> filter());
        search.setOnKeyPressed(key -> {
            if (key.getCode() == KeyCode.ESCAPE && !search.getText().isEmpty()) {
                search.clear();
                key.consume();
            }
        });
        HBox.setHgrow(search, Priority.ALWAYS);
        count.getStyleClass().add("soft");
        count.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(10, search, count);
        head.setAlignment(Pos.CENTER_LEFT);
        VBox left = new VBox(8, head, table, questions, tools());
        left.getStyleClass().addAll("card", "padded");
        VBox.setVgrow(table, Priority.ALWAYS);
        HBox.setHgrow(left, Priority.ALWAYS);
        left.setPrefWidth(690);
        detailPane.setFitToWidth(true);
        detailPane.getStyleClass().add("card");
        detailPane.setId("rack-item");
        detailPane.setPrefWidth(560);
        HBox.setHgrow(detailPane, Priority.ALWAYS);
        getChildren().addAll(left, detailPane);
    }

    private void column(String name, double width, Function<StockRow, String> text, Comparator<StockRow> order) {
        TableColumn<StockRow, StockRow> column = new TableColumn<>(Labels.get(name));
        column.setPrefWidth(width);
        column.setMinWidth(width * 0.7);
        column.setCellValueFactory(cell -> new ReadOnlyObjectWrapper<>(cell.getValue()));
        column.setComparator(order);
        column.setCellFactory(_ -> new TableCell<>() {
            @Override
            protected void updateItem(StockRow item, boolean empty) {
                super.updateItem(item, empty);
                setText(empty || item == null ? "" : Phrasebook.unbroken(text.apply(item)));
            }
        });
        table.getColumns().add(column);
    }

    private FlowPane tools() {
        FlowPane tools = new FlowPane(6, 6);
        tools.getChildren()
                .addAll(
                        button(
                                "rack.add_off_cut",
                                () -> add(
                                        "C",
                                        label -> new OffCut(
                                                label,
                                                desk.shop()
                                                        .mouldings()
                                                        .getFirst()
                                                        .section(),
                                                Length.inches(24),
                                                List.of(),
                                                "",
                                                ""))),
                        button(
                                "rack.add_board",
                                () -> add(
                                        "B",
                                        label -> new Board(
                                                label,
                                                Species.POPLAR,
                                                Length.inches(96),
                                                Length.inches(6),
                                                Length.inches(1),
                                                Optional.empty(),
                                                "",
                                                List.of(),
                                                Optional.empty(),
                                                "",
                                                Board.Condition.ROUGH))),
                        button(
                                "rack.add_sheet",
                                () -> add(
                                        "S",
                                        label -> new Sheet(
                                                label,
                                                Material.PICTURE_GLASS,
                                                Length.inches(36),
                                                Length.inches(48),
                                                Material.PICTURE_GLASS.usualThickness(),
                                                1,
                                                true,
                                                Sheet.Grain.NONE,
                                                "",
                                                Optional.empty(),
                                                ""))),
                        button(
                                "rack.labels",
                                () -> write(
                                        "labels.pdf",
                                        () -> LabelSheet.write(
                                                here(),
                                                desk.book(),
                                                desk.book().graduation().unit() == Unit.INCH
                                                        ? SheetSize.LETTER
                                                        : SheetSize.A4))),
                        button(
                                "rack.export",
                                () -> write(
                                        "rack.csv",
                                        () -> RackCsv.write(labelled()).getBytes(StandardCharsets.UTF_8))),
                        button("rack.import", this::takeIn));
        return tools;
    }

    private Button button(String key, Runnable does) {
        Button button = new Button(Labels.get(key));
        button.getStyleClass().add("quiet");
        button.setId(key.replace('.', '-').replace('_', '-'));
        button.setOnAction(_ -> does.run());
        return button;
    }

    private void add(String letter, Function<String, RackItem> make) {
        if (letter.equals("C") && desk.shop().mouldings().isEmpty()) {
            say.accept(Labels.get("rack.no_moulding"));
            return;
        }
        RackItem item = make.apply(desk.shop().rack().freeLabels(letter, 1).getFirst());
        search.clear();
        desk.edit(new ShopEdit.Shelve(List.of(item))).ifPresentOrElse(say, () -> choose(item.label()));
    }

    private void choose(String key) {
        table.getItems().stream().filter(row -> row.key().equals(key)).findFirst().ifPresent(row -> {
            table.getSelectionModel().select(row);
            table.scrollTo(row);
        });
    }

    /** Those in the list that have a label. */
    /** What a yard sells has no label to stick on. */
    private List<RackItem> here() {
        return labelled().stream()
                .filter(item -> !(item instanceof Board board && board.forSale()))
                .toList();
    }

    private List<RackItem> labelled() {
        return found.stream()
                .filter(StockRow.Item.class::isInstance)
                .map(row -> ((StockRow.Item) row).item())
                .toList();
    }

    private void write(String name, Supplier<byte[]> content) {
        files.whereTo(name).ifPresent(file -> {
            try {
                WholeFile.write(file, content.get());
                say.accept(Labels.get("file.written", file));
            } catch (FileRefused failed) {
                say.accept(Labels.get("file.failed", failed.getMessage()));
            } catch (Refusal failed) {
                say.accept(Labels.get("file.failed", file + ": " + desk.said(failed)));
            }
        });
    }

    /** Good rows come in at once when all are good; else the maker sees what is wrong in which line and decides. */
    private void takeIn() {
        questions.getChildren().clear();
        files.which().ifPresent(file -> {
            try {
                RackCsv.Rows rows = RackCsv.read(WholeFile.readText(file, LARGEST), desk.shop());
                List<String> replaced = replaced(rows.items());
                if (rows.refusals().isEmpty() && replaced.isEmpty()) {
                    shelve(rows.items());
                } else {
                    ask(rows, replaced);
                }
            } catch (FileRefused failed) {
                say.accept(Labels.get("file.unread", failed.getMessage()));
            } catch (Refusal failed) {
                say.accept(Labels.get("file.unread", file + ": " + desk.said(failed)));
            }
        });
    }

    /** Labels of things on the rack in whose place something else would come. */
    private List<String> replaced(List<RackItem> more) {
        Rack rack = desk.shop().rack();
        return more.stream()
                .filter(item -> rack.item(item.label())
                        .filter(there -> !there.equals(item))
                        .isPresent())
                .map(RackItem::label)
                .toList();
    }

    private void ask(RackCsv.Rows rows, List<String> replaced) {
        if (!rows.refusals().isEmpty()) {
            questions
                    .getChildren()
                    .add(Panel.text(
                            Labels.get(
                                    "rack.bad_rows",
                                    rows.refusals().size(),
                                    rows.items().size()),
                            "strong"));
            rows.refusals().stream()
                    .limit(8)
                    .forEach(line ->
                            questions.getChildren().add(Panel.text(desk.book().say(line), "refusal")));
        }
        if (!replaced.isEmpty()) {
            questions
                    .getChildren()
                    .add(Panel.text(
                            Labels.get(
                                    "rack.replaced",
                                    replaced.size(),
                                    String.join(", ", replaced.subList(0, Math.min(8, replaced.size())))),
                            "strong"));
        }
        Button take = button(rows.refusals().isEmpty() ? "rack.take_all" : "rack.take_good", () -> {
            questions.getChildren().clear();
            shelve(rows.items());
        });
        take.setDisable(rows.items().isEmpty());
        questions.getChildren().add(new HBox(6, take, button("rack.take_none", () -> questions.getChildren().clear())));
    }

    private void shelve(List<RackItem> more) {
        if (!more.isEmpty()) {
            desk.edit(new ShopEdit.Shelve(more))
                    .ifPresentOrElse(say, () -> say.accept(Labels.get("rack.taken_in", more.size())));
        }
    }

    /** Only rows of this kind from now on. */
    void only(Predicate<StockRow> other) {
        kind = other;
        filter();
        table.refresh();
    }

    /** Every word must be found; the code of a label finds that label alone. */
    private void filter() {
        String wanted = search.getText().strip();
        if (wanted.startsWith(LabelSheet.CODE)) {
            String label = wanted.substring(LabelSheet.CODE.length());
            found.setPredicate(row -> row.label().equals(label));
            choose(label);
        } else {
            List<String> words = List.of(wanted.toLowerCase(Locale.ROOT).split("\\s+"));
            found.setPredicate(row ->
                    kind.test(row) && words.stream().allMatch(row.searched(desk.book())::contains));
        }
        count.setText(Labels.get("rack.count", found.size(), items.size()));
    }

    void find() {
        search.requestFocus();
        search.selectAll();
    }

    private void open(@Nullable StockRow row) {
        if (row == null) {
            return;
        }
        String what = row.getClass().getSimpleName() + " " + row.key();
        if (detail == null || !shown.equals(what) || detail instanceof RackDetail<?> old && !old.isOf(row)) {
            shown = what;
            detail = switch (row) {
                case StockRow.Sticks sticks -> new MouldingDetail(desk, sticks.moulding().section());
                case StockRow.Item item -> RackDetail.of(desk, item.item());
            };
            detailPane.setContent(detail);
        }
        detail.update();
    }

    /** Whether the plan of the job in hand takes something from it: such a board is what one comes to see first. */
    private static boolean isUsed(StockRow row, Milling milling) {
        return row instanceof StockRow.Item(Board _)
                && milling.boards().stream()
                        .anyMatch(board -> board.label().equals(row.label()));
    }

    /** What the job in hand is milled from, else the first; not before that is known. */
    private void chooseFirst() {
        Milling milling = desk.cuts().milling();
        if (desk.cuts().isMilling()) {
            return;
        }
        Node focused = getScene() == null ? null : getScene().getFocusOwner();
        table.getSelectionModel()
                .select(table.getItems().stream()
                        .filter(row -> isUsed(row, milling))
                        .findFirst()
                        .orElse(table.getItems().getFirst()));
        table.scrollTo(Math.max(0, table.getSelectionModel().getSelectedIndex() - ROWS_ABOVE));
        if (focused != null) {
            focused.requestFocus();
        }
    }

    void update() {
        List<StockRow> now = Stream.<StockRow>concat(
                        desk.shop().mouldings().stream().map(StockRow.Sticks::new),
                        desk.shop().rack().items().stream().map(StockRow.Item::new))
                .toList();
        if (!now.equals(known)) {
            Optional<String> chosen = Optional.ofNullable(
                            table.getSelectionModel().getSelectedItem())
                    .map(StockRow::key);
            known = now;
            items.setAll(now);
            filter();
            chosen.ifPresent(this::choose);
        }
        table.refresh();
        if (table.getSelectionModel().isEmpty() && !table.getItems().isEmpty()) {
            chooseFirst();
        }
        if (detail != null) {
            detail.update();
        }
    }
}
