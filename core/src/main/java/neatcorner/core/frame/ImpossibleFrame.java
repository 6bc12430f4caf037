package neatcorner.core.frame;

import neatcorner.core.measure.Graduation;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Words;

/** Numbers that are each allowed but leave no frame together. */
public final class ImpossibleFrame extends IllegalArgumentException {
    private final transient Words words;

    ImpossibleFrame(Words words) {
        super(new Phrasebook(Graduation.MM_TENTH).say(words));
        this.words = words;
    }

    /** What is wrong, for a reader's own units. */
    public Words words() {
        return words;
    }
}
