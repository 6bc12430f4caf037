package neatcorner.app.view;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.BenchDesk;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Mishaps;
import neatcorner.app.desk.Page;
import neatcorner.core.card.Card;
import neatcorner.core.card.CardCode;
import neatcorner.core.drawing.CardDrawing;
import neatcorner.core.drawing.Picture;
import neatcorner.core.gauge.GaugeReading;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.picture.CustomerPicture;

/** The bench: one card for one act in the whole window, read from where the wood is; a single key goes on. */
final class BenchPage extends VBox {
    private final Desk desk;
    private final FilePort files;
    private final Consumer<String> say;
    private final Errands errands;
    private final Label where = Panel.text("", "bench-where");
    private final Button turns = button("bench-together", "quiet");
    private final Label waiting = Panel.text("", "bench-waiting");
    private final BenchCard card;
    private final PictureView picture;
    private final ProgressBar progress = new ProgressBar(0);
    private final BenchEntry entry;
    private final BenchMishap mishap;
    private final Button done = button("bench-done", "bench-big");
    private final Button back = button("bench-back", "bench-side");
    private final Button undo = button("bench-undo", "bench-side");
    private final Timeline clock = new Timeline(new KeyFrame(javafx.util.Duration.seconds(1), _ -> waiting()));

    /**
     * The bench of a desk.
     *
     * @param files asks for a photo
     * @param say   tells the maker what came of it
     */
    BenchPage(Desk desk, FilePort files, Consumer<String> say) {
        this.desk = desk;
        this.files = files;
        this.say = say;
        this.errands = new Errands(desk, say);
        this.card = new BenchCard(desk, this::update);
        this.picture = new PictureView(desk, NoTyping.HERE);
        this.entry = new BenchEntry(desk, this::requestFocus);
        this.mishap = new BenchMishap(desk, this::requestFocus);
        getStyleClass().add("bench-page");
        setId("bench");
        setFocusTraversable(true);
        picture.setId("bench-picture");
        Button leave = button("bench-leave", "quiet");
        leave.setText(Labels.get("bench.leave"));
        leave.setOnAction(_ -> desk.show(Page.JOB));
        turns.setMinWidth(0);
        turns.setOnAction(_ -> bench().together(!bench().isTogether()));
        HBox head = new HBox(18, where, spring(), turns, waiting, entry.who(), leave);
        head.setAlignment(Pos.CENTER_LEFT);
        ScrollPane read = new ScrollPane(card);
        read.setFitToWidth(true);
        read.setFocusTraversable(false);
        read.prefWidthProperty().bind(widthProperty().multiply(0.42));
        read.setMinWidth(Region.USE_PREF_SIZE);
        VBox drawn = new VBox(picture);
        drawn.getStyleClass().addAll("card", "padded");
        VBox.setVgrow(picture, Priority.ALWAYS);
        HBox.setHgrow(drawn, Priority.ALWAYS);
        HBox middle = new HBox(24, read, drawn);
        VBox.setVgrow(middle, Priority.ALWAYS);
        progress.setMaxWidth(Double.MAX_VALUE);
        progress.setAccessibleText(Labels.get("bench.progress"));
        getChildren().addAll(head, middle, progress, entry, mishap, buttons());
        PictureImport.onDrop(this, this::photo);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        // A reader of codes types what it reads: from its first sign on that is no key of the bench.
        addEventHandler(KeyEvent.KEY_TYPED, typed -> {
            if (typed.getCharacter().equals(CardCode.BEGINS) && !(typed.getTarget() instanceof TextInputControl)) {
                typed.consume();
                close();
                entry.openCode();
            }
        });
        clock.setCycleCount(Animation.INDEFINITE);
        sceneProperty().addListener((_, _, scene) -> {
            if (scene == null) {
                clock.stop();
            } else {
                clock.play();
            }
        });
    }

    private static Region spring() {
        Region spring = new Region();
        HBox.setHgrow(spring, Priority.ALWAYS);
        return spring;
    }

    /** A button of the bench, without its label. */
    static Button button(String id, String style) {
        Button button = new Button();
        button.setId(id);
        button.getStyleClass().add(style);
        button.setMinWidth(Region.USE_PREF_SIZE);
        // Every key is the page's.
        button.setFocusTraversable(false);
        return button;
    }

    private HBox buttons() {
        done.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(done, Priority.ALWAYS);
        done.setOnAction(_ -> goOn());
        back.setText(Labels.get("bench.back"));
        back.setOnAction(_ -> goTo(-1));
        undo.setOnAction(_ -> desk.bench().mishaps().takeBack());
        HBox row = new HBox(14, back, done, undo);
        Button photo = button("bench-photo", "bench-side");
        photo.setText(Labels.get("bench.photo"));
        photo.setOnAction(_ -> files.which().ifPresent(this::photo));
        row.getChildren().addAll(entry.buttons());
        row.getChildren().add(photo);
        row.getChildren().addAll(mishap.buttons());
        return row;
    }

