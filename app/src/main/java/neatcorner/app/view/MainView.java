package neatcorner.app.view;

import java.io.File;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.Tooltip;
import javafx.scene.input.DragEvent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Polygon;
import javafx.util.Duration;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.Palette;
import neatcorner.core.drawing.Thing;
import neatcorner.core.edit.Edit;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Unit;
import neatcorner.core.words.Station;
import org.jspecify.annotations.Nullable;

/** The window's content: the bar, the rail, the drawing with the station beside it, sticks and tally. */
public final class MainView extends StackPane {
    private static final double USUAL_WIDTH = 1280;
    /** Below this, at the usual size of text, the bar needs the room of the program's name. */
    private static final double WIDE_BAR = 1000;
    /** The sticks never take more of the window's height: the drawing stays on screen. */
    private static final double MOST_FOR_FOOT = 0.42;
    private static final int FRAMES_BEFORE_THE_REST = 4;
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private final Desk desk;
    private final FilePort files;
    private final Typist typist;
    private final OutlineImport outlines;
    private final PictureImport pictures;
    private final Papers papers;
    private final Label brand = new Label("Neat Corner");
    private final Label title = new Label();
    private final Label order = new Label();
    private final Button inch = new Button();
    private final Button mm = new Button();
    private final Button settle = new Button();
    private final Button light = new Button();
    private final Button shop = new Button();
    private final Rail rail;
    private final PictureView frame;
    private final PictureView sticks;
    private final LateScroll sticksPane = new LateScroll();
    private final Label sticksTitle = new Label();
    private final Label sticksSummary = new Label();
    private final PictureView footPicture;
    private final LateScroll footPane = new LateScroll();
    private final Label footTitle = new Label();
    private final Label footSummary = new Label();
    private final Label pictureTitle = new Label();
    private final Label pictureHint = new Label();
    private final VBox frameCard = card();
    private final VBox sticksCard = card();
    private final VBox footCard = card();
    private final HBox top = new HBox(12);
    private final SticksBar sticksBar;
    private @Nullable SideColumn side;
    private final LateScroll sidePane = new LateScroll("card", "side");
    private final LateScroll detailPane = new LateScroll("card");
    private final Map<Station, Panel> details = new EnumMap<>(Station.class);
    private final HBox jobPage = new HBox();
    private final StackPane page = new StackPane();
    private @Nullable ShopPage shopPage;
    private @Nullable JobsDrawer jobs;
    private @Nullable ShortcutsCard shortcuts;
    private final Label message = new Label();
    private final Button showFile = new Button();
    private final HBox said = new HBox(8);
    private Optional<Path> shown = Optional.empty();
    private final PauseTransition hush = new PauseTransition();
    private final Button unsaved = new Button();
    private boolean refreshing;
    private boolean whole;

