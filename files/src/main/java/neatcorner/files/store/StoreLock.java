package neatcorner.files.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;

/**
 * Keeps a second window off a shop. The operating system lets go of the lock when the process ends,
 * however it ends, so a killed window leaves nothing to clean up.
 */
final class StoreLock implements AutoCloseable {
    private final FileChannel channel;

    private StoreLock(FileChannel channel) {
        this.channel = channel;
    }

    static StoreLock take(Path shop) {
        Path file = shop.resolveSibling(shop.getFileName() + ".lock");
        try {
            if (file.getParent() != null) {
                Files.createDirectories(file.getParent());
            }
            FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = tried(channel);
            if (lock == null) {
                channel.close();
                throw new StoreException("The shop " + shop + " is open in another window. Close that one first, "
                        + "or open another shop with --shop FILE.");
            }
            return new StoreLock(channel);
        } catch (IOException failed) {
            throw new StoreException("The shop " + shop + " cannot be opened for writing", failed);
        }
    }

    private static @Nullable FileLock tried(FileChannel channel) throws IOException {
        try {
            return channel.tryLock();
        } catch (OverlappingFileLockException sameProcess) {
            return null;
        }
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException failed) {
            throw new StoreException("The lock of the shop cannot be released", failed);
        }
    }
}
