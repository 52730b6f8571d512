package looseknit.server.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import looseknit.server.frame.Csv;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Writes a table row by row: nothing is held but the row that is written. */
final class TableWriter {

    private static final int ROWS_AT_ONCE = 500;
    private static final int DECIMALS = 4;

    private TableWriter() {}

    /** Writes it; the connection is left in a transaction that has changed nothing. */
    static void write(final Connection store, final Table table, final OutputStream out)
            throws SQLException, IOException {
        store.setAutoCommit(false);
        try (OutputStreamWriter text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
                Statement all = store.createStatement()) {
            all.setFetchSize(ROWS_AT_ONCE);
            Csv.line(text, table.columns().stream().map(Table.Column::name).toList());
            try (ResultSet row = all.executeQuery(table.rows())) {
                while (row.next()) {
                    Csv.line(text, cells(table, row));
                }
            }
        } finally {
            store.rollback();
        }
    }

    private static List<String> cells(final Table table, final ResultSet row) throws SQLException {
        final Map<String, JsonNode> documents = new HashMap<>();
        final List<String> cells = new ArrayList<>();
        for (final Table.Column column : table.columns()) {
            if (column.path().isEmpty()) {
                cells.add(cell(row.getObject(column.from())));
            } else {
                JsonNode document = documents.get(column.from());
                if (document == null) {
                    document = Columns.JSON.readTree(row.getString(column.from()));
                    documents.put(column.from(), document);
                }
                cells.add(cell(document.at(column.path())));
            }
        }
        return cells;
    }

    private static String cell(final @Nullable Object value) {
        if (value == null) {
            return "";
        }
        return value instanceof Double number ? Csv.number(number, DECIMALS) : value.toString();
    }

    /** A figure or a word of a document; a list as its things with their amounts, parted by semicolons. */
    private static String cell(final JsonNode value) {
        if (value.isArray()) {
            return StreamSupport.stream(value.spliterator(), false)
                    .map(each -> each.properties().stream()
                            .map(property -> cell(property.getValue()))
                            .collect(Collectors.joining(":")))
                    .collect(Collectors.joining(";"));
        }
        if (value.isMissingNode() || value.isNull()) {
            return "";
        }
        return value.isNumber() ? Csv.number(value.asDouble(), DECIMALS) : value.asString();
    }
}