    private BenchDesk bench() {
        return desk.bench();
    }

    /** Keeps a picture with the card that is in hand when it is chosen. */
    private void photo(Path file) {
        Optional<Card> now = bench().card();
        errands.read(file, () -> {
            CustomerPicture picture = CustomerPicture.read(file);
            return () -> {
                if (now.isPresent() && now.equals(bench().card())) {
                    Photos.forget(picture.name());
                    bench().photo(picture);
                } else {
                    say.accept(Labels.get("bench.photo_late"));
                }
            };
        });
    }

    private void goOn() {
        close();
        bench().done();
    }

    private void goTo(int by) {
        close();
        bench().goTo(bench().at() + by);
    }

    private void close() {
        entry.close();
        mishap.close();
    }

    /** Takes what an instrument says; says no where nothing on the card waits for it. */
    boolean takes(GaugeReading reading) {
        return entry.takes(reading);
    }

    /** Space, Enter or a page key goes on, so a pedal that types any of them does, too. */
    private void key(KeyEvent key) {
        if (key.getTarget() instanceof TextInputControl || key.isShortcutDown() || key.isAltDown()) {
            return;
        }
        if (mishap.takes(key.getCode())) {
            key.consume();
            return;
        }
        switch (key.getCode()) {
            case SPACE, ENTER, PAGE_DOWN -> goOn();
            case LEFT, BACK_SPACE, PAGE_UP -> goTo(-1);
            case RIGHT -> goTo(1);
            case KeyCode code when entry.opens(code) -> { }
            case U -> bench().mishaps().takeBack();
            case T -> bench().together(!bench().isTogether());
            case P -> files.which().ifPresent(this::photo);
            default -> {
                return;
            }
        }
        key.consume();
    }

    /** Reads the desk anew. */
    void update() {
        Optional<BenchDesk.Told> told = bench().told();
        Optional<Card> now = bench().card();
        int all = told.map(one -> one.cards().size()).orElse(0);
        where.setText(now.map(one -> Labels.get(
                        "bench.where",
                        desk.book().say(Phrasebook.keyOf(one.act().station())),
                        bench().at() + 1,
                        all,
                        Labels.brief(desk.plan().job().title())))
                .orElseGet(() -> Labels.get(told.isEmpty() ? "bench.waiting" : "bench.nothing")));
        progress.setProgress(all == 0 ? 0 : (double) bench().doneCount() / all);
        boolean isDone = bench().isDone();
        done.setText(Labels.get(isDone ? "bench.done_next" : "bench.next"));
        done.setDisable(now.isEmpty());
        back.setDisable(bench().at() == 0);
        Optional<Mishaps.TakingBack> what = bench().mishaps().takingBack();
        what.ifPresent(one -> undo.setText(Labels.get("bench.undo." + one.name().toLowerCase(Locale.ROOT))));
        undo.setVisible(what.isPresent());
        undo.setManaged(what.isPresent());
        entry.update();
        mishap.update();
        turns();
        card.show(now);
        picture.draw(now.map(one -> desk.book().say(one.title())).orElse(""), space -> now.map(one -> CardDrawing.draw(
                        told.orElseThrow().at(one),
                        one,
                        PictureView.reader(desk),
                        space.getWidth(),
                        space.getHeight()))
                .orElseGet(() -> new Picture(space.getWidth(), space.getHeight(), List.of())));
        waiting();
        if (getScene() != null && !(getScene().getFocusOwner() instanceof TextInputControl)) {
            requestFocus();
        }
    }

    /** The other jobs that could go through this setting, or do. */
    private void turns() {
        List<BenchDesk.Also> others = bench().also();
        turns.setVisible(!others.isEmpty());
        turns.setManaged(turns.isVisible());
        turns.setText(Labels.get(
                bench().isTogether() ? "bench.together" : "bench.also",
                others.stream()
                        .map(other -> Labels.get("bench.also_one", Labels.brief(other.title()), other.cuts()))
                        .collect(Collectors.joining(", "))));
    }

    private String said(Words words) {
        return desk.book().sentence(words);
    }

    /** What must be left alone, and how long. */
    private void waiting() {
        waiting.setText(bench().waiting().stream()
                .findFirst()
                .map(one -> one.left().isZero()
                        ? Labels.get("bench.over", said(one.card().title()))
                        : Labels.get("bench.left", said(one.card().title()), time(one.left())))
                .orElse(""));
    }

    /** A time as the bench says it. */
    static String time(Duration time) {
        return time.toHours() > 0
                ? Labels.get("bench.hours", time.toHours(), time.toMinutesPart())
                : Labels.get(
                        "bench.minutes", time.toMinutes(), String.format(Locale.ROOT, "%02d", time.toSecondsPart()));
    }
}
