package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Aside;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.BoardDrawing;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Thing;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.Share;
import neatcorner.core.mill.BoardMakes;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Phrasebook;

/** A board: its picture, on which its defects are dragged, and what is milled from it. */
final class BoardDetail extends RackDetail<Board> implements PictureView.Pressing {
    private final PictureView picture;
    private final Aside<Situation, List<StockRows.Lines>> makes = new Aside<>(Platform::runLater);
    private final Aside<Situation, List<StockRows.Lines>> pileMakes = new Aside<>(Platform::runLater);
    private boolean isDragged;
    /** What the rack would give if the defect that is dragged stayed where it is. */
    private Optional<Milling> tried = Optional.empty();

    /** What it depends on what boards make. */
    private record Situation(Job job, Shop shop) {
    }

    BoardDetail(Desk desk, Board item) {
        super(desk, Board.class, item);
        this.picture = new PictureView(desk, NoTyping.HERE);
    }

    @Override
    void entries() {
        picture.setId("board-picture");
        picture.onPress(this);
        onUpdate(() -> draw(now(), desk().cuts().milling()));
        getChildren().add(picture);
        rows(box -> box.getChildren().add(text(Labels.get("rack.drag_defect"), "soft")));
        choice(
                Labels.get("rack.species"),
                () -> desk().shop().woods().stream()
                        .filter(species -> species.stuff().isGrown())
                        .toList(),
                () -> now().species(),
                s -> book().say(s.words()),
                this::ofWood);
        OwnWood.add(this, "board-species", () -> now().species(), this::ofWood);
        length("rack.length", Board::length, (b, l) -> b.withSize(l, b.width(), b.thickness()));
        length("rack.width", Board::width, (b, l) -> b.withSize(b.length(), l, b.thickness()));
        length("rack.thinnest", Board::thickness, (b, l) -> b.withSize(b.length(), b.width(), l));
        choice(
                Labels.get("rack.surface"),
                () -> List.of(Board.Surface.values()),
                () -> now().condition().surface(),
                surface -> book().say(Phrasebook.keyOf(surface)),
                surface -> save(now().withCondition(now().condition().withSurface(surface))));
        length(
                "rack.cup",
                board -> board.condition().cup(),
                (b, cup) -> b.withCondition(b.condition().withCup(cup)));
        length(
                "rack.twist",
                board -> board.condition().twist(),
                (b, twist) -> b.withCondition(b.condition().withTwist(twist)));
        GaugeHand.waits(
                        line(
                                Labels.get("rack.moisture"),
                                () -> now().moisture().map(book()::write).orElse(""),
                                text -> tried(() -> save(now().withMoisture(
                                        text.isBlank()
                                                ? Optional.empty()
                                                : Optional.of(Share.percent(number(text.replace("%", "")))))))),
                        Gauge.MOISTURE_METER)
                .setId("board-moisture");
        line(
                Labels.get("rack.grade"),
                () -> now().grade(),
                text -> save(now().withGrade(text.strip())));
        price(price -> now().withPrice(price));
        CheckBox sale = new CheckBox(Labels.get("rack.board_for_sale"));
        sale.setId("board-for-sale");
        sale.setWrapText(true);
        onUpdate(() -> sale.setSelected(now().forSale()));
        sale.setOnAction(_ -> complain(sale, save(now().withForSale(sale.isSelected()))));
        getChildren().add(sale);
        rows(this::defects, BoardDetail::isTyping);
    }

    private Optional<String> ofWood(Species species) {
        return save(now().withSpecies(species));
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
        Board board = now();
        for (int i = 0; i < board.defects().size(); i++) {
            int index = i;
            Board.Defect defect = board.defects().get(i);
            Button remove = new Button(Labels.get("rack.no_defect"));
            remove.getStyleClass().add("quiet");
            remove.setOnAction(_ -> {
                List<Board.Defect> left = new ArrayList<>(now().defects());
                left.remove(index);
                complain(remove, save(now().withDefects(left)));
            });
            TextField where = new TextField(written(defect));
            where.setAccessibleText(book().say("board.defect_name", i + 1, defect.kind()));
            where.setId("defect-" + (i + 1));
            where.setUserData(where.getText());
            Runnable done = () -> {
                if (isTyped(where)) {
                    where.setUserData(where.getText());
                    complain(where, tried(() -> save(now().withDefects(changed(index, where.getText())))));
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
                Board now = now();
                List<Board.Defect> more = new ArrayList<>(now.defects());
                Length size = Length.inches(2).min(now.width());
                more.add(new Board.Defect(which, now.length().over(2), Length.ZERO, size, size));
                complain(button, save(now.withDefects(more)));
            });
            add.getChildren().add(button);
        }
        box.getChildren().add(add);
    }

