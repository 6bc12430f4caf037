package neatcorner.app.view;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.FrameDrawing;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.Palette;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.StickDrawing;
import neatcorner.core.job.Edit;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.sheet.SheetSize;
import neatcorner.files.sheet.ShopSheet;

/** The window's content: the bar, the rail, the drawing with the station beside it, sticks and tally. */
public final class MainView extends StackPane {
    private static final PseudoClass ON = PseudoClass.getPseudoClass("on");
    private final Desk desk;
    private final FilePort files;
    private final Typist typist;
    private final Label title = new Label();
    private final Label order = new Label();
    private final Button inch = new Button();
    private final Button mm = new Button();
    private final Button settle = new Button();
    private final Button light = new Button();
    private final Rail rail;
    private final PictureView frame;
    private final PictureView sticks;
    private final ScrollPane sticksPane;
    private final Label sticksTitle = new Label();
    private final SideColumn side;
    private final ScrollPane detailPane = new ScrollPane();
    private final Map<Station, Panel> details = new EnumMap<>(Station.class);
    private final HBox jobPage = new HBox();
    private final StackPane page = new StackPane();
    private final ShopPage shopPage;
    private final JobsDrawer jobs;
    private final VBox shortcuts = new VBox();
    private final Label message = new Label();
    private boolean refreshing;

    /** The view of a desk; files are asked for through the port. */
    public MainView(Desk desk, FilePort files) {
        this.desk = desk;
        this.files = files;
        this.typist = new Typist(desk);
        this.rail = new Rail(desk);
        this.frame = new PictureView(desk, typist);
        this.sticks = new PictureView(desk, typist);
        this.sticksPane = new ScrollPane(sticks);
        this.side = new SideColumn(desk, typist);
        this.shopPage = new ShopPage(desk);
        this.jobs = new JobsDrawer(desk, () -> showJobs(false));
        getStyleClass().add("neat-corner");
        getStylesheets().add(MainView.class.getResource("/neatcorner/app/view/neat-corner.css").toExternalForm());
        build();
        addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        desk.addListener(this::refresh);
        desk.onComplaint(this::say);
        refresh();
    }

    private void build() {
        frame.setId("frame-picture");
        sticks.setId("sticks-picture");
        VBox frameCard = card(frame);
        VBox.setVgrow(frame, Priority.ALWAYS);
        HBox.setHgrow(frameCard, Priority.ALWAYS);
        detailPane.setFitToWidth(true);
        detailPane.setId("detail");
        detailPane.getStyleClass().add("card");
        detailPane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        HBox top = new HBox(12, frameCard, detailPane);
        VBox.setVgrow(top, Priority.ALWAYS);
        sticksTitle.getStyleClass().add("soft");
        HBox sticksHead = new HBox(14, Panel.text(Labels.get("sticks.heading"), "heading"), sticksTitle);
        sticksHead.setAlignment(Pos.BASELINE_LEFT);
        sticksPane.setFitToWidth(true);
        sticksPane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        VBox sticksCard = card(sticksHead, sticksPane);
        VBox.setVgrow(sticksPane, Priority.ALWAYS);
        VBox left = new VBox(12, top, sticksCard);
        HBox.setHgrow(left, Priority.ALWAYS);
        ScrollPane sidePane = new ScrollPane(side);
        sidePane.setFitToWidth(true);
        sidePane.setId("side");
        sidePane.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        sidePane.getStyleClass().addAll("card", "side");
        jobPage.setSpacing(12);
        jobPage.getChildren().addAll(left, sidePane);
        page.getChildren().setAll(jobPage);
        VBox.setVgrow(page, Priority.ALWAYS);
        VBox body = new VBox(12, rail, page);
        body.getStyleClass().add("body");
        VBox.setVgrow(body, Priority.ALWAYS);
        VBox all = new VBox(bar(), body);
        message.getStyleClass().add("message");
        message.setVisible(false);
        message.setManaged(false);
        StackPane.setAlignment(message, Pos.BOTTOM_CENTER);
        jobs.setVisible(false);
        StackPane.setAlignment(jobs, Pos.TOP_LEFT);
        buildShortcuts();
        getChildren().addAll(all, jobs, shortcuts, message);
    }

    private static VBox card(Node... content) {
        VBox card = new VBox(6, content);
        card.getStyleClass().addAll("card", "padded");
        return card;
    }

