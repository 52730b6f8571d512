package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.support.TransactionSynchronizationManager;

class OncePerTransactionTest {

    private final OncePerTransaction<Integer> once = new OncePerTransaction<>();
    private final AtomicInteger worked = new AtomicInteger();

    @Test
    void eachTransactionWorksItOutOnce() {
        assertThat(inATransaction()).isEqualTo(1);
        assertThat(inATransaction()).isEqualTo(2);
    }

    @Test
    void withoutOneItIsWorkedOutEachTime() {
        assertThat(once.get(worked::incrementAndGet)).isEqualTo(1);
        assertThat(once.get(worked::incrementAndGet)).isEqualTo(2);
    }

    private int inATransaction() {
        TransactionSynchronizationManager.initSynchronization();
        TransactionSynchronizationManager.setActualTransactionActive(true);
        try {
            new TransactionsBegun().afterBegin(mock(TransactionExecution.class), null);
            once.get(worked::incrementAndGet);
            return once.get(worked::incrementAndGet);
        } finally {
            TransactionSynchronizationManager.clear();
        }
    }
}
