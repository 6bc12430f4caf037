package neatcorner.app.view;

import java.nio.file.Path;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.FaultLog;
import neatcorner.core.phrase.Refusal;
import neatcorner.files.disk.FileRefused;

/** Files are read and written off the interface thread; whatever goes wrong there is said. */
final class Errands {
    private final Desk desk;
    private final Consumer<String> say;

    Errands(Desk desk, Consumer<String> say) {
        this.desk = desk;
        this.say = say;
    }

    /** Reads a file. */
    void read(Path file, Supplier<Runnable> work) {
        run("file.unread", file, work);
    }

    /** Writes a file. */
    void write(Path file, Supplier<Runnable> work) {
        run("file.failed", file, work);
    }

    /**
     * Runs work on a thread of its own, and on the interface thread what it found is to be done.
     *
     * @param failed key of what is said when it fails, of the reason or the file
     */
    private void run(String failed, Path file, Supplier<Runnable> work) {
        Thread.ofVirtual().start(() -> {
            Runnable then;
            try {
                then = work.get();
            } catch (FileRefused refused) {
                then = () -> say.accept(Labels.get(failed, refused.getMessage()));
            } catch (Refusal refused) {
                then = () -> say.accept(Labels.get(failed, file + ": " + desk.said(refused)));
            } catch (RuntimeException | Error bug) {
                FaultLog.keep(failed, bug);
                then = () -> say.accept(Labels.get(failed, file));
            }
            Platform.runLater(then);
        });
    }
}
