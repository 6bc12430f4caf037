package neatcorner.files.disk;

import java.nio.file.Path;

/** A file that cannot be read or written. The message names it and says why. */
public final class FileRefused extends RuntimeException {
    /** The message is {@code FILE: why}. */
    public FileRefused(Path file, String why) {
        super(file + ": " + why);
    }

    /** Why, as a sentence; it is always there. */
    @Override
    public String getMessage() {
        return String.valueOf(super.getMessage());
    }
}
