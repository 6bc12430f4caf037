package neatcorner.app.view;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.edit.Edit;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Phrasebook;
import org.jspecify.annotations.Nullable;

/**
 * A column of small rows that is built once and brought up to date with every plan, so that the
 * keyboard's place is kept.
 */
class Panel extends VBox {
    private final Desk desk;
    private final TagField.Typing typing;
    private final List<Runnable> updates = new ArrayList<>();
    private boolean updating;
    /** The plan a refusal was said for; it outlives its cause no longer than that. */
    private @Nullable Plan complainedAt;

    Panel(Desk desk, TagField.Typing typing) {
        this.desk = desk;
        this.typing = typing;
        getStyleClass().add("panel-rows");
    }

    final Desk desk() {
        return desk;
    }

    final TagField.Typing typing() {
        return typing;
    }

    final Phrasebook book() {
        return desk.book();
    }

    /** Brings every row up to date. */
    final void update() {
        if (complainedAt != null && complainedAt != desk.plan()) {
            complainedAt = null;
            getChildren().removeIf(node -> node.getStyleClass().contains("refusal"));
        }
        updating = true;
        try {
            updates.forEach(Runnable::run);
        } finally {
            updating = false;
        }
    }

    final void onUpdate(Runnable update) {
        updates.add(update);
    }

    final void heading(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("heading");
        getChildren().add(label);
    }

    final void heading(Supplier<String> text) {
        Label label = new Label();
        label.getStyleClass().add("heading");
        label.setWrapText(true);
        onUpdate(() -> label.setText(text.get()));
        getChildren().add(label);
    }

    /** Rows that come and go with the plan. */
    final void rows(Consumer<VBox> fill) {
        rows(fill, _ -> false);
    }

    /** The same; they stay as they are while somebody is at work in them. */
    final void rows(Consumer<VBox> fill, Predicate<VBox> inHand) {
        VBox box = new VBox();
        // Without rows it takes no room between its neighbours, and does not lie unseen over them either.
        box.visibleProperty().bind(Bindings.isNotEmpty(box.getChildren()));
        box.managedProperty().bind(box.visibleProperty());
        onUpdate(() -> {
            if (!inHand.test(box)) {
                box.getChildren().clear();
                box.getStyleClass().setAll("panel-rows");
                fill.accept(box);
            }
        });
        getChildren().add(box);
    }

    /** None of them, then each: what a list offers that may be left open. */
    static <T> List<Optional<T>> orNone(Collection<T> all) {
        return Stream.concat(Stream.of(Optional.<T>empty()), all.stream().map(Optional::of))
                .toList();
    }

