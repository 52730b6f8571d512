package looseknit.bench;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;

/**
 * A large house: the pots and looks of the demo, copied until there are 10,000 and 500,000, and how long the pages that people open every day take to be
 * answered, the first time and after.
 */
public final class LoadTimes {

    private static final int POLL_MS = 100;
    private static final int POTS = 10_000;
    private static final int LOOKS = 500_000;
    private static final int CALLS = 20;
    private static final int DATABASE = 3;
    private static final List<String> MACHINE = List.of("-Xmx512m");

    private LoadTimes() {}

    /**
     * Runs the measurement.
     *
     * @param args path of the packed server; how many pots and how many looks, if others; an empty database of a server, to measure on it, too
     */
    public static void main(final String[] args) throws IOException, InterruptedException, SQLException {
        final int pots = args.length > 1 ? Integer.parseInt(args[1]) : POTS;
        final int looks = args.length > 2 ? Integer.parseInt(args[2]) : LOOKS;
        final Path data = Files.createTempDirectory("loose-knit-load");
        RunningServer.start(args[0], data, MACHINE, List.of("--spring.profiles.active=demo"))
                .close();
        final long before = System.nanoTime();
        copy(data, pots, looks);
        System.out.printf("copied in %.0f s%n", (System.nanoTime() - before) / 1e9);
        try (RunningServer server = RunningServer.start(args[0], data, MACHINE, List.of())) {
            System.out.printf("start-up: %.1f s, %s%n", server.startedSeconds(), server.memory());
            measureAll(server);
            takeOut(server, data.resolve("everything.zip"));
        }
        takeIn(args[0], data.resolve("everything.zip"), List.of());
        if (args.length > DATABASE) {
            System.out.println("on a database server:");
            takeIn(args[0], data.resolve("everything.zip"), List.of("--looseknit.database=" + args[DATABASE]));
        }
    }

    private static void measureAll(final RunningServer server) throws IOException, InterruptedException {
        for (final Map.Entry<String, String> page : pages(server).entrySet()) {
            measure(server, page.getKey(), page.getValue());
        }
        System.out.println(server.memory());
    }

    /** Everything into an empty house, and its pages then. */
    private static void takeIn(final String jar, final Path file, final List<String> settings)
            throws IOException, InterruptedException {
        final Path empty = Files.createTempDirectory("loose-knit-empty");
        try (RunningServer server = RunningServer.start(jar, empty, MACHINE, settings)) {
            final String path = "/api/house/incoming/" + UUID.randomUUID();
            long begun = System.nanoTime();
            server.upload(path, "application/zip", file);
            String state = settled(server, path);
            System.out.printf("looked through: %.1f s, %s%n", (System.nanoTime() - begun) / 1e9, state);
            begun = System.nanoTime();
            server.post(path + "/take", "{}");
            state = settled(server, path);
            System.out.printf("taken in: %.1f s, %s; %s%n", (System.nanoTime() - begun) / 1e9, state, server.memory());
            measureAll(server);
            takeOut(server, empty.resolve("everything.zip"));
        }
    }

    private static void takeOut(final RunningServer server, final Path file) throws IOException, InterruptedException {
        final long begun = System.nanoTime();
        server.download("/api/house/everything", file);
        System.out.printf(
                "everything out: %.1f s, %.1f MB; %s%n",
                (System.nanoTime() - begun) / 1e9, Files.size(file) / 1e6, server.memory());
    }

    private static String settled(final RunningServer server, final String path)
            throws IOException, InterruptedException {
        while (true) {
            final String state = server.get(path).body().replaceAll("(?s).*\"state\":\"(\\w+)\".*", "$1");
            if (!state.equals("READING") && !state.equals("STORING")) {
                return state;
            }
            Thread.sleep(POLL_MS);
        }
    }

