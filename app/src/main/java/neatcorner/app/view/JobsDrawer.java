package neatcorner.app.view;

import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.card.CardCode;
import neatcorner.files.store.ShopStore;

/** The jobs of the shop, to take one up or begin another. */
final class JobsDrawer extends VBox {
    private static final int MOST_SHOWN = 200;
    private final Desk desk;
    private final Runnable close;
    private final TextField search = new TextField();
    private final VBox list = new VBox();
    private final CheckBox away = new CheckBox(Labels.get("jobs.show_away"));
    private final Runnable chosen;

    /** A drawer over a desk; {@code chosen} is told when a job was taken up. */
    JobsDrawer(Desk desk, Runnable close, Runnable chosen) {
        this.desk = desk;
        this.close = close;
        this.chosen = chosen;
        getStyleClass().addAll("card", "drawer");
        setId("jobs");
        search.setPromptText(Labels.get("jobs.search"));
        search.setAccessibleText(Labels.get("jobs.search"));
        search.setId("jobs-search");
        search.textProperty().addListener(_ -> fill());
        search.setOnAction(_ -> take());
        search.addEventFilter(KeyEvent.KEY_PRESSED, pressed -> {
            if (pressed.getCode() == KeyCode.DOWN) {
                first().ifPresent(Button::requestFocus);
                pressed.consume();
            }
        });
        Button fresh = new Button(Labels.get("jobs.new"));
        fresh.setId("new-job");
        fresh.getStyleClass().add("remedy");
        fresh.setOnAction(_ -> {
            close.run();
            desk.newJob();
            chosen.run();
        });
        list.getStyleClass().add("panel-rows");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(Panel.text(Labels.get("jobs.heading"), "heading"), search, scroll, away, fresh);
        away.setId("jobs-away");
        away.setOnAction(_ -> fill());
    }

    void open() {
        search.clear();
        fill();
        search.requestFocus();
    }

    /** The job that stands first is taken up, or that whose printed card was read into the search. */
    private void take() {
        if (!search.getText().startsWith(CardCode.BEGINS)) {
            first().ifPresent(Button::fire);
            return;
        }
        desk.bench()
                .open(search.getText())
                .ifPresentOrElse(
                        why -> list.getChildren().setAll(Panel.text(why, "caution-word")),
                        close);
    }

    /** The job that stands first. */
    private Optional<Button> first() {
        return list.getChildren().stream()
                .limit(1)
                .filter(HBox.class::isInstance)
                .map(row -> (Button) ((HBox) row).getChildren().getFirst())
                .findFirst();
    }

    private void fill() {
        String wanted = search.getText().strip().toLowerCase(Locale.ROOT);
        list.getChildren().clear();
        desk.jobs().stream()
                .filter(entry -> (entry.title() + " " + entry.order()).toLowerCase(Locale.ROOT).contains(wanted))
                .filter(entry -> entry.away() == away.isSelected())
                .limit(MOST_SHOWN).forEach(entry -> list.getChildren().add(row(entry)));
        if (list.getChildren().isEmpty()) {
            list.getChildren().add(Panel.text(Labels.get("jobs.none"), "soft"));
        }
    }

    /** A job with what can be done to it; the one in hand can only be put away. */
    private HBox row(ShopStore.Listed entry) {
        Button job = item(entry);
        HBox.setHgrow(job, Priority.ALWAYS);
        Button put = new Button(Labels.get(entry.away() ? "jobs.back" : "jobs.away"));
        put.getStyleClass().add("quiet");
        put.setAccessibleText(Labels.get(entry.away() ? "jobs.back" : "jobs.away") + ": " + entry.title());
        put.setOnAction(_ -> {
            desk.putAway(entry.id(), !entry.away());
            fill();
        });
        HBox row = new HBox(4, job, put);
        row.setAlignment(Pos.CENTER_LEFT);
        if (entry.away() && !entry.id().equals(desk.jobId())) {
            row.getChildren().add(remove(entry));
        }
        return row;
    }

    /** Pressed once it asks, pressed again it removes: that cannot be undone. */
    private Button remove(ShopStore.Listed entry) {
        Button remove = new Button(Labels.get("jobs.remove"));
        remove.getStyleClass().add("quiet");
        remove.setAccessibleText(Labels.get("jobs.remove") + ": " + entry.title());
        remove.setOnAction(_ -> {
            if (remove.getText().equals(Labels.get("jobs.remove"))) {
                remove.setText(Labels.get("jobs.remove_sure"));
            } else {
                desk.remove(entry.id());
                fill();
            }
        });
        return remove;
    }

    private Button item(ShopStore.Listed entry) {
        Label title = new Label(entry.title());
        title.getStyleClass().add("strong");
        Label order = new Label(entry.order().isBlank() ? Labels.get("jobs.no_order") : entry.order());
        order.getStyleClass().add("soft");
        VBox words = new VBox(title, order);
        words.setAlignment(Pos.CENTER_LEFT);
        Button button = new Button();
        button.setGraphic(words);
        button.setAccessibleText(entry.title());
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinHeight(Region.USE_PREF_SIZE);
        button.getStyleClass().add(entry.id().equals(desk.jobId()) ? "job-here" : "job");
        button.setOnAction(_ -> {
            close.run();
            desk.open(entry.id());
            chosen.run();
        });
        return button;
    }
}
