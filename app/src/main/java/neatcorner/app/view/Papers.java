package neatcorner.app.view;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
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
    private final BiConsumer<String, Runnable> busy;
    private final Errands errands;

    /**
     * Papers of a desk.
     *
     * @param say     tells the maker what came of it
     * @param written told of every file that was written
     * @param busy    told how far a large file is, and how to stop it
     */
    Papers(
            Desk desk,
            FilePort files,
            OutlineImport outlines,
            Consumer<String> say,
            Consumer<Path> written,
            BiConsumer<String, Runnable> busy) {
        this.desk = desk;
        this.files = files;
        this.outlines = outlines;
        this.say = say;
        this.written = written;
        this.busy = busy;
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
                Optional.of(desk.jobId()),
                new Underway(desk.book().say(what.words()))::goesOn);
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
            try {
                WholeFile.write(file, content.get());
                return () -> written(file);
            } catch (CancellationException stopped) {
                return () -> say.accept(Labels.get("file.stopped"));
            }
        }));
    }

    /** A file that is being made: after a while it is said how far it is. */
    private final class Underway {
        private static final long MILLIS_BETWEEN = 400;
        private final String what;
        private final AtomicBoolean stopped = new AtomicBoolean();
        private long said = System.currentTimeMillis();

        Underway(String what) {
            this.what = what;
        }

        /** Asked where it is made: whether it is wanted still. */
        boolean goesOn(double share) {
            long now = System.currentTimeMillis();
            if (now - said > MILLIS_BETWEEN && !stopped.get()) {
                said = now;
                String far = Labels.get("file.busy", what, Math.round(share * 100));
                Platform.runLater(() -> {
                    if (!stopped.get()) {
                        busy.accept(far, () -> stopped.set(true));
                    }
                });
            }
            return !stopped.get();
        }
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
