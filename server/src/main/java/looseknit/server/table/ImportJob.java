package looseknit.server.table;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import looseknit.server.job.LookedThrough;

/** A file being read in: first a dry run, then, if asked, the change itself. */
final class ImportJob extends LookedThrough {

    /** What a line would do. */
    enum Change {
        NEW,
        CHANGED,
        SAME,
        WRONG
    }

    /** A line of the file and what it would do. */
    record ImportRowBody(long line, String name, Change change, String says) {}

    private final UUID id;
    private final String kind;
    private final List<ImportRowBody> rows = new ArrayList<>();
    private final List<Object> lines = new ArrayList<>();
    private final Map<String, Object> stood = new HashMap<>();
    private volatile int total;

    ImportJob(final UUID id, final String kind) {
        super(id.toString());
        this.id = id;
        this.kind = kind;
    }

    UUID id() {
        return id;
    }

    String kind() {
        return kind;
    }

    int total() {
        return total;
    }

    synchronized List<ImportRowBody> rows() {
        return List.copyOf(rows);
    }

    List<Object> lines() {
        return lines;
    }

    synchronized void row(final ImportRowBody row) {
        rows.add(row);
    }

    /** So many lines are to be done. */
    void of(final int lines) {
        total = lines;
    }

    /** What stood when the file was compared, by key. */
    Map<String, Object> stood() {
        return stood;
    }

    /** What was read is needed no longer; what was shown stays. */
    void forgetLines() {
        lines.clear();
        stood.clear();
    }

    synchronized long count(final Change change) {
        return rows.stream().filter(row -> row.change() == change).count();
    }
}
