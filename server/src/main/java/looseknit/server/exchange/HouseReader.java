package looseknit.server.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import looseknit.server.store.WholeStore;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;

/**
 * Reads a file of everything into a store of its own, as that was when the file was written, and brings it up to today's; nothing of it is in
 * this house yet.
 */
@Component
class HouseReader {

    private static final long MOST_ROWS = 5_000_000;
    private static final int MOST_PICTURE_BYTES = 10 << 20;
    private static final int MOST_FILES = 200_000;

    private final Documents documents;

    HouseReader(final Documents documents) {
        this.documents = documents;
    }

    /**
     * Reads it.
     *
     * @param into an empty store of its own
     * @param known the newest version that this program knows
     * @param step told of each row
     * @throws Unreadable if the file is no such file, damaged, newer than this program, or holds what cannot be taken
     */
    void read(final InputStream file, final String into, final int known, final Runnable step)
            throws IOException, SQLException {
        try (ZipInputStream zip = new ZipInputStream(new Bounded(file, true))) {
            final ZipEntry first = zip.getNextEntry();
            if (first == null || !first.getName().equals(HouseWriter.DOCUMENT)) {
                throw new Unreadable(
                        "This is no file of everything: it does not begin with %s.".formatted(HouseWriter.DOCUMENT));
            }
            try (Connection store = DriverManager.getConnection(into)) {
                final References references = document(zip, store, into, known, step);
                pictures(zip, store, step);
                store.commit();
                references.lookThrough(store);
            }
            migrate(into, null);
            try (Connection store = DriverManager.getConnection(into)) {
                documents.lookThrough(store);
            }
        } catch (final ZipException e) {
            throw new Unreadable("The file is damaged: it cannot be unpacked (%s).".formatted(e.getMessage()));
        } catch (final java.io.EOFException e) {
            throw new Unreadable("The file is damaged: it ends too early.");
        } catch (final JacksonException e) {
            throw new Unreadable("The file is damaged: %s is not readable JSON at line %d."
                    .formatted(
                            HouseWriter.DOCUMENT,
                            e.getLocation() == null ? 0 : e.getLocation().getLineNr()));
        }
    }

    private static void migrate(final String store, final @Nullable String to) {
        final var settings = Flyway.configure()
                .dataSource(store, "", "")
                .locations(WholeStore.STEPS_OF_A_FILE.toArray(String[]::new));
        if (to != null) {
            settings.target(to);
        }
        final Flyway steps = settings.load();
        WholeStore.begin(steps);
        steps.migrate();
    }

    private static References document(
            final InputStream in, final Connection store, final String into, final int known, final Runnable step)
            throws SQLException {
        final Map<String, Kind> kinds = Kind.byWords();
        try (JsonParser json = Columns.JSON.createParser(new Bounded(in, false))) {
            if (json.nextToken() != JsonToken.START_OBJECT) {
                throw new Unreadable("The document in the file is no object.");
            }
            String format = "";
            @Nullable References references = null;
            long rows = 0;
            while (json.nextToken() == JsonToken.PROPERTY_NAME) {
                final String name = json.currentName();
                json.nextToken();
                final Kind kind = kinds.get(name);
                if (kind == null) {
                    final JsonNode value = json.readValueAsTree();
                    if (name.equals("format")) {
                        format = value.asString("");
                    } else if (name.equals("version")) {
                        references = open(store, into, format, value, known);
                    }
                    continue;
                }
                if (references == null) {
                    throw new Unreadable("The document does not say first what it is: format and version come first.");
                }
                rows += rows(json, store, kind, step);
                if (rows > MOST_ROWS) {
                    throw new Unreadable("The file holds more than %d rows.".formatted(MOST_ROWS));
                }
            }
            if (references == null) {
                throw new Unreadable("The document does not say what it is: it has no format and version.");
            }
            return references;
        }
    }

