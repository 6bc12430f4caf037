package neatcorner.app.view;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.outline.Line;
import neatcorner.files.outline.OutlineFile;
import neatcorner.files.outline.OutlineFile.Scale;

/** Makes the outline of a drawing the outline of the frame. The file is read off the interface thread. */
final class OutlineImport {
    private final Desk desk;
    private final FilePort files;
    private final Consumer<String> say;
    private final Errands errands;

    OutlineImport(Desk desk, FilePort files, Consumer<String> say) {
        this.desk = desk;
        this.files = files;
        this.say = say;
        this.errands = new Errands(desk, say);
    }

    /** Whether a file is a drawing rather than a job. */
    static boolean isDrawing(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.endsWith(".svg") || name.endsWith(".dxf");
    }

    /** Asks for a file and reads it. */
    void ask() {
        files.which().ifPresent(this::read);
    }

    /** Reads a drawing; when it does not say its unit, the maker is asked. */
    void read(Path file) {
        say.accept(Labels.get("shape.reading", file.getFileName()));
        read(file, Optional.empty(), desk.jobId());
    }

    private void read(Path file, Optional<Scale> scale, String job) {
        errands.read(file, () -> {
            try {
                OutlineFile.Found found = OutlineFile.read(file, scale);
                return () -> use(found, job);
            } catch (OutlineFile.UnitMissing missing) {
                return () -> files.unitOf(file, missing.size()).ifPresent(unit -> read(file, Optional.of(unit), job));
            }
        });
    }

    /** The outline is taken for the edge of the glass, where the frame has one. */
    private void use(OutlineFile.Found found, String job) {
        if (!job.equals(desk.jobId())) {
            say.accept(Labels.get("shape.other_job"));
            return;
        }
        Line line = desk.plan().frame().has(Line.GLASS) ? Line.GLASS : Line.SIGHT;
        Optional<String> refused = desk.edit(new Edit.Draw(found.outline(line)));
        say.accept(refused.orElseGet(() -> Labels.get(found.offMm() > 0 ? "shape.imported_curves" : "shape.imported",
                found.corners().size(), String.format(Locale.ROOT, "%.1f", found.offMm()))));
    }
}
