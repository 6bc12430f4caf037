package neatcorner.app.view;

import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.files.store.ShopStore;

/** The jobs of the shop, to take one up or begin another. */
final class JobsDrawer extends VBox {
    private static final int MOST_SHOWN = 200;
    private final Desk desk;
    private final Runnable close;
    private final TextField search = new TextField();
    private final VBox list = new VBox();

    JobsDrawer(Desk desk, Runnable close) {
        this.desk = desk;
        this.close = close;
        getStyleClass().addAll("card", "drawer");
        setId("jobs");
        search.setPromptText(Labels.get("jobs.search"));
        search.setAccessibleText(Labels.get("jobs.search"));
        search.setId("jobs-search");
        search.textProperty().addListener(_ -> fill());
        Button fresh = new Button(Labels.get("jobs.new"));
        fresh.setId("new-job");
        fresh.getStyleClass().add("remedy");
        fresh.setOnAction(_ -> {
            close.run();
            desk.newJob();
        });
        list.getStyleClass().add("panel-rows");
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().addAll(Panel.text(Labels.get("jobs.heading"), "heading"), search, scroll, fresh);
    }

    void open() {
        search.clear();
        fill();
        search.requestFocus();
    }

    private void fill() {
        String wanted = search.getText().strip().toLowerCase(Locale.ROOT);
        list.getChildren().clear();
        desk.jobs().stream()
                .filter(entry -> (entry.title() + " " + entry.order()).toLowerCase(Locale.ROOT).contains(wanted))
                .limit(MOST_SHOWN).forEach(entry -> list.getChildren().add(item(entry)));
    }

    private Button item(ShopStore.Listed entry) {
        VBox words = new VBox(Panel.text(entry.title(), "strong"),
                Panel.text(entry.order().isBlank() ? Labels.get("jobs.no_order") : entry.order(), "soft"));
        Button button = new Button();
        button.setGraphic(words);
        button.setAccessibleText(entry.title());
        button.setMaxWidth(Double.MAX_VALUE);
        button.getStyleClass().add(entry.id().equals(desk.jobId()) ? "job-here" : "job");
        button.setOnAction(_ -> {
            close.run();
            desk.open(entry.id());
        });
        return button;
    }
}