    private HBox bar() {
        javafx.scene.shape.Polygon mark = new javafx.scene.shape.Polygon(0, 0, 20, 0, 14, 7, 7, 7, 7, 14, 0, 20);
        mark.getStyleClass().add("mark");
        Label name = new Label("Neat Corner");
        name.getStyleClass().add("brand");
        Button job = new Button();
        job.setId("open-jobs");
        job.getStyleClass().add("job-title");
        title.getStyleClass().add("bar-title");
        order.getStyleClass().add("bar-order");
        VBox words = new VBox(title, order);
        words.setAlignment(Pos.CENTER_LEFT);
        job.setGraphic(words);
        job.setAccessibleText(Labels.get("bar.jobs"));
        job.setOnAction(_ -> showJobs(!jobs.isVisible()));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        inch.setId("inch");
        inch.setOnAction(_ -> units(neatcorner.core.measure.Unit.INCH));
        mm.setId("mm");
        mm.setOnAction(_ -> units(neatcorner.core.measure.Unit.MM));
        HBox units = new HBox(inch, mm);
        units.getStyleClass().add("units");
        light.setId("light");
        light.setOnAction(_ -> toggleLight());
        Button shop = new Button(Labels.get("bar.shop"));
        shop.setId("shop");
        shop.setOnAction(_ -> desk.showShop(!desk.isInShop()));
        Button help = new Button("F1");
        help.setAccessibleText(Labels.get("bar.help"));
        help.setId("help");
        help.setOnAction(_ -> showShortcuts(true));
        Button sheet = new Button(Labels.get("bar.sheet"));
        sheet.setId("sheet");
        sheet.getStyleClass().add("main-action");
        sheet.setOnAction(_ -> sheet());
        settle.setId("settle");
        settle.setOnAction(_ -> toggleSettled());
        HBox bar = new HBox(10, mark, name, job, between, settle, units, light, shop, help, sheet);
        bar.setAlignment(Pos.CENTER_LEFT);
        bar.getStyleClass().add("bar");
        return bar;
    }

    private void buildShortcuts() {
        shortcuts.getStyleClass().addAll("card", "shortcuts");
        shortcuts.setId("shortcuts");
        shortcuts.getChildren().add(Panel.text(Labels.get("keys.heading"), "heading"));
        for (Shortcut shortcut : Shortcut.values()) {
            shortcuts.getChildren().add(Panel.spread(Panel.text(Labels.get("keys." + shortcut.name().toLowerCase(java.util.Locale.ROOT))),
                    Panel.text(shortcut.shown(), "strong")));
        }
        shortcuts.getChildren().add(Panel.text(Labels.get("keys.tags"), "soft"));
        Button close = new Button(Labels.get("keys.close"));
        close.setOnAction(_ -> showShortcuts(false));
        shortcuts.getChildren().add(close);
        shortcuts.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        shortcuts.setVisible(false);
    }

    private void showShortcuts(boolean shown) {
        shortcuts.setVisible(shown);
        if (shown) {
            shortcuts.getChildren().getLast().requestFocus();
        }
    }

    private void showJobs(boolean shown) {
        jobs.setVisible(shown);
        if (shown) {
            jobs.open();
        }
    }

    private void key(KeyEvent key) {
        if (key.getCode() == KeyCode.ESCAPE && (jobs.isVisible() || shortcuts.isVisible())) {
            showJobs(false);
            showShortcuts(false);
            key.consume();
            return;
        }
        for (Shortcut shortcut : Shortcut.values()) {
            if (shortcut.matches(key) && shortcut != Shortcut.TYPE) {
                key.consume();
                run(shortcut);
                return;
            }
        }
        if (key.isShortcutDown() && key.getCode().isDigitKey()) {
            int number = key.getCode().getName().charAt(0) - '1';
            if (number >= 0 && number < Station.values().length) {
                desk.go(Station.values()[number]);
                key.consume();
            }
        }
    }

