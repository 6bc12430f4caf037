package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Together;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.StickDrawing;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Edit;
import neatcorner.core.stock.CutPlan;
import neatcorner.core.stock.Lot;
import neatcorner.core.stock.Proof;
import neatcorner.core.stock.StickLayout;

/**
 * The sticks with what stands above them: this job or all open jobs, how good the layout is proven to be,
 * larger and smaller. Pieces are dragged from stick to stick; pressing a piece or a stick tells what can be wished of it.
 */
final class SticksBar implements PictureView.Pressing {
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private static final double MOST_ZOOM = 8;
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
    private final HBox tools = new HBox(8);
    private double zoom = 1;

    SticksBar(Desk desk, PictureView picture, LateScroll pane, Consumer<String> refusal) {
        this.desk = desk;
        this.picture = picture;
        this.pane = pane;
        this.refusal = refusal;
        picture.onPress(this);
    }

    /** The line above the sticks. */
    HBox head(Label title, Label summary) {
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
        one.setOnAction(_ -> desk.showTogether(false));
        all.setId("all-jobs");
        all.setOnAction(_ -> desk.showTogether(true));
        HBox which = new HBox(one, all);
        which.getStyleClass().add("units");
        larger.setAccessibleText(Labels.get("sticks.larger"));
        smaller.setAccessibleText(Labels.get("sticks.smaller"));
        larger.getStyleClass().add("quiet");
        smaller.getStyleClass().add("quiet");
        larger.setId("sticks-larger");
        larger.setOnAction(_ -> zoom(zoom * 1.5));
        smaller.setOnAction(_ -> zoom(zoom / 1.5));
        tools.getChildren().setAll(which, smaller, larger);
        tools.setAlignment(Pos.CENTER_RIGHT);
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox head = new HBox(12, title, summary, proof, stop, between, tools);
        for (Region region : List.of(title, proof, stop, tools)) {
            region.setMinWidth(Region.USE_PREF_SIZE);
        }
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private void zoom(double wanted) {
        zoom = Math.clamp(wanted, 1, MOST_ZOOM);
        pane.zoom(zoom);
    }

    /** Nothing but the title stands above what is no layout of sticks. */
    void hide() {
        for (Node node : List.of(proof, stop, tools)) {
            node.setVisible(false);
            node.setManaged(false);
        }
        zoom(1);
    }

    /** How many sticks there are to show. */
    int shown() {
        return sticks().size();
    }

    private List<Lot> lots() {
        return desk.together().map(Together::lots).orElseGet(() -> desk.plan().cuts().lots());
    }

    private List<StickLayout> sticks() {
        return desk.together().isPresent() ? CutPlan.sticks(lots()) : desk.plan().cuts().sticks();
    }

    /** Shows the sticks, with the tools at the station where they are cut; returns what is said beside the title. */
    String show(boolean cutting) {
        hide();
        proof.setVisible(cutting);
        proof.setManaged(cutting);
        tools.setVisible(cutting);
        tools.setManaged(cutting);
        one.pseudoClassStateChanged(ON, !desk.isTogether());
        all.pseudoClassStateChanged(ON, desk.isTogether());
        boolean working = desk.improver().isWorking();
        stop.setText(Labels.get(working ? "sticks.stop" : "sticks.again"));
        Proof now = Proof.of(lots());
        stop.setVisible(cutting && (working || !now.proven()));
        stop.setManaged(stop.isVisible());
        proof.setText(lots().isEmpty() ? "" : desk.book().say(now.words()) + (working ? Labels.get("sticks.working", desk.improver().left()) : ""));
        proof.pseudoClassStateChanged(ON, now.proven());
        if (cutting && desk.together().isPresent()) {
            Together together = desk.together().get();
            picture.drawTall(Labels.get("picture.sticks"), width -> StickDrawing.draw(together.lots(), desk.shop().habits(), PictureView.reader(desk), width));
            return desk.book().say("sticks.together", together.orders().size(), sticks().size(), sticks().stream().filter(StickLayout::bought).count());
        }
        picture.drawTall(Labels.get("picture.sticks"), width -> StickDrawing.draw(desk.plan(), PictureView.reader(desk), width));
        if (desk.plan().job().choices().cutting().isMade()) {
            return Labels.get("sticks.made");
        }
        return desk.book().say("sticks.summary", desk.plan().cuts().sticks().size(),
                desk.plan().job().quantity() * desk.plan().frame().pieces().count())
                + desk.plan().cuts().share().map(s -> desk.book().say("sticks.waste", s)).orElse("");
    }

    private boolean isOneJob() {
        return desk.together().isEmpty();
    }

    private Cutting wishes() {
        return desk.plan().job().choices().cutting();
    }

    private void wish(Cutting cutting) {
        desk.edit(new Edit.Cut(cutting)).ifPresent(refusal);
    }

    @Override
    public boolean canMove(Mark.Spot spot) {
        return isOneJob() && spot.what().startsWith("piece.");
    }

    @Override
    public void moved(Mark.Spot spot, double dx, double dy, boolean dropped) {
        if (!dropped) {
            return;
        }
        double x = (spot.from().x() + spot.to().x()) / 2 + dx;
        double y = (spot.from().y() + spot.to().y()) / 2 + dy;
        stickAt(x, y).ifPresent(stick -> wish(wishes().withLock(spot.what().substring("piece.".length()), stick)));
    }

    private Optional<String> stickAt(double x, double y) {
        return picture.spots().filter(s -> s.what().startsWith("stick.") && s.has(x, y)).map(s -> s.what().substring("stick.".length())).findFirst();
    }

    @Override
    public void pressed(Mark.Spot spot, MouseEvent mouse) {
        if (!isOneJob()) {
            return;
        }
        ContextMenu menu = new ContextMenu();
        if (spot.what().startsWith("piece.")) {
            String piece = spot.what().substring("piece.".length());
            boolean kept = wishes().locks().stream().anyMatch(lock -> lock.piece().equals(piece));
            stickAt(mouse.getX(), mouse.getY()).ifPresent(stick -> item(menu, kept ? "sticks.free" : "sticks.keep", piece,
                    kept ? wishes().withoutLock(piece) : wishes().withLock(piece, stick)));
        } else if (spot.what().startsWith("stick.")) {
            String stick = spot.what().substring("stick.".length());
            item(menu, "sticks.forbid", stick, wishes().withForbidden(stick, true));
        }
        wishes().forbidden().forEach(stick -> item(menu, "sticks.allow", stick, wishes().withForbidden(stick, false)));
        if (!wishes().isFree()) {
            item(menu, "sticks.free_all", "", wishes().freed());
        }
        if (!menu.getItems().isEmpty()) {
            menu.show(picture, Side.TOP, mouse.getX(), mouse.getY());
        }
    }

    private void item(ContextMenu menu, String key, String name, Cutting then) {
        MenuItem item = new MenuItem(Labels.get(key, name));
        item.setOnAction(_ -> wish(then));
        menu.getItems().add(item);
    }
}
