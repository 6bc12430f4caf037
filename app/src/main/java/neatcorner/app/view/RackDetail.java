package neatcorner.app.view;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.cut.Makes;
import neatcorner.core.drawing.BoardDrawing;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Thing;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Span;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Phrasebook;

/**
 * One item of the rack: its picture, its numbers to type, and what can be made of it. A board's defects are dragged on
 * its picture.
 */
final class RackDetail extends Panel implements PictureView.Pressing {
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,9}(\\.\\d{0,6})?");
    private final String label;
    private final Class<? extends RackItem> kind;
    private final PictureView picture;
    private final Aside<Shop, List<StockRows.Lines>> pileMakes = new Aside<>();
    private RackItem last;

    RackDetail(Desk desk, RackItem item) {
        super(desk, NoTyping.HERE);
        this.label = item.label();
        this.kind = item.getClass();
        this.last = item;
        this.picture = new PictureView(desk, NoTyping.HERE);
        heading(() -> Labels.get("rack.item", label));
        switch (item) {
            case OffCut _ -> offCut();
            case Board _ -> board();
            case Sheet _ -> sheet();
        }
        line(Labels.get("rack.shelf"), () -> now().shelf(), text -> save(now().withShelf(text.strip())));
        Button away = new Button(Labels.get("rack.take_off"));
        away.getStyleClass().add("quiet");
        away.setId("rack-take-off");
        away.setOnAction(_ -> complain(away, desk.edit(new ShopEdit.Unshelve(List.of(label)))));
        getChildren().add(away);
        switch (item) {
            case OffCut _ -> makes();
            case Board _ -> uses();
            case Sheet _ -> {
            }
        }
    }

    /** Whether what has this label now is still such a thing. */
    boolean isOf(StockRow row) {
        return row instanceof StockRow.Item(RackItem item) && kind.isInstance(item);
    }

    /** The item as it is now; while it is being taken off the rack, as it was. */
    private RackItem now() {
        return desk().shop().rack().item(label).orElseGet(() -> last);
    }

    private Optional<String> save(RackItem item) {
        return desk().edit(new ShopEdit.Shelve(List.of(item)));
    }

    /** A length typed in a line; what cannot be read or must not be is said below it. */
    private <T extends RackItem> void length(
            String key, Class<T> of, Function<T, Length> read, BiFunction<T, Length, RackItem> write) {
        line(
                Labels.get(key),
                () -> book().exactly(read.apply(of.cast(now()))),
                text -> tried(() -> save(write.apply(of.cast(now()), desk().parsed(text)))));
    }

    private void offCut() {
        choice(
                Labels.get("rack.moulding"),
                () -> desk().shop().mouldings().stream().map(Moulding::section).toList(),
                () -> ((OffCut) now()).section(),
                Section::name,
                section -> save(((OffCut) now()).withSection(section)));
        length("rack.length", OffCut.class, OffCut::length, OffCut::withLength);
        line(
                Labels.get("rack.defects"),
                () -> ((OffCut) now())
                        .defects().stream()
                                .map(d -> book().exactly(d.from()) + " – " + book().exactly(d.to()))
                                .collect(Collectors.joining("; ")),
                text -> tried(() -> save(((OffCut) now()).withDefects(spans(text)))));
        line(
                Labels.get("rack.batch"),
                () -> ((OffCut) now()).batch(),
                text -> save(((OffCut) now()).withBatch(text.strip())));
    }

    private List<Span> spans(String text) {
        return Arrays.stream(text.split(";")).map(String::strip).filter(part -> !part.isEmpty()).map(part -> {
            String[] ends = part.split("\\s+[–-]\\s+");
            if (ends.length != 2) {
                throw new Refusal(Words.plain(Labels.get("rack.defects_rule", part)));
            }
            return new Span(desk().parsed(ends[0]), desk().parsed(ends[1]));
        }).toList();
    }

    private void board() {
        picture.setId("board-picture");
        picture.onPress(this);
        onUpdate(() -> draw((Board) now(), desk().cuts().milling()));
        getChildren().add(picture);
        rows(box -> box.getChildren().add(text(Labels.get("rack.drag_defect"), "soft")));
        choice(
                Labels.get("rack.species"),
                () -> desk().shop().woods(),
                () -> ((Board) now()).species(),
                s -> book().say(s.words()),
                this::ofWood);
        OwnWood.add(this, "board-species", () -> ((Board) now()).species(), this::ofWood);
        length("rack.length", Board.class, Board::length, (b, l) -> b.withSize(l, b.width(), b.thickness()));
        length("rack.width", Board.class, Board::width, (b, l) -> b.withSize(b.length(), l, b.thickness()));
        length("rack.thickness", Board.class, Board::thickness, (b, l) -> b.withSize(b.length(), b.width(), l));
        line(
                Labels.get("rack.moisture"),
                () -> ((Board) now()).moisture().map(book()::write).orElse(""),
                text -> tried(() -> save(((Board) now()).withMoisture(
                        text.isBlank()
                                ? Optional.empty()
                                : Optional.of(Share.percent(number(text.replace("%", ""))))))));
        line(
                Labels.get("rack.grade"),
                () -> ((Board) now()).grade(),
                text -> save(((Board) now()).withGrade(text.strip())));
        price(price -> ((Board) now()).withPrice(price));
        rows(this::defects, RackDetail::isTyping);
    }

    private Optional<String> ofWood(Species species) {
        return save(((Board) now()).withSpecies(species));
    }

    private static double number(String text) {
        String typed = text.strip().replace(',', '.');
        if (!NUMBER.matcher(typed).matches()) {
            throw new Refusal(Words.plain(Labels.get("rack.number_rule", text)));
        }
        return Double.parseDouble(typed);
    }

    private static int whole(String text) {
        double number = number(text);
        if (number != Math.rint(number)) {
            throw new Refusal(Words.plain(Labels.get("rack.whole_rule", text)));
        }
        return (int) number;
    }

    private void price(Function<Optional<Price>, RackItem> write) {
        line(
                Labels.get("rack.price_in", desk().shop().currency()),
                () -> now().price().map(p -> new Money(p.minor(), "").text()).orElse(""),
                text -> tried(() -> save(write.apply(
                        text.isBlank() ? Optional.empty() : Optional.of(new Price(amount(text), per()))))));
        choice(
                Labels.get("rack.price_per"),
                () -> List.of(Price.Per.values()),
                this::per,
                per -> Labels.get("per." + per.name().toLowerCase(Locale.ROOT)),
                per -> now().price().isEmpty()
                        ? Optional.of(Labels.get("rack.price_first"))
                        : save(write.apply(
                                now().price().map(price -> new Price(price.minor(), per)))));
    }

    private long amount(String text) {
        return Money.minor(text.replace(desk().shop().currency(), ""));
    }

    private Price.Per per() {
        return now().price().map(Price::per).orElse(Price.Per.PIECE);
    }

    /** Whether a text is another than the one that was shown or saved last. */
    private static boolean isTyped(TextField field) {
        return !field.getText().equals(field.getUserData());
    }

    /** Answers that come in from aside must not take a half-typed defect away. */
    private static boolean isTyping(VBox box) {
        return box.lookupAll(".text-field").stream().anyMatch(node -> node.isFocused() && isTyped((TextField) node));
    }

    private void defects(VBox box) {
        box.getChildren().add(text(Labels.get("rack.defects"), "heading"));
        Board board = (Board) now();
        for (int i = 0; i < board.defects().size(); i++) {
            int index = i;
            Board.Defect defect = board.defects().get(i);
            Button remove = new Button(Labels.get("rack.no_defect"));
            remove.getStyleClass().add("quiet");
            remove.setOnAction(_ -> {
                List<Board.Defect> left = new ArrayList<>(((Board) now()).defects());
                left.remove(index);
                complain(remove, save(((Board) now()).withDefects(left)));
            });
            TextField where = new TextField(book().say(
                            "board.defect",
                            book().exactly(defect.length()),
                            book().exactly(defect.width()),
                            book().exactly(defect.x()),
                            book().exactly(defect.y())));
            where.setAccessibleText(book().say("board.defect_name", i + 1, defect.kind()));
            where.setId("defect-" + (i + 1));
            where.setUserData(where.getText());
            Runnable done = () -> {
                if (isTyped(where)) {
                    where.setUserData(where.getText());
                    complain(where, tried(() -> save(((Board) now()).withDefects(changed(index, where.getText())))));
                }
            };
            where.setOnAction(_ -> done.run());
            where.focusedProperty().addListener((_, _, focused) -> {
                if (!focused) {
                    done.run();
                }
            });
            HBox.setHgrow(where, Priority.ALWAYS);
            HBox row = new HBox(
                    6,
                    text(book().say(Words.of("kind." + defect.kind().name().toLowerCase(Locale.ROOT))), "soft"),
                    where,
                    remove);
            row.setAlignment(Pos.CENTER_LEFT);
            box.getChildren().add(row);
        }
        HBox add = new HBox(4);
        for (Board.Kind which : Board.Kind.values()) {
            Button button = new Button("+ " + book().say(Words.of("kind." + which.name().toLowerCase(Locale.ROOT))));
            button.getStyleClass().add("quiet");
            button.setId("add-" + which.name().toLowerCase(Locale.ROOT));
            button.setOnAction(_ -> {
                Board now = (Board) now();
                List<Board.Defect> more = new ArrayList<>(now.defects());
                Length size = Length.inches(2).min(now.width());
                more.add(new Board.Defect(which, now.length().over(2), Length.ZERO, size, size));
                complain(button, save(now.withDefects(more)));
            });
            add.getChildren().add(button);
        }
        box.getChildren().add(add);
    }

    /** The board's defects with one as it was typed. */
    private List<Board.Defect> changed(int index, String typed) {
        String[] numbers = typed.strip().split("\\s*×\\s*|\\s+(?:x|at|/)\\s+");
        if (numbers.length != 4) {
            throw new Refusal(Words.plain(Labels.get("rack.defect_rule", typed)));
        }
        List<Board.Defect> defects = new ArrayList<>(((Board) now()).defects());
        defects.set(
                index,
                new Board.Defect(
                        defects.get(index).kind(),
                        desk().parsed(numbers[2]),
                        desk().parsed(numbers[3]),
                        desk().parsed(numbers[0]),
                        desk().parsed(numbers[1])));
        return defects;
    }

    private void draw(Board board, Milling milling) {
        last = board;
        picture.drawTall(
                Labels.get("picture.board", label),
                width -> BoardDrawing.draw(board, milling, PictureView.reader(desk()), width));
    }

    @Override
    public boolean canMove(Mark.Spot spot) {
        return spot.what() instanceof Thing.Defect;
    }

    @Override
    public void pressed(Mark.Spot spot, double x, double y) {
        // A defect is moved by dragging or by keys; its size is typed in the list.
    }

    /** One mark of the tape. */
    @Override
    public Mark.At step(Mark.Spot spot) {
        double mark = desk().book().graduation().step().toMm()
                * BoardDrawing.unit((Board) now(), PictureView.reader(desk()), picture.getWidth());
        return new Mark.At(mark, mark);
    }

    /** The plan follows the defect while it is dragged; the rack is changed when it is let go. */
    @Override
    public void moved(Mark.Spot spot, double dx, double dy, boolean dropped) {
        if (!(spot.what() instanceof Thing.Defect(int index))) {
            return;
        }
        Board board = (Board) now();
        double unit = BoardDrawing.unit(board, PictureView.reader(desk()), picture.getWidth());
        Board moved = board.withDefectMoved(index, Length.mm(dx / unit), Length.mm(-dy / unit));
        ShopEdit edit = new ShopEdit.Shelve(List.of(moved));
        if (dropped) {
            complain(picture, desk().edit(edit));
        } else {
            draw(moved, desk().cuts().milling(edit));
        }
    }

    /** What the plan of the job in hand takes from this board. */
    private void uses() {
        rows(box -> {
            Board board = (Board) now();
            Milling milling = desk().cuts().milling();
            box.getChildren()
                    .add(text(
                            book().say(
                                            "board.wood",
                                            board.volume(),
                                            board.price()
                                                    .map(p -> new Money(
                                                                    p.of(
                                                                            board.length(),
                                                                            board.width(),
                                                                            board.thickness()),
                                                                    desk().shop()
                                                                            .currency())
                                                            .text())
                                                    .orElse("–")),
                            "strong"));
            box.getChildren().add(text(Labels.get("rack.milling"), "heading"));
            StockRows.milling(this, box, milling);
        });
    }

    private void sheet() {
        choice(
                Labels.get("rack.material"),
                () -> Arrays.stream(Material.values())
                        .filter(m -> m.role() != Material.Role.ART)
                        .toList(),
                () -> ((Sheet) now()).material(),
                m -> book().say(Phrasebook.keyOf(m)),
                m -> save(((Sheet) now()).withMaterial(m)));
        length("rack.width", Sheet.class, Sheet::width, (s, l) -> s.withSize(l, s.height(), s.thickness()));
        length("rack.height", Sheet.class, Sheet::height, (s, l) -> s.withSize(s.width(), l, s.thickness()));
        length("rack.thickness", Sheet.class, Sheet::thickness, (s, l) -> s.withSize(s.width(), s.height(), l));
        line(
                Labels.get("rack.on_hand"),
                () -> Integer.toString(((Sheet) now()).count()),
                text -> tried(() -> save(((Sheet) now()).withCount(whole(text)))));
        CheckBox sale = new CheckBox(Labels.get("rack.for_sale"));
        onUpdate(() -> sale.setSelected(((Sheet) now()).forSale()));
        sale.setOnAction(_ -> complain(sale, save(((Sheet) now()).withForSale(sale.isSelected()))));
        getChildren().add(sale);
        choice(
                Labels.get("rack.grain"),
                () -> List.of(Sheet.Grain.values()),
                () -> ((Sheet) now()).grain(),
                g -> book().say(Words.of("sheet_grain." + g.name().toLowerCase(Locale.ROOT))),
                g -> save(((Sheet) now()).withGrain(g)));
        line(
                Labels.get("rack.face"),
                () -> ((Sheet) now()).face(),
                text -> save(((Sheet) now()).withFace(text.strip())));
        price(price -> ((Sheet) now()).withPrice(price));
    }

    /** What this off-cut makes, and what all off-cuts of its section make together. */
    private void makes() {
        rows(box -> {
            OffCut cut = (OffCut) now();
            List<OffCut> pile = desk().shop().offCutsFor(cut.section());
            box.getChildren().add(text(Labels.get("rack.makes"), "heading"));
            StockRows.makes(
                    this,
                    box,
                    Makes.of(cut.section(), List.of(cut), desk().shop().habits()));
            if (pile.size() > 1) {
                Shop shop = desk().shop();
                StockRows.asked(
                        this,
                        box,
                        pileMakes,
                        shop,
                        Labels.get("rack.pile_makes", pile.size()),
                        () -> List.of(
                                new StockRows.Lines(Optional.empty(), Makes.of(cut.section(), pile, shop.habits()))));
            }
        });
    }
}
