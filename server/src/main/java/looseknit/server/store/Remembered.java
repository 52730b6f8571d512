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

    /** What is kept, or what is worked out now. */
    public T get(final Supplier<T> workOut) {
        final T found = kept;
        if (found != null) {
            return found;
        }
        final TransactionsBegun.@Nullable Begun begun = TransactionsBegun.now();
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

    /** What it was worked out from has changed. */
    public synchronized void forget() {
        changes++;
        changedAt = System.nanoTime();
        kept = null;
    }
}
