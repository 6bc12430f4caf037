package neatcorner.app.view;

import java.nio.file.Path;
import java.util.Optional;
import neatcorner.files.outline.OutlineFile;

/** Asks the maker where a file goes; the platform's own dialog stands behind it. */
public interface FilePort {
    /** The place chosen for a new file with this proposed name; empty when the maker thought better of it. */
    Optional<Path> whereTo(String proposed);

    /** The file chosen to be read; empty when the maker thought better of it. */
    Optional<Path> which();

    /** Shows the maker a file where it lies; whether that could be done. */
    boolean show(Path file);

    /**
     * The unit of a drawing that does not say it; empty when the maker thought better of it.
     *
     * @param drawn how wide and high the drawing is in its own units, such as {@code 300 × 200}
     */
    Optional<OutlineFile.Scale> unitOf(Path file, String drawn);
}