    private static References open(
            final Connection store, final String into, final String format, final JsonNode version, final int known)
            throws SQLException {
        if (!format.equals(HouseWriter.FORMAT)) {
            throw new Unreadable("The format of the file is “%s”. Allowed: %s."
                    .formatted(Columns.shortened(format), HouseWriter.FORMAT));
        }
        if (!version.isIntegralNumber() || version.asInt() < 1) {
            throw new Unreadable("The version of the file is %s. Allowed: a whole number from 1."
                    .formatted(Columns.shortened(version.toString())));
        }
        if (version.asInt() > known) {
            throw new Unreadable(
                    "The file was written by a newer Loose Knit (format %d; this program knows up to %d). Take it in with that one."
                            .formatted(version.asInt(), known));
        }
        migrate(into, version.asString());
        Counting.far(store);
        store.setAutoCommit(false);
        final List<Kind> backwards = new ArrayList<>(List.of(Kind.values()));
        Collections.reverse(backwards);
        try (Statement emptied = store.createStatement()) {
            for (final Kind kind : backwards) {
                if (kind.isThere(store)) {
                    emptied.executeUpdate("DELETE FROM " + kind.table());
                }
            }
        }
        // what brings an older store up to today's may need them
        return version.asInt() == known ? References.takenFrom(store) : References.leftToStore();
    }

    private static long rows(final JsonParser json, final Connection store, final Kind kind, final Runnable step)
            throws SQLException {
        if (json.currentToken() != JsonToken.START_ARRAY) {
            throw new Unreadable("%s is no list.".formatted(kind.words()));
        }
        if (!kind.isThere(store)) {
            throw new Unreadable("A file of this version holds no %s.".formatted(kind.words()));
        }
        final Columns columns = Columns.of(store, kind);
        final @Nullable String selfName = Kind.OF_THE_SAME.get(kind);
        long rows = 0;
        try (PreparedStatement insert = store.prepareStatement("INSERT INTO %s (%s) VALUES (%s)"
                        .formatted(
                                kind.table(),
                                String.join(", ", columns.told()),
                                columns.told().stream().map(each -> "?").collect(Collectors.joining(", "))));
                PreparedStatement name = store.prepareStatement(
                        selfName == null || !columns.names().contains(selfName)
                                ? "SELECT 1"
                                : "UPDATE %s SET %s = ? WHERE id = ?".formatted(kind.table(), selfName))) {
            final Sheaf sheaf =
                    new Sheaf(insert, kind.partOf().map(columns.told()::indexOf).orElse(-1));
            final List<@Nullable Object[]> names = new ArrayList<>();
            final List<String> fields =
                    columns.names().stream().map(Kind::field).toList();
            while (json.nextToken() != JsonToken.END_ARRAY) {
                rows++;
                final Where where = new Where(kind, rows - 1);
                final JsonNode row = json.readValueAsTree();
                if (row == null || !row.isObject()) {
                    throw new Unreadable("%s is no object.".formatted(where));
                }
                if (sheaf.add(read(row, columns, fields, selfName, names, where))) {
                    orRefused(kind, store, sheaf::store);
                }
                step.run();
            }
            orRefused(kind, store, sheaf::store);
            for (final Object[] pair : names) {
                name.setObject(1, pair[0]);
                name.setObject(2, pair[1]);
                name.addBatch();
            }
            orRefused(kind, store, name::executeBatch);
        }
        return rows;
    }

