package neatcorner.files.disk;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.util.concurrent.ThreadLocalRandom;

/** Reads a file to its end, or writes one whole or not at all. */
public final class WholeFile {
    private WholeFile() {
    }

    /**
     * Writes a file. A new one appears with all its bytes or not at all, in the mode the user's other
     * files have; one that is there keeps its mode until it is replaced; a link is followed, so that what
     * it points to changes; a pipe or a device is written into.
     *
     * @throws FileRefused when it is a folder or cannot be written
     */
    public static void write(Path out, byte[] bytes) {
        if (Files.isDirectory(out)) {
            throw new FileRefused(out, "is a folder; name a file in it");
        }
        try {
            Path target = Files.isSymbolicLink(out) ? linked(out) : out;
            if (Files.exists(target) && !Files.isRegularFile(target)) {
                try (OutputStream into = Files.newOutputStream(target, StandardOpenOption.WRITE)) {
                    into.write(bytes);
                }
                return;
            }
            replace(target.toAbsolutePath(), bytes);
        } catch (IOException failed) {
            throw new FileRefused(out, "cannot be written: " + why(out, failed));
        }
    }

    private static Path linked(Path link) throws IOException {
        Path to = Files.readSymbolicLink(link);
        Path there = link.toAbsolutePath().resolveSibling(to);
        return Files.isSymbolicLink(there) ? there.toRealPath() : there;
    }

    private static void replace(Path target, byte[] bytes) throws IOException {
        Path part = target.resolveSibling("." + target.getFileName() + "."
                + Long.toHexString(ThreadLocalRandom.current().nextLong()) + ".part");
        try {
            Files.write(part, bytes, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE);
            try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            keepMode(target, part);
            Files.move(part, target, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private static void keepMode(Path target, Path part) throws IOException {
        PosixFileAttributeView mode = Files.getFileAttributeView(target, PosixFileAttributeView.class);
        if (mode != null && Files.exists(target, LinkOption.NOFOLLOW_LINKS)) {
            Files.getFileAttributeView(part, PosixFileAttributeView.class)
                    .setPermissions(mode.readAttributes().permissions());
        }
    }

    /**
     * Reads a text in UTF-8.
     *
     * @param most bytes it may have; a larger file is refused before it is read
     * @throws FileRefused when it is no such file
     */
    public static String readText(Path file, long most) {
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(readBytes(file, most))).toString();
        } catch (CharacterCodingException coded) {
            throw new FileRefused(file, "is not text in UTF-8");
        }
    }

    /**
     * Reads a file as it is.
     *
     * @param most bytes it may have; a larger file is refused before it is read
     * @throws FileRefused when it is no such file
     */
    public static byte[] readBytes(Path file, long most) {
        try {
            if (Files.isDirectory(file)) {
                throw new FileRefused(file, "is a folder, not a file");
            }
            if (Files.isRegularFile(file) && Files.size(file) > most) {
                throw new FileRefused(
                        file, "has " + megabytes(Files.size(file)) + "; up to " + megabytes(most) + " are read");
            }
            return Files.readAllBytes(file);
        } catch (IOException failed) {
            throw new FileRefused(file, "cannot be read: " + why(file, failed));
        }
    }

    private static String megabytes(long bytes) {
        return Math.max(1, bytes >> 20) + " MB";
    }

    /** Why in words: the system's own message often only names the file once more. */
    private static String why(Path file, IOException failed) {
        Path folder = file.toAbsolutePath().getParent();
        return switch (failed) {
            case NoSuchFileException _ ->
                folder != null && Files.isDirectory(folder) ? "there is no such file" : "there is no folder " + folder;
            case AccessDeniedException _ -> "it is not allowed";
            case FileSystemException system when system.getReason() != null -> system.getReason();
            default -> failed.getMessage() == null ? "the disk does not answer" : failed.getMessage();
        };
    }
}
