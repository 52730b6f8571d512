package looseknit.server.job;

import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicLong;

/** A file that comes in: looked through first, which changes nothing, and stored if somebody wants it, all or nothing. */
public abstract class LookedThrough extends Job {

    /** How far it is. */
    public enum State {
        /** It is being read and compared. */
        READING,
        /** It can be stored; nothing has been changed. */
        READY,
        /** It is being stored. */
        STORING,
        /** All of it is stored. */
        DONE,
        /** Nothing was changed, since something is wrong. */
        FAILED,
        /** Nothing was changed, since somebody stopped it. */
        CANCELLED
    }

    private final AtomicLong done = new AtomicLong();
    private volatile State state = State.READING;
    private volatile String says = "";

    /** @param id made by the caller */
    protected LookedThrough(final String id) {
        super(id);
    }

    public final State state() {
        return state;
    }

    /** What came of it, in a sentence. */
    public final String says() {
        return says;
    }

    /** Rows that are done of what is going on. */
    public final long done() {
        return done.get();
    }

    /**
     * One more row is done.
     *
     * @throws CancellationException if somebody has stopped it
     */
    public final void step() {
        if (cancelled()) {
            throw new CancellationException();
        }
        done.incrementAndGet();
    }

    /** Goes on from one state to the next; whoever comes second is told no. */
    public final synchronized boolean goOn(final State from, final State next) {
        if (state != from) {
            return false;
        }
        done.set(0);
        state = next;
        return true;
    }

    /** It rests in this state, and says why. */
    public final synchronized void end(final State last, final String words) {
        says = words;
        state = last;
    }

    @Override
    public final boolean over() {
        return state == State.DONE || state == State.FAILED || state == State.CANCELLED;
    }

    @Override
    public final void cancel() {
        super.cancel();
        if (goOn(State.READY, State.CANCELLED)) {
            says = "Nothing was changed.";
        }
    }
}