    private String written(Board.Defect defect) {
        Words where = Words.of(
                "board.defect",
                book().exactly(defect.length()),
                book().exactly(defect.width()),
                book().exactly(defect.x()),
                book().exactly(defect.y()));
        return defect.shallow()
                .map(shallow -> book().say(
                                "board.defect_shallow",
                                where,
                                book().exactly(shallow.depth()),
                                Words.of(Phrasebook.keyOf(shallow.face()))))
                .orElseGet(() -> book().say(where));
    }

    /** The board's defects with one as it was typed. */
    private List<Board.Defect> changed(int index, String typed) {
        Optional<Board.Face> face = Stream.of(Board.Face.values())
                .filter(one -> typed.strip().endsWith(book().say(Phrasebook.keyOf(one))))
                .findFirst();
        int comma = face.isPresent() ? typed.lastIndexOf(", ") : typed.length();
        String[] numbers =
                typed.substring(0, Math.max(0, comma)).strip().split("\\s*×\\s*|\\s+(?:x|at|/)\\s+");
        if (numbers.length != 4) {
            throw new Refusal(Words.plain(Labels.get("rack.defect_rule", typed)));
        }
        Optional<Board.Shallow> shallow = face.map(one -> new Board.Shallow(
                one, desk().parsed(typed.substring(comma + 1).strip().replaceFirst("\\s+\\S+\\s+\\S+$", ""))));
        List<Board.Defect> defects = new ArrayList<>(now().defects());
        defects.set(
                index,
                new Board.Defect(
                        defects.get(index).kind(),
                        desk().parsed(numbers[2]),
                        desk().parsed(numbers[3]),
                        desk().parsed(numbers[0]),
                        desk().parsed(numbers[1]),
                        shallow));
        return defects;
    }

    private void draw(Board board, Milling milling) {
        picture.drawTall(
                Labels.get("picture.board", label()),
                width -> BoardDrawing.draw(board, milling, desk().shop().habits(), PictureView.reader(desk()), width));
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
                * BoardDrawing.unit(now(), PictureView.reader(desk()), picture.getWidth());
        return new Mark.At(mark, mark);
    }

    /** The plan follows the defect while it is dragged; the rack is changed when it is let go. */
    @Override
    public void moved(Mark.Spot spot, double dx, double dy, boolean dropped) {
        if (!(spot.what() instanceof Thing.Defect(int index))) {
            return;
        }
        Board board = now();
        double unit = BoardDrawing.unit(board, PictureView.reader(desk()), picture.getWidth());
        Board moved = board.withDefectMoved(index, Length.mm(dx / unit), Length.mm(-dy / unit));
        ShopEdit edit = new ShopEdit.Shelve(List.of(moved));
        isDragged = !dropped;
        if (dropped) {
            tried = Optional.empty();
            complain(picture, desk().edit(edit));
        } else {
            draw(moved, tried.orElseGet(() -> desk().cuts().milling()));
            desk().cuts().tryBoards(edit, milling -> {
                if (isDragged) {
                    tried = Optional.of(milling);
                    draw(moved, milling);
                }
            });
        }
    }

    /** What the plan of the job in hand takes from this board. */
    @Override
    void uses() {
        rows(box -> {
            Board board = now();
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
        rows(box -> {
            Board board = now();
            Situation situation = new Situation(desk().plan().job(), desk().shop());
            List<Board> pile = desk().shop().rack().all(Board.class).stream()
                    .filter(one -> one.species().equals(board.species()) && !one.forSale())
                    .toList();
            asked(box, makes, situation, Labels.get("rack.board_makes"), List.of(board));
            if (pile.size() > 1) {
                asked(box, pileMakes, situation, Labels.get("rack.boards_make", pile.size()), pile);
            }
        });
    }

    private void asked(
            VBox box,
            Aside<Situation, List<StockRows.Lines>> aside,
            Situation situation,
            String question,
            List<Board> boards) {
        StockRows.asked(this, box, aside, situation, question, () -> {
            BoardMakes made = BoardMakes.of(
                    situation.job(),
                    boards.stream().map(board -> board.withForSale(false)).toList(),
                    situation.shop());
            return List.of(new StockRows.Lines(
                    Optional.of(
                            Words.of("rack.makes_job", situation.job().title(), made.ofJob())),
                    made.makes()));
        });
    }
}
