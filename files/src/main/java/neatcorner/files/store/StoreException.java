package neatcorner.files.store;

/** The store cannot be opened or written; the message names the file and what can be done. */
public final class StoreException extends RuntimeException {
    StoreException(String message) {
        super(message);
    }

    StoreException(String message, Throwable cause) {
        super(message, cause);
    }

    /** Why, as a sentence; it is always there. */
    @Override
    public String getMessage() {
        return String.valueOf(super.getMessage());
    }
}
