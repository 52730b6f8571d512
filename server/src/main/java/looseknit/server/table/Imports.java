package looseknit.server.table;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Path;
import jakarta.validation.Validator;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.measure.CsvTable;
import looseknit.server.frame.Csv;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.NotThere;
import looseknit.server.frame.Refused;
import looseknit.server.frame.UnknownName;
import looseknit.server.job.JobRunner;
import looseknit.server.job.LookedThrough;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads tables in, first dry and then for good in one piece, and writes them out. */
@Service
class Imports {

    private static final Logger LOG = LoggerFactory.getLogger(Imports.class);
    private static final int MOST_ROWS = 20_000;
    private static final int MOST_NAMED = 3;

    private final Map<String, TableFile<?>> files;
    private final JobRunner runner;
    private final TransactionTemplate transaction;
    private final TransactionTemplate readOnly;
    private final ApplicationEventPublisher events;
    private final Validator validator;

    Imports(
            final List<TableFile<?>> files,
            final PlatformTransactionManager transactions,
            final ApplicationEventPublisher events,
            final JobRunner runner,
            final Validator validator) {
        this.files = files.stream()
                .collect(Collectors.toMap(TableFile::kind, Function.identity(), (a, b) -> b, LinkedHashMap::new));
        this.transaction = new TransactionTemplate(transactions);
        this.readOnly = new TransactionTemplate(transactions);
        this.readOnly.setReadOnly(true);
        this.events = events;
        this.runner = runner;
        this.validator = validator;
    }

    /** Begins the dry run of a file. */
    ImportJob start(final UUID id, final String kind, final String text) {
        final TableFile<?> file = file(kind);
        return runner.once(
                id.toString(),
                ImportJob.class,
                () -> new ImportJob(id, kind),
                job -> guarded(job, () -> read(job, file, text)));
    }

    ImportJob get(final UUID id) {
        return runner.find(id.toString(), ImportJob.class).orElseThrow(() -> new NotThere("import"));
    }

    /**
     * Stores what the dry run has shown, all or nothing.
     *
     * @throws Refused if the dry run is not done or found something wrong
     */
    ImportJob apply(final UUID id) {
        final ImportJob job = get(id);
        final long wrong = job.count(ImportJob.Change.WRONG);
        if (job.state() == LookedThrough.State.READY && wrong > 0) {
            throw new Refused(
                    "Something is wrong in the file",
                    "%d line%s cannot be used. Nothing is stored until the file is mended and read again."
                            .formatted(wrong, wrong == 1 ? "" : "s"));
        }
        if (!job.goOn(LookedThrough.State.READY, LookedThrough.State.STORING)) {
            if (job.state() == LookedThrough.State.STORING || job.state() == LookedThrough.State.DONE) {
                return job;
            }
            throw new Refused("Not ready", "This file cannot be stored now: " + job.says());
        }
        runner.run(job, () -> guarded(job, () -> store(job, file(job.kind()))));
        return job;
    }

    void cancel(final UUID id) {
        get(id).cancel();
    }

    /** What is stored, as a file that can be read in again. */
    String export(final String kind) {
        final TableFile<?> file = file(kind);
        return Csv.of(file.columns(), readOnly.execute(status -> file.cells()));
    }

    private TableFile<?> file(final String kind) {
        return Optional.<TableFile<?>>ofNullable(files.get(kind))
                .orElseThrow(() -> new UnknownName("kind", "table", kind, "One of " + files.keySet() + "."));
    }

    private <T> void read(final ImportJob job, final TableFile<T> file, final String text) {
        job.of((int) text.lines().count() - 1);
        final Map<String, Long> seen = new HashMap<>();
        final Occurrences occurrences = new Occurrences();
        // not in a transaction of its own: a line that cannot be used would spoil it for the rest
        final List<CsvTable.Outcome<T>> outcomes =
                CsvTable.each("the file", new StringReader(text), file.columns(), row -> {
                    job.step();
                    if (job.done() > MOST_ROWS) {
                        throw row.bad("(all)", "line beyond " + MOST_ROWS, "files of up to 20,000 lines");
                    }
                    return checked(row, file.read(row, occurrences));
                });
        final List<T> lines =
                outcomes.stream().flatMap(each -> each.value().stream()).toList();
        final Map<String, T> stored = readOnly.execute(status -> new HashMap<>(file.stored(lines)));
        job.stood().putAll(stored);
        for (final CsvTable.Outcome<T> outcome : outcomes) {
            job.row(row(file, outcome, stored, seen));
            outcome.value().ifPresent(job.lines()::add);
        }
        together(job, file, lines);
        job.end(LookedThrough.State.READY, summary(job));
    }

