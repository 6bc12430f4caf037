package neatcorner.app.view;

import java.nio.file.Path;
import java.util.Optional;
import neatcorner.files.outline.OutlineFile;

/** Where nobody is there to be asked: no file is ever chosen. */
public final class NoFiles implements FilePort {
    @Override
    public Optional<Path> whereTo(String proposed) {
        return Optional.empty();
    }

    @Override
    public Optional<Path> which() {
        return Optional.empty();
    }

    @Override
    public Optional<OutlineFile.Scale> unitOf(Path file, String drawn) {
        return Optional.empty();
    }

    @Override
    public boolean show(Path file) {
        return false;
    }
}
