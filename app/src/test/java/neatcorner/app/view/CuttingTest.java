package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.control.Label;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import neatcorner.app.desk.Page;
import neatcorner.core.cut.CutPlanner;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Thing;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Price;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Station;
import neatcorner.files.sheet.LabelSheet;
import org.junit.jupiter.api.Test;

/** Sticks, boards, sheets and the rack by hand, in the real interface. */
class CuttingTest extends OnTheDemo {
    /** Long enough to prove nearly all of the demo's cuts. */
    private static final Duration SEARCH = Duration.ofMillis(400);
    private static final int PRESSINGS = 0;
    private static final int CERTIFICATE = 2;

    @Override
    Duration search() {
        return SEARCH;
    }

    private PictureView picture(String id) {
        return (PictureView) view.lookup(id);
    }

    private void drag(PictureView picture, Thing what, double dx, double dy) throws Exception {
        Mark.Spot spot = on(() -> picture.spots().filter(s -> s.what().equals(what)).findFirst().orElseThrow());
        Point2D from = on(() -> picture.localToScreen(
                (spot.from().x() + spot.to().x()) / 2,
                (spot.from().y() + spot.to().y()) / 2));
        hand.drag(from, from.add(dx, dy));
    }

    private List<String> texts(String id) throws Exception {
        return on(() -> all(view.lookup(id), Label.class::isInstance).map(n -> ((Label) n).getText()).toList());
    }

    @Test
    void theWindowSaysWhatIsProven() throws Exception {
        take(PRESSINGS);
        go(Station.CUTS);
        until(() -> ((Label) view.lookup("#proof")).getText().equals("proven best"));
        assertThat(plan().cuts().proof().proven()).isTrue();
    }

    @Test
    void aPieceDraggedToAnotherStickStaysThere() throws Exception {
        take(PRESSINGS);
        go(Station.CUTS);
        until(() -> !desk.improver().isWorking());
        StickLayout from = plan().cuts().sticks().get(3);
        Thing piece = of(from.placed().getFirst().piece());
        PictureView sticks = picture("#sticks-picture");
        Mark.Spot target = on(() -> sticks.spots()
                .filter(s -> s.what().equals(new Thing.Stick(new StickId.Labelled("C-1"))))
                .findFirst()
                .orElseThrow());
        Mark.Spot source = on(() -> sticks.spots().filter(s -> s.what().equals(piece)).findFirst().orElseThrow());
        drag(sticks, piece, 0, (target.from().y() + target.to().y() - source.from().y() - source.to().y()) / 2);
        assertThat(plan().cuts().sticks())
                .filteredOn(s -> s.id().toString().equals("C-1"))
                .singleElement()
                .satisfies(s -> assertThat(s.placed())
                        .anyMatch(p -> p.locked() && of(p.piece()).equals(piece)));
        assertThat(plan().figure(CutPlanner.WISHES)).isPresent();
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(plan().job().choices().cutting().locks()).isEmpty();
    }

    /** Cut here: the sticks go, what is left comes on the rack, and the next job may use it. */
    @Test
    void cuttingBooksSticksOutAndOffCutsIn() throws Exception {
        take(CERTIFICATE);
        go(Station.CUTS);
        until(() -> !desk.improver().isWorking());
        List<String> used = plan().cuts().sticks().stream().map(stick -> stick.id().toString()).toList();
        int before = on(() -> desk.shop().rack().items().size());
        hand.clickOn("#book-cuts");
        assertThat(plan().cuts().sticks()).isEmpty();
        assertThat(plan().job().choices().cutting().made()).hasSameSizeAs(used);
        assertThat(plan().job().settled()).contains(Station.CUTS);
        assertThat(on(() -> desk.shop().rack().items()))
                .noneMatch(item -> used.contains(item.label()))
                .anyMatch(item -> item.label().equals("C-13"));
        assertThat(before).isPositive();
        assertThat(texts("#detail")).anySatisfy(text -> assertThat(text).contains("kept as C-13"));
        go(Station.LOG);
        assertThat(on(() -> desk.book().say(desk.history().getLast().words()))).contains("booked out");
    }

