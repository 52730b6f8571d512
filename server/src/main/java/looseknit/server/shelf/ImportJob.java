package looseknit.server.shelf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import looseknit.server.job.Job;

/** A file being read in: first a dry run, then, if asked, the change itself. */
final class ImportJob extends Job {

    /** How far it is. */
    enum State {
        /** Lines are being read and compared. */
        READING,
        /** The dry run is done; nothing has been changed. */
        READY,
        /** Lines are being stored. */
        STORING,
        /** All lines are stored. */
        DONE,
        /** Nothing was changed, since something is wrong. */
        FAILED,
        /** Nothing was changed, since the person stopped it. */
        CANCELLED
    }

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
    private volatile State state = State.READING;
    private final AtomicInteger done = new AtomicInteger();
    private volatile int total;
    private volatile String says = "";

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

    State state() {
        return state;
    }

    int done() {
        return done.get();
    }

    int total() {
        return total;
    }

    String says() {
        return says;
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

    void begin(final State next, final int of) {
        state = next;
        done.set(0);
        total = of;
    }

    /** Goes on from one state to the next; whoever comes second is told no. */
    synchronized boolean goOn(final State from, final State next, final int of) {
        if (state != from) {
            return false;
        }
        begin(next, of);
        return true;
    }

    /** What stood when the file was compared, by key. */
    Map<String, Object> stood() {
        return stood;
    }

    /**
     * One more line is done.
     *
     * @throws CancellationException if the person has stopped it
     */
    void step() {
        if (cancelled()) {
            throw new CancellationException();
        }
        done.incrementAndGet();
    }

    void end(final State last, final String words) {
        says = words;
        state = last;
    }

    @Override
    public boolean over() {
        return state == State.DONE || state == State.FAILED || state == State.CANCELLED;
    }

    @Override
    public void cancel() {
        super.cancel();
        if (goOn(State.READY, State.CANCELLED, 0)) {
            end(State.CANCELLED, "Nothing was changed.");
        }
    }

    synchronized long count(final Change change) {
        return rows.stream().filter(row -> row.change() == change).count();
    }
}
