package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import neatcorner.app.desk.Aside;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.PartsDrawing;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;

/** The parts of the job in the order they are made: which one the stations show, and what can be added to it. */
final class PartsBar extends VBox {
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private static final double TILE_WIDE = 150;
    private static final double TILE_HIGH = 84;
    private final Desk desk;
    private final TagField.Typing typing;
    private final Consumer<String> say;
    private final Aside<Situation, Set<Integer>> trouble = new Aside<>(Platform::runLater);
    private final HBox chips = new HBox();
    private final Button add = new Button(Labels.get("parts.add"));
    private final FlowPane offers = new FlowPane(8, 8);
    private List<String> names = List.of();
    private int seen;
    private boolean isOffering;

    /** What the standing of the parts depends on. */
    private record Situation(Job job, Shop shop) {
    }

    /**
     * The bar of a desk.
     *
     * @param say tells the maker why something was refused
     */
    PartsBar(Desk desk, TagField.Typing typing, Consumer<String> say) {
        super(8);
        this.desk = desk;
        this.typing = typing;
        this.say = say;
        getStyleClass().add("parts");
        chips.getStyleClass().add("units");
        chips.setManaged(false);
        add.setId("add-part");
        add.getStyleClass().add("quiet");
        add.setOnAction(_ -> offer(!isOffering));
        HBox row = new HBox(10, chips, add);
        row.setAlignment(Pos.CENTER_LEFT);
        offers.setId("part-offers");
        offers.getStyleClass().add("offers");
        getChildren().add(row);
    }

    /** Reads the desk anew. */
    void update() {
        Job job = desk.plan().job();
        List<String> now = job.parts().stream().map(Part::name).toList();
        if (job.seen() != seen) {
            seen = job.seen();
            offer(false);
        }
        if (!now.equals(names)) {
            names = now;
            offer(false);
            chips.getChildren().clear();
            for (int i = 0; i < now.size() && now.size() > 1; i++) {
                chips.getChildren().add(chip(i, now.get(i)));
            }
            chips.setManaged(!chips.getChildren().isEmpty());
        }
        for (int i = 0; i < chips.getChildren().size(); i++) {
            chips.getChildren().get(i).pseudoClassStateChanged(ON, i == job.seen());
        }
        mark();
    }

    /** A dot on every part that has something against it; looked for aside, since each part has a plan of its own. */
    private void mark() {
        if (chips.getChildren().isEmpty()) {
            return;
        }
        Plan plan = desk.plan();
        Situation now = new Situation(plan.job().at(0), desk.shop());
        if (!trouble.isAsked(now)) {
            trouble.ask(now, _ -> Planner.inTrouble(Planner.ofParts(plan)), this::mark);
        }
        trouble.answer(now).ifPresent(troubled -> {
            for (int i = 0; i < chips.getChildren().size(); i++) {
                Button chip = (Button) chips.getChildren().get(i);
                boolean is = troubled.contains(i);
                if (is != (chip.getGraphic() != null)) {
                    Circle dot = new Circle(4.5);
                    dot.getStyleClass().add("dot");
                    chip.setGraphic(is ? dot : null);
                }
                chip.setAccessibleText(names.get(i) + (is ? ", " + Labels.get("parts.trouble") : ""));
            }
        });
    }

    private Button chip(int part, String name) {
        Button chip = new Button(name);
        chip.setId("part-" + part);
        chip.setContentDisplay(ContentDisplay.RIGHT);
        chip.setOnAction(_ -> desk.lookAtPart(part));
        return chip;
    }

    /** Shows small pictures of what can be built by the part that is looked at, or puts them away. */
    private void offer(boolean shown) {
        isOffering = shown;
        add.setText(Labels.get(shown ? "parts.close" : "parts.add"));
        getChildren().remove(offers);
        offers.getChildren().clear();
        if (shown) {
            Job job = desk.plan().job();
            PartOffer.ALL.forEach(offer -> offer.by(
                            desk.plan().frame(), job.freeName(desk.book().say(offer.words())))
                    .ifPresent(part -> offers.getChildren().add(tile(offer, part))));
            if (offers.getChildren().isEmpty()) {
                offers.getChildren().add(Panel.text(Labels.get("parts.none"), "soft"));
            }
            getChildren().add(offers);
        }
    }

    private Button tile(PartOffer offer, Part part) {
        Plan plan = Planner.plan(desk.plan().job().withPart(part), desk.shop());
        PictureView picture = new PictureView(desk, typing);
        picture.setMouseTransparent(true);
        picture.setMinSize(TILE_WIDE, TILE_HIGH);
        picture.setPrefSize(TILE_WIDE, TILE_HIGH);
        picture.setMaxSize(TILE_WIDE, TILE_HIGH);
        picture.draw(part.name(), space ->
                PartsDrawing.small(plan, PictureView.reader(desk), space.getWidth(), space.getHeight()));
        Button tile = new Button(part.name(), picture);
        tile.setContentDisplay(ContentDisplay.TOP);
        tile.setId("offer-" + offer.id());
        tile.getStyleClass().add("offer");
        tile.setOnAction(_ -> {
            Optional<String> refused = desk.edit(new Edit.AddPart(part));
            refused.ifPresent(say);
        });
        return tile;
    }
}
