package neatcorner.app.cli;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import neatcorner.core.frame.ImpossibleFrame;
import neatcorner.core.job.Shop;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.files.json.Document;
import neatcorner.files.json.FormatException;

/** Reads what a command is given; whatever is wrong becomes one message that names the file. */
final class JobFile {
    private JobFile() {
    }

    /** The plan of a job file, for a shop file or for a shop on its first day. */
    static Plan plan(Path job, Optional<Path> shop) {
        Shop with = shop(shop);
        return said(job, () -> Planner.plan(Document.readJob(text(job)).value(), with));
    }

    /** The shop of a file, or a shop on its first day. */
    static Shop shop(Optional<Path> shop) {
        return shop.map(file -> said(file, () -> Document.readShop(text(file)).value())).orElseGet(Shop::starting);
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (NoSuchFileException missing) {
            throw new CommandException(file + ": there is no such file");
        } catch (AccessDeniedException denied) {
            throw new CommandException(file + ": it may not be read");
        } catch (CharacterCodingException coded) {
            throw new CommandException(file + ": it is not text in UTF-8");
        } catch (IOException failed) {
            throw new CommandException(file + ": it cannot be read: " + failed.getMessage());
        }
    }

    private interface Reading<T> {
        T read();
    }

    private static <T> T said(Path file, Reading<T> reading) {
        try {
            return reading.read();
        } catch (FormatException | ImpossibleFrame refused) {
            throw new CommandException(file + ": " + refused.getMessage());
        }
    }

    /** Writes a result whole or not at all. */
    static void write(Path out, byte[] bytes) {
        Path folder = out.toAbsolutePath().getParent();
        try {
            Path part = Files.createTempFile(folder, "neat-corner", ".part");
            try {
                Files.write(part, bytes);
                Files.move(part, out, StandardCopyOption.REPLACE_EXISTING);
            } finally {
                Files.deleteIfExists(part);
            }
        } catch (IOException failed) {
            throw new CommandException(out + ": it cannot be written: " + (Files.isDirectory(folder)
                    ? failed.getMessage() : "there is no folder " + folder));
        }
    }
}
