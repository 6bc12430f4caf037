package neatcorner.app.view;

import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
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
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(
                        "JSON, SVG, DXF, CSV, PNG, JPEG, TXT",
                        "*.json",
                        "*.svg",
                        "*.dxf",
                        "*.csv",
                        "*.png",
                        "*.jpg",
                        "*.jpeg",
                        "*.txt"));
        return Optional.ofNullable(chooser.showOpenDialog(stage)).map(File::toPath);
    }

    /** By the platform's own command for opening a folder. */
    @Override
    public boolean show(Path file) {
        String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
        List<String> command = system.startsWith("win")
                ? List.of("explorer", "/select,", file.toString())
                : system.startsWith("mac")
                        ? List.of("open", "-R", file.toString())
                        : List.of(
                                "xdg-open",
                                file.toAbsolutePath().resolveSibling("").toString());
        try {
            new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                    .start();
            return true;
        } catch (IOException none) {
            return false;
        }
    }

    @Override
    public Optional<OutlineFile.Scale> unitOf(Path file, String drawn) {
        ChoiceDialog<String> dialog = new ChoiceDialog<>(
                Labels.get("import.unit.mm"),
                Stream.of(OutlineFile.Scale.values()).map(Chooser::name).toList());
        dialog.initOwner(stage);
        dialog.setTitle(Labels.get("shape.unit_title"));
        dialog.setHeaderText(Labels.get("shape.unit_text", file.getFileName(), drawn));
        dialog.setGraphic(null);
        return dialog.showAndWait()
                .flatMap(name -> Stream.of(OutlineFile.Scale.values())
                        .filter(s -> name(s).equals(name))
                        .findFirst());
    }

    private static String name(OutlineFile.Scale scale) {
        return Labels.get("import.unit." + scale.name().toLowerCase(Locale.ROOT));
    }
}
