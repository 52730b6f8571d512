package looseknit.server.exchange;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.core.JsonGenerator;

/** Writes everything into one file as it stood at one moment, row by row: nothing is held but the row that is written. */
final class HouseWriter {

    /** The document in the file. */
    static final String DOCUMENT = "house.json";

    /** What the document says that it is. */
    static final String FORMAT = "loose-knit house";

    private static final int ROWS_AT_ONCE = 500;

    private HouseWriter() {}

    /**
     * Writes it.
     *
     * @param store a connection of its own; it is left in a transaction of its own that has changed nothing
     * @param version of the format, which is that of the store
     */
    static void write(final Connection store, final int version, final Instant now, final OutputStream out)
            throws SQLException, IOException {
        store.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
        store.setAutoCommit(false);
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.setLevel(Deflater.BEST_SPEED);
            zip.putNextEntry(new ZipEntry(DOCUMENT));
            try (JsonGenerator json = Columns.JSON.createGenerator(new LeftOpen(zip))) {
                json.writeStartObject();
                json.writeStringProperty("format", FORMAT);
                json.writeNumberProperty("version", version);
                json.writeStringProperty("writtenAt", now.toString());
                for (final Kind kind : Kind.values()) {
                    rows(store, kind, json);
                }
                json.writeEndObject();
            }
            zip.closeEntry();
            pictures(store, zip);
        } finally {
            store.rollback();
        }
    }

    private static void rows(final Connection store, final Kind kind, final JsonGenerator json) throws SQLException {
        final Columns columns = Columns.of(store, kind);
        json.writeName(kind.words());
        json.writeStartArray();
        try (Statement all = store.createStatement()) {
            all.setFetchSize(ROWS_AT_ONCE);
            try (ResultSet row = all.executeQuery("SELECT * FROM %s ORDER BY %s"
                    .formatted(
                            kind.table(),
                            String.join(", ", columns.counted().isEmpty() ? kind.key() : columns.counted())))) {
                while (row.next()) {
                    columns.write(json, row);
                    json.writeRaw('\n');
                }
            }
        }
        json.writeEndArray();
    }

    private static void pictures(final Connection store, final ZipOutputStream zip) throws SQLException, IOException {
        final Columns columns = Columns.of(store, Kind.PHOTOS);
        try (Statement all = store.createStatement();
                ResultSet row = all.executeQuery("SELECT * FROM %s ORDER BY id".formatted(Kind.PHOTOS.table()))) {
            while (row.next()) {
                for (int i = 0; i < columns.names().size(); i++) {
                    if (columns.types().get(i) == Columns.Type.PICTURE) {
                        zip.putNextEntry(new ZipEntry(
                                Columns.picture(row, columns.names().get(i))));
                        zip.write(row.getBytes(i + 1));
                        zip.closeEntry();
                    }
                }
            }
        }
    }

    /** Lets the document end without ending the file. */
    private static final class LeftOpen extends FilterOutputStream {

        LeftOpen(final OutputStream out) {
            super(out);
        }

        @Override
        public void write(final byte[] bytes, final int from, final int count) throws IOException {
            out.write(bytes, from, count);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
