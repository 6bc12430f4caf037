package neatcorner.app.view;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.geometry.Side;
import javafx.geometry.VPos;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Gathered;
import neatcorner.app.desk.Laid;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Proof;
import neatcorner.core.cut.SheetLot;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.drawing.BoardDrawing;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.SheetDrawing;
import neatcorner.core.drawing.StickDrawing;
import neatcorner.core.drawing.Thing;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.StickId;
import neatcorner.core.mill.Milling;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;

/**
 * The sticks with what stands above them: this job or all open jobs, how good the layout is proven to be,
 * larger and smaller. Pieces are dragged from stick to stick; pressing a piece or a stick tells what can be wished of
 * it.
 */
final class SticksBar implements PictureView.Pressing {
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private static final double MOST_ZOOM = 8;
    /** Sheets want as much room as many sticks. */
    private static final int MANY = 20;
    private final Desk desk;
    private final PictureView picture;
    private final LateScroll pane;
    private final Consumer<String> refusal;
    private final Label proof = new Label();
    private final Button stop = new Button();
    private final Button one = new Button(Labels.get("sticks.this_job"));
    private final Button all = new Button(Labels.get("sticks.all_jobs"));
    private final Button larger = new Button("+");
    private final Button smaller = new Button("−");
    private final Map<Laid, Button> laidButtons = new EnumMap<>(Laid.class);
    private double zoom = 1;

    SticksBar(Desk desk, PictureView picture, LateScroll pane, Consumer<String> refusal) {
        this.desk = desk;
        this.picture = picture;
        this.pane = pane;
        this.refusal = refusal;
        picture.onPress(this);
    }

    /** The line above the sticks. */
    FlowPane head(Label title, Label summary) {
        proof.getStyleClass().add("proof");
        proof.setId("proof");
        stop.getStyleClass().add("quiet");
        stop.setId("stop-improving");
        stop.setOnAction(_ -> {
            if (desk.improver().isWorking()) {
                desk.improver().cancel();
            } else {
                desk.improver().again();
            }
        });
        one.setId("this-job");
        one.setOnAction(_ -> desk.cuts().showTogether(false));
        all.setId("all-jobs");
        all.setOnAction(_ -> desk.cuts().showTogether(true));
        HBox which = new HBox(one, all);
        which.getStyleClass().add("units");
        HBox what = new HBox();
        what.getStyleClass().add("units");
        for (Laid laid : Laid.values()) {
            Button button = new Button(Labels.get("laid." + laid.name().toLowerCase(Locale.ROOT)));
            button.setId("lay-" + laid.name().toLowerCase(Locale.ROOT));
            button.setOnAction(_ -> desk.cuts().lay(laid));
            laidButtons.put(laid, button);
            what.getChildren().add(button);
        }
        larger.setAccessibleText(Labels.get("sticks.larger"));
        smaller.setAccessibleText(Labels.get("sticks.smaller"));
        larger.getStyleClass().add("quiet");
        smaller.getStyleClass().add("quiet");
        larger.setId("sticks-larger");
        larger.setOnAction(_ -> zoom(zoom * 1.5));
        smaller.setOnAction(_ -> zoom(zoom / 1.5));
        HBox sizes = new HBox(8, smaller, larger);
        FlowPane head = new FlowPane(12, 4, title, summary, proof, stop, what, which, sizes);
        head.setRowValignment(VPos.CENTER);
        summary.setWrapText(true);
        summary.maxWidthProperty().bind(head.widthProperty());
        head.setMinWidth(0);
        return head;
    }

    private void zoom(double wanted) {
        zoom = Math.clamp(wanted, 1, MOST_ZOOM);
        pane.zoom(zoom);
    }

    private List<StickLayout> sticks() {
        return desk.cuts().together().isPresent() ? CutPlan.sticks(desk.cuts().lots()) : desk.plan().cuts().sticks();
    }