    /** The view of a desk; files are asked for through the port. */
    public MainView(Desk desk, FilePort files) {
        this.desk = desk;
        this.files = files;
        this.typist = new Typist(desk);
        this.outlines = new OutlineImport(desk, files, this::say);
        this.pictures = new PictureImport(desk, files, this::say);
        this.papers = new Papers(desk, files, outlines, this::say, this::written);
        this.rail = new Rail(desk);
        this.frame = new PictureView(desk, typist);
        this.sticks = new PictureView(desk, typist);
        this.footPicture = new PictureView(desk, typist);
        this.sticksBar = new SticksBar(desk, sticks, sticksPane, this::say);
        frame.onDrag(new GripDrag(desk, this::say));
        frame.setOnMouseClicked(click -> frame.spotAt(click.getX(), click.getY())
                .ifPresent(spot -> {
                    if (spot.what() instanceof Thing.Corner(int side, _)) {
                        desk.lookAtCorner(side);
                    }
                }));
        frame.setOnDragOver(over -> {
            if (dropped(over).isPresent()) {
                over.acceptTransferModes(TransferMode.COPY);
            }
        });
        frame.setOnDragDropped(drop -> dropped(drop).ifPresent(pictures::read));
        getStyleClass().add("neat-corner");
        getStylesheets().add(MainView.class.getResource("/neatcorner/app/view/neat-corner.css").toExternalForm());
        build();
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        // After whoever has an entry open: the first Escape is theirs.
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE && desk.isInShop()) {
                key.consume();
                desk.show(Page.JOB);
                focusDrawing();
            }
        });
        // What is typed with a chord is no text: on some systems Ctrl 4 also types a 4.
        addEventFilter(KeyEvent.KEY_TYPED, typed -> {
            if (typed.isShortcutDown() && !typed.isAltDown()) {
                typed.consume();
            }
        });
        widthProperty().addListener(_ -> columns());
        heightProperty().addListener(_ -> columns());
        desk.addListener(this::refresh);
        desk.onComplaint(this::say);
        refresh();
        completeAfterFirstFrames();
    }

    /** The drawing with its numbers comes first, so that one can type at once; the rest a few frames later. */
    private void completeAfterFirstFrames() {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames == FRAMES_BEFORE_THE_REST) {
                    stop();
                    complete();
                }
            }
        }.start();
    }

    /** Fills in everything that was left for after the first frame. */
    public void complete() {
        if (!whole) {
            whole = true;
            side = new SideColumn(desk, typist);
            sidePane.show(side);
            sticksPane.show(sticks);
            refresh();
            desk.improver().start();
            Photos.begin(desk);
        }
    }

    private void build() {
        frame.setId("frame-picture");
        sticks.setId("sticks-picture");
        pictureTitle.getStyleClass().add("heading");
        pictureHint.getStyleClass().add("soft");
        frameCard.getChildren().setAll(head(pictureTitle, pictureHint), frame);
        VBox.setVgrow(frame, Priority.ALWAYS);
        sticksTitle.getStyleClass().add("heading");
        sticksSummary.getStyleClass().add("soft");
        sticksCard.getChildren().setAll(sticksBar.head(sticksTitle, sticksSummary), sticksPane);
        VBox.setVgrow(sticksPane, Priority.ALWAYS);
        HBox.setHgrow(frameCard, Priority.ALWAYS);
        HBox.setHgrow(sticksCard, Priority.ALWAYS);
        detailPane.setId("detail");
        top.getChildren().setAll(frameCard, detailPane);
        VBox.setVgrow(top, Priority.ALWAYS);
        footTitle.getStyleClass().add("heading");
        footSummary.getStyleClass().add("soft");
        footCard.getChildren().setAll(head(footTitle, footSummary), footPane);
        footPicture.setId("foot-picture");
        footCard.setVisible(false);
        footCard.setManaged(false);
        VBox left = new VBox(12, top, footCard);
        HBox.setHgrow(left, Priority.ALWAYS);
        sidePane.setId("side");
        jobPage.setSpacing(12);
        jobPage.getChildren().addAll(left, sidePane);
        page.getChildren().setAll(jobPage);
        VBox.setVgrow(page, Priority.ALWAYS);
        VBox body = new VBox(12, rail, page);
        body.getStyleClass().add("body");
        VBox.setVgrow(body, Priority.ALWAYS);
        VBox all = new VBox(bar(), body);
        message.getStyleClass().add("message");
        message.setWrapText(true);
        message.setMaxWidth(620);
        message.setOnMouseClicked(_ -> silent());
        showFile.setText(Labels.get("file.show"));
        showFile.setId("show-file");
        showFile.getStyleClass().add("quiet");
        showFile.setOnAction(_ -> shown.ifPresent(papers::show));
        said.getChildren().setAll(message, showFile);
        said.setAlignment(Pos.CENTER);
        said.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        said.getStyleClass().add("said");
        said.setVisible(false);
        said.setManaged(false);
        StackPane.setAlignment(said, Pos.BOTTOM_CENTER);
        StackPane.setMargin(said, new Insets(0, 0, 18, 0));
        getChildren().addAll(all, said);
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

    private HBox bar() {
        Polygon mark = new Polygon(0, 0, 20, 0, 14, 7, 7, 7, 7, 14, 0, 20);
        mark.getStyleClass().add("mark");
        brand.getStyleClass().add("brand");
        Button job = new Button();
        job.setId("open-jobs");
        job.getStyleClass().add("job-title");
        title.getStyleClass().add("bar-title");
        order.getStyleClass().add("bar-order");
        VBox words = new VBox(title, order);
        words.setAlignment(Pos.CENTER_LEFT);
        job.setGraphic(words);
        job.setAccessibleText(Labels.get("bar.jobs"));
        job.setOnAction(_ -> showJobs(!isShown(jobs)));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        inch.setId("inch");
        inch.setOnAction(_ -> units(Unit.INCH));
        mm.setId("mm");
        mm.setOnAction(_ -> units(Unit.MM));
        HBox units = new HBox(inch, mm);
        units.getStyleClass().add("units");
        light.setId("light");
        light.setOnAction(_ -> toggleLight());
        shop.setText(Labels.get("bar.shop"));
        shop.setId("shop");
        shop.setOnAction(_ -> desk.show(desk.isInShop() ? Page.JOB : Page.SHOP));
        Button help = new Button("F1");
        help.setAccessibleText(Labels.get("bar.help"));
        help.setId("help");
        help.setOnAction(_ -> showShortcuts(true));
        Button sheet = new Button(Labels.get("bar.sheet"));
        sheet.setId("sheet");
        sheet.getStyleClass().add("main-action");
        sheet.setOnAction(_ -> papers.sheet());
        MenuButton more = new MenuButton(Labels.get("bar.write"));
        more.setId("write");
        more.setOnShowing(_ -> papers.offer(more));
        settle.setId("settle");
        settle.setOnAction(_ -> toggleSettled());
        unsaved.setId("unsaved");
        unsaved.getStyleClass().add("unsaved");
        unsaved.setVisible(false);
        unsaved.setManaged(false);
        unsaved.setOnAction(_ -> desk.saveAgain());
        HBox bar = new HBox(10, mark, brand, job, between, unsaved, settle, units, light, shop, help, more, sheet);
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("bar");
        return bar;
    }

    /** A customer's picture that is dragged over the drawing. */
    private static Optional<Path> dropped(DragEvent drag) {
        return drag.getDragboard().getFiles().stream()
                .map(File::toPath)
                .filter(PictureImport::isPicture)
                .findFirst();
    }

    private static boolean isShown(@Nullable Node node) {
        return node != null && node.isVisible();
    }

    /** Made when first asked for: the window opens sooner without it. */
    private void showShortcuts(boolean shown) {
        if (shown && shortcuts == null) {
            shortcuts = new ShortcutsCard(() -> showShortcuts(false));
            getChildren().add(shortcuts);
        }
        if (shortcuts != null) {
            shortcuts.setVisible(shown);
            shortcuts.requestFocus();
        }
    }

    private void showJobs(boolean shown) {
        if (shown && jobs == null) {
            jobs = new JobsDrawer(desk, () -> showJobs(false), this::focusDrawing);
            StackPane.setAlignment(jobs, Pos.TOP_LEFT);
            getChildren().add(jobs);
        }
        if (jobs != null) {
            jobs.setVisible(shown);
            if (shown) {
                jobs.open();
            }
        }
    }

    private void key(KeyEvent key) {
        if (key.getCode() == KeyCode.ESCAPE && (isShown(jobs) || isShown(shortcuts))) {
            showJobs(false);
            showShortcuts(false);
            key.consume();
            return;
        }
        for (Shortcut shortcut : Shortcut.values()) {
            if (shortcut.matches(key) && shortcut != Shortcut.TYPE) {
                key.consume();
                takeOpenEntry();
                run(shortcut);
                return;
            }
        }
        if (key.isShortcutDown() && key.getCode().isDigitKey()) {
            int number = key.getCode().getName().charAt(0) - '1';
            if (number >= 0 && number < Station.values().length) {
                takeOpenEntry();
                desk.go(Station.values()[number]);
                key.consume();
            }
        }
    }

    /**
     * An open entry belongs to the job and the units it was typed in: before anything else is done by a chord it is
     * taken, as with Enter; one that is refused is left as it was, and the refusal is said.
     */
    private void takeOpenEntry() {
        Node owner = getScene() == null ? null : getScene().getFocusOwner();
        for (Node node = owner; node != null; node = node.getParent()) {
            if (node instanceof TagField tag) {
                tag.take().ifPresent(this::say);
                return;
            }
        }
        if (owner instanceof TextInputControl) {
            requestFocus();
        }
    }

    private void run(Shortcut shortcut) {
        switch (shortcut) {
            case HELP -> showShortcuts(!isShown(shortcuts));
            case JOBS -> showJobs(!isShown(jobs));
            case NEW -> desk.newJob();
            case SHOP -> desk.show(Page.SHOP);
            case FIND -> {
                desk.show(Page.SHOP);
                shopPage().find();
            }
            case NEXT -> step(1);
            case PREVIOUS -> step(-1);
            case SETTLE -> toggleSettled();
            case UNDO -> desk.undo();
            case REDO -> desk.redo();
            case UNITS -> units(desk.appearance().graduation().unit() == Unit.INCH
                    ? Unit.MM : Unit.INCH);
            case FINER -> units(desk.appearance().graduation().unit());
            case LIGHT -> toggleLight();
            case LARGER -> desk.look(desk.appearance().larger(10));
            case SMALLER -> desk.look(desk.appearance().larger(-10));
            case SHEET -> papers.sheet();
            case SAVE_AS -> papers.saveAs();
            case OPEN -> papers.open();
            case TYPE -> throw new IllegalStateException("tags take F2 themselves");
        }
    }

    private void step(int by) {
        int next = desk.station().ordinal() + by;
        if (next >= 0 && next < Station.values().length) {
            desk.go(Station.values()[next]);
        }
    }

    /** To the other unit; pressed again on the same one, to finer marks and round again. */
    private void units(Unit unit) {
        Graduation now = desk.appearance().graduation();
        List<Graduation> marks = List.of(Graduation.values()).stream().filter(g -> g.unit() == unit).toList();
        Graduation next = now.unit() == unit ? marks.get((marks.indexOf(now) + 1) % marks.size()) : marks.getFirst();
        desk.look(desk.appearance().with(next));
    }

    private void toggleLight() {
        desk.look(desk.appearance().with(desk.appearance().palette() == Palette.DAY ? Palette.EVENING : Palette.DAY));
    }

    private void toggleSettled() {
        boolean settled = desk.plan().job().settled().contains(desk.station());
        desk.edit(new Edit.Settle(desk.station(), !settled)).ifPresent(this::say);
    }

    /** Says something below everything for a while; a press takes it away. */
    void say(String text) {
        message.setText(Labels.brief(text));
        showFile.setVisible(false);
        showFile.setManaged(false);
        said.setVisible(true);
        said.setManaged(true);
        hush.setDuration(Duration.seconds(Math.clamp(text.length() / 12, 6, 20)));
        hush.setOnFinished(_ -> silent());
        hush.playFromStart();
    }

    private void written(Path file) {
        shown = Optional.of(file);
        showFile.setVisible(true);
        showFile.setManaged(true);
    }

    private void silent() {
        hush.stop();
        said.setVisible(false);
        said.setManaged(false);
    }

    private Panel detail(Station station) {
        return details.computeIfAbsent(
                station, here -> Rooms.of(here).panel(new Room.Tools(desk, typist, outlines::ask, pictures::ask)));
    }

    /** Reads the desk anew. An edit made while a control loses focus asks for it again; once is enough. */
    private void refresh() {
        if (refreshing) {
            Platform.runLater(this::refresh);
            return;
        }
        if (desk.isMoving() && !desk.isInShop()) {
            drawing(desk.station());
            return;
        }
        refreshing = true;
        try {
            look();
            title.setText(desk.plan().job().title());
            order.setText(desk.plan().job().order());
            order.setManaged(!order.getText().isEmpty());
            rail.update();
            if (desk.isInShop()) {
                page.getChildren().setAll(shopPage());
                shopPage().update();
            } else {
                page.getChildren().setAll(jobPage);
                job();
            }
        } finally {
            refreshing = false;
        }
    }

    /** Made when first asked for: the window opens sooner without it. */
    private ShopPage shopPage() {
        if (shopPage == null) {
            shopPage = new ShopPage(desk, files, this::say);
        }
        return shopPage;
    }

    private void job() {
        Station station = desk.station();
        columns();
        drawing(station);
        if (side == null) {
            return;
        }
        Panel detail = detail(station);
        detailPane.show(detail);
        detail.update();
        side.update();
        foot(station);
    }

    private void drawing(Station station) {
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
        Optional<Room.Foot> foot = side == null ? Optional.empty() : room.foot(desk);
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
    public void focusDrawing() {
        frame.focusFirst();
    }

    /** How the width is shared: large text must not squeeze the drawing away. */
    private void columns() {
        double size = desk.appearance().textSize() / 100.0;
        double room = getWidth() > 0 ? getWidth() : USUAL_WIDTH;
        width(detailPane, Math.min(350 * size, room * 0.30));
        width(sidePane, Math.min(320 * size, room * 0.29));
        brand.setVisible(room > WIDE_BAR * size);
        brand.setManaged(brand.isVisible());
    }

    private static void width(Region region, double width) {
        region.setMinWidth(width);
        region.setPrefWidth(width);
    }

    private void look() {
        Palette palette = desk.appearance().palette();
        StringBuilder style = new StringBuilder(
                "-fx-font-family: \"" + FxFonts.SHIPPED.text(13, false).getFamily() + "\"; -fx-font-size: "
                        + 13 * desk.appearance().textSize() / 100.0 + "px;");
        for (Ink ink : Ink.values()) {
            style.append(" -nc-").append(ink.name().toLowerCase(Locale.ROOT).replace('_', '-')).append(": ")
                    .append(palette.hex(ink)).append(';');
        }
        setStyle(style.toString());
        Graduation graduation = desk.appearance().graduation();
        boolean inches = graduation.unit() == Unit.INCH;
        inch.setText(
                inches ? Labels.get("unit." + graduation.name().toLowerCase(Locale.ROOT)) : Labels.get("unit.inch"));
        mm.setText(inches ? Labels.get("unit.mm") : Labels.get("unit." + graduation.name().toLowerCase(Locale.ROOT)));
        inch.pseudoClassStateChanged(ON, inches);
        mm.pseudoClassStateChanged(ON, !inches);
        light.setText(Labels.get(palette == Palette.DAY ? "bar.evening" : "bar.day"));
        boolean settled = desk.plan().job().settled().contains(desk.station());
        settle.setText(Labels.get(settled ? "bar.settled" : "bar.settle"));
        settle.pseudoClassStateChanged(ON, settled);
        settle.setVisible(!desk.isInShop());
        shop.pseudoClassStateChanged(ON, desk.isInShop());
        boolean failing = desk.unsaved().isPresent();
        unsaved.setText(Labels.get("bar.unsaved"));
        unsaved.setAccessibleText(Labels.get("bar.unsaved") + ". " + desk.unsaved().orElse(""));
        unsaved.setTooltip(failing ? new Tooltip(desk.unsaved().get()) : null);
        unsaved.setVisible(failing);
        unsaved.setManaged(failing);
    }
}