    private static Map<String, String> pages(final RunningServer server) throws IOException, InterruptedException {
        final String pot =
                server.get("/api/pottings?size=1").body().replaceAll("(?s).*?\"id\":\"([0-9a-f-]{36})\".*", "$1");
        final Map<String, String> pages = new LinkedHashMap<>();
        pages.put("Today", "/api/today");
        pages.put("the round", "/api/round");
        pages.put("number due", "/api/calendar/count");
        pages.put("pots, a page", "/api/pottings");
        pages.put("a pot", "/api/pottings/" + pot + "/portrait");
        pages.put("looks of a pot", "/api/pottings/" + pot + "/looks");
        pages.put("calendar", "/api/calendar");
        pages.put("what did well", "/api/outcomes");
        pages.put("records of blends", "/api/outcomes/blends");
        pages.put("hand", "/api/hand");
        pages.put("leave", "/api/leave?days=12");
        pages.put("the year", "/api/year");
        return pages;
    }

    static void measure(final RunningServer server, final String name, final String path)
            throws IOException, InterruptedException {
        final double[] milliseconds = new double[CALLS];
        double first = 0;
        int length = 0;
        for (int call = -1; call < CALLS; call++) {
            final long begun = System.nanoTime();
            final HttpResponse<String> response = server.get(path);
            final double took = (System.nanoTime() - begun) / 1e6;
            if (response.statusCode() != 200) {
                throw new IllegalStateException(path + ": " + response.body());
            }
            length = response.body().length();
            if (call < 0) {
                first = took;
            } else {
                milliseconds[call] = took;
            }
        }
        Arrays.sort(milliseconds);
        System.out.printf(
                "%-18s first %6.0f ms, then median %6.1f ms, 95th percentile %6.1f ms, %5d kB%n",
                name, first, milliseconds[CALLS / 2], milliseconds[CALLS * 95 / 100], length / 1000);
    }

    /** Copies rows as they are stored, each pot with looks of its own. */
    private static void copy(final Path data, final int pots, final int looks) throws SQLException {
        try (Connection connection =
                        DriverManager.getConnection("jdbc:h2:file:" + data + "/looseknit", "looseknit", "");
                Statement statement = connection.createStatement()) {
            connection.setAutoCommit(false);
            final int here = count(statement, "potting");
            final String columns = columns(connection, "potting", "id", "label");
            statement.execute("CREATE TABLE copied (id UUID, was UUID)");
            statement.execute("CREATE TABLE numbered AS SELECT p.*, x FROM potting p, system_range(1, %d)"
                    .formatted(pots / here + 1));
            statement.execute("ALTER TABLE numbered ADD COLUMN anew UUID");
            statement.execute("UPDATE numbered SET anew = random_uuid(7)");
            statement.execute(
                    "INSERT INTO potting (id, label, %s) SELECT anew, label || ' ' || x, %s FROM numbered LIMIT %d"
                            .formatted(columns, columns, Math.max(0, pots - here)));
            statement.execute("INSERT INTO copied SELECT n.anew, n.id FROM numbered n JOIN potting p ON p.id = n.anew");
            final String lookColumns = columns(connection, "look", "id", "potting_id", "seq");
            final int each = Math.max(1, looks / pots);
            statement.execute("""
                    INSERT INTO look (id, potting_id, %s)
                    SELECT random_uuid(7), copy, %s FROM (
                      SELECT c.id AS copy, l.* FROM (
                        SELECT l.*, row_number() OVER (PARTITION BY potting_id ORDER BY seq DESC) AS n FROM look l) l
                      JOIN copied c ON c.was = l.potting_id WHERE l.n <= %d ORDER BY l.looked_on)""".formatted(lookColumns, lookColumns, 2 * each));
            statement.execute("DROP TABLE copied");
            statement.execute("DROP TABLE numbered");
            connection.commit();
            System.out.printf("%d pots, %d looks%n", count(statement, "potting"), count(statement, "look"));
        }
    }

    static int count(final Statement statement, final String table) throws SQLException {
        try (ResultSet result = statement.executeQuery("SELECT count(*) FROM " + table)) {
            result.next();
            return result.getInt(1);
        }
    }

    static String columns(final Connection connection, final String table, final String... without)
            throws SQLException {
        final StringBuilder columns = new StringBuilder();
        try (ResultSet found = connection.getMetaData().getColumns(null, null, table.toUpperCase(Locale.ROOT), null)) {
            while (found.next()) {
                final String name = found.getString("COLUMN_NAME").toLowerCase(Locale.ROOT);
                if (!Arrays.asList(without).contains(name)) {
                    columns.append(columns.isEmpty() ? "" : ", ").append(name);
                }
            }
        }
        return columns.toString();
    }
}
