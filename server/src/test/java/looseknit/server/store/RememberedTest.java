package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class RememberedTest {

    private final Remembered<Integer> remembered = new Remembered<>();
    private final AtomicInteger worked = new AtomicInteger();

    @Test
    void worksOutOnceUntilSomethingChanges() {
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(1);
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(1);
        remembered.forget();
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(2);
    }

    @Test
    void keepsNothingThatWasBegunBeforeAChange() {
        final int old = remembered.get(() -> {
            remembered.forget();
            return worked.incrementAndGet();
        });
        assertThat(old).isEqualTo(1);
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(2);
    }

    /** What a transaction has changed itself it sees at once, and nobody else before it ends. */
    @Test
    void keepsNothingOfATransactionThatChangesItself() {
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(1);
        inATransaction(() -> {
            assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(1);
            remembered.changing();
            assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(2);
            assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(3);
        });
        assertThat(remembered.get(worked::incrementAndGet))
                .as("it was rolled back")
                .isEqualTo(1);
    }

    /** Rows that a transaction has read once it knows as they were: what it makes of them after a change is not for others. */
    @Test
    void keepsForOthersNothingOfATransactionThatBeganBeforeAChange() {
        remembered.forget();
        inATransaction(() -> {
            assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(1);
            remembered.forget();
            assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(2);
            assertThat(remembered.get(worked::incrementAndGet)).as("its own").isEqualTo(2);
            remembered.forget();
            assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(3);
        });
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(4);
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(4);
    }

    private static void inATransaction(final Runnable work) {
        TransactionSynchronizationManager.initSynchronization();
        TransactionSynchronizationManager.setActualTransactionActive(true);
        try {
            new TransactionsBegun().afterBegin(mock(TransactionExecution.class), null);
            work.run();
        } finally {
            TransactionSynchronizationManager.clear();
        }
    }
}
