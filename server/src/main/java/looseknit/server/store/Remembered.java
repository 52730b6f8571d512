package looseknit.server.store;

import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Something that is worked out from what is stored and kept until that changes. Nothing is kept that was begun before a change and ended
 * after it.
 *
 * @param <T> what is worked out; never changed by whoever gets it
 */
public final class Remembered<T> {

    private final AtomicReference<@Nullable T> kept = new AtomicReference<>();
    private final AtomicInteger changes = new AtomicInteger();

    /** What is kept, or what is worked out now. */
    public T get(final Supplier<T> workOut) {
        final T found = kept.get();
        if (found != null) {
            return found;
        }
        final int before = changes.get();
        final T made = workOut.get();
        if (changes.get() == before) {
            kept.set(made);
        }
        return made;
    }

    /** What it was worked out from has changed. */
    public void forget() {
        changes.incrementAndGet();
        kept.set(null);
    }
}
