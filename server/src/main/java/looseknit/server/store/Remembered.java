package looseknit.server.store;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Something that is worked out from what is stored and kept until that changes. Nothing is kept for others that may rest on what stood
 * before a change: neither what was begun before it and ended after it, nor what a transaction works out that began before it, since that
 * knows rows as it read them first.
 *
 * @param <T> what is worked out; never changed by whoever gets it
 */
public final class Remembered<T> {

    private volatile @Nullable T kept;

    /** How often what it is worked out from has changed, and when last, as {@link System#nanoTime()} tells. */
    private long changes;

    private long changedAt;

    private record Made<T>(long change, T value) {}

    private enum Mark {
        CHANGES_IT
    }

    /** What is kept, or what is worked out now; a transaction that changes what it rests on has it anew each time. */
    public T get(final Supplier<T> workOut) {
        final TransactionsBegun.@Nullable Begun begun = TransactionsBegun.now();
        if (begun != null && begun.known().get(this) == Mark.CHANGES_IT) {
            return workOut.get();
        }
        final T found = kept;
        if (found != null) {
            return found;
        }
        final long before;
        final boolean older;
        synchronized (this) {
            before = changes;
            older = begun != null && changes > 0 && begun.at() - changedAt <= 0;
        }
        if (begun != null && older) {
            return ofItsOwn(begun, before, workOut);
        }
        final T made = workOut.get();
        synchronized (this) {
            if (changes == before) {
                kept = made;
            }
        }
        return made;
    }

    @SuppressWarnings("unchecked")
    private T ofItsOwn(final TransactionsBegun.Begun begun, final long change, final Supplier<T> workOut) {
        if (begun.known().get(this) instanceof Made<?> made && made.change() == change) {
            return (T) made.value();
        }
        final T made = workOut.get();
        begun.known().put(this, new Made<>(change, made));
        return made;
    }

    /** The transaction of this thread changes what it is worked out from: until it has ended nobody else knows of it. */
    public void changing() {
        final TransactionsBegun.@Nullable Begun begun = TransactionsBegun.now();
        if (begun != null) {
            begun.known().put(this, Mark.CHANGES_IT);
        }
    }

    /** What it was worked out from has changed. */
    public synchronized void forget() {
        changes++;
        changedAt = System.nanoTime();
        kept = null;
    }
}
