package neatcorner.app.view;

import java.io.File;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ChoiceDialog;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import neatcorner.files.outline.OutlineFile;

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
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("JSON, SVG, DXF, CSV", "*.json", "*.svg", "*.dxf", "*.csv"));
        return Optional.ofNullable(chooser.showOpenDialog(stage)).map(File::toPath);
    }

    @Override
    public Optional<OutlineFile.Scale> unitOf(Path file, String drawn) {
        ChoiceDialog<String> dialog = new ChoiceDialog<>(Labels.get("import.unit.mm"), Stream.of(OutlineFile.Scale.values()).map(Chooser::name).toList());
        dialog.initOwner(stage);
        dialog.setTitle(Labels.get("shape.unit_title"));
        dialog.setHeaderText(Labels.get("shape.unit_text", file.getFileName(), drawn));
        dialog.setGraphic(null);
        return dialog.showAndWait().flatMap(name -> Stream.of(OutlineFile.Scale.values()).filter(s -> name(s).equals(name)).findFirst());
    }

    private static String name(OutlineFile.Scale scale) {
        return Labels.get("import.unit." + scale.name().toLowerCase(Locale.ROOT));
    }
}
