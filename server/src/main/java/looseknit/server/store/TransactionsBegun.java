package looseknit.server.store;

import java.util.IdentityHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Notes when each transaction begins. */
@Component
public final class TransactionsBegun implements TransactionExecutionListener {

    /**
     * When a transaction began, as {@link System#nanoTime()} tells, and what it has worked out for itself.
     *
     * @param known by who remembers it
     */
    record Begun(long at, Map<Object, Object> known) implements TransactionSynchronization {}

    @Override
    public void afterBegin(final TransactionExecution transaction, final @Nullable Throwable failure) {
        if (failure == null && TransactionSynchronizationManager.isSynchronizationActive()) {
            TransactionSynchronizationManager.registerSynchronization(
                    new Begun(System.nanoTime(), new IdentityHashMap<>()));
        }
    }

    /** Whether this thread is in a transaction that began before a moment, as {@link System#nanoTime()} tells. */
    public static boolean nowBefore(final long moment) {
        final @Nullable Begun begun = now();
        return begun != null && begun.at() - moment < 0;
    }

    /** When the transaction of this thread began; nothing where there is none. */
    static @Nullable Begun now() {
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            return null;
        }
        return TransactionSynchronizationManager.getSynchronizations().stream()
                .filter(Begun.class::isInstance)
                .map(Begun.class::cast)
                .findFirst()
                .orElse(null);
    }
}
