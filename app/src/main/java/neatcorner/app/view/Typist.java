package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.GiveWay;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.words.FigureKey;

/** What happens when something is typed on a tag: an edit, or the question which number should give way. */
final class Typist implements TagField.Typing {
    private final Desk desk;

    Typist(Desk desk) {
        this.desk = desk;
    }

    @Override
    public Optional<String> enter(TagField tag, String text) {
        try {
            Length value = desk.parsed(text);
            Optional<Edit> edit = desk.typed(tag.figure(), value);
            return edit.isPresent() ? desk.edit(edit.get()) : giveWay(tag, value);
        } catch (Refusal unreadable) {
            return Optional.of(desk.said(unreadable));
        }
    }

    private Optional<String> giveWay(TagField tag, Length wanted) {
        List<GiveWay.Option> options = desk.giveWay(tag.figure(), wanted);
        if (options.isEmpty()) {
            return Optional.of(Labels.get("giveway.none"));
        }
        if (options.size() == 1) {
            return desk.edit(options.getFirst().edit());
        }
        ContextMenu menu = new ContextMenu();
        menu.getStyleClass().add("giveway");
        Label question = new Label(Labels.get("giveway.question"));
        question.getStyleClass().add("giveway-question");
        CustomMenuItem title = new CustomMenuItem(question, false);
        title.setDisable(true);
        menu.getItems().addAll(title, new SeparatorMenuItem());
        for (GiveWay.Option option : options) {
            MenuItem item = new MenuItem(desk.book()
                    .say("giveway.becomes", option.number(), desk.book().exactly(option.value())));
            item.setOnAction(_ -> desk.edit(option.edit()));
            menu.getItems().add(item);
        }
        menu.show(tag, Side.BOTTOM, 0, 4);
        return Optional.empty();
    }

    @Override
    public void preview(TagField tag, String text) {
        Optional<Edit> edit;
        try {
            edit = text.isBlank() ? Optional.empty() : desk.typed(tag.figure(), desk.parsed(text));
        } catch (Refusal notYet) {
            edit = Optional.empty();
        }
        desk.preview(edit);
    }

    @Override
    public void select(FigureKey<?> figure) {
        desk.select(figure);
    }
}
