package looseknit.server.table;

import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import looseknit.server.job.LookedThrough;
import looseknit.server.table.ImportJob.ImportRowBody;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Files of the shelf, of own materials and of own plants: in and out. */
@RestController
@RequestMapping("/api")
class ImportsController {

    /** Rows of a dry run that are sent; what is wrong comes first. */
    private static final int MOST_SHOWN = 200;

    private final Imports imports;

    ImportsController(final Imports imports) {
        this.imports = imports;
    }

    /** How far a file is, and what it would change. */
    record ImportBody(
            UUID id,
            String kind,
            LookedThrough.State state,
            long done,
            int total,
            long added,
            long changed,
            long same,
            long wrong,
            String says,
            List<ImportRowBody> rows) {}

    /** Begins the dry run of a file; nothing is changed by it. */
    @PostMapping(value = "/imports/{id}", consumes = "text/csv")
    ImportBody start(@PathVariable final UUID id, @RequestParam final String kind, @RequestBody final byte[] file) {
        final String text = new String(file, StandardCharsets.UTF_8);
        return body(imports.start(id, kind, text.startsWith("\uFEFF") ? text.substring(1) : text));
    }

    @GetMapping("/imports/{id}")
    ImportBody get(@PathVariable final UUID id) {
        return body(imports.get(id));
    }

    /** Stores what the dry run has shown, all or nothing. */
    @PostMapping("/imports/{id}/apply")
    ImportBody apply(@PathVariable final UUID id) {
        return body(imports.apply(id));
    }

    @DeleteMapping("/imports/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void cancel(@PathVariable final UUID id) {
        imports.cancel(id);
    }

    /** What is stored, as a file that can be read in again. */
    @GetMapping(value = "/exports/{kind}", produces = "text/csv")
    ResponseEntity<String> export(@PathVariable final String kind) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"%s.csv\"".formatted(kind))
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(imports.export(kind));
    }

    private static ImportBody body(final ImportJob job) {
        return new ImportBody(
                job.id(),
                job.kind(),
                job.state(),
                job.done(),
                job.total(),
                job.count(ImportJob.Change.NEW),
                job.count(ImportJob.Change.CHANGED),
                job.count(ImportJob.Change.SAME),
                job.count(ImportJob.Change.WRONG),
                job.says(),
                job.rows().stream()
                        .sorted(Comparator.comparing((ImportRowBody row) -> order(row.change()))
                                .thenComparingLong(ImportRowBody::line))
                        .limit(MOST_SHOWN)
                        .toList());
    }

    private static int order(final ImportJob.Change change) {
        return switch (change) {
            case WRONG -> 0;
            case CHANGED -> 1;
            case NEW -> 2;
            case SAME -> 3;
        };
    }
}
