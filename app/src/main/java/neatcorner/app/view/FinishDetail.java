package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.finish.Recipes;
import neatcorner.core.job.Coat;
import neatcorner.core.words.Phrasebook;

/** The recipe, step by step, with what is in the tin written down. */
final class FinishDetail extends Panel {
    FinishDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        heading(Labels.get("finish.start_from"));
        FlowPane ready = new FlowPane(6, 6);
        Recipes.ALL.forEach((name, coats) -> {
            Button button = new Button(book().say(name));
            button.getStyleClass().add("quiet");
            button.setId(name.replace('.', '-'));
            button.setOnAction(_ -> complain(button, desk.edit(new Edit.Finish(coats))));
            ready.getChildren().add(button);
        });
        getChildren().add(ready);
        heading(Labels.get("finish.steps"));
        rows(this::steps);
        add();
        forAll();
    }

    /** The same for every part of the job; a job of one part has no need of it. */
    private void forAll() {
        Button all = new Button(Labels.get("finish.all_parts"));
        all.setId("finish-all");
        all.getStyleClass().add("quiet");
        all.setOnAction(_ -> complain(all, desk().edit(new Edit.FinishAll(coats()))));
        getChildren().add(all);
        onUpdate(() -> {
            all.setVisible(desk().plan().job().parts().stream()
                    .anyMatch(part -> !part.choices().finish().equals(coats())));
            all.setManaged(all.isVisible());
        });
    }

    private List<Coat> coats() {
        return desk().plan().job().choices().finish();
    }

    private void steps(VBox box) {
        for (int i = 0; i < coats().size(); i++) {
            box.getChildren().add(step(i));
        }
        if (coats().isEmpty()) {
            box.getChildren().add(text(book().say("text.bare"), "soft"));
        }
    }

    private HBox step(int index) {
        Coat coat = coats().get(index);
        HBox row = new HBox(6);
        row.setAlignment(Pos.CENTER_LEFT);
        var name = text((index + 1) + ". " + book().say(Phrasebook.keyOf(coat.kind())));
        name.setMinWidth(140);
        name.setPrefWidth(140);
        row.getChildren().add(name);
        if (coat.kind().isNamed()) {
            TextField product = new TextField(coat.product());
            product.setPromptText(Labels.get("finish.product"));
            product.setAccessibleText(Labels.get("finish.product") + ", " + book().say(Phrasebook.keyOf(coat.kind())));
            product.setId("product-" + (index + 1));
            Runnable save = () -> {
                if (!product.getText().equals(coat.product())) {
                    complain(
                            product,
                            change(index, Optional.of(new Coat(coat.kind(), product.getText(), coat.pause()))));
                }
            };
            product.setOnAction(_ -> save.run());
            product.focusedProperty().addListener((_, _, focused) -> {
                if (!focused && product.getScene() != null) {
                    save.run();
                }
            });
            HBox.setHgrow(product, Priority.ALWAYS);
            row.getChildren().add(product);
        } else {
            Region space = new Region();
            HBox.setHgrow(space, Priority.ALWAYS);
            row.getChildren().add(space);
        }
        Button out = new Button("×");
        out.getStyleClass().add("quiet");
        out.setAccessibleText(Labels.get("finish.take_out") + " " + (index + 1));
        out.setOnAction(_ -> complain(out, change(index, Optional.empty())));
        row.getChildren().add(out);
        return row;
    }

    private Optional<String> change(int index, Optional<Coat> coat) {
        List<Coat> changed = new ArrayList<>(coats());
        changed.remove(index);
        coat.ifPresent(c -> changed.add(index, c));
        return desk().edit(new Edit.Finish(changed));
    }

    private void add() {
        ComboBox<Optional<Coat.Kind>> box = choice(
                Labels.get("finish.add"),
                () -> {
                    List<Optional<Coat.Kind>> kinds = new ArrayList<>(List.of(Optional.empty()));
                    List.of(Coat.Kind.values()).forEach(kind -> kinds.add(Optional.of(kind)));
                    return kinds;
                },
                Optional::empty,
                kind -> kind.map(k -> book().say(Phrasebook.keyOf(k))).orElse(Labels.get("finish.pick")),
                kind -> {
                    List<Coat> more = new ArrayList<>(coats());
                    kind.ifPresent(k -> more.add(Coat.of(k, "")));
                    return desk().edit(new Edit.Finish(more));
                });
        box.setId("add-coat");
    }
}
