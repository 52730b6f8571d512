package looseknit.server.exchange;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Which rows of a file name which others. The store that a file is read into need not look at that with each row, nor keep ways to find rows by what
 * they name: that is two thirds of its work, and once all rows are there it is looked at in one go.
 */
final class References {

    /** What is wrong with a row that names what is nowhere. */
    static final String NAMES_WHAT_IS_NOT_THERE = "it names something that is not in the file";

    /**
     * One of them.
     *
     * @param pairs columns that name, and those that are named
     */
    private record Reference(Kind kind, String named, Map<String, String> pairs) {}

    private final List<Reference> all;

    private References(final List<Reference> all) {
        this.all = all;
    }

    /** None that would have to be looked at: the store does it itself. */
    static References leftToStore() {
        return new References(List.of());
    }

    /** Takes them, and the ways to find rows by anything but what is there only once, from an empty store in H2. */
    static References takenFrom(final Connection store) throws SQLException {
        final List<Reference> references = new ArrayList<>();
        final Set<String> constraints = new LinkedHashSet<>();
        final Set<String> indexes = new LinkedHashSet<>();
        for (final Kind kind : Kind.values()) {
            final Map<String, Reference> byName = new LinkedHashMap<>();
            final DatabaseMetaData about = store.getMetaData();
            final String table = kind.table().toUpperCase(Locale.ROOT);
            try (ResultSet key = about.getImportedKeys(null, null, table)) {
                while (key.next()) {
                    final String parent = key.getString("PKTABLE_NAME");
                    byName.computeIfAbsent(
                                    key.getString("FK_NAME"), any -> new Reference(kind, parent, new LinkedHashMap<>()))
                            .pairs()
                            .put(key.getString("FKCOLUMN_NAME"), key.getString("PKCOLUMN_NAME"));
                }
            }
            try (ResultSet index = about.getIndexInfo(null, null, table, false, true)) {
                while (index.next()) {
                    if (index.getBoolean("NON_UNIQUE")) {
                        indexes.add(index.getString("INDEX_NAME"));
                    }
                }
            }
            byName.keySet().forEach(each -> constraints.add("%s DROP CONSTRAINT %s".formatted(table, each)));
            references.addAll(byName.values());
        }
        try (Statement change = store.createStatement()) {
            for (final String each : constraints) {
                change.execute("ALTER TABLE " + each);
            }
            for (final String each : indexes) {
                change.execute("DROP INDEX IF EXISTS " + each);
            }
        }
        return new References(references);
    }

    /**
     * Looks whether everything is there that is named.
     *
     * @throws Unreadable if something is not
     */
    void lookThrough(final Connection store) throws SQLException {
        for (final Reference each : all) {
            final String sql = "SELECT 1 FROM %s c LEFT JOIN %s p ON %s WHERE %s FETCH FIRST ROW ONLY"
                    .formatted(
                            each.kind().table(),
                            each.named(),
                            all(each, "p.%2$s = c.%1$s"),
                            all(each, "c.%s IS NOT NULL AND p.%s IS NULL"));
            try (Statement strays = store.createStatement();
                    ResultSet row = strays.executeQuery(sql)) {
                if (row.next()) {
                    throw Unreadable.among(each.kind(), NAMES_WHAT_IS_NOT_THERE);
                }
            }
        }
    }

    private static String all(final Reference reference, final String pair) {
        return reference.pairs().entrySet().stream()
                .map(each -> pair.formatted(each.getKey(), each.getValue()))
                .collect(Collectors.joining(" AND "));
    }
}
