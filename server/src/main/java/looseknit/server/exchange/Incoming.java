package looseknit.server.exchange;

import java.nio.file.Path;
import java.util.UUID;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;
import looseknit.server.job.Job;
import org.jspecify.annotations.Nullable;

/** A file of everything that came in: looked through first, then, if somebody wants it, taken in. */
final class Incoming extends Job {

    /** How far it is. */
    enum State {
        /** It is being read and compared. */
        READING,
        /** It can be taken in; nothing has been changed. */
        READY,
        /** It is being taken in. */
        TAKING,
        /** It is taken in. */
        DONE,
        /** Nothing was changed, since something is wrong. */
        FAILED,
        /** Nothing was changed, since somebody stopped it. */
        CANCELLED
    }

    private final UUID id;
    private final Path folder;
    private final AtomicLong rows = new AtomicLong();
    private volatile State state = State.READING;
    private volatile String says = "";
    private volatile Merge.@Nullable Found found;

    Incoming(final UUID id, final Path folder) {
        super(id.toString());
        this.id = id;
        this.folder = folder;
    }

    UUID id() {
        return id;
    }

    /** Where it lies while it is looked through. */
    Path folder() {
        return folder;
    }

    State state() {
        return state;
    }

    String says() {
        return says;
    }

    long rows() {
        return rows.get();
    }

    Merge.@Nullable Found found() {
        return found;
    }

    void found(final Merge.Found what) {
        this.found = what;
    }

    /**
     * One more row is done.
     *
     * @throws CancellationException if somebody has stopped it
     */
    void step() {
        if (cancelled()) {
            throw new CancellationException();
        }
        rows.incrementAndGet();
    }

    /** Goes on from one state to the next; whoever comes second is told no. */
    synchronized boolean goOn(final State from, final State next) {
        if (state != from) {
            return false;
        }
        rows.set(0);
        state = next;
        return true;
    }

    synchronized void end(final State last, final String words) {
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
        if (goOn(State.READY, State.CANCELLED)) {
            says = "Nothing was changed.";
        }
    }
}
