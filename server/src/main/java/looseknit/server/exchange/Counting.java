package looseknit.server.exchange;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;

/**
 * How far ahead the store counts what it counts by itself. H2 notes that every few rows, and then writes whatever is open: of hundreds of thousands
 * of rows that is most of the work.
 */
final class Counting {

    private static final int USUAL = 32;
    private static final int FAR = 100_000;

    private Counting() {}

    /** Counts far ahead from now on; ends the transaction of this connection. */
    static void far(final Connection store) throws SQLException {
        ahead(store, FAR);
    }

    /** Counts as usual again; ends the transaction of this connection. */
    static void asUsual(final Connection store) throws SQLException {
        ahead(store, USUAL);
    }

    /** A database server counts its rows now and then only, and would look for those that came in by the wrong ways until it does. */
    static void rows(final Connection store) throws SQLException {
        if (!isH2(store)) {
            try (Statement count = store.createStatement()) {
                count.execute("ANALYZE");
            }
        }
    }

    private static boolean isH2(final Connection store) throws SQLException {
        return store.getMetaData().getDatabaseProductName().equals("H2");
    }

    private static void ahead(final Connection store, final int rows) throws SQLException {
        // other stores note nothing with each row, and count for each of those who write apart
        if (!isH2(store)) {
            return;
        }
        try (Statement change = store.createStatement()) {
            for (final Kind kind : Kind.values()) {
                if (kind.isThere(store)) {
                    for (final String counted : Columns.of(store, kind).counted()) {
                        change.execute(
                                "ALTER TABLE %s ALTER COLUMN %s SET CACHE %d".formatted(kind.table(), counted, rows));
                    }
                }
            }
        }
    }
}
