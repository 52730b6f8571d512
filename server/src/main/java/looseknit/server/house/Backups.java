package looseknit.server.house;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDateTime;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.time.temporal.IsoFields;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.sql.DataSource;

/** Backups of a store: made while it runs, opened and counted after they are made, kept by a rule. */
final class Backups {

    private static final String NAME = "looseknit-";
    private static final String END = ".zip";
    private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("uuuu-MM-dd'T'HHmmss", Locale.ROOT);
    private static final int DAYS = 7;
    private static final int WEEKS = 4;
    private static final int MONTHS = 12;
    private static final int BY_HAND = 10;

    private Backups() {}

    /** Why a backup was made. */
    enum Why {
        BY_HAND,
        DAILY,
        BEFORE_UPGRADE
    }

    /**
     * A backup.
     *
     * @param rows rows of each table, as counted in the backup itself; empty where it was not opened
     */
    record Made(Path file, LocalDateTime at, Why why, long bytes, Map<String, Long> rows) {
        long rowsInAll() {
            return rows.values().stream().mapToLong(Long::longValue).sum();
        }
    }

    /** Backup files of a data folder, the newest first. */
    static List<Path> in(final Path data) {
        final Path folder = data.resolve(DataFolder.BACKUPS);
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> at(file).isPresent())
                    .sorted(Comparator.comparing((Path file) -> at(file).orElseThrow())
                            .reversed())
                    .toList();
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Backups of a data folder without looking into them, the newest first. */
    static List<Made> list(final Path data) {
        return in(data).stream().map(file -> made(file, Map.of())).toList();
    }

    private static Made made(final Path file, final Map<String, Long> rows) {
        try {
            return new Made(file, at(file).orElseThrow(), why(file), Files.size(file), rows);
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** When a file was made, by its name; nothing where it is no backup. */
    static Optional<LocalDateTime> at(final Path file) {
        final String name = String.valueOf(file.getFileName());
        if (!name.startsWith(NAME) || !name.endsWith(END)) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDateTime.parse(
                    name.substring(NAME.length(), NAME.length() + "2026-01-01T000000".length()), STAMP));
        } catch (final DateTimeParseException | StringIndexOutOfBoundsException noBackup) {
            return Optional.empty();
        }
    }

    private static Why why(final Path file) {
        final String name = String.valueOf(file.getFileName());
        return Stream.of(Why.values())
                .filter(why -> name.endsWith(word(why) + END))
                .findFirst()
                .orElse(Why.BY_HAND);
    }