    /** Shows what is laid out; returns what is said beside the title. */
    String show() {
        one.pseudoClassStateChanged(ON, !desk.cuts().isTogether());
        all.pseudoClassStateChanged(ON, desk.cuts().isTogether());
        for (Button size : List.of(smaller, larger)) {
            size.setVisible(desk.cuts().laid() != Laid.SHEETS);
            size.setManaged(size.isVisible());
        }
        laidButtons.forEach((laid, button) -> button.pseudoClassStateChanged(ON, laid == desk.cuts().laid()));
        boolean working = desk.improver().isWorking();
        stop.setText(Labels.get(working ? "sticks.stop" : "sticks.again"));
        if (desk.cuts().laid() != Laid.STICKS) {
            return desk.cuts().laid() == Laid.BOARDS ? boards() : sheets();
        }
        prove(Optional.of(Proof.of(desk.cuts().lots())), desk.cuts().lots().isEmpty());
        if (desk.cuts().together().isPresent()) {
            Gathered together = desk.cuts().together().get();
            picture.drawTall(
                    Labels.get("picture.sticks"),
                    width -> StickDrawing.draw(together.lots(), desk.shop().habits(), PictureView.reader(desk), width));
            String all = desk.book()
                    .say(
                            "sticks.together",
                            together.jobs(together.orders().stream().map(Lots.Order::name)),
                            sticks().size(),
                            sticks().stream().filter(StickLayout::bought).count());
            return together.atBench() == 0 ? all : desk.book().say("sticks.at_bench", all, together.atBench());
        }
        picture.drawTall(
                Labels.get("picture.sticks"),
                width -> StickDrawing.draw(desk.plan(), PictureView.reader(desk), width, StickDrawing.MOST_SHOWN));
        if (desk.plan().job().choices().cutting().isMade()) {
            return Labels.get("sticks.made");
        }
        return desk.book().say("sticks.summary", desk.plan().cuts().sticks().size(),
                pieces())
                + desk.plan().cuts().share().map(s -> desk.book().say("sticks.waste", s)).orElse("");
    }

    /** Of all parts that are not cut yet. */
    private long pieces() {
        return desk.plan().assembly().frames().stream()
                .filter(part -> !part.job().choices().cutting().isMade())
                .mapToLong(part -> part.job().copies() * part.pieces().count())
                .sum();
    }

    private void prove(Optional<Proof> now, boolean nothing) {
        boolean working = desk.improver().isWorking();
        boolean isProven = now.map(Proof::proven).orElse(false);
        stop.setVisible(!nothing && (working || !isProven));
        stop.setManaged(stop.isVisible());
        proof.setText(
                nothing
                        ? ""
                        : now.map(proven -> desk.book().say(proven.words())).orElse("")
                                + (working
                                        ? Labels.get(
                                                "sticks.working",
                                                desk.improver().left())
                                        : ""));
        proof.pseudoClassStateChanged(ON, isProven);
    }

    private String boards() {
        Milling milling = desk.cuts().milling();
        if (desk.cuts().isMilling()) {
            proof.setText(Labels.get("boards.laying"));
            stop.setVisible(false);
            stop.setManaged(false);
        } else {
            prove(milling.proof(), milling.problems().isEmpty());
        }
        picture.drawTall(
                Labels.get("picture.boards"),
                width -> BoardDrawing.draw(milling, desk.shop().habits(), PictureView.reader(desk), width));
        int missing = milling.missing().size();
        return desk.book()
                        .say(
                                "boards.summary",
                                milling.boards().size(),
                                milling.balance().taken(),
                                milling.balance().finished())
                + (missing > 0 ? Labels.get("boards.missing", missing) : "");
    }

    private String sheets() {
        List<SheetLot> lots = desk.cuts().sheets();
        List<SheetAnswer> answers = lots.stream().flatMap(lot -> lot.answer().stream()).toList();
        prove(Optional.of(SheetLot.proof(lots)), answers.isEmpty());
        picture.drawTall(
                Labels.get("picture.sheets"), width -> SheetDrawing.draw(lots, PictureView.reader(desk), width));
        return Labels.get(
                "sheets.summary",
                lots.stream()
                        .flatMap(l -> l.problem().stream())
                        .flatMap(p -> p.panes().stream())
                        .mapToInt(SheetProblem.Pane::count)
                        .sum(),
                answers.stream().mapToInt(a -> a.sheets().size()).sum());
    }

