package looseknit.server.house;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import javax.sql.DataSource;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ExitCodeGenerator;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/** The house: whether its data can be read, its backups, and putting one back. */
@Service
public class House {

    private static final Logger log = LoggerFactory.getLogger(House.class);

    /** With this the program ends where it wants to be started again. */
    static final int START_AGAIN = 75;

    private static final long HOUR_MS = 3_600_000;
    private static final long SOON_MS = 60_000;
    private static final int DAILY_HOURS = 24;
    private static final int ANSWER_MS = 500;

    private final DataSource store;
    private final ApplicationContext context;
    private final Path data;
    private final Clock clock;
    private final AtomicReference<@Nullable Checked> checked = new AtomicReference<>();

    House(
            final DataSource store,
            final ApplicationContext context,
            @Value("${looseknit.data}") final Path data,
            final Clock clock) {
        this.store = store;
        this.context = context;
        this.data = data;
        this.clock = clock;
    }

    /**
     * What a check found.
     *
     * @param rows rows that were read, by table
     * @param problem what could not be read; null where all could
     */
    record Checked(
            LocalDateTime at,
            Map<String, Long> rows,
            @Nullable String problem) {}

    /** From now on there is a house here. */
    @EventListener(ApplicationReadyEvent.class)
    void isThere() {
        try {
            DataFolder.mark(data);
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What was found when all was read last; nothing before that. */
    Optional<Checked> checked() {
        return Optional.ofNullable(checked.get());
    }

    /** Reads every value of every table. */
    Checked check() {
        final LocalDateTime now = LocalDateTime.now(clock);
        Checked found;
        try (Connection connection = store.getConnection()) {
            connection.setReadOnly(true);
            found = new Checked(now, Backups.countIn(connection), null);
        } catch (final SQLException e) {
            log.error("the store cannot be read whole", e);
            found = new Checked(now, Map.of(), "Part of the data cannot be read: %s".formatted(e.getMessage()));
        }
        checked.set(found);
        return found;
    }

    /** Reads all once after the start, so that damage is noticed before it is in every backup. */
    @Scheduled(initialDelay = SOON_MS, fixedDelay = DAILY_HOURS * HOUR_MS)
    void checkDaily() {
        if (Backups.isFile(store)) {
            check();
        }
    }

    /** Makes a backup once a day, as soon as the last one is a day old; not of what cannot be read. */
    @Scheduled(initialDelay = 2 * SOON_MS, fixedDelay = HOUR_MS)
    void backUpDaily() {
        final boolean due = Backups.list(data).stream()
                .filter(each -> each.why() == Backups.Why.DAILY)
                .findFirst()
                .map(each -> each.at().isBefore(LocalDateTime.now(clock).minusHours(DAILY_HOURS)))
                .orElse(true);
        if (due
                && Backups.isFile(store)
                && checked().map(each -> each.problem() == null).orElse(true)) {
            try {
                backUp(Backups.Why.DAILY);
            } catch (final Refused e) {
                log.warn("no backup was made: {}", e.getMessage());
            }
        }
    }

    /**
     * Makes a backup, opens it and counts it.
     *
     * @throws Refused if that fails
     */
    Backups.Made backUp(final Backups.Why why) {
        if (isOnServer()) {
            throw new Refused(
                    "No backup was made",
                    "This house is kept by a database server: it is backed up there, by pg_dump or as its keeper does it. Everything as one file is had from here all the same.");
        }
        try (Connection connection = store.getConnection()) {
            return Backups.make(connection, data, why, LocalDateTime.now(clock));
        } catch (final SQLException | IOException | IllegalStateException e) {
            log.error("no backup", e);
            throw new Refused(
                    "No backup was made",
                    "The backup could not be written or not be read again, and nothing was kept of it. Is there room in %s, and is its disk there?"
                            .formatted(data.resolve(DataFolder.BACKUPS)));
        }
    }

    /**
     * Makes a backup before something large is done, where the house has a file.
     *
     * @return whether there was one to make
     * @throws Refused if that fails
     */
    public boolean backUpFirst() {
        final boolean file = Backups.isFile(store);
        if (file) {
            backUp(Backups.Why.BY_HAND);
        }
        return file;
    }

    /** The backups that there are, the newest first. */
    List<Backups.Made> backups() {
        return Backups.list(data);
    }

    /** The file of a backup by its name. */
    Path backup(final String name) {
        return Backups.in(data).stream()
                .filter(file -> String.valueOf(file.getFileName()).equals(name))
                .findFirst()
                .orElseThrow(() -> new NotThere("backup"));
    }

    /**
     * Makes a backup ready to take the place of all data, keeps what is there now as a backup too, and ends so that the next start puts it in place.
     *
     * @return rows by table of what will be there
     */
    Map<String, Long> restore(final String name) {
        final Path file = backup(name);
        final Map<String, Long> rows;
        try {
            rows = Restore.prepare(data, file);
        } catch (final CannotStart e) {
            throw new Refused("This backup cannot be put back", String.valueOf(e.getMessage()));
        }
        try {
            // after it was unpacked: of those made by hand the oldest makes way for this one
            backUp(Backups.Why.BY_HAND);
        } catch (final Refused e) {
            Restore.giveUp(data);
            throw e;
        }
        final Thread end = new Thread(
                () -> {
                    try {
                        TimeUnit.MILLISECONDS.sleep(ANSWER_MS);
                    } catch (final InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    final ExitCodeGenerator again = () -> START_AGAIN;
                    System.exit(SpringApplication.exit(context, again));
                },
                "start-again");
        // not a daemon: the way in which it ends says that it wants to be started again
        end.setDaemon(false);
        end.start();
        return rows;
    }

    Path folder() {
        return data;
    }

    /** Whether a database server keeps it. */
    boolean isOnServer() {
        return !Backups.isH2(store);
    }

    /** Bytes that are free where the data lie. */
    long freeBytes() {
        try {
            return Files.getFileStore(data).getUsableSpace();
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Bytes of the store's file; 0 where it is held in memory. */
    long bytes() {
        try {
            final Path file = data.resolve(DataFolder.DATABASE);
            return Files.exists(file) ? Files.size(file) : 0;
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
