package neatcorner.app.cli;

import java.nio.file.Path;
import neatcorner.core.measure.Graduation;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.words.Phrasebook;

/** Something the user can put right; the message is all that is shown, and the command ends with 2. */
public final class CommandException extends RuntimeException {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.MM_TENTH);

    /** What a file holds is refused. */
    public CommandException(Path file, Refusal refused) {
        this(file + ": " + said(refused));
    }

    /** A refusal in tenths of a millimetre. */
    static String said(Refusal refused) {
        return BOOK.say(refused.words());
    }

    /** The message names the file, the field, its value and what is allowed. */
    public CommandException(String message) {
        super(message);
    }

    /** Why, as a sentence; it is always there. */
    @Override
    public String getMessage() {
        return String.valueOf(super.getMessage());
    }
}
