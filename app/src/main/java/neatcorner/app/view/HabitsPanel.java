package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Sizing;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Phrasebook;

/** The habits every job starts from. */
final class HabitsPanel extends Panel {
    HabitsPanel(Desk desk) {
        super(desk, new ShopTypist(desk));
        heading(Labels.get("shop.habits"));
        getChildren().add(text(Labels.get("shop.habits_how"), "soft"));
        choice(
                        Labels.get("shop.sizing"),
                        () -> List.of(Sizing.values()),
                        () -> desk().shop().habits().sizing(),
                        way -> book().say(Phrasebook.keyOf(way)),
                        way -> desk().edit(new ShopEdit.ChooseSizing(way)))
                .setId("sizing");
        getChildren().add(text(Labels.get("shop.sizing_how"), "soft"));
        for (Habit habit : Habit.values()) {
            shopHabit(habit);
        }
    }

    private void shopHabit(Habit habit) {
        TagField tag = new TagField(habit, typing());
        onUpdate(() -> show(
                tag,
                Figure.said(
                        habit,
                        desk().shop().habits().get(habit),
                        desk().shop().habits().says(habit) ? Origin.GIVEN : Origin.HABIT)));
        getChildren().add(spread(text(book().say(habit.words()), "soft"), tag));
    }

    /** On this page a habit that is typed is the shop's, not the job's. */
    private record ShopTypist(Desk desk) implements TagField.Typing {
        @Override
        public Optional<String> enter(TagField tag, String text) {
            try {
                return desk.edit(new ShopEdit.SetHabit((Habit) tag.figure(), desk.parsed(text)));
            } catch (Refusal refused) {
                return Optional.of(desk.said(refused));
            }
        }

        @Override
        public void preview(TagField tag, String text) {
            // The shop's own numbers change every job at once; they are shown when they are entered.
        }

        @Override
        public void select(FigureKey<?> figure) {
            desk.select(figure);
        }
    }
}
