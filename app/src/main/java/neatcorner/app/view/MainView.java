package neatcorner.app.view;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.Palette;
import neatcorner.core.words.Station;
import org.jspecify.annotations.Nullable;

/** The window's content: the bar, the rail, the drawing with the station beside it, sticks and tally. */
public final class MainView extends StackPane {
    private static final double USUAL_WIDTH = 1280;
    private static final int FRAMES_BEFORE_THE_REST = 4;
    private final Desk desk;
    private final FilePort files;
    private final Papers papers;
    private final TopBar bar;
    private final Rail rail;
    private final JobPage jobPage;
    private final StackPane page = new StackPane();
    private final Notice notice;
    private @Nullable ShopPage shopPage;
    private @Nullable SawPage sawPage;
    private @Nullable BenchPage benchPage;
    private @Nullable JobsDrawer jobs;
    private @Nullable ShortcutsCard shortcuts;
    private @Nullable GaugeWindow gauges;
    private boolean refreshing;
    private boolean whole;

    /** The view of a desk; files are asked for through the port. */
    public MainView(Desk desk, FilePort files) {
        this.desk = desk;
        this.files = files;
        OutlineImport outlines = new OutlineImport(desk, files, this::say);
        PictureImport pictures = new PictureImport(desk, files, this::say);
        this.papers = new Papers(desk, files, outlines, this::say, this::written, this::busy);
        this.notice = new Notice(papers::show);
        this.bar = new TopBar(
                desk, papers, this::say, () -> showJobs(!isShown(jobs)), () -> showShortcuts(true));
        this.rail = new Rail(desk);
        Room.Tools tools = new Room.Tools(desk, new Typist(desk), outlines::ask, pictures::ask);
        this.jobPage = new JobPage(desk, tools, this::say, pictures::read);
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
        widthProperty().addListener(_ -> fit());
        desk.addListener(this::refresh);
        desk.onComplaint(this::say);
        GaugeHand gaugeHand = new GaugeHand(
                desk,
                () -> Optional.ofNullable(getScene()).map(Scene::getFocusOwner),
                reading -> benchPage().takes(reading));
        desk.gauges().onReading(reading -> gaugeHand.take(reading).ifPresent(this::say));
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
            rail.fill();
            jobPage.complete();
            refresh();
            desk.improver().start();
            Photos.begin(desk);
        }
    }

    private void build() {
        page.getChildren().setAll(jobPage);
        VBox.setVgrow(page, Priority.ALWAYS);
        VBox body = new VBox(12, rail, page);
        body.getStyleClass().add("body");
        VBox.setVgrow(body, Priority.ALWAYS);
        StackPane.setAlignment(notice, Pos.BOTTOM_CENTER);
        StackPane.setMargin(notice, new Insets(0, 0, 18, 0));
        getChildren().addAll(new VBox(bar, body), notice);
    }

    private void fit() {
        bar.fit(getWidth() > 0 ? getWidth() : USUAL_WIDTH);
        jobPage.fit(getWidth() > 0 ? getWidth() : USUAL_WIDTH);
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

    /** Made when first asked for. */
    private void showGauges() {
        if (gauges == null) {
            gauges = new GaugeWindow(desk, files, getScene().getWindow(), this::say);
            gauges.getStylesheets().setAll(getStylesheets());
            desk.gauges().look();
        }
        refresh();
        gauges.show();
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
            case SAW -> desk.show(Page.PROVING);
            case BENCH -> desk.show(Page.BENCH);
            case GAUGES -> showGauges();
            case FIND -> {
                desk.show(Page.SHOP);
                shopPage().find();
            }
            case NEXT -> step(1);
            case PREVIOUS -> step(-1);
            case SETTLE -> desk.toggleSettled().ifPresent(this::say);
            case UNDO -> desk.undo();
            case REDO -> desk.redo();
            case UNITS -> desk.look(desk.appearance().inOtherUnit());
            case FINER -> desk.look(desk.appearance().in(desk.appearance().graduation().unit()));
            case LIGHT -> desk.look(desk.appearance().inOtherLight());
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

    /** Says something below everything for a while; a press takes it away. */
    void say(String text) {
        notice.say(text);
    }

    private void written(Path file) {
        notice.of(file);
    }

    private void busy(String text, Runnable stop) {
        notice.busy(text, stop);
    }

    /** Reads the desk anew. An edit made while a control loses focus asks for it again; once is enough. */
    private void refresh() {
        if (refreshing) {
            Platform.runLater(this::refresh);
            return;
        }
        if (desk.isMoving() && !desk.isInShop()) {
            jobPage.draw();
            return;
        }
        refreshing = true;
        try {
            setStyle(look());
            if (gauges != null) {
                gauges.update(getStyle());
            }
            boolean atBench = desk.page() == Page.BENCH;
            if (!atBench) {
                bar.update();
                fit();
                rail.update();
            }
            for (Node above : List.of(bar, rail)) {
                above.setVisible(!atBench);
                above.setManaged(!atBench);
            }
            if (atBench) {
                fill(benchPage());
                benchPage().update();
            } else if (desk.isInShop()) {
                PartedPage shown = desk.page() == Page.SHOP ? shopPage() : sawPage();
                fill(shown);
                shown.update();
            } else {
                fill(jobPage);
                jobPage.update();
            }
        } finally {
            refreshing = false;
        }
    }

    /** Shows a page; one that is shown already stays as it is, or all of it would be styled anew. */
    private void fill(Node shown) {
        if (!page.getChildren().contains(shown)) {
            page.getChildren().setAll(shown);
        }
    }

    /** Made when first asked for: the window opens sooner without it. */
    private ShopPage shopPage() {
        if (shopPage == null) {
            shopPage = new ShopPage(desk, files, this::say);
        }
        return shopPage;
    }

    /** The same. */
    private BenchPage benchPage() {
        if (benchPage == null) {
            benchPage = new BenchPage(desk, files, this::say);
            VBox.setVgrow(benchPage, Priority.ALWAYS);
        }
        return benchPage;
    }

    /** The same. */
    private SawPage sawPage() {
        if (sawPage == null) {
            sawPage = new SawPage(desk);
        }
        sawPage.show(desk.page());
        return sawPage;
    }

    /** Puts the keyboard on the drawing's first number. */
    public void focusDrawing() {
        jobPage.focusDrawing();
    }

    private String look() {
        Palette palette = desk.appearance().palette();
        StringBuilder style = new StringBuilder(
                "-fx-font-family: \"" + FxFonts.SHIPPED.text(13, false).getFamily() + "\"; -fx-font-size: "
                        + 13 * desk.appearance().textSize() / 100.0 + "px;");
        for (Ink ink : Ink.values()) {
            style.append(" -nc-").append(ink.name().toLowerCase(Locale.ROOT).replace('_', '-')).append(": ")
                    .append(palette.hex(ink)).append(';');
        }
        return style.toString();
    }
}
