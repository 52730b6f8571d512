package looseknit.server.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Backups are opened and counted; putting one back survives whatever happens half-way; what is wrong with a folder is said plainly. */
class BackupsTest {

    private static final LocalDateTime NOON = LocalDateTime.of(2026, 11, 28, 12, 0);
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-11-28T12:00:00Z"), ZoneOffset.UTC);

    @TempDir
    private Path data;

    private Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + data.resolve("looseknit"), "looseknit", "");
    }

    private void pots(final int count) throws SQLException {
        try (Connection connection = open();
                Statement statement = connection.createStatement()) {
            statement.execute("CREATE TABLE IF NOT EXISTS pot (id INT PRIMARY KEY, label VARCHAR(2000))");
            try (PreparedStatement insert = connection.prepareStatement("MERGE INTO pot VALUES (?, ?)")) {
                final Random random = new Random(4);
                for (int i = 0; i < count; i++) {
                    insert.setInt(1, i);
                    insert.setString(2, "pot " + i + " " + random.nextLong());
                    insert.executeUpdate();
                }
            }
        }
    }

    private Path backup() {
        Commands.run("backup", data, Path.of(""), CLOCK);
        return Backups.in(data).get(0);
    }

    private Map<String, Long> there() throws SQLException {
        return Backups.countIn(data);
    }

    @Test
    void aBackupHoldsWhatWasThereAndComesBack() throws Exception {
        pots(40);
        final Path backup = backup();
        pots(90);

        assertThat(Backups.count(backup)).containsEntry("POT", 40L);
        assertThat(Commands.run("restore", data, backup, CLOCK)).startsWith("40 rows of 1 tables are back");
        assertThat(there()).containsEntry("POT", 40L);
        try (var files = Files.list(data)) {
            assertThat(files.map(file -> String.valueOf(file.getFileName())))
                    .anyMatch(name -> name.startsWith("before-restore-"))
                    .doesNotContain("restored");
        }
    }

    /** Whatever step it stops at, the next start finds the old store or the new one, whole. */
    @Test
    void puttingBackSurvivesAStopAnywhere() throws Exception {
        pots(40);
        final Path backup = backup();
        pots(90);

        final Path waiting = Files.createDirectories(data.resolve("restored"));
        Backups.unpack(backup, waiting);
        DataFolder.hold(data).release();
        assertThat(there()).as("stopped while it was unpacked").containsEntry("POT", 90L);

        Restore.prepare(data, backup);
        Files.move(data.resolve(DataFolder.DATABASE), data.resolve("away.mv.db"));
        DataFolder.hold(data).release();
        assertThat(there()).as("stopped between the two moves").containsEntry("POT", 40L);

        Restore.prepare(data, backup);
        Restore.complete(data);
        Restore.complete(data);
        assertThat(there()).as("done twice").containsEntry("POT", 40L);
    }

    @Test
    void whatIsNoBackupIsRefusedAndChangesNothing() throws Exception {
        pots(5);
        final Path text = Files.writeString(data.resolve("looseknit-2026-01-01T000000.zip"), "no zip at all");
        final Path other = data.resolve("other.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(other))) {
            zip.putNextEntry(new ZipEntry("../../looseknit.mv.db"));
            zip.write("elsewhere".getBytes(StandardCharsets.UTF_8));
        }
        final Path broken = data.resolve("broken.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(broken))) {
            zip.putNextEntry(new ZipEntry(DataFolder.DATABASE));
            zip.write("H:2, but nothing else".getBytes(StandardCharsets.UTF_8));
        }

        for (final Path file : List.of(text, other, broken)) {
            assertThatThrownBy(() -> Commands.run("restore", data, file, CLOCK))
                    .as("%s", file)
                    .isInstanceOf(CannotStart.class)
                    .hasMessageContaining("no backup that can be read");
        }
        DataFolder.hold(data).release();
        assertThat(there()).containsEntry("POT", 5L);
    }

    /** A link leads to another disk; where that is not there nothing is made, and what is there stays. */
    @Test
    void backupsMayLieOnAnotherDisk(@TempDir final Path disk) throws Exception {
        pots(7);
        final Path other = Files.createDirectory(disk.resolve("backups of the house"));
        Files.createSymbolicLink(data.resolve(DataFolder.BACKUPS), other);
        final Path made = backup();
        assertThat(made.toRealPath()).startsWith(other.toRealPath());
        assertThat(Files.getPosixFilePermissions(made))
                .containsExactlyInAnyOrder(PosixFilePermission.OWNER_READ, PosixFilePermission.OWNER_WRITE);
        assertThat(Commands.run("restore", data, made, CLOCK)).startsWith("7 rows of 1 tables are back");
        Files.move(other, disk.resolve("gone"));
        assertThatThrownBy(() -> Commands.run("backup", data, Path.of(""), CLOCK))
                .isInstanceOf(CannotStart.class);
        assertThat(there()).containsEntry("POT", 7L);
    }

    @Test
    void keepsSevenDaysFourWeeksAndTwelveMonths() throws IOException {
        final Path folder = Files.createDirectories(data.resolve(DataFolder.BACKUPS));
        for (int days = 0; days < 800; days++) {
            final LocalDateTime at = NOON.minusDays(days);
            Files.createFile(folder.resolve("looseknit-%sT120000-daily.zip".formatted(at.toLocalDate())));
            if (days < 15) {
                Files.createFile(folder.resolve("looseknit-%sT120100-by-hand.zip".formatted(at.toLocalDate())));
            }
        }
        Files.writeString(folder.resolve("a note of my own.txt"), "is left alone");
        Backups.keepByRule(data);
        final List<Backups.Made> kept = Backups.list(data);
        final List<LocalDateTime> daily = kept.stream()
                .filter(each -> each.why() == Backups.Why.DAILY)
                .map(Backups.Made::at)
                .toList();

        assertThat(daily).hasSizeBetween(7 + 2 + 10, 7 + 4 + 12).isSortedAccordingTo((one, two) -> two.compareTo(one));
        assertThat(daily.subList(0, 7)).last().isEqualTo(NOON.minusDays(6));
        assertThat(daily).last().satisfies(oldest -> assertThat(oldest).isBefore(NOON.minusMonths(10)));
        assertThat(kept).filteredOn(each -> each.why() == Backups.Why.BY_HAND).hasSize(10);
        assertThat(folder.resolve("a note of my own.txt")).exists();
    }

    /** A start that is broken off before there is a database leaves no house behind that would be missed. */
    @Test
    void aFirstStartThatWasBrokenOffIsNoHouse() throws Exception {
        DataFolder.hold(data).release();
        DataFolder.hold(data).release();
        pots(2);
        DataFolder.hold(data).release();
        Files.delete(data.resolve(DataFolder.DATABASE));
        refused("is gone", "There is no backup");
    }

    @Test
    void givingUpLeavesAllAsItIs() throws Exception {
        pots(40);
        final Path backup = backup();
        pots(90);
        Restore.prepare(data, backup);
        Restore.giveUp(data);
        DataFolder.hold(data).release();
        assertThat(there()).containsEntry("POT", 90L);
    }

    @Test
    void onlyTheOwnerReadsTheFolderAndOnlyOneHoldsIt() throws Exception {
        pots(3);
        final DataFolder held = DataFolder.hold(data);

        assertThat(Files.getPosixFilePermissions(data)).isEqualTo(PosixFilePermissions.fromString("rwx------"));
        assertThat(Files.getPosixFilePermissions(data.resolve(DataFolder.DATABASE)))
                .isEqualTo(PosixFilePermissions.fromString("rw-------"));
        assertThatThrownBy(() -> DataFolder.hold(data))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("Another Loose Knit is using the folder");
        held.release();
        DataFolder.hold(data).release();
    }

    @Test
    void anEmptiedGoneOrForeignDatabaseIsNoNewHouse() throws Exception {
        pots(30);
        final Path backup = backup();
        final Path database = data.resolve(DataFolder.DATABASE);
        final byte[] whole = Files.readAllBytes(database);

        Files.write(database, new byte[0]);
        refused("is damaged and cannot be read. It was left as it is.", String.valueOf(backup.getFileName()));
        Files.writeString(database, "shopping list\n".repeat(2000));
        refused("is damaged", "./loose-knit restore");
        Files.delete(database);
        refused("is gone", "./loose-knit restore");
        Files.write(database, whole);
        DataFolder.hold(data).release();
    }

    @Test
    void damageInTheMiddleIsFoundByACheck() throws Exception {
        pots(4000);
        assertThat(Commands.run("check", data, Path.of(""), CLOCK)).startsWith("All 4000 rows");
        try (RandomAccessFile file =
                new RandomAccessFile(data.resolve(DataFolder.DATABASE).toFile(), "rw")) {
            file.seek(3 * 4096);
            final byte[] noise = new byte[(int) (file.length() - 6 * 4096)];
            new Random(3).nextBytes(noise);
            file.write(noise);
        }

        assertThatThrownBy(() -> Commands.run("check", data, Path.of(""), CLOCK))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining("is damaged");
    }

    private void refused(final String what, final String wayOut) {
        assertThatThrownBy(() -> DataFolder.hold(data))
                .isInstanceOf(CannotStart.class)
                .hasMessageContaining(what)
                .satisfies(e -> assertThat(((CannotStart) e).wayOut()).contains(wayOut));
    }
}
