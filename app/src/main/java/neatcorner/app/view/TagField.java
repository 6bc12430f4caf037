package neatcorner.app.view;

import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.Palette;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Numeral;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import org.jspecify.annotations.Nullable;

/**
 * A number that shows where it comes from and is typed over in place: press Enter, F2 or simply a
 * digit. Enter makes the edit, Escape leaves the number as it was; a refused number stays as typed,
 * with the reason below it.
 */
final class TagField extends VBox {
    private static final double REFUSAL_WIDTH = 230;
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("chosen");
    private final StackPane box = new StackPane();
    private final NumeralView number = new NumeralView();
    private @Nullable TextField field;
    private final Typing actions;
    private final Label caption = new Label();
    private @Nullable Label refusal;
    private final FigureKey<Length> figure;
    private String before = "";
    /** What the number was when its entry was opened: typed over by nothing else, it is left exactly as it is. */
    private String opened = "";
    private boolean typing;
    private Runnable resized = () -> { };
    private @Nullable Shown shown;

    /** What is shown; showing the same again costs nothing. */
    private record Shown(
            Numeral numeral, Origin origin, String words, String name, double size, Palette palette, boolean chosen) {}

    /** What a tag does. */
    interface Typing {
        /** Makes the edit; says why when it is refused. */
        Optional<String> enter(TagField tag, String text);

        /** Shows what the text would do while it is typed; empty text shows the job as it is. */
        void preview(TagField tag, String text);

        /** The tag was chosen. */
        void select(FigureKey<?> figure);
    }

    TagField(FigureKey<Length> figure, Typing typing) {
        this.figure = figure;
        this.actions = typing;
        setAlignment(Pos.CENTER);
        getStyleClass().add("tag");
        setId("tag-" + figure.id().replace('.', '-'));
        box.getStyleClass().add("tag-box");
        caption.getStyleClass().add("tag-caption");
        box.getChildren().setAll(number);
        box.setFocusTraversable(true);
        box.setAccessibleRole(AccessibleRole.BUTTON);
        getChildren().add(box);
        box.focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                typing.select(figure);
            }
        });
        box.setOnMouseClicked(click -> {
            box.requestFocus();
            if (click.getClickCount() > 1) {
                begin(before).selectAll();
            }
            click.consume();
        });
        box.addEventHandler(KeyEvent.KEY_TYPED, key -> {
            if (!this.typing
                    && !key.isShortcutDown()
                    && !key.isAltDown()
                    && key.getCharacter().matches("[0-9.,½¼¾⅛⅜⅝⅞]")) {
                begin(key.getCharacter()).end();
                key.consume();
            }
        });
        box.addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (!this.typing && (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.F2)) {
                begin(before).selectAll();
                key.consume();
            }
        });
    }

    /** The entry is made when it is first needed: most tags are never typed over. */
    private TextField entry() {
        if (field != null) {
            return field;
        }
        TextField made = new TextField();
        field = made;
        made.getStyleClass().add("tag-entry");
        made.setAccessibleHelp(Labels.get("tag.help"));
        made.textProperty().addListener((_, _, text) -> {
            if (typing) {
                refuse(Optional.empty());
                actions.preview(this, text.equals(opened) ? "" : text);
            }
        });
        made.setOnAction(_ -> finish());
        made.addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                actions.preview(this, "");
                end();
                key.consume();
            }
        });
        made.focusedProperty().addListener((_, _, focused) -> {
            if (!focused && typing) {
                finish();
            }
        });
        return made;
    }

    /** Takes an open entry as Enter does, and closes it in any case; says why when it was refused. */
    Optional<String> take() {
        if (!typing) {
            return Optional.empty();
        }
        finish();
        if (!typing) {
            return Optional.empty();
        }
        Optional<String> why = Optional.ofNullable(refusal).filter(Label::isVisible).map(Label::getText);
        end();
        return why;
    }

    /** Takes this text as if it were typed; what is refused stays in its entry, with the reason below. */
    boolean takes(String text) {
        if (typing) {
            entry().setText(text);
        } else {
            begin(text);
        }
        finish();
        return true;
    }

    private void finish() {
        String text = entry().getText();
        actions.preview(this, "");
        if (text.isBlank() || text.equals(opened)) {
            end();
            return;
        }
        Optional<String> refused = actions.enter(this, text);
        refuse(refused);
        if (refused.isEmpty()) {
            end();
        }
    }

    private TextField begin(String text) {
        typing = true;
        opened = before;
        TextField entry = entry();
        entry.setAccessibleText(box.getAccessibleText());
        entry.setText(text);
        entry.setPrefColumnCount(Math.max(6, before.length()));
        box.getChildren().setAll(entry);
        resized.run();
        // Its skin, made late, would select all and the next digit would replace the first.
        entry.applyCss();
        entry.requestFocus();
        return entry;
    }

    private void end() {
        boolean focused = entry().isFocused();
        typing = false;
        refuse(Optional.empty());
        box.getChildren().setAll(number);
        resized.run();
        if (focused) {
            box.requestFocus();
        }
    }

    /** Told when it needs more or less room for another reason than a new number. */
    void onResize(Runnable listener) {
        resized = listener;
    }

    void focus() {
        box.requestFocus();
    }

    boolean isTyping() {
        return typing;
    }

    FigureKey<Length> figure() {
        return figure;
    }

    private void refuse(Optional<String> reason) {
        if (refusal == null && reason.isPresent()) {
            refusal = new Label();
            refusal.getStyleClass().add("refusal");
            refusal.setWrapText(true);
            refusal.setMaxWidth(REFUSAL_WIDTH);
            getChildren().add(refusal);
        }
        if (refusal != null) {
            refusal.setText(Labels.brief(reason.orElse("")));
            refusal.setVisible(reason.isPresent());
            refusal.setManaged(reason.isPresent());
            resized.run();
        }
    }

    /** Shows a number; while it is being typed over, the entry stays. */
    void show(Numeral numeral, Origin origin, String words, String name, double size, Palette palette, boolean chosen) {
        Shown now = new Shown(numeral, origin, words, name, size, palette, chosen);
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        Ink ink = origin == Origin.GIVEN ? Ink.GIVEN : Ink.INK;
        number.show(numeral, size, Painter.colour(palette.rgb(ink)));
        before = numeral.mark().equals("?" + numeral.unit().mark()) ? "" : numeral.mark();
        caption.setText(words);
        if (words.isEmpty()) {
            getChildren().remove(caption);
        } else if (caption.getParent() == null) {
            getChildren().add(1, caption);
        }
        getStyleClass().removeAll("given", "habit", "worked");
        getStyleClass().add(origin.name().toLowerCase(Locale.ROOT));
        box.setAccessibleText(Labels.get("tag.said." + origin.name().toLowerCase(Locale.ROOT),
                (name.isEmpty() ? words : name) + ": " + numeral));
        box.pseudoClassStateChanged(SELECTED, chosen);
    }
}
