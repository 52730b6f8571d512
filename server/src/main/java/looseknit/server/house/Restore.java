package looseknit.server.house;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Puts a backup back. First it is unpacked beside the store, opened and counted; only then the store makes way, and is kept. Whatever happens between any
 * two of these steps, the next start finds either the old store or the new one, whole.
 */
final class Restore {

    /** The new store waits in here until it takes its place. */
    private static final String WAITING = "restored";

    /** Is there while the new store waits: what is in the folder is whole. */
    private static final String READY = "ready";

    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HHmmss", Locale.ROOT);

    private Restore() {}

    /**
     * Unpacks and counts a backup, so that the next start puts it in place.
     *
     * @throws CannotStart if it is no backup that can be read
     */
    static Map<String, Long> prepare(final Path data, final Path zip) {
        final Path waiting = data.resolve(WAITING);
        try {
            clear(waiting);
            Files.createDirectories(waiting);
            Backups.unpack(zip, waiting);
            final Map<String, Long> rows = Backups.countIn(waiting);
            Files.createFile(waiting.resolve(READY));
            return rows;
        } catch (final IOException | SQLException e) {
            throw new CannotStart(
                    "%s is no backup that can be read (%s). Nothing was changed.".formatted(zip, e.getMessage()),
                    "Take another one; they lie in %s.".formatted(data.resolve(DataFolder.BACKUPS)));
        }
    }

    /** Puts a store in place that waits for it; does nothing where none does. */
    static void complete(final Path data) throws IOException {
        final Path waiting = data.resolve(WAITING);
        if (!Files.isDirectory(waiting)) {
            return;
        }
        final Path fresh = waiting.resolve(DataFolder.DATABASE);
        final Path place = data.resolve(DataFolder.DATABASE);
        if (Files.exists(waiting.resolve(READY)) && Files.exists(fresh)) {
            if (Files.exists(place)) {
                Files.move(
                        place,
                        data.resolve("before-restore-%s.mv.db"
                                .formatted(STAMP.format(LocalDateTime.now(ZoneId.systemDefault())))));
            }
            Files.move(fresh, place, StandardCopyOption.ATOMIC_MOVE);
        }
        clear(waiting);
    }

    /** Takes back that a store waits to take its place. */
    static void giveUp(final Path data) {
        try {
            clear(data.resolve(WAITING));
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void clear(final Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (final Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
    }
}
