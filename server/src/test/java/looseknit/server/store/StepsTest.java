package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
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

    private static final String[] ALL_OF_IT = {COLUMNS, KEYS, INDEXES};

    private static Flyway steps(final String store) {
        return Flyway.configure()
                .dataSource(store, "", "")
                .locations(WholeStore.STEPS_OF_A_FILE.toArray(String[]::new))
                .load();
    }

    /** What a database server begins with and the steps after it, in order. */
    private static List<Path> scripts() throws IOException, URISyntaxException {
        final List<Path> scripts = new ArrayList<>();
        for (final String place : WholeStore.STEPS_OF_A_SERVER) {
            try (Stream<Path> all = Files.list(Path.of(StepsTest.class
                    .getResource(place.replace("classpath:", "/"))
                    .toURI()))) {
                all.sorted().forEach(scripts::add);
            }
        }
        assertThat(scripts.get(0).getFileName()).hasToString("V15__the_store_as_it_stands.sql");
        return scripts;
    }

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
        steps(byStep).migrate();
        try (Connection steps = DriverManager.getConnection(byStep, "", "");
                Connection atOnce = DriverManager.getConnection("jdbc:h2:mem:at_once");
                Statement create = atOnce.createStatement()) {
            for (final Path script : scripts()) {
                create.execute(Files.readString(script));
            }
            for (final String of : ALL_OF_IT) {
                assertThat(rows(atOnce, of)).isNotEmpty().isEqualTo(rows(steps, of));
            }
            assertThat(rows(atOnce, "numbering", "name")).isEqualTo(rows(steps, "numbering", "name"));
            assertThat(rows(atOnce, "reading_model", "id, fingerprint"))
                    .isEqualTo(rows(steps, "reading_model", "id, fingerprint"));
        }
    }

    @Test
    void aNewFileBeginsWithTheSameStoreByFewerSteps() throws Exception {
        final String byStep = "jdbc:h2:mem:step_after_step;DB_CLOSE_DELAY=-1";
        steps(byStep).migrate();
        final String begun = "jdbc:h2:mem:begun;DB_CLOSE_DELAY=-1";
        final Flyway inOneGo = steps(begun);
        WholeStore.begin(inOneGo);
        assertThat(inOneGo.info().current().getVersion().getVersion()).isEqualTo("15");
        assertThat(inOneGo.info().pending())
                .as("the steps after it are the same for all")
                .allMatch(step -> Integer.parseInt(step.getVersion().getVersion()) > 15);
        inOneGo.migrate();
        try (Connection each = DriverManager.getConnection(byStep, "", "");
                Connection whole = DriverManager.getConnection(begun, "", "")) {
            for (final String of : ALL_OF_IT) {
                assertThat(rows(whole, of)).isNotEmpty().isEqualTo(rows(each, of));
            }
            final String bytes = "SELECT data_type FROM information_schema.columns WHERE column_name = 'PICTURE'";
            assertThat(rows(whole, bytes)).isNotEmpty().isEqualTo(rows(each, bytes));
        }
        assertThat(inOneGo.info().pending()).isEmpty();
    }

    @Test
    void whatWasBrokenOffIsBegunAgainAndWhatHoldsRowsIsLeftAlone() throws Exception {
        final String url = "jdbc:h2:mem:broken_off;DB_CLOSE_DELAY=-1";
        try (Connection store = DriverManager.getConnection(url, "", "");
                Statement statement = store.createStatement()) {
            final String script = WholeStore.script();
            statement.execute(script.substring(0, script.indexOf("CREATE TABLE", script.length() / 2)));
            WholeStore.begin(steps(url));
            assertThat(steps(url).info().current().getVersion().getVersion()).isEqualTo("15");

            statement.execute("DROP TABLE \"flyway_schema_history\"");
            statement.execute("INSERT INTO place_order (name, rank) VALUES ('a sill', 1)");
            WholeStore.begin(steps(url));
            assertThat(rows(store, "place_order", "name")).contains("a sill");
            assertThat(steps(url).info().current()).isNull();
        }
    }
}
