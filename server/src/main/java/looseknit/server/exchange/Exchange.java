package looseknit.server.exchange;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicReference;
import javax.sql.DataSource;
import looseknit.server.blend.Blends;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.TestsChanged;
import looseknit.server.house.House;
import looseknit.server.job.JobRunner;
import looseknit.server.job.LookedThrough;
import org.flywaydb.core.Flyway;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.FileSystemUtils;

/** Everything in one file, out and in. */
@Service
class Exchange {

    private static final Logger LOG = LoggerFactory.getLogger(Exchange.class);
    private static final String FILE = "everything.zip";
    private static final long SMALL_BYTES = 1_000_000;

    private final DataSource store;
    private final Flyway schema;
    private final HouseReader reader;
    private final JobRunner runner;
    private final House house;
    private final Blends blends;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final Clock clock;

    /** The file that came in last: what waits for nobody any more makes way for the next. */
    private final AtomicReference<@Nullable Incoming> last = new AtomicReference<>();

    Exchange(
            final DataSource store,
            final Flyway schema,
            final HouseReader reader,
            final JobRunner runner,
            final House house,
            final Blends blends,
            final ApplicationEventPublisher events,
            final PlatformTransactionManager transactions,
            final Clock clock) {
        this.store = store;
        this.schema = schema;
        this.reader = reader;
        this.runner = runner;
        this.house = house;
        this.blends = blends;
        this.events = events;
        this.transaction = new TransactionTemplate(transactions);
        this.clock = clock;
    }

    /** The version of the format that is written: that of the store. */
    int version() {
        return Integer.parseInt(
                Objects.requireNonNull(schema.info().current()).getVersion().getVersion());
    }

    /** Writes everything. */
    void write(final OutputStream out) throws IOException {
        try (Connection connection = store.getConnection()) {
            HouseWriter.write(connection, version(), clock.instant(), out);
        } catch (final SQLException e) {
            throw new IllegalStateException("the store cannot be read", e);
        }
    }

    /** Writes a table. */
    void write(final Table table, final OutputStream out) throws IOException {
        try (Connection connection = store.getConnection()) {
            TableWriter.write(connection, table, out);
        } catch (final SQLException e) {
            throw new IllegalStateException("the store cannot be read", e);
        }
    }

    /** Begins to look a file through; nothing is changed by it. */
    Incoming lookThrough(final UUID id, final InputStream file) throws IOException {
        final Path folder = Files.createTempDirectory("loose-knit-incoming");
        try {
            Files.copy(file, folder.resolve(FILE));
        } catch (final IOException e) {
            FileSystemUtils.deleteRecursively(folder);
            throw e;
        }
        final Incoming job = runner.once(
                id.toString(), Incoming.class, () -> new Incoming(id, folder), each -> guarded(each, () -> read(each)));
        if (!job.folder().equals(folder)) {
            FileSystemUtils.deleteRecursively(folder);
        }
        final Incoming before = last.getAndSet(job);
        if (before != null && before != job && before.state() == LookedThrough.State.READY) {
            letBe(before);
        }
        return job;
    }

    Incoming get(final UUID id) {
        return runner.find(id.toString(), Incoming.class).orElseThrow(() -> new NotThere("file"));
    }

    void cancel(final UUID id) {
        letBe(get(id));
    }

    /** One that waits for somebody is let be; work that goes on ends by itself. */
    private static void letBe(final Incoming job) {
        final boolean waits = job.state() == LookedThrough.State.READY;
        job.cancel();
        if (waits && job.over()) {
            forget(job);
        }
    }

    @PreDestroy
    void stop() {
        final Incoming open = last.get();
        if (open != null) {
            letBe(open);
        }
    }

    /**
     * Takes in what was looked through, all or nothing.
     *
     * @throws Refused if it was not looked through, or cannot be taken in
     */
    Incoming take(final UUID id, final Merge.Wins wins) {
        final Incoming job = get(id);
        if (!job.goOn(LookedThrough.State.READY, LookedThrough.State.STORING)) {
            if (job.state() == LookedThrough.State.STORING || job.state() == LookedThrough.State.DONE) {
                return job;
            }
            throw new Refused("Not ready", "This file cannot be taken in now: " + job.says());
        }
        runner.run(job, () -> guarded(job, () -> takeIn(job, wins)));
        return job;
    }

