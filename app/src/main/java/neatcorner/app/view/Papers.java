package neatcorner.app.view;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Laid;
import neatcorner.core.measure.Unit;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.export.Export;
import neatcorner.files.export.Exports;
import neatcorner.files.sheet.SheetSize;

/**
 * Files that are written and read: every export, the job itself, and what was used lately. Both are done off the
 * interface thread.
 */
final class Papers {
    private static final long LARGEST_JOB = 64L << 20;
    private final Desk desk;
    private final FilePort files;
    private final OutlineImport outlines;
    private final Consumer<String> say;
    private final Consumer<Path> written;
    private final Errands errands;

    /**
     * Papers of a desk.
     *
     * @param say     tells the maker what came of it
     * @param written told of every file that was written
     */
    Papers(Desk desk, FilePort files, OutlineImport outlines, Consumer<String> say, Consumer<Path> written) {
        this.desk = desk;
        this.files = files;
        this.outlines = outlines;
        this.say = say;
        this.written = written;
        this.errands = new Errands(desk, say);
    }

    /** Writes the shop sheet. */
    void sheet() {
        export(Exports.ALL.getFirst());
    }

    private void export(Export what) {
        Phrasebook book = desk.book();
        Export.Request request = new Export.Request(
                desk.plan().noting(desk.bench().log()),
                book,
                book.graduation().unit() == Unit.INCH ? SheetSize.LETTER : SheetSize.A4,
                Optional.of(new Export.Boards(
                        desk.cuts().boards(),
                        desk.shop(),
                        desk.cuts().laid() == Laid.BOARDS && !desk.cuts().isTogether())),
                Optional.of(desk.jobId()));
        String name = what.what().equals("sheet") ? "" : " " + what.what();
        write(name + "." + what.ending(), () -> what.content().apply(request));
    }

    /** Everything that can be written, and what was written or read lately. */
    void offer(MenuButton button) {
        button.getItems().clear();
        for (Export export : Exports.ALL) {
            MenuItem item = new MenuItem(desk.book().say(export.words()));
            item.setId("export-" + export.what() + "-" + export.ending());
            item.setOnAction(_ -> export(export));
            button.getItems().add(item);
        }
        MenuItem whole = new MenuItem(Labels.get("write.job"));
        whole.setOnAction(_ -> saveAs());
        MenuItem take = new MenuItem(Labels.get("write.open"));
        take.setOnAction(_ -> open());
        button.getItems().addAll(whole, new SeparatorMenuItem(), take);
        for (Path recent : desk.recentFiles()) {
            MenuItem item = new MenuItem(Labels.get("write.recent", recent.getFileName(), recent.resolveSibling("")));
            item.setOnAction(_ -> open(recent));
            button.getItems().add(item);
        }
    }

    /** The job as a file of the published format. */
    void saveAs() {
        String text = desk.exported();
        write(".json", () -> text.getBytes(StandardCharsets.UTF_8));
    }

    /** Makes a file's content and writes it off the interface thread. */
    private void write(String ending, Supplier<byte[]> content) {
        String name = desk.plan().job().title().replaceAll("[^\\p{L}\\p{N} _-]", "");
        files.whereTo(name + ending).ifPresent(file -> errands.write(file, () -> {
            WholeFile.write(file, content.get());
            return () -> written(file);
        }));
    }

    private void written(Path file) {
        say.accept(Labels.get("file.written", file));
        if (isReadable(file)) {
            desk.used(file);
        }
        written.accept(file);
    }

    private static boolean isReadable(Path file) {
        return OutlineImport.isDrawing(file) || file.toString().toLowerCase(Locale.ROOT).endsWith(".json");
    }

    /** Shows a file in its folder. */
    void show(Path file) {
        if (!files.show(file)) {
            say.accept(Labels.get("file.not_shown", file));
        }
    }

    /** Asks for a job or a drawing and takes it in. */
    void open() {
        files.which().ifPresent(this::open);
    }

    private void open(Path file) {
        desk.used(file);
        if (OutlineImport.isDrawing(file)) {
            outlines.read(file);
            return;
        }
        errands.read(file, () -> {
            String text = WholeFile.readText(file, LARGEST_JOB);
            return () -> desk.takeIn(text)
                    .ifPresent(refused -> say.accept(Labels.get("file.unread", file + ": " + refused)));
        });
    }
}