    private void run(Shortcut shortcut) {
        switch (shortcut) {
            case HELP -> showShortcuts(!shortcuts.isVisible());
            case JOBS -> showJobs(!jobs.isVisible());
            case NEW -> desk.newJob();
            case SHOP -> desk.showShop(!desk.isInShop());
            case NEXT -> step(1);
            case PREVIOUS -> step(-1);
            case SETTLE -> toggleSettled();
            case UNDO -> desk.undo();
            case REDO -> desk.redo();
            case UNITS -> units(desk.appearance().graduation().unit() == neatcorner.core.measure.Unit.INCH
                    ? neatcorner.core.measure.Unit.MM : neatcorner.core.measure.Unit.INCH);
            case FINER -> units(desk.appearance().graduation().unit());
            case LIGHT -> toggleLight();
            case LARGER -> desk.look(desk.appearance().larger(10));
            case SMALLER -> desk.look(desk.appearance().larger(-10));
            case SHEET -> sheet();
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
    private void units(neatcorner.core.measure.Unit unit) {
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

    /** Makes the PDF off the interface thread. */
    private void sheet() {
        Plan plan = desk.plan();
        Phrasebook book = desk.book();
        Optional<Path> chosen = files.whereTo(plan.job().title().replaceAll("[^\\p{L}\\p{N} _-]", "") + ".pdf");
        chosen.ifPresent(file -> Thread.ofVirtual().start(() -> {
            String said;
            try {
                Files.write(file, ShopSheet.write(plan, book, book.graduation().unit() == neatcorner.core.measure.Unit.INCH
                        ? SheetSize.LETTER : SheetSize.A4));
                said = Labels.get("sheet.written", file);
            } catch (IOException | java.io.UncheckedIOException failed) {
                said = Labels.get("sheet.failed", file + ": " + failed.getMessage());
            }
            String text = said;
            Platform.runLater(() -> say(text));
        }));
    }

    private void say(String text) {
        message.setText(text);
        message.setVisible(true);
        message.setManaged(true);
        javafx.animation.PauseTransition pause = new javafx.animation.PauseTransition(javafx.util.Duration.seconds(8));
        pause.setOnFinished(_ -> {
            message.setVisible(false);
            message.setManaged(false);
        });
        pause.play();
    }

    private Panel detail(Station station) {
        return details.computeIfAbsent(station, s -> switch (s) {
            case BRIEF -> new BriefDetail(desk, typist);
            case SECTION -> new SectionDetail(desk, typist);
            case CORNERS -> new CornersDetail(desk, typist);
            case CUTS -> new CutsDetail(desk, typist);
            case GLUE_UP -> new GlueDetail(desk, typist);
            case FINISH -> new FinishDetail(desk, typist);
            case FIT -> new FitDetail(desk, typist);
            case HANG -> new HangDetail(desk, typist);
            case LOG -> new LogDetail(desk, typist);
        });
    }

    /** Reads the desk anew. An edit made while a control loses focus asks for it again; once is enough. */
    private void refresh() {
        if (refreshing) {
            Platform.runLater(this::refresh);
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
                page.getChildren().setAll(shopPage);
                shopPage.update();
            } else {
                page.getChildren().setAll(jobPage);
                job();
            }
        } finally {
            refreshing = false;
        }
    }

    private void job() {
        Station station = desk.station();
        Panel detail = detail(station);
        if (detailPane.getContent() != detail) {
            detailPane.setContent(detail);
            detailPane.setVvalue(0);
        }
        double size = desk.appearance().textSize() / 100.0;
        detailPane.setPrefWidth((station == Station.SECTION ? 430 : 350) * size);
        detailPane.setMinWidth(300);
        detail.update();
        side.update();
        frame.draw(SideColumn.spoken(desk), space ->
                FrameDrawing.draw(desk.plan(), station, PictureView.reader(desk), space.getWidth(), space.getHeight()));
        sticksTitle.setText(desk.book().say("sticks.summary", desk.plan().cuts().sticks().size(),
                desk.plan().job().quantity() * desk.plan().frame().members().size())
                + desk.plan().cuts().share().map(s -> desk.book().say("sticks.waste", s)).orElse(""));
        double shown = (station == Station.CUTS ? 250 : 92) * size;
        sticksPane.setMinHeight(shown);
        sticksPane.setPrefHeight(shown);
        sticks.draw(Labels.get("picture.sticks"), space -> {
            Picture picture = StickDrawing.draw(desk.plan(), PictureView.reader(desk), space.getWidth());
            sticks.setMinHeight(picture.height());
            sticks.setPrefHeight(picture.height());
            return picture;
        });
    }

    private void look() {
        Palette palette = desk.appearance().palette();
        StringBuilder style = new StringBuilder("-fx-font-family: \"" + FxFonts.SHIPPED.text(13, false).getFamily() + "\"; -fx-font-size: "
                + 13 * desk.appearance().textSize() / 100.0 + "px;");
        for (Ink ink : Ink.values()) {
            style.append(" -nc-").append(ink.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-')).append(": ")
                    .append(palette.hex(ink)).append(';');
        }
        setStyle(style.toString());
        Graduation graduation = desk.appearance().graduation();
        boolean inches = graduation.unit() == neatcorner.core.measure.Unit.INCH;
        inch.setText(inches ? Labels.get("unit." + graduation.name().toLowerCase(java.util.Locale.ROOT)) : Labels.get("unit.inch"));
        mm.setText(inches ? Labels.get("unit.mm") : Labels.get("unit." + graduation.name().toLowerCase(java.util.Locale.ROOT)));
        inch.pseudoClassStateChanged(ON, inches);
        mm.pseudoClassStateChanged(ON, !inches);
        light.setText(Labels.get(palette == Palette.DAY ? "bar.evening" : "bar.day"));
        boolean settled = desk.plan().job().settled().contains(desk.station());
        settle.setText(Labels.get(settled ? "bar.settled" : "bar.settle"));
        settle.pseudoClassStateChanged(ON, settled);
        settle.setVisible(!desk.isInShop());
    }
}