    private static String word(final Why why) {
        return "-" + why.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * Makes a backup of what a connection is to, opens it and counts it.
     *
     * @throws IllegalStateException if it cannot be written, or not be opened again; nothing is kept then
     */
    static Made make(final Connection connection, final Path data, final Why why, final LocalDateTime now)
            throws IOException {
        final Path folder = data.resolve(DataFolder.BACKUPS);
        // it may be a link to another disk
        if (!Files.isDirectory(folder)) {
            Files.createDirectories(folder);
        }
        final Path file = folder.resolve(NAME + STAMP.format(now) + word(why) + END);
        final Path part = folder.resolve(file.getFileName() + ".part");
        final Map<String, Long> rows;
        try (Statement statement = connection.createStatement()) {
            statement.execute("BACKUP TO '%s'".formatted(part.toString().replace("'", "''")));
            rows = count(part);
        } catch (final SQLException | IOException e) {
            Files.deleteIfExists(part);
            throw new IllegalStateException("the backup could not be written, or not be opened again", e);
        }
        ownerOnly(part);
        Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        keepByRule(data);
        return made(file, rows);
    }

    /** Nobody but the owner reads it, also in a folder that others look into; disks that know no owners are left as they are. */
    private static void ownerOnly(final Path file) throws IOException {
        final PosixFileAttributeView owner = Files.getFileAttributeView(file, PosixFileAttributeView.class);
        if (owner != null) {
            owner.setPermissions(PosixFilePermissions.fromString("rw-------"));
        }
    }

    /** Whether a store is a file: one that is held in memory has nothing to back up. */
    static boolean isFile(final DataSource store) {
        return isAt(store, "jdbc:h2:file:");
    }

    /** Whether a store is kept by the program itself, and not by a database server. */
    static boolean isH2(final DataSource store) {
        return isAt(store, "jdbc:h2:");
    }

    private static boolean isAt(final DataSource store, final String where) {
        try (Connection connection = store.getConnection()) {
            return connection.getMetaData().getURL().startsWith(where);
        } catch (final SQLException e) {
            return false;
        }
    }

    /** Rows of each table in a backup, each read. */
    static Map<String, Long> count(final Path zip) throws IOException, SQLException {
        final Path folder = Files.createTempDirectory(zip.toAbsolutePath().getParent(), "opened");
        try {
            unpack(zip, folder);
            return countIn(folder);
        } finally {
            try (Stream<Path> files = Files.list(folder)) {
                for (final Path file : files.toList()) {
                    Files.delete(file);
                }
            }
            Files.delete(folder);
        }
    }

    /** Takes the store's file out of a backup; nothing else, and under no other name. */
    static void unpack(final Path zip, final Path folder) throws IOException {
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(zip))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (entry.getName().equals(DataFolder.DATABASE)) {
                    Files.copy(in, folder.resolve(DataFolder.DATABASE));
                    return;
                }
            }
        }
        throw new IOException("%s holds no %s".formatted(zip.getFileName(), DataFolder.DATABASE));
    }

    /** Rows of each table of the store in a folder that nobody else has open; all of them are read. */
    static Map<String, Long> countIn(final Path folder) throws SQLException {
        try (Connection connection = DriverManager.getConnection(
                "jdbc:h2:file:" + folder.resolve("looseknit") + ";ACCESS_MODE_DATA=r;IFEXISTS=TRUE", "looseknit", "")) {
            return countIn(connection);
        }
    }

    /** Rows of each table; every value is read, so that what is damaged is found. */
    static Map<String, Long> countIn(final Connection connection) throws SQLException {
        final Map<String, Long> rows = new TreeMap<>();
        for (final String table : tables(connection.getMetaData())) {
            long count = 0;
            try (Statement statement = connection.createStatement();
                    ResultSet all = statement.executeQuery("SELECT * FROM \"%s\"".formatted(table))) {
                final int columns = all.getMetaData().getColumnCount();
                while (all.next()) {
                    for (int column = 1; column <= columns; column++) {
                        all.getObject(column);
                    }
                    count++;
                }
            }
            rows.put(table, count);
        }
        return rows;
    }

    private static List<String> tables(final DatabaseMetaData meta) throws SQLException {
        final List<String> tables = new ArrayList<>();
        try (ResultSet found =
                meta.getTables(null, meta.getConnection().getSchema(), null, new String[] {"TABLE", "BASE TABLE"})) {
            while (found.next()) {
                tables.add(found.getString("TABLE_NAME"));
            }
        }
        return tables;
    }

    /** Keeps the newest of each of seven days, four weeks and twelve months, those before upgrades as months go, and ten that were made by hand. */
    static void keepByRule(final Path data) throws IOException {
        final Set<Path> kept = new HashSet<>();
        final List<Path> all = in(data);
        keep(all, Why.DAILY, DAYS, at -> at.truncatedTo(ChronoUnit.DAYS), kept);
        keep(
                all,
                Why.DAILY,
                WEEKS,
                at -> at.get(IsoFields.WEEK_BASED_YEAR) + " " + at.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR),
                kept);
        keep(all, Why.DAILY, MONTHS, YearMonth::from, kept);
        keep(all, Why.BEFORE_UPGRADE, MONTHS, at -> at, kept);
        keep(all, Why.BY_HAND, BY_HAND, at -> at, kept);
        for (final Path file : all) {
            if (!kept.contains(file)) {
                Files.delete(file);
            }
        }
    }

    private static void keep(
            final List<Path> newestFirst,
            final Why why,
            final int most,
            final Function<LocalDateTime, Object> span,
            final Set<Path> kept) {
        final Set<Object> spans = new HashSet<>();
        for (final Path file : newestFirst) {
            if (why(file) == why && spans.size() < most && spans.add(span.apply(at(file).orElseThrow()))) {
                kept.add(file);
            }
        }
    }
}
