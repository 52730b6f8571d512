package looseknit.server.shelf;

import java.util.concurrent.atomic.AtomicBoolean;
import looseknit.server.frame.LotsChanged;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.Stopping;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Looks once more, after changes of lots, whether the Book goes by what the lots in use say. Each change sees to that by what was stored when it
 * began; of two at the same moment neither need have seen what they come to together: one measures a bag, the other uses up the bag before it.
 */
@Component
class BookFollowsLots {

    private static final long PAUSE_MS = 500;

    private final Shelf shelf;
    private final LiveBooks books;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final Stopping stopping;
    private final AtomicBoolean toDo = new AtomicBoolean();

    BookFollowsLots(
            final Shelf shelf,
            final LiveBooks books,
            final ApplicationEventPublisher events,
            final TransactionTemplate transaction,
            final Stopping stopping) {
        this.shelf = shelf;
        this.books = books;
        this.events = events;
        this.transaction = transaction;
        this.stopping = stopping;
    }

    @TransactionalEventListener(classes = LotsChanged.class, fallbackExecution = true)
    void changed() {
        toDo.set(true);
    }

    @Scheduled(fixedDelay = PAUSE_MS)
    void look() {
        if (!toDo.getAndSet(false) || stopping.stopping()) {
            return;
        }
        transaction.executeWithoutResult(any -> {
            if (!LiveBooks.measuredInUse(shelf.facts()).equals(books.inUse())) {
                events.publishEvent(new MaterialsChanged());
            }
        });
    }
}
