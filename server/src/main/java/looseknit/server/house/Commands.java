package looseknit.server.house;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Map;

/** What is done with a house while no server runs on it: backup, restore, check. */
public final class Commands {

    private Commands() {}

    /**
     * Does it, and says in a sentence what was done.
     *
     * @param what backup, restore or check
     * @param file the backup to put back; without meaning for the others
     * @throws CannotStart if it cannot be done, with the way out
     */
    public static String run(final String what, final Path data, final Path file, final Clock clock) {
        final DataFolder folder = DataFolder.hold(data);
        try {
            return switch (what) {
                case "backup" -> backUp(data, clock);
                case "check" -> check(data);
                case "restore" -> restore(data, file);
                default -> throw new CannotStart("%s is not known.".formatted(what), "Say backup, restore or check.");
            };
        } finally {
            folder.release();
        }
    }

    private static String backUp(final Path data, final Clock clock) {
        try (Connection connection = DriverManager.getConnection(
                "jdbc:h2:file:" + data.resolve("looseknit") + ";IFEXISTS=TRUE", "looseknit", "")) {
            final Backups.Made made = Backups.make(connection, data, Backups.Why.BY_HAND, LocalDateTime.now(clock));
            return "%s holds %d rows of %d tables."
                    .formatted(made.file(), made.rowsInAll(), made.rows().size());
        } catch (final SQLException | IOException | IllegalStateException e) {
            throw new CannotStart(
                    "No backup was made (%s).".formatted(e.getMessage()),
                    "Is there a house in %s, and room?".formatted(data));
        }
    }

    private static String check(final Path data) {
        try {
            final Map<String, Long> rows = Backups.countIn(data);
            return "All %d rows of %d tables can be read."
                    .formatted(rows.values().stream().mapToLong(Long::longValue).sum(), rows.size());
        } catch (final SQLException e) {
            throw DataFolder.damaged(data);
        }
    }

    private static String restore(final Path data, final Path file) {
        final Map<String, Long> rows = Restore.prepare(data, file);
        try {
            Restore.complete(data);
        } catch (final IOException e) {
            throw new CannotStart(
                    "The backup could not be put in place (%s).".formatted(e.getMessage()),
                    "The next start tries again; what was there is kept beside it.");
        }
        return "%d rows of %d tables are back; what was there before lies beside it."
                .formatted(rows.values().stream().mapToLong(Long::longValue).sum(), rows.size());
    }
}