    private boolean isOneJob() {
        return desk.cuts().together().isEmpty() && desk.cuts().laid() == Laid.STICKS;
    }

    /** What is wished of the cutting of the part whose pieces carry this name. */
    private Cutting wishes(String of) {
        return desk.plan().job().at(desk.cuts().partOf(of)).choices().cutting();
    }

    private void wish(String of, Cutting cutting) {
        desk.edit(new Edit.InPart(desk.cuts().partOf(of), new Edit.Cut(cutting))).ifPresent(refusal);
    }

    @Override
    public boolean canMove(Mark.Spot spot) {
        return isOneJob() && spot.what() instanceof Thing.Piece;
    }

    @Override
    public void moved(Mark.Spot spot, double dx, double dy, boolean dropped) {
        if (!dropped || !(spot.what() instanceof Thing.Piece(String of, PieceId piece))) {
            return;
        }
        double x = (spot.from().x() + spot.to().x()) / 2 + dx;
        double y = (spot.from().y() + spot.to().y()) / 2 + dy;
        stickAt(x, y).ifPresent(stick -> wish(of, wishes(of).withLock(piece, stick)));
    }

    /** From one stick to the next. */
    @Override
    public Mark.At step(Mark.Spot spot) {
        List<Mark.Spot> sticks = picture.spots().filter(s -> s.what() instanceof Thing.Stick).limit(2).toList();
        return new Mark.At(0, sticks.size() < 2 ? 0 : sticks.get(1).from().y() - sticks.get(0).from().y());
    }

    private Optional<StickId> stickAt(double x, double y) {
        return picture.spots()
                .filter(spot -> spot.has(x, y))
                .map(Mark.Spot::what)
                .flatMap(thing -> thing instanceof Thing.Stick(StickId stick) ? Stream.of(stick) : Stream.empty())
                .findFirst();
    }

    @Override
    public void pressed(Mark.Spot spot, double x, double y) {
        if (!isOneJob()) {
            return;
        }
        ContextMenu menu = new ContextMenu();
        switch (spot.what()) {
            case Thing.Piece(String of, PieceId piece) -> {
                boolean kept = wishes(of).locks().stream()
                        .anyMatch(lock -> lock.piece().equals(piece));
                stickAt(x, y)
                        .ifPresent(stick -> item(
                                menu,
                                kept ? "sticks.free" : "sticks.keep",
                                piece.toString(),
                                () -> wish(
                                        of,
                                        kept
                                                ? wishes(of).withoutLock(piece)
                                                : wishes(of).withLock(piece, stick))));
            }
            case Thing.Stick(StickId stick) ->
                item(menu, "sticks.forbid", stick.toString(), () -> forbid(stick, true));
            case Thing.Defect _, Thing.Corner _, Thing.InSpace _ -> {
            }
        }
        desk.plan().job().parts().stream()
                .flatMap(part -> part.choices().cutting().forbidden().stream())
                .distinct()
                .forEach(stick -> item(menu, "sticks.allow", stick.toString(), () -> forbid(stick, false)));
        if (desk.plan().job().parts().stream()
                .anyMatch(part -> !part.choices().cutting().isFree())) {
            item(
                    menu,
                    "sticks.free_all",
                    "",
                    () -> desk.edit(new Edit.FreeCuts()).ifPresent(refusal));
        }
        if (!menu.getItems().isEmpty()) {
            menu.show(picture, Side.TOP, x, y);
        }
    }

    /** No part is cut from a forbidden stick; it is allowed again for all. */
    private void forbid(StickId stick, boolean wanted) {
        desk.edit(new Edit.Forbid(stick, wanted)).ifPresent(refusal);
    }

    private static void item(ContextMenu menu, String key, String name, Runnable then) {
        MenuItem item = new MenuItem(Labels.get(key, name));
        item.setOnAction(_ -> then.run());
        menu.getItems().add(item);
    }
}
