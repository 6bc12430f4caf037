package neatcorner.app.cli;

/** Something the user can put right; the message is all that is shown, and the command ends with 2. */
public final class CommandException extends RuntimeException {
    /** The message names the file, the field, its value and what is allowed. */
    public CommandException(String message) {
        super(message);
    }
}