    /** A line as the limits of its fields have it. */
    private <T> T checked(final CsvTable.Row row, final T line) {
        for (final ConstraintViolation<T> broken : validator.validate(line)) {
            String field = "";
            for (final Path.Node node : broken.getPropertyPath()) {
                field = String.valueOf(node.getName());
            }
            throw row.bad(
                    field,
                    String.valueOf(broken.getInvalidValue()),
                    broken.getMessage()
                            .replaceFirst("^size must be between (\\d+) and (\\d+)$", "$1 to $2 characters"));
        }
        return line;
    }

    private static <T> ImportJob.ImportRowBody row(
            final TableFile<T> file,
            final CsvTable.Outcome<T> outcome,
            final Map<String, T> stored,
            final Map<String, Long> seen) {
        if (outcome.value().isEmpty()) {
            return new ImportJob.ImportRowBody(
                    outcome.line(),
                    "",
                    ImportJob.Change.WRONG,
                    outcome.problem().orElse("cannot be read"));
        }
        final T line = outcome.value().get();
        final Long before = seen.putIfAbsent(file.key(line), outcome.line());
        if (before != null) {
            return new ImportJob.ImportRowBody(
                    outcome.line(),
                    file.name(line),
                    ImportJob.Change.WRONG,
                    "the id \"%s\" stands on line %d already; allowed: each id once".formatted(file.key(line), before));
        }
        final T old = stored.get(file.key(line));
        final ImportJob.Change change = old == null
                ? ImportJob.Change.NEW
                : old.equals(line) ? ImportJob.Change.SAME : ImportJob.Change.CHANGED;
        final Optional<String> stays =
                change == ImportJob.Change.CHANGED ? file.stays(Objects.requireNonNull(old), line) : Optional.empty();
        return new ImportJob.ImportRowBody(
                outcome.line(), file.name(line), stays.isPresent() ? ImportJob.Change.WRONG : change, stays.orElse(""));
    }

    private <T> void together(final ImportJob job, final TableFile<T> file, final List<T> lines) {
        try {
            readOnly.executeWithoutResult(status -> file.checkTogether(lines));
        } catch (final IllegalArgumentException e) {
            job.row(new ImportJob.ImportRowBody(
                    0, "the whole", ImportJob.Change.WRONG, String.valueOf(e.getMessage())));
        }
    }

    @SuppressWarnings("unchecked")
    private <T> void store(final ImportJob job, final TableFile<T> file) {
        transaction.executeWithoutResult(status -> {
            final Map<String, T> now = file.stored((List<T>) List.copyOf(job.lines()));
            final List<String> changed = new ArrayList<>();
            for (final Object line : job.lines()) {
                final String key = file.key((T) line);
                if (!Objects.equals(now.get(key), job.stood().get(key)) && !line.equals(now.get(key))) {
                    changed.add(file.name((T) line));
                }
            }
            if (!changed.isEmpty()) {
                throw new IllegalArgumentException(
                        "Since the file was looked through, something of it was changed elsewhere: %s. Read the file again to see what it would change now."
                                .formatted(changed.stream().limit(MOST_NAMED).collect(Collectors.joining("; "))
                                        + (changed.size() > MOST_NAMED
                                                ? " and %d more".formatted(changed.size() - MOST_NAMED)
                                                : "")));
            }
            for (final T line : file.inOrder((List<T>) List.copyOf(job.lines()))) {
                job.step();
                if (!line.equals(now.get(file.key(line)))) {
                    file.store(line);
                }
            }
            events.publishEvent(new MaterialsChanged());
        });
        job.end(
                LookedThrough.State.DONE,
                "Stored: %d new, %d changed."
                        .formatted(job.count(ImportJob.Change.NEW), job.count(ImportJob.Change.CHANGED)));
    }

    private static String summary(final ImportJob job) {
        return "%d new, %d changed, %d the same, %d wrong."
                .formatted(
                        job.count(ImportJob.Change.NEW),
                        job.count(ImportJob.Change.CHANGED),
                        job.count(ImportJob.Change.SAME),
                        job.count(ImportJob.Change.WRONG));
    }

    private static void guarded(final ImportJob job, final Runnable task) {
        try {
            task.run();
        } catch (final CancellationException e) {
            job.end(LookedThrough.State.CANCELLED, "Stopped. Nothing was changed.");
        } catch (final IllegalArgumentException e) {
            job.end(LookedThrough.State.FAILED, "Nothing was changed. " + e.getMessage());
        } catch (final RuntimeException e) {
            LOG.error("Reading a file in failed", e);
            job.end(LookedThrough.State.FAILED, "Nothing was changed: something went wrong on the way.");
        } finally {
            if (job.over()) {
                job.forgetLines();
            }
        }
    }
}
