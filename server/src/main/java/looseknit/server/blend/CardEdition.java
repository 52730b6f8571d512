package looseknit.server.blend;

import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.store.TransactionsBegun;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Counts the changes of what cards of blends rest on. Each card notes the edition it was read with; with a lower one than the current it is
 * to be read anew. So a change of a material or a test writes one number, however many blends there are.
 *
 * <p>The current edition is what is in mind here, never newer than the Book, the plants and the beliefs that are: it follows once these have
 * been forgotten.
 */
@Component
class CardEdition {

    private final ReadingModelRepository model;

    private volatile Held held = new Held(0, System.nanoTime());

    /** What the store said when somebody else had changed something, before anything was forgotten. */
    private volatile int heard;

    CardEdition(final ReadingModelRepository model) {
        this.model = model;
    }

    /** An edition, and since when it is known, as {@link System#nanoTime()} tells. */
    private record Held(int number, long since) {}

    /** Cards that were read with a lower one are to be read anew. */
    int current() {
        return held.number();
    }

    /** What a card is read with in this transaction; asked before anything is looked up. One that began before the last change may know what stood then. */
    int readingWith() {
        final Held now = held;
        return TransactionsBegun.nowBefore(now.since()) ? now.number() - 1 : now.number();
    }

    /** What cards rest on changes with this transaction. */
    void raise() {
        model.raise();
        final int number = model.edition();
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(final int status) {
                if (status == STATUS_COMMITTED) {
                    becomes(number);
                }
            }
        });
    }

    /** Begins with what is stored. */
    void open() {
        becomes(model.edition());
    }

    @Order(Ordered.HIGHEST_PRECEDENCE)
    @EventListener(ChangedElsewhere.class)
    void hear() {
        heard = model.edition();
    }

    /** Whoever keeps the Book or the beliefs in mind forgets them between the two. */
    @Order(Ordered.LOWEST_PRECEDENCE - 1)
    @EventListener(ChangedElsewhere.class)
    void follow() {
        becomes(heard);
    }

    private synchronized void becomes(final int number) {
        if (number > held.number()) {
            held = new Held(number, System.nanoTime());
        }
    }
}