    /** One board is milled while no board gives the rest: it goes, its strips stay made, and it can be undone. */
    @Test
    void oneBoardIsMilledBeforeTheOthers() throws Exception {
        take(1);
        go(Station.CUTS);
        hand.clickOn("#lay-boards");
        until(() -> !desk.cuts().isMilling());
        assertThat(on(() -> view.lookup("#book-cuts").isDisabled())).as("there is no pine").isTrue();
        Shop before = on(() -> desk.shop());
        int missing = on(() -> desk.cuts().milling().missing().size());
        hand.clickOn("#book-B-2");
        until(() -> !desk.cuts().isMilling());
        Cutting cutting = plan().job().choices().cutting();
        assertThat(cutting.isMade()).as("all of the frame").isTrue();
        assertThat(plan().job().parts().getLast().choices().cutting().isMade())
                .as("nothing gives the strainer")
                .isFalse();
        assertThat(on(() -> desk.shop().rack().item("B-2"))).isEmpty();
        assertThat(on(() -> desk.cuts().milling())).satisfies(milling -> {
            assertThat(milling.sawn()).isEmpty();
            assertThat(milling.missing()).hasSize(missing);
        });
        assertThat(texts("#detail")).anySatisfy(text -> assertThat(text).startsWith("board B-2"));
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(on(() -> desk.shop())).isEqualTo(before);
        assertThat(plan().job().choices().cutting().made()).isEmpty();
    }

    /** Where the sticks were drawn they are drawn again, at the station one is at. */
    @Test
    void sticksThatComeBackAreDrawnAgain() throws Exception {
        take(CERTIFICATE);
        go(Station.CUTS);
        until(() -> !desk.improver().isWorking());
        hand.clickOn("#book-cuts");
        assertThat(plan().cuts().sticks()).isEmpty();
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(on(() -> picture("#sticks-picture")
                        .spots()
                        .filter(spot -> spot.what() instanceof Thing.Piece)
                        .count()))
                .as("pieces drawn again")
                .isPositive();
        assertThat(on(() -> picture("#sticks-picture").getHeight())).isGreaterThan(60);
    }

    /** Panes are cut by themselves; sheets go, rests come, and one undo puts the rack and the job back. */
    @Test
    void cuttingPanesBooksSheetsAndIsUndoneInOneStep() throws Exception {
        take(CERTIFICATE);
        go(Station.CUTS);
        hand.clickOn("#lay-sheets");
        until(() -> !desk.improver().isWorking());
        Shop before = on(() -> desk.shop());
        Job job = plan().job();
        hand.clickOn("#book-cuts");
        assertThat(plan().job().choices().cutting().isSheetsMade()).isTrue();
        assertThat(plan().job().choices().cutting().isMade()).as("its members are not cut yet").isFalse();
        assertThat(on(() -> desk.cuts().sheets())).isEmpty();
        assertThat(on(() -> desk.shop().rack())).isNotEqualTo(before.rack());
        assertThat(texts("#detail")).anySatisfy(text -> assertThat(text).startsWith("sheet "));
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(plan().job()).isEqualTo(job);
        assertThat(on(() -> desk.shop())).isEqualTo(before);
    }

    @Test
    void allOpenJobsShareTheRackAndTheirPanesTheSheets() throws Exception {
        go(Station.CUTS);
        hand.clickOn("#all-jobs");
        until(() -> desk.cuts().together().isPresent() && !desk.improver().isWorking());
        assertThat(on(() -> desk.cuts().together().orElseThrow().orders().size()))
                .as("thirty jobs, two of them in three parts and three in two")
                .isEqualTo(37);
        assertThat(on(() -> ((Label) view.lookup("#proof")).getText())).isEqualTo("proven best");
        hand.clickOn("#lay-sheets");
        until(() -> !desk.cuts().isGathering());
        assertThat(on(() -> picture("#sticks-picture").getAccessibleText())).contains("Panes");
        assertThat(on(() -> desk.cuts().sheets().size())).isGreaterThan(6);
        hand.clickOn("#lay-boards");
        until(() -> !desk.cuts().isGathering());
        assertThat(on(() -> desk.cuts().milling().boards())).isNotEmpty();
        hand.clickOn("#this-job");
        assertThat(on(() -> desk.cuts().together())).isEmpty();
    }

