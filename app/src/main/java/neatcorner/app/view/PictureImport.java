package neatcorner.app.view;

import java.io.File;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import neatcorner.app.desk.Desk;
import neatcorner.files.picture.CustomerPicture;

/** Puts the customer's picture into the job in hand. The file is read off the interface thread. */
final class PictureImport {
    private final Desk desk;
    private final FilePort files;
    private final Consumer<String> say;
    private final Errands errands;

    PictureImport(Desk desk, FilePort files, Consumer<String> say) {
        this.desk = desk;
        this.files = files;
        this.say = say;
        this.errands = new Errands(desk, say);
    }

    /** Whether a file is called as pictures are. */
    static boolean isPicture(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return Stream.of(".png", ".jpg", ".jpeg").anyMatch(name::endsWith);
    }

    /** Lets a picture be dropped somewhere. */
    static void onDrop(Node there, Consumer<Path> picture) {
        there.setOnDragOver(over -> {
            if (dropped(over).isPresent()) {
                over.acceptTransferModes(TransferMode.COPY);
            }
        });
        there.setOnDragDropped(drop -> dropped(drop).ifPresent(picture));
    }

    private static Optional<Path> dropped(DragEvent drag) {
        return drag.getDragboard().getFiles().stream()
                .map(File::toPath)
                .filter(PictureImport::isPicture)
                .findFirst();
    }

    /** Asks for a file and reads it. */
    void ask() {
        files.which().ifPresent(this::read);
    }

    /** Reads a picture into the job that is in hand now. */
    void read(Path file) {
        String job = desk.jobId();
        say.accept(Labels.get("brief.picture_reading", file.getFileName()));
        errands.read(file, () -> {
            CustomerPicture picture = CustomerPicture.read(file);
            return () -> say.accept(
                    job.equals(desk.jobId()) ? shown(picture) : Labels.get("brief.picture_other_job"));
        });
    }

    private String shown(CustomerPicture picture) {
        Photos.forget(picture.name());
        return desk.show(picture).orElseGet(() -> Labels.get("brief.picture_in"));
    }
}
