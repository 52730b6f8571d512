package looseknit.server.store;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.core.io.ClassPathResource;

/**
 * The store as its first fifteen steps leave it. A file that holds nothing yet begins with it in one go, as a database server does: step by
 * step each table would be copied for each column that it got later. From there on the steps are the same for all.
 */
public final class WholeStore {

    /** Where the steps of a file stand, the first fifteen and those after them. */
    public static final List<String> STEPS_OF_A_FILE = List.of("classpath:db/file", "classpath:db/both");

    /** Where those of a database server stand. */
    public static final List<String> STEPS_OF_A_SERVER = List.of("classpath:db/postgresql", "classpath:db/both");

    private static final MigrationVersion VERSION = MigrationVersion.fromVersion("15");
    private static final String SCRIPT = "db/postgresql/V15__the_store_as_it_stands.sql";

    /** Tables that have rows from the start. */
    private static final List<String> SEEDED = List.of("NUMBERING", "READING_MODEL");

    private WholeStore() {}

    /** The script, with large bytes kept beside the rows instead of in them. */
    static String script() {
        try (InputStream text = new ClassPathResource(SCRIPT).getInputStream()) {
            return new String(text.readAllBytes(), StandardCharsets.UTF_8).replace(" BYTEA ", " BINARY LARGE OBJECT ");
        } catch (final IOException e) {
            throw new IllegalStateException("the first step of the store is not in the program", e);
        }
    }

    /** Begins a store that has not taken a single step; others, and those that are to stop before, are left to their steps. */
    public static void begin(final Flyway steps) {
        final MigrationVersion target = steps.getConfiguration().getTarget();
        final boolean stopsBefore = target != null && target.getVersion() != null && target.compareTo(VERSION) < 0;
        if (stopsBefore || steps.info().current() != null) {
            return;
        }
        try (Connection store = steps.getConfiguration().getDataSource().getConnection()) {
            if (store.getMetaData().getURL().startsWith("jdbc:h2:") && cleared(store)) {
                try (Statement create = store.createStatement()) {
                    create.execute(script());
                }
                Flyway.configure()
                        .configuration(steps.getConfiguration())
                        .baselineVersion(VERSION)
                        .baselineDescription("the store as it stands")
                        .load()
                        .baseline();
            }
        } catch (final SQLException e) {
            throw new IllegalStateException("the store cannot be begun: " + e.getMessage(), e);
        }
    }

    /** Whether nothing is there now: what a start left half done that was broken off in the middle is taken away, what holds rows is not. */
    private static boolean cleared(final Connection store) throws SQLException {
        final List<String> tables = new ArrayList<>();
        try (Statement any = store.createStatement();
                ResultSet rows = any.executeQuery(
                        "SELECT table_name FROM information_schema.tables WHERE table_schema = 'PUBLIC'")) {
            while (rows.next()) {
                tables.add(rows.getString(1));
            }
        }
        try (Statement any = store.createStatement()) {
            for (final String table : tables) {
                try (ResultSet row = any.executeQuery("SELECT 1 FROM \"%s\" FETCH FIRST ROW ONLY".formatted(table))) {
                    if (row.next() && !SEEDED.contains(table)) {
                        return false;
                    }
                }
            }
            if (!tables.isEmpty()) {
                any.execute("DROP ALL OBJECTS");
            }
        }
        return true;
    }
}