    @Test
    void aDefectIsDraggedAcrossABoardAndThePlanFollows() throws Exception {
        take(CERTIFICATE);
        on(() -> {
            desk.show(Page.SHOP);
            return true;
        });
        choose("B-5");
        PictureView picture = picture("#board-picture");
        Board before = board("B-5");
        until(() -> !desk.cuts().isMilling());
        Object plan = on(() -> desk.cuts().milling().sawn());
        drag(picture, new Thing.Defect(0), -60, 0);
        Board after = board("B-5");
        assertThat(after.defects().getFirst().x()).isLessThan(before.defects().getFirst().x());
        assertThat(after.defects().get(1)).isEqualTo(before.defects().get(1));
        until(() -> !desk.cuts().isMilling());
        assertThat(on(() -> desk.cuts().milling().sawn())).isNotEqualTo(plan);
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(board("B-5")).isEqualTo(before);
    }

    /**
     * Without a mouse: a piece is chosen with the arrows and moved to the next stick with Shift; a defect is typed and
     * moved by a mark.
     */
    @Test
    void piecesAndDefectsAreMovedByKeys() throws Exception {
        take(CERTIFICATE);
        go(Station.CUTS);
        until(() -> !desk.improver().isWorking());
        PictureView sticks = picture("#sticks-picture");
        on(() -> {
            sticks.requestFocus();
            return true;
        });
        Thing first = on(() -> sticks.spots()
                .map(Mark.Spot::what)
                .filter(Thing.Piece.class::isInstance)
                .findFirst()
                .orElseThrow());
        for (int i = 0; i <= on(() -> sticks.spots().map(Mark.Spot::what).toList()).indexOf(first); i++) {
            hand.push(KeyCode.RIGHT);
        }
        hand.push(KeyCode.SHIFT, KeyCode.DOWN);
        assertThat(plan().job().choices().cutting().locks())
                .singleElement()
                .satisfies(lock -> assertThat(lock.piece()).isEqualTo(((Thing.Piece) first).id()));
        on(() -> {
            desk.show(Page.SHOP);
            return true;
        });
        choose("B-5");
        Board before = board("B-5");
        on(() -> {
            TextField where = (TextField) view.lookup("#defect-1");
            where.setText("3 x 1 1/2 at 20 / 1, 1/4 deep above");
            where.getOnAction().handle(new ActionEvent());
            return true;
        });
        Board.Defect typed = board("B-5").defects().getFirst();
        on(() -> {
            TextField where = (TextField) view.lookup("#defect-1");
            where.requestFocus();
            where.setText("half ty");
            desk.look(desk.appearance());
            return true;
        });
        settle();
        assertThat(on(() -> ((TextField) view.lookup("#defect-1")).getText()))
                .as("what is being typed stays when something else changes")
                .isEqualTo("half ty");
        on(() -> {
            ((TextField) view.lookup("#defect-1")).setText("3 x 1 1/2 at 20 / 1, 1/4 deep above");
            return true;
        });
        assertThat(typed)
                .isEqualTo(new Board.Defect(
                        before.defects().getFirst().kind(),
                        Length.inches(20),
                        Length.inches(1),
                        Length.inches(3),
                        Length.inches(1, 1, 2),
                        Optional.of(new Board.Shallow(Board.Face.UPPER, Length.inches(0, 1, 4)))));
        assertThat(on(() -> ((TextField) view.lookup("#defect-1")).getText())).endsWith(", 1/4 deep above");
        PictureView picture = picture("#board-picture");
        on(() -> {
            picture.requestFocus();
            return true;
        });
        hand.push(KeyCode.RIGHT).push(KeyCode.SHIFT, KeyCode.RIGHT);
        assertThat(board("B-5").defects().getFirst().x().minus(typed.x()).toMm())
                .as("one mark of the tape")
                .isCloseTo(25.4 / 16, within(0.01));
    }

    private Board board(String label) throws Exception {
        return (Board) on(() -> desk.shop().rack().item(label).orElseThrow());
    }

    @SuppressWarnings("unchecked")
    private TableView<StockRow> table() {
        return (TableView<StockRow>) view.lookup("#rack-table");
    }

    private void choose(String label) throws Exception {
        on(() -> {
            table().getItems().stream()
                    .filter(row -> row.key().equals(label))
                    .findFirst()
                    .ifPresent(table().getSelectionModel()::select);
            return true;
        });
    }

