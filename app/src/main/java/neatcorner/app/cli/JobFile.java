package neatcorner.app.cli;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.json.Document;

/** Reads what a command is given; whatever is wrong becomes one message that names the file. */
final class JobFile {
    private static final long LARGEST = 64L << 20;

    private JobFile() {
    }

    /** The plan of a job file, for a shop file or for a shop on its first day. */
    static Plan plan(Path job, Optional<Path> shop) {
        Shop with = shop(shop);
        return said(job, () -> Planner.plan(Document.readJob(text(job)).value(), with));
    }

    /** The shop of a file, or a shop on its first day. */
    static Shop shop(Optional<Path> shop) {
        Shop read = shop.map(file -> said(file, () -> Document.readShop(text(file)).value()))
                .orElseGet(Shop::starting);
        return read.withMachines(read.machines().on(LocalDate.now(ZoneId.systemDefault())));
    }

    /** The text of a document; larger ones are none of ours. */
    static String text(Path file) {
        return WholeFile.readText(file, LARGEST);
    }

    private interface Reading<T> {
        T read();
    }

    private static <T> T said(Path file, Reading<T> reading) {
        try {
            return reading.read();
        } catch (Refusal refused) {
            throw new CommandException(file, refused);
        }
    }
}
