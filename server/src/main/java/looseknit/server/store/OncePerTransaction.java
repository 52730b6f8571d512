package looseknit.server.store;

import java.util.function.Supplier;

/**
 * Something that is worked out once in each transaction and stays as it is until its end, whatever the transaction changes meanwhile. Without a
 * transaction it is worked out each time.
 *
 * @param <T> what is worked out; never changed by whoever gets it
 */
public final class OncePerTransaction<T> {

    /** What was worked out in this transaction, or what is worked out now. */
    @SuppressWarnings("unchecked")
    public T get(final Supplier<T> workOut) {
        final var begun = TransactionsBegun.now();
        return begun == null ? workOut.get() : (T) begun.known().computeIfAbsent(this, any -> workOut.get());
    }
}