    static Label text(String text, String... styles) {
        Label label = new Label(Phrasebook.unbroken(text));
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** A name and a control that takes the rest of the row. */
    private static HBox named(String name, Region control) {
        Label label = text(name, "soft", "name");
        HBox.setHgrow(control, Priority.ALWAYS);
        HBox row = new HBox(8, label, control);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    static HBox spread(Node left, Node right) {
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox row = new HBox(left, between, right);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("row");
        if (left instanceof Label label) {
            label.setMinWidth(60);
            HBox.setHgrow(label, Priority.SOMETIMES);
        }
        if (right instanceof Region region) {
            region.setMinWidth(Region.USE_PREF_SIZE);
        }
        return row;
    }

    /** A figure of the plan with its name: pressing it shows its working. */
    final Node figureRow(Figure<?> figure) {
        Button value = new Button(book().write(figure));
        value.getStyleClass().addAll("figure", figure.origin().name().toLowerCase(Locale.ROOT));
        value.setAccessibleText(book().say(figure.name()) + ": " + book().write(figure));
        value.setId("figure-" + figure.id().replace('.', '-'));
        value.setOnAction(_ -> desk.select(figure.key()));
        return spread(text(book().say(figure.name()), "soft"), value);
    }

    /** A number that can be typed, with its name. */
    final HBox entryRow(Supplier<Optional<Figure<Length>>> figure, FigureKey<Length> key) {
        TagField tag = new TagField(key, typing);
        Label name = text("", "soft");
        HBox row = spread(name, tag);
        onUpdate(() -> {
            Optional<Figure<Length>> now = figure.get();
            row.setVisible(now.isPresent());
            row.setManaged(now.isPresent());
            now.ifPresent(f -> {
                name.setText(book().say(f.name()));
                show(tag, f);
            });
        });
        return row;
    }

    final void show(TagField tag, Figure<Length> figure) {
        tag.show(
                book().numeral(figure),
                figure.origin(),
                "",
                book().say(figure.name()),
                15 * desk.appearance().textSize() / 100.0,
                desk.appearance().palette(),
                figure.key().equals(desk.selected()));
    }

    final void entry(FigureKey<Length> key) {
        getChildren().add(entryRow(() -> desk.plan().figure(key), key));
    }

    /** A habit, dotted until the job says otherwise, with the way back. */
    final void habit(Habit habit) {
        habit(habit, () -> true);
    }

    /** The same, only while it matters. */
    final void habit(Habit habit, BooleanSupplier matters) {
        HBox row = entryRow(() -> desk.plan().figure(habit).filter(_ -> matters.getAsBoolean()), habit);
        Button usual = new Button(Labels.get("habit.usual"));
        usual.getStyleClass().add("quiet");
        usual.setOnAction(_ -> complain(usual, desk.edit(new Edit.AsUsual(habit))));
        row.getChildren().add(row.getChildren().size() - 1, usual);
        onUpdate(() -> {
            boolean own = desk.plan().figure(habit).filter(f -> f.origin() == Origin.GIVEN).isPresent();
            usual.setVisible(own);
            usual.setManaged(own);
        });
        getChildren().add(row);
    }

    /** Says what is chosen from in words. */
    static <T> StringConverter<T> said(Function<T, String> words) {
        return new StringConverter<>() {
            @Override
            public String toString(T item) {
                return item == null ? "" : words.apply(item);
            }

            @Override
            public T fromString(String typed) {
                throw new IllegalStateException("a choice is not typed");
            }
        };
    }

    /** A choice among a few; it says nothing while it is only brought up to date. */
    final <T> ComboBox<T> choice(String name, Supplier<List<T>> items, Supplier<T> now, Function<T, String> said,
                                 Function<T, Optional<String>> choose) {
        ComboBox<T> box = new ComboBox<>();
        box.setConverter(said(said));
        box.setAccessibleText(name);
        onUpdate(() -> {
            List<T> list = items.get();
            if (!list.equals(box.getItems())) {
                box.setValue(null);
                box.getItems().setAll(list);
            }
            box.setValue(now.get());
        });
        box.valueProperty().addListener((_, _, value) -> {
            if (!updating && value != null && !value.equals(now.get())) {
                complain(box, choose.apply(value));
            }
        });
        box.setMaxWidth(Double.MAX_VALUE);
        box.setMinWidth(80);
        box.setPrefWidth(190);
        getChildren().add(named(name, box));
        return box;
    }

    /** A line of text that is saved with Enter or when it is left. */
    final TextField line(String name, Supplier<String> now, Function<String, Optional<String>> save) {
        TextField field = new TextField();
        field.setAccessibleText(name);
        // What was last shown: a text that still is it was not typed, and follows undo and other jobs even in hand.
        String[] shown = {""};
        onUpdate(() -> {
            String is = now.get();
            if (!field.isFocused() || field.getText().equals(shown[0])) {
                if (!field.getText().equals(is)) {
                    field.setText(is);
                }
            }
            shown[0] = is;
        });
        Runnable done = () -> {
            String typed = field.getText();
            if (!typed.equals(shown[0])) {
                shown[0] = typed;
                complain(field, save.apply(typed));
            }
        };
        field.setOnAction(_ -> done.run());
        field.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                done.run();
            }
        });
        getChildren().add(named(name, field));
        return field;
    }

    /** A change whose refusal is said in the maker's units. */
    final Optional<String> tried(Supplier<Optional<String>> change) {
        try {
            return change.get();
        } catch (Refusal refused) {
            return Optional.of(desk.said(refused));
        }
    }

    /** The ways to where the saw is proved and to what its errors do. */
    final void sawLinks() {
        FlowPane links = new FlowPane(8, 4, link("go-proving", "saw.prove_here", Page.PROVING),
                link("go-budget", "saw.budget_here", Page.BUDGET),
                link("go-doctor", "saw.doctor_here", Page.DOCTOR));
        getChildren().add(links);
    }

    /** The way to another page. */
    final Button link(String id, String words, Page page) {
        Button link = new Button(Labels.get(words));
        link.setId(id);
        link.getStyleClass().add("quiet");
        link.setOnAction(_ -> desk.goTo(page));
        return link;
    }

    /** Numbered steps. */
    final void steps(VBox box, List<Words> steps) {
        for (int i = 0; i < steps.size(); i++) {
            Label number = text(i + 1 + ".", "soft");
            number.setMinWidth(18);
            box.getChildren().add(new HBox(8, number, text(book().say(steps.get(i)))));
        }
    }

    /** The row of this panel that a control stands in; null when it stands in none. */
    private @Nullable Node rowOf(Node control) {
        Node row = control;
        while (row != null && row.getParent() != this) {
            row = row.getParent();
        }
        return row;
    }

    /** Shows the row of a control only while something holds. */
    final void onlyWhile(Node control, BooleanSupplier holds) {
        Node row = Objects.requireNonNull(rowOf(control));
        onUpdate(() -> {
            row.setVisible(holds.getAsBoolean());
            row.setManaged(row.isVisible());
        });
    }

    /** Shows below a control why something was refused, until the next change. */
    final void complain(Node at, Optional<String> refused) {
        VBox parent = this;
        parent.getChildren().removeIf(node -> node.getStyleClass().contains("refusal"));
        refused.ifPresent(reason -> {
            complainedAt = desk.plan();
            Label label = text(Labels.brief(reason), "refusal");
            Node row = rowOf(at);
            parent.getChildren()
                    .add(
                            row == null
                                    ? parent.getChildren().size()
                                    : parent.getChildren().indexOf(row) + 1,
                            label);
        });
    }
}