    /** The values of a row that the store is told, in their order. */
    private static @Nullable Object[] read(
            final JsonNode row,
            final Columns columns,
            final List<String> fields,
            final @Nullable String selfName,
            final List<@Nullable Object[]> names,
            final Where where) {
        int known = 0;
        int at = 0;
        final @Nullable Object[] told =
                new Object[columns.names().size() - columns.counted().size()];
        @Nullable Object id = null;
        @Nullable Object same = null;
        for (int i = 0; i < columns.names().size(); i++) {
            final String field = fields.get(i);
            final JsonNode value = row.get(field);
            final boolean missing = value == null || value.isNull();
            known += value == null ? 0 : 1;
            final Columns.Type type = columns.types().get(i);
            Object read = missing ? null : Columns.read(value, type, () -> where + "." + field);
            if (missing && type == Columns.Type.PICTURE) {
                read = new byte[0];
            }
            if (columns.names().get(i).equals("id")) {
                id = read;
            }
            if (columns.names().get(i).equals(selfName)) {
                same = read;
                read = null;
            }
            // what a store counts up by itself is counted anew, in the order of the file
            if (!columns.counted().contains(columns.names().get(i))) {
                told[at++] = read;
            }
        }
        if (known < row.size()) {
            final String strange = row.propertyNames().stream()
                    .filter(each -> !fields.contains(each))
                    .findFirst()
                    .orElse("");
            throw new Unreadable("%s has a field “%s” that a file of this version does not have."
                    .formatted(where, Columns.shortened(strange)));
        }
        if (same != null) {
            names.add(new @Nullable Object[] {same, id});
        }
        return told;
    }

    /** A row of the file, as sentences name it. */
    private record Where(Kind kind, long row) {
        @Override
        public String toString() {
            return "%s[%d]".formatted(kind.words(), row);
        }
    }

    /** Rows that go into the store. */
    private interface Storing {
        void run() throws SQLException;
    }

    /** Stores rows; nobody else reads this store, and all of it is thrown away if something is wrong. */
    private static void orRefused(final Kind kind, final Connection store, final Storing rows) throws SQLException {
        try {
            rows.run();
            store.commit();
        } catch (final java.sql.BatchUpdateException e) {
            throw Unreadable.among(kind, plain(e));
        }
    }

    /** Why the store refused a row, in few words. */
    private static String plain(final SQLException e) {
        final String state = String.valueOf(e.getSQLState());
        return switch (state) {
            case "23505" -> "it is there twice";
            case "23506", "23503" -> References.NAMES_WHAT_IS_NOT_THERE;
            case "23502" -> "something that has to be said is missing";
            case "22001" -> "a text is too long";
            default -> "a value cannot be stored (%s)".formatted(state);
        };
    }

    private static void pictures(final ZipInputStream zip, final Connection store, final Runnable step)
            throws IOException, SQLException {
        int files = 0;
        for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
            final String[] path = entry.getName().split("/");
            if (++files > MOST_FILES
                    || path.length != 3
                    || !path[0].equals("photos")
                    || !path[1].matches("[0-9a-f-]{36}")
                    || !path[2].matches("(picture|thumbnail)[.]jpg")) {
                throw new Unreadable("The file holds “%s”, which does not belong into it."
                        .formatted(Columns.shortened(entry.getName())));
            }
            final byte[] bytes = zip.readNBytes(MOST_PICTURE_BYTES + 1);
            if (bytes.length > MOST_PICTURE_BYTES) {
                throw new Unreadable("%s is larger than 10 MB.".formatted(entry.getName()));
            }
            if (bytes.length < 3
                    || (bytes[0] & 0xff) != 0xff
                    || (bytes[1] & 0xff) != 0xd8
                    || (bytes[2] & 0xff) != 0xff) {
                throw new Unreadable("%s is no picture as this program writes them.".formatted(entry.getName()));
            }
            try (PreparedStatement put = store.prepareStatement("UPDATE photo SET %s = ? WHERE id = CAST(? AS UUID)"
                    .formatted(path[2].substring(0, path[2].indexOf('.'))))) {
                put.setBytes(1, bytes);
                put.setString(2, path[1]);
                if (put.executeUpdate() == 0) {
                    throw new Unreadable("%s belongs to no photo of the file.".formatted(entry.getName()));
                }
            }
            step.run();
        }
        try (Statement missing = store.createStatement();
                ResultSet row = missing.executeQuery(
                        "SELECT id FROM photo WHERE LENGTH(picture) = 0 OR LENGTH(thumbnail) = 0")) {
            if (row.next()) {
                throw new Unreadable("The picture of photo %s is not in the file.".formatted(row.getString(1)));
            }
        }
    }
}