    @Test
    void aMouldingIsAskedWhatItsSticksMake() throws Exception {
        on(() -> {
            desk.show(Page.SHOP);
            return true;
        });
        settle();
        choose("moulding maple scoop");
        hand.clickOn("What will these make?");
        until(() -> all(view.lookup("#rack-item"), Label.class::isInstance)
                .anyMatch(n -> ((Label) n).getText().startsWith("Of the standard sizes")));
        assertThat(texts("#rack-item"))
                .anySatisfy(text -> assertThat(text).isEqualTo("all of it on the rack, off-cuts too"));
    }

    @Test
    void theRackIsSearchedByWordsAndByTheCodeOfALabel() throws Exception {
        hand.clickOn("#shop");
        hand.clickOn("#rack-search").write("red oak");
        assertThat(on(() -> List.copyOf(table().getItems())))
                .extracting(StockRow::key)
                .containsExactlyInAnyOrder(
                        "B-1", "B-5", "moulding oak flat", "moulding oak flat, wide", "C-4", "C-5", "C-6");
        hand.push(KeyCode.SHORTCUT, KeyCode.A).write(LabelSheet.CODE + "C-8");
        assertThat(on(() -> table().getSelectionModel().getSelectedItem()))
                .isInstanceOf(StockRow.Item.class)
                .extracting(StockRow::key)
                .isEqualTo("C-8");
        assertThat(texts("#rack-item")).anySatisfy(text -> assertThat(text).contains("Largest, by the glass"));
    }

    /** A length's price is typed on the shop's page; what to buy is then the cheapest, not the least. */
    @Test
    void whatALengthCostsIsTypedOnTheShopsPage() throws Exception {
        on(() -> {
            desk.show(Page.SHOP);
            return true;
        });
        TextField price = on(() -> (TextField) all(
                        view.lookup("#rack-item"),
                        n -> n instanceof TextField t && t.getText().equals("19.80"))
                .findFirst()
                .orElseThrow());
        hand.clickOn(price).push(KeyCode.SHORTCUT, KeyCode.A).write("2.10 / ft").push(KeyCode.ENTER);
        assertThat(on(() -> desk.shop().mouldings().getFirst().sold().getFirst().price()))
                .contains(new Price(210, Price.Per.FOOT));
        TextField again = on(() -> (TextField) all(
                        view.lookup("#rack-item"),
                        n -> n instanceof TextField t && t.getText().equals("2.10 / ft"))
                .findFirst()
                .orElseThrow());
        hand.clickOn(again).push(KeyCode.SHORTCUT, KeyCode.A).write("cheap").push(KeyCode.ENTER);
        assertThat(texts("#rack-item")).anySatisfy(text -> assertThat(text).contains("cheap", "19.80"));
        assertThat(on(() -> desk.shop().mouldings().getFirst().sold().getFirst().price()))
                .contains(new Price(210, Price.Per.FOOT));
    }

    /** Bad rows are said by line; good ones come in only when the maker agrees. */
    @Test
    void aRackIsReadFromCsvAndWrittenAgain() throws Exception {
        Path csv = folder.resolve("more.csv");
        Files.writeString(
                csv,
                "kind,label,what,length_mm,width_mm,thickness_mm,defects\n"
                        + "board,B-9,ash,2000,150,27,knot 100 20 30 30\n"
                        + "board,B-10,ash,2000,150,27,knot 1990 20 30 30\n");
        when(files.which()).thenReturn(Optional.of(csv));
        on(() -> {
            desk.show(Page.SHOP);
            return true;
        });
        hand.clickOn("#rack-import");
        assertThat(on(() -> desk.shop().rack().item("B-9"))).as("nothing is taken yet").isEmpty();
        assertThat(on(() -> all(view, Label.class::isInstance)
                        .map(n -> ((Label) n).getText())
                        .toList()))
                .anySatisfy(text -> assertThat(text).contains("line 3", "B-10", "not on it"));
        hand.clickOn("#rack-take-good");
        assertThat(on(() -> desk.shop().rack().item("B-9"))).isPresent();
        Path out = folder.resolve("out.csv");
        when(files.whereTo(anyString())).thenReturn(Optional.of(out));
        hand.clickOn("#rack-export");
        assertThat(Files.readAllLines(out)).hasSize(on(() -> desk.shop().rack().items().size()) + 1);
    }

    private static Thing of(Piece piece) {
        return new Thing.Piece(piece.job(), piece.id());
    }
}
