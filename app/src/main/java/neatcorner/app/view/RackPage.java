package neatcorner.app.view;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
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
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.Unit;
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

/** What lies on the rack with a label: searched, sorted, one item beside the list with its picture. */
final class RackPage extends HBox {
    private static final long LARGEST = 16L << 20;
    private final Desk desk;
    private final FilePort files;
    private final Consumer<String> say;
    private final ObservableList<RackItem> items = FXCollections.observableArrayList();
    private final FilteredList<RackItem> found = new FilteredList<>(items);
    private final TableView<RackItem> table = new TableView<>();
    private final TextField search = new TextField();
    private final Label count = new Label();
    private final VBox questions = new VBox(6);
    private final ScrollPane detailPane = new ScrollPane();
    private List<RackItem> known = List.of();
    private @Nullable RackDetail detail;

    RackPage(Desk desk, FilePort files, Consumer<String> say) {
        this.desk = desk;
        this.files = files;
        this.say = say;
        getStyleClass().add("shop-page");
        SortedList<RackItem> sorted = new SortedList<>(found);
        sorted.comparatorProperty().bind(table.comparatorProperty());
        table.setItems(sorted);
        table.setId("rack-table");
        table.setColumnResizePolicy(TableView.CONSTRAINED_RESIZE_POLICY_FLEX_LAST_COLUMN);
        column(
                "rack.label",
                62,
                RackItem::label,
                Comparator.comparing(RackPage::serial).thenComparing(RackItem::label));
        column("rack.what", 150, this::what, Comparator.comparing(this::what));
        column("rack.size", 228, this::size, Comparator.comparingDouble(RackPage::extent));
        column("rack.price", 148, this::price, Comparator.comparing(this::price));
        column("rack.shelf", 86, RackItem::shelf, Comparator.comparing(RackItem::shelf));
        table.setPlaceholder(new Label(Labels.get("rack.nothing")));
        table.getSelectionModel().selectedItemProperty().addListener((_, _, item) -> open(item));
        search.setId("rack-search");
        search.setPromptText(Labels.get("rack.search"));
        search.setAccessibleText(Labels.get("rack.search"));
        search.textProperty().addListener((_, _, text) -> filter(text));
        HBox.setHgrow(search, Priority.ALWAYS);
        count.getStyleClass().add("soft");
        count.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(10, heading(), search, count);
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

    private static Label heading() {
        Label heading = new Label(Labels.get("rack.heading"));
        heading.getStyleClass().add("heading");
        heading.setMinWidth(USE_PREF_SIZE);
        return heading;
    }

    private void column(String name, double width, Function<RackItem, String> text, Comparator<RackItem> order) {
        TableColumn<RackItem, RackItem> column = new TableColumn<>(Labels.get(name));
        column.setPrefWidth(width);
        column.setCellValueFactory(cell -> new ReadOnlyObjectWrapper<>(cell.getValue()));
        column.setComparator(order);
        column.setCellFactory(_ -> new TableCell<>() {
            @Override
            protected void updateItem(RackItem item, boolean empty) {
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
                                                ""))),
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
                                                List.copyOf(found),
                                                desk.book(),
                                                desk.book().graduation().unit() == Unit.INCH
                                                        ? SheetSize.LETTER
                                                        : SheetSize.A4))),
                        button(
                                "rack.export",
                                () -> write(
                                        "rack.csv",
                                        () -> RackCsv.write(List.copyOf(found)).getBytes(StandardCharsets.UTF_8))),
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

    private void choose(String label) {
        table.getItems().stream().filter(item -> item.label().equals(label)).findFirst().ifPresent(item -> {
            table.getSelectionModel().select(item);
            table.scrollTo(item);
        });
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

    /** Every word must be found; the code of a label finds that label alone. */
    private void filter(String text) {
        String wanted = text.strip();
        if (wanted.startsWith(LabelSheet.CODE)) {
            String label = wanted.substring(LabelSheet.CODE.length());
            found.setPredicate(item -> item.label().equals(label));
            choose(label);
        } else {
            List<String> words = List.of(wanted.toLowerCase(Locale.ROOT).split("\\s+"));
            found.setPredicate(item -> words.stream().allMatch(text(item)::contains));
        }
        count.setText(Labels.get("rack.count", found.size(), items.size()));
    }

    private String text(RackItem item) {
        return (item.label() + " " + what(item) + " " + item.shelf() + " " + switch (item) {
            case OffCut cut -> cut.batch();
            case Board board -> board.grade();
            case Sheet sheet -> sheet.face();
        }).toLowerCase(Locale.ROOT);
    }

    private String what(RackItem item) {
        return switch (item) {
            case OffCut cut -> cut.section().name();
            case Board board ->
                Labels.get("rack.board_of", desk.book().say(board.species().words()));
            case Sheet sheet ->
                desk.book().say(Phrasebook.keyOf(sheet.material()))
                        + (sheet.face().isEmpty() ? "" : ", " + sheet.face());
        };
    }

    private String size(RackItem item) {
        Phrasebook book = desk.book();
        return switch (item) {
            case OffCut cut ->
                book.exactly(cut.length())
                        + (cut.defects().isEmpty()
                                ? ""
                                : Labels.get("rack.with_defects", cut.defects().size()));
            case Board board ->
                sides(board.length(), board.width(), board.thickness())
                        + (board.defects().isEmpty()
                                ? ""
                                : Labels.get(
                                        "rack.with_defects", board.defects().size()));
            case Sheet sheet -> Labels.get("rack.sheets", sheet.count(), sides(sheet.width(), sheet.height()));
        };
    }

    /** The unit stands once, at the end. */
    private String sides(Length... sides) {
        String all = Arrays.stream(sides).map(desk.book()::exactly).collect(Collectors.joining(" × "));
        return all.replaceAll(" mm(?= )", "");
    }

    private String price(RackItem item) {
        return item.price()
                .map(p -> new Money(p.minor(), desk.shop().currency()).text() + " "
                        + Labels.get("per." + p.per().name().toLowerCase(Locale.ROOT)))
                .orElse("");
    }

    private static double extent(RackItem item) {
        return switch (item) {
            case OffCut cut -> cut.length().toMm();
            case Board board -> board.length().toMm() * board.width().toMm();
            case Sheet sheet -> sheet.width().toMm() * sheet.height().toMm();
        };
    }

    /** So that C-9 comes before C-10. */
    private static int serial(RackItem item) {
        String digits = item.label().replaceAll("\\D", "");
        return digits.isEmpty() || digits.length() > 8 ? Integer.MAX_VALUE : Integer.parseInt(digits);
    }

    private void open(@Nullable RackItem item) {
        if (item == null) {
            return;
        }
        if (detail == null || !detail.label().equals(item.label()) || !detail.isOf(item)) {
            detail = new RackDetail(desk, item);
            detailPane.setContent(detail);
        }
        detail.update();
    }

    /** Whether the plan of the job in hand takes something from it: such a board is what one comes to see first. */
    private boolean isUsed(RackItem item) {
        return item instanceof Board
                && desk.cuts().milling().boards().stream()
                        .anyMatch(board -> board.label().equals(item.label()));
    }

    void update() {
        List<RackItem> now = desk.shop().rack().items();
        if (!now.equals(known)) {
            Optional<String> chosen = Optional.ofNullable(
                            table.getSelectionModel().getSelectedItem())
                    .map(RackItem::label);
            known = now;
            items.setAll(now);
            filter(search.getText());
            chosen.ifPresent(this::choose);
        }
        table.refresh();
        if (table.getSelectionModel().isEmpty() && !table.getItems().isEmpty()) {
            Node focused = getScene() == null ? null : getScene().getFocusOwner();
            table.getSelectionModel()
                    .select(table.getItems().stream()
                            .filter(this::isUsed)
                            .findFirst()
                            .orElse(table.getItems().getFirst()));
            table.scrollTo(0);
            if (focused != null) {
                focused.requestFocus();
            }
        }
        if (detail != null) {
            detail.update();
        }
    }
}
