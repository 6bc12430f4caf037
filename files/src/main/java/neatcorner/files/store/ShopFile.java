package neatcorner.files.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;

/** The file a shop lies in: where it really is, of which version, and a whole copy of it. */
final class ShopFile {
    /** All migrations in {@code db/migration}, oldest first; a store at the last of them needs no migrating. */
    static final List<String> MIGRATIONS =
            List.of("V1__shop.sql", "V2__together.sql", "V3__kept.sql", "V4__pictures.sql", "V5__work.sql",
                    "V6__practice.sql");
    private static final String NEWEST = MIGRATIONS.getLast().substring(1, MIGRATIONS.getLast().indexOf("__"));

    private ShopFile() {
    }

    /** The file itself, whatever links lead to it. */
    static Path real(Path file) {
        Path whole = file.toAbsolutePath();
        try {
            if (Files.exists(whole)) {
                return whole.toRealPath();
            }
            return whole.getParent() != null && Files.isDirectory(whole.getParent())
                    ? whole.getParent().toRealPath().resolve(whole.getFileName())
                    : whole;
        } catch (IOException failed) {
            throw new StoreException("The file " + file + " cannot be read", failed);
        }
    }

    static boolean isEmpty(Path file) {
        try {
            return Files.isRegularFile(file) && Files.size(file) == 0;
        } catch (IOException failed) {
            throw new StoreException("The file " + file + " cannot be read", failed);
        }
    }

    static boolean isWritable(Path file) {
        return !Files.exists(file) || Files.isWritable(file) && Files.isWritable(file.getParent());
    }

    /** Brings an open database to the newest version; of an older one a copy is made beside it first. */
    static void bringUpToDate(Database database, Path file) throws SQLException {
        String version = version(database);
        if (NEWEST.equals(version)) {
            return;
        }
        if (!database.isWritable()) {
            throw new StoreException("The shop " + file
                    + " comes from another version and may not be written here, so it cannot be brought up to date");
        }
        if (!version.isEmpty()) {
            copy(file, file.resolveSibling(file.getFileName() + ".before-" + NEWEST));
        }
        try {
            Flyway.configure().dataSource(Database.address(file), null, null).locations("classpath:db/migration")
                    .failOnMissingLocations(true).ignoreMigrationPatterns(new String[0]).load().migrate();
        } catch (FlywayException refused) {
            throw new StoreException(
                    "The shop " + file + " cannot be brought up to date. It may come from a newer Neat Corner; "
                            + "it was left as it is",
                    refused);
        }
    }

    /** What the migration library wrote last; empty for a new file. Asking is much quicker than starting it. */
    private static String version(Database database) throws SQLException {
        if (database.number("SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'") == 0) {
            return "";
        }
        return database.first(
                        "SELECT version FROM flyway_schema_history WHERE success = 1 ORDER BY installed_rank DESC"
                                + " LIMIT 1",
                        row -> row.getString(1))
                .orElse("");
    }

    /** A whole copy under another name, also of a shop that is open; it appears when it is whole. */
    static void copy(Path shop, Path copy) {
        Path part = copy.resolveSibling(copy.getFileName() + ".part");
        try {
            Files.deleteIfExists(part);
            try (Database database = Database.open(real(shop), true)) {
                database.update("VACUUM INTO ?", part.toString());
            }
            Files.move(part, copy, StandardCopyOption.REPLACE_EXISTING);
        } catch (SQLException | IOException failed) {
            throw new StoreException(shop + " could not be copied to " + copy, failed);
        }
    }
}
