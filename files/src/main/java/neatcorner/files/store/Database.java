package neatcorner.files.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import org.jspecify.annotations.Nullable;
import org.sqlite.JDBC;

/** One connection to an SQLite file, with the few ways of asking it that a shop needs. */
final class Database implements AutoCloseable {
    static {
        // Whoever uses this module alone need not be told that nobody listens to what the driver logs.
        System.setProperty("slf4j.internal.verbosity", "ERROR");
    }

    private final Connection connection;
    private final boolean writable;

    private Database(Connection connection, boolean writable) {
        this.connection = connection;
        this.writable = writable;
    }

    /**
     * To read and write; where it may not be written, as it lies there, without what another program has not yet put in
     * its place.
     */
    static Database open(Path file, boolean writable) throws SQLException {
        return new Database(
                JDBC.createConnection(
                        writable
                                ? address(file)
                                : "jdbc:sqlite:file:" + file.toUri().getRawPath() + "?mode=ro&immutable=1",
                        new Properties()),
                writable);
    }

    /** As the driver and the migrator name a file. */
    static String address(Path file) {
        return "jdbc:sqlite:" + file;
    }

    boolean isWritable() {
        return writable;
    }

    /** Reads one row. */
    interface Row<T> {
        T read(ResultSet row) throws SQLException;
    }

    /** What is done in one transaction. */
    interface Work {
        void run() throws SQLException;
    }

    <T> List<T> list(String sql, Row<T> row, @Nullable Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(sql, values); ResultSet rows = statement.executeQuery()) {
            List<T> list = new ArrayList<>();
            while (rows.next()) {
                list.add(row.read(rows));
            }
            return list;
        }
    }

    <T> Optional<T> first(String sql, Row<T> row, @Nullable Object... values) throws SQLException {
        return list(sql, row, values).stream().findFirst();
    }

    /** The whole number that a query gives; 0 where it gives none. */
    int number(String sql, @Nullable Object... values) throws SQLException {
        return first(sql, row -> row.getInt(1), values).orElse(0);
    }

    void update(String sql, @Nullable Object... values) throws SQLException {
        try (PreparedStatement statement = prepared(sql, values)) {
            statement.executeUpdate();
        }
    }

    void execute(String sql) throws SQLException {
        try (var statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private PreparedStatement prepared(String sql, @Nullable Object... values) throws SQLException {
        PreparedStatement statement = connection.prepareStatement(sql);
        for (int i = 0; i < values.length; i++) {
            statement.setObject(i + 1, values[i]);
        }
        return statement;
    }

    /** All of it or nothing. */
    void inTransaction(Work work) throws SQLException {
        if (!writable) {
            throw new StoreException("The shop may not be written where it is; nothing was changed");
        }
        connection.setAutoCommit(false);
        try {
            work.run();
            connection.commit();
        } catch (SQLException | RuntimeException failed) {
            connection.rollback();
            throw failed;
        } finally {
            connection.setAutoCommit(true);
        }
    }

    /** Why in words: the codes of the database are of no use to a maker. */
    static String why(SQLException failed) {
        String said = String.valueOf(failed.getMessage());
        if (said.contains("FULL")) {
            return "the disk is full";
        }
        if (said.contains("READONLY") || said.contains("CANTOPEN") || said.contains("PERM")) {
            return "the file may not be written";
        }
        if (said.contains("BUSY") || said.contains("LOCKED")) {
            return "another program holds the file";
        }
        return said.contains("CORRUPT") || said.contains("NOTADB") ? "the file is damaged" : "the disk did not do it";
    }

    @Override
    public void close() throws SQLException {
        try {
            if (writable) {
                // So that a copy of the file alone is the whole shop.
                execute("PRAGMA wal_checkpoint(TRUNCATE)");
            }
        } finally {
            connection.close();
        }
    }
}
