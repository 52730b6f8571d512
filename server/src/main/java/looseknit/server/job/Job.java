package looseknit.server.job;

import java.util.concurrent.atomic.AtomicLong;

/** Long work that can be watched and called off. Lives in memory only: what ends with the server leaves nothing behind. */
public abstract class Job {

    private final String id;
    private final AtomicLong changes = new AtomicLong();
    private volatile boolean cancelled;

    /**
     * @param id made by the caller, so that a repeated call starts nothing twice
     */
    protected Job(final String id) {
        this.id = id;
    }

    /** Its id. */
    public final String key() {
        return id;
    }

    /** Whether nothing more will come of it. */
    public abstract boolean over();

    /** Whether it has not begun. */
    public boolean waiting() {
        return false;
    }

    /** Calls it off. */
    public void cancel() {
        cancelled = true;
    }

    /** Whether it was called off. */
    public final boolean cancelled() {
        return cancelled;
    }

    /** Something about it is new. */
    protected final void changed() {
        changes.incrementAndGet();
    }

    /** Counts what was new about it so far: whoever watches looks whether it has risen. */
    public final long changes() {
        return changes.get();
    }
}
