package neatcorner.app.view;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** The platform's own file dialog. */
record Chooser(Stage stage) implements FilePort {
    @Override
    public Optional<Path> whereTo(String proposed) {
        FileChooser chooser = new FileChooser();
        chooser.setInitialFileName(proposed);
        return Optional.ofNullable(chooser.showSaveDialog(stage)).map(File::toPath);
    }

    @Override
    public Optional<Path> which() {
        FileChooser chooser = new FileChooser();
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("JSON", "*.json"));
        return Optional.ofNullable(chooser.showOpenDialog(stage)).map(File::toPath);
    }
}
