package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.TreeSet;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** A database server begins with the store as all steps leave it: each table, column, key and index is the same. */
class StepsTest {

    private static final String COLUMNS = """
            SELECT table_name, column_name, data_type, character_maximum_length, is_nullable, column_default, is_identity
            FROM information_schema.columns WHERE table_schema = 'PUBLIC' AND table_name <> 'flyway_schema_history'""";
    private static final String KEYS = """
            SELECT c.table_name, c.constraint_type, k.column_name, k.ordinal_position FROM information_schema.table_constraints c
            JOIN information_schema.key_column_usage k ON k.constraint_name = c.constraint_name AND k.constraint_schema = c.constraint_schema
            WHERE c.table_schema = 'PUBLIC' AND c.table_name <> 'flyway_schema_history'""";
    private static final String INDEXES = """
            SELECT table_name, column_name, ordinal_position FROM information_schema.index_columns
            WHERE table_schema = 'PUBLIC' AND table_name <> 'flyway_schema_history'""";

    private static Set<String> rows(final Connection store, final String of) throws SQLException {
        final Set<String> rows = new TreeSet<>();
        try (Statement all = store.createStatement();
                ResultSet row = all.executeQuery(of)) {
            while (row.next()) {
                final StringBuilder line = new StringBuilder();
                for (int i = 1; i <= row.getMetaData().getColumnCount(); i++) {
                    line.append(row.getString(i)).append('|');
                }
                rows.add(line.toString().replaceAll("BINARY (LARGE OBJECT|VARYING)\\|\\d+", "BYTES"));
            }
        }
        return rows;
    }

    private static String rows(final Connection store, final String table, final String columns) throws SQLException {
        return rows(store, "SELECT %s FROM %s".formatted(columns, table)).toString();
    }

    @Test
    void aDatabaseServerBeginsWithTheSameStore() throws Exception {
        final String byStep = "jdbc:h2:mem:by_step;DB_CLOSE_DELAY=-1";
        Flyway.configure()
                .dataSource(byStep, "", "")
                .locations("classpath:db/migration")
                .load()
                .migrate();
        final String whole;
        try (var text = getClass().getResourceAsStream("/db/postgresql/V15__the_store_as_it_stands.sql")) {
            whole = new String(text.readAllBytes(), StandardCharsets.UTF_8);
        }
        try (Connection steps = DriverManager.getConnection(byStep, "", "");
                Connection atOnce = DriverManager.getConnection("jdbc:h2:mem:at_once");
                Statement create = atOnce.createStatement()) {
            create.execute(whole);
            for (final String of : new String[] {COLUMNS, KEYS, INDEXES}) {
                assertThat(rows(atOnce, of)).isNotEmpty().isEqualTo(rows(steps, of));
            }
            assertThat(rows(atOnce, "numbering", "name")).isEqualTo(rows(steps, "numbering", "name"));
            assertThat(rows(atOnce, "reading_model", "id, fingerprint"))
                    .isEqualTo(rows(steps, "reading_model", "id, fingerprint"));
        }
    }
}
