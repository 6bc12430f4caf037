package neatcorner.app.view;

import java.util.Optional;
import neatcorner.core.words.FigureKey;

/** For panels and pictures without numbers of the plan to type on. */
enum NoTyping implements TagField.Typing {
    /** The only one. */
    HERE;

    @Override
    public Optional<String> enter(TagField tag, String text) {
        return Optional.empty();
    }

    @Override
    public void preview(TagField tag, String text) {
        // Nothing is typed here.
    }

    @Override
    public void select(FigureKey<?> figure) {
        // Nothing is selected here.
    }
}
