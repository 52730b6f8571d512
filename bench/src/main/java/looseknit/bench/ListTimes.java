package looseknit.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.concurrent.TimeUnit;

/**
 * A house with many blends, batches and lots: those of the demo, copied until there are as many as wanted of each, and how long their lists take to be
 * answered, the first time and after.
 */
public final class ListTimes {

    private static final int ROWS = 10_000;
    private static final List<String> MACHINE = List.of("-Xmx512m");

    private ListTimes() {}

    /**
     * Runs the measurement.
     *
     * @param args path of the packed server; how many rows of each, if others; how many seconds after the start to begin, if not at once
     */
    public static void main(final String[] args) throws IOException, InterruptedException, SQLException {
        final int rows = args.length > 1 ? Integer.parseInt(args[1]) : ROWS;
        final Path data = Files.createTempDirectory("loose-knit-lists");
        RunningServer.start(args[0], data, MACHINE, List.of("--spring.profiles.active=demo"))
                .close();
        copy(data, rows);
        try (RunningServer server = RunningServer.start(args[0], data, MACHINE, List.of())) {
            System.out.printf("start-up: %.1f s, %s%n", server.startedSeconds(), server.memory());
            if (args.length > 2) {
                TimeUnit.SECONDS.sleep(Long.parseLong(args[2]));
            }
            LoadTimes.measure(server, "blends", "/api/blends");
            LoadTimes.measure(server, "blends with bark", "/api/blends?text=bark&order=AIR");
            LoadTimes.measure(server, "blends for another plant", "/api/blends?plantId=jade&order=FIT");
            LoadTimes.measure(server, "names of blends", "/api/blends/names");
            LoadTimes.measure(server, "batches", "/api/batches");
            LoadTimes.measure(server, "shelf", "/api/shelf");
            LoadTimes.measure(server, "Today", "/api/today");
            LoadTimes.measure(server, "calendar", "/api/calendar");
            LoadTimes.measure(server, "how much is due", "/api/calendar/count");
            LoadTimes.measure(server, "hand", "/api/hand");
            LoadTimes.measure(server, "year", "/api/year");
            System.out.println(server.memory());
        }
    }

    /** Copies rows as they are stored: each blend with its versions and its card, each batch with its recipe. */
    private static void copy(final Path data, final int rows) throws SQLException {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + data + "/looseknit", "looseknit", "");
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            number(statement, "blend", rows);
            number(statement, "batch", rows);
            number(statement, "lot", rows);
            final String blend = LoadTimes.columns(connection, "blend", "id", "name");
            insert(statement, "blend", "id, name, " + blend, "c.id, t.name || ' ' || c.x, " + blend, "t.id");
            final String version = LoadTimes.columns(connection, "blend_version", "id", "blend_id");
            copyOf(statement, "blend", "blend_version", "id, blend_id, " + version, "random_uuid(7), c.id, " + version);
            for (final String table : List.of("blend_card", "blend_card_material")) {
                final String card = LoadTimes.columns(connection, table, "blend_id");
                copyOf(statement, "blend", table, "blend_id, " + card, "c.id, " + card);
            }
            final String batch = LoadTimes.columns(connection, "batch", "id", "lot");
            insert(statement, "batch", "id, lot, " + batch, "c.id, t.lot || '-' || c.x, " + batch, "t.id");
            final String lot = LoadTimes.columns(connection, "lot", "id");
            insert(statement, "lot", "id, " + lot, "c.id, " + lot, "t.id");
            for (final String table : List.of("blend", "batch", "lot")) {
                statement.execute("DROP TABLE copies_of_" + table);
                System.out.printf("%d of %s%n", LoadTimes.count(statement, table), table);
            }
            connection.commit();
        }
    }

    /** Ids for so many copies of the rows of a table that there are as many as wanted with them. */
    private static void number(final Statement statement, final String table, final int rows) throws SQLException {
        final int here = LoadTimes.count(statement, table);
        statement.execute(
                "CREATE TABLE copies_of_%1$s AS SELECT random_uuid(7) AS id, t.id AS was, x FROM %1$s t, system_range(1, %2$d) LIMIT %3$d"
                        .formatted(table, rows / here + 1, Math.max(0, rows - here)));
    }

    private static void insert(
            final Statement statement, final String table, final String into, final String from, final String key)
            throws SQLException {
        statement.execute("INSERT INTO %1$s (%2$s) SELECT %3$s FROM %1$s t JOIN copies_of_%1$s c ON c.was = %4$s"
                .formatted(table, into, qualified(from), key));
    }

    private static void copyOf(
            final Statement statement, final String of, final String table, final String into, final String from)
            throws SQLException {
        statement.execute("INSERT INTO %2$s (%3$s) SELECT %4$s FROM %2$s t JOIN copies_of_%1$s c ON c.was = t.blend_id"
                .formatted(of, table, into, qualified(from)));
    }

    /** Names of columns as those of the row that is copied. */
    private static String qualified(final String columns) {
        return columns.replaceAll("(?<=^|, )([a-z_]+)(?=,|$)", "t.$1");
    }
}
