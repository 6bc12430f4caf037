package neatcorner.app.view;

import java.nio.file.Path;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.Thing;
import neatcorner.core.words.Station;
import org.jspecify.annotations.Nullable;

/** The job in hand at one station: its picture, its panel, what it decides, and its foot. */
final class JobPage extends HBox {
    /** The foot never takes more of the height: the drawing stays on screen. */
    private static final double MOST_FOR_FOOT = 0.36;
    private final Desk desk;
    private final Room.Tools tools;
    private final PictureView frame;
    private final PictureView sticks;
    private final LateScroll sticksPane = new LateScroll();
    private final Label sticksTitle = styled("heading");
    private final Label sticksSummary = styled("soft");
    private final PartsBar parts;
    private final SticksBar sticksBar;
    private final PictureView footPicture;
    private final LateScroll footPane = new LateScroll();
    private final Label footTitle = styled("heading");
    private final Label footSummary = styled("soft");
    private final Label pictureTitle = styled("heading");
    private final Label pictureHint = styled("soft");
    private final VBox frameCard;
    private final VBox sticksCard;
    private final VBox footCard;
    private final HBox top = new HBox(12);
    private @Nullable SideColumn side;
    private final LateScroll sidePane = new LateScroll("card", "side");
    private final LateScroll detailPane = new LateScroll("card");
    private final Map<Station, Panel> details = new EnumMap<>(Station.class);

    /**
     * The page of a desk.
     *
     * @param say     tells the maker why something was refused
     * @param picture puts a customer's picture that was dropped here into the job
     */
    JobPage(Desk desk, Room.Tools tools, Consumer<String> say, Consumer<Path> picture) {
        super(12);
        this.desk = desk;
        this.tools = tools;
        this.frame = picture("frame-picture");
        this.sticks = picture("sticks-picture");
        this.footPicture = picture("foot-picture");
        this.parts = new PartsBar(desk, tools.typing(), say);
        this.sticksBar = new SticksBar(desk, sticks, sticksPane, say);
        frame.onDrag(new GripDrag(desk, say));
        frame.setOnMouseClicked(click -> frame.spotAt(click.getX(), click.getY())
                .ifPresent(spot -> {
                    if (spot.what() instanceof Thing.Corner(int side, _)) {
                        desk.lookAtCorner(side);
                    }
                }));
        SpaceTurn.on(frame, desk, this::draw);
        PictureImport.onDrop(frame, picture);
        this.frameCard = card(head(pictureTitle, pictureHint), frame);
        this.sticksCard = card(sticksBar.head(sticksTitle, sticksSummary), sticksPane);
        this.footCard = card(head(footTitle, footSummary), footPane);
        VBox.setVgrow(frame, Priority.ALWAYS);
        VBox.setVgrow(sticksPane, Priority.ALWAYS);
        HBox.setHgrow(frameCard, Priority.ALWAYS);
        HBox.setHgrow(sticksCard, Priority.ALWAYS);
        detailPane.setId("detail");
        top.getChildren().setAll(frameCard, detailPane);
        VBox.setVgrow(top, Priority.ALWAYS);
        footCard.setVisible(false);
        footCard.setManaged(false);
        VBox left = new VBox(8, parts, top, footCard);
        HBox.setHgrow(left, Priority.ALWAYS);
        sidePane.setId("side");
        getChildren().addAll(left, sidePane);
    }

    private PictureView picture(String id) {
        PictureView picture = new PictureView(desk, tools.typing());
        picture.setId(id);
        return picture;
    }

    private static Label styled(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        return label;
    }

    /** A heading and what is said beside it. */
    private static HBox head(Label title, Label beside) {
        title.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(12, title, beside);
        head.setAlignment(Pos.BASELINE_LEFT);
        return head;
    }

    private static VBox card(Node... content) {
        VBox card = new VBox(6, content);
        card.getStyleClass().addAll("card", "padded");
        return card;
    }

    /** Fills in everything that was left for after the first frame. */
    void complete() {
        side = new SideColumn(desk, tools.typing());
        sidePane.show(side);
        sticksPane.show(sticks);
    }

    /** Reads the desk anew. */
    void update() {
        Station station = desk.station();
        draw();
        parts.update();
        if (side == null) {
            return;
        }
        Panel detail = details.computeIfAbsent(station, here -> Rooms.of(here).panel(tools));
        detailPane.show(detail);
        detail.update();
        side.update();
        foot(station);
    }

    /** Draws the station's picture anew. */
    void draw() {
        Station station = desk.station();
        Rooms.of(station).picture().ifPresent(picture -> {
            pictureTitle.setText(desk.book().say("room." + station.id()));
            pictureHint.setText(desk.book().say("room." + station.id() + ".hint"));
            frame.draw(SideColumn.spoken(desk) + ". " + pictureTitle.getText(), space ->
                    picture.draw(desk, PictureView.reader(desk), space.getWidth(), space.getHeight()));
        });
    }

    /** Below the picture, or in its place where pieces are laid out to be cut. */
    private void foot(Station station) {
        Room room = Rooms.of(station);
        Node main = room.picture().isPresent() ? frameCard : sticksCard;
        if (top.getChildren().getFirst() != main) {
            top.getChildren().set(0, main);
        }
        if (main == sticksCard) {
            sticksTitle.setText(Labels.get("laid.heading." + desk.cuts().laid().name().toLowerCase(Locale.ROOT)));
            sticksSummary.setText(sticksBar.show());
        }
        Optional<Room.Foot> foot = room.foot(desk);
        footCard.setVisible(foot.isPresent());
        footCard.setManaged(foot.isPresent());
        foot.ifPresent(strip -> {
            footTitle.setText(strip.heading());
            footSummary.setText(strip.beside());
            footPane.show(footPicture);
            footPicture.drawTall(strip.heading(), strip.picture());
            double high = Math.min(
                    strip.height() * desk.appearance().textSize() / 100.0, Math.max(92, getHeight() * MOST_FOR_FOOT));
            footPane.setMinHeight(high);
            footPane.setPrefHeight(high);
        });
    }

    /** Puts the keyboard on the drawing's first number. */
    void focusDrawing() {
        frame.focusFirst();
    }

    /** How the width of the window is shared: large text must not squeeze the drawing away. */
    void fit(double width) {
        double size = desk.appearance().textSize() / 100.0;
        width(detailPane, Math.min(350 * size, width * 0.30));
        width(sidePane, Math.min(320 * size, width * 0.29));
    }

    private static void width(Region region, double width) {
        region.setMinWidth(width);
        region.setPrefWidth(width);
    }
}