    private void read(final Incoming job) throws IOException, SQLException {
        try (InputStream file = Files.newInputStream(job.folder().resolve(FILE))) {
            reader.read(file, readInto(job), version(), job::step);
        }
        try (Connection incoming = DriverManager.getConnection(readInto(job));
                Connection here = store.getConnection()) {
            here.setReadOnly(true);
            job.found(new Merge(incoming, here, job::step).look());
            here.setReadOnly(false);
        }
        job.end(LookedThrough.State.READY, "Looked through. Nothing has been changed.");
    }

    private void takeIn(final Incoming job, final Merge.Wins wins) throws IOException, SQLException {
        final boolean backedUp = house.backUpFirst();
        final List<UUID> taken = new ArrayList<>();
        try (Connection incoming = DriverManager.getConnection(readInto(job));
                Connection here = store.getConnection()) {
            Counting.far(here);
            here.setAutoCommit(false);
            try {
                job.found(new Merge(incoming, here, job::step).take(wins));
                here.commit();
            } catch (final SQLException | RuntimeException e) {
                here.rollback();
                throw e;
            } finally {
                here.setAutoCommit(true);
                afterwards(here);
            }
            try (PreparedStatement all = incoming.prepareStatement("SELECT id FROM blend");
                    ResultSet rows = all.executeQuery()) {
                while (rows.next()) {
                    taken.add(rows.getObject(1, UUID.class));
                }
            }
        }
        transaction.executeWithoutResult(any -> {
            blends.cameIn(taken);
            events.publishEvent(new MaterialsChanged());
            events.publishEvent(new TestsChanged());
        });
        job.end(
                LookedThrough.State.DONE,
                backedUp ? "Taken in. What was here before is among the backups." : "Taken in.");
    }

    /** Puts the store's own reckoning in order; what was taken in is in, whether that succeeds or not. */
    private static void afterwards(final Connection here) {
        try {
            Counting.asUsual(here);
            Counting.rows(here);
        } catch (final SQLException e) {
            LOG.warn("The store counts as it did while a file was taken in: {}", e.getMessage());
        }
    }

    /** Work that reads files and stores. */
    private interface Work {
        void run() throws IOException, SQLException;
    }

    private void guarded(final Incoming job, final Work work) {
        try {
            work.run();
        } catch (final CancellationException e) {
            job.end(LookedThrough.State.CANCELLED, "Stopped. Nothing was changed.");
        } catch (final Unreadable | Refused e) {
            job.end(LookedThrough.State.FAILED, "Nothing was changed. " + e.getMessage());
        } catch (final IOException | SQLException | RuntimeException e) {
            LOG.error("A file of everything failed", e);
            job.end(LookedThrough.State.FAILED, "Nothing was changed: something went wrong on the way.");
        } finally {
            if (job.over()) {
                forget(job);
            }
        }
    }

    private static void forget(final Incoming job) {
        try (Connection incoming = DriverManager.getConnection(readInto(job));
                Statement end = incoming.createStatement()) {
            end.execute("SHUTDOWN IMMEDIATELY");
        } catch (final SQLException | IOException e) {
            LOG.warn("What was read of a file is not closed: {}", e.getMessage());
        }
        try {
            FileSystemUtils.deleteRecursively(job.folder());
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A small file is read into memory, a large one into a file. */
    private static String readInto(final Incoming job) throws IOException {
        return Files.size(job.folder().resolve(FILE)) < SMALL_BYTES
                ? "jdbc:h2:mem:incoming-%s;DB_CLOSE_DELAY=-1".formatted(job.id())
                : "jdbc:h2:file:%s;DB_CLOSE_DELAY=-1;CACHE_SIZE=32768"
                        .formatted(job.folder().resolve("incoming").toAbsolutePath());
    }
}
