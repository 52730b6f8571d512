package looseknit.server.care;

import java.util.concurrent.atomic.AtomicBoolean;
import looseknit.server.frame.Stopping;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Counts looks that were told while nobody waits for it, so that the pages that tell of all of them find it done. */
@Component
class LooksReadAhead {

    private static final long PAUSE_MS = 1000;

    private final LooksInMind inMind;
    private final Stopping stopping;
    private final AtomicBoolean toDo = new AtomicBoolean();

    LooksReadAhead(final LooksInMind inMind, final Stopping stopping) {
        this.inMind = inMind;
        this.stopping = stopping;
    }

    @TransactionalEventListener(classes = LooksChanged.class, fallbackExecution = true)
    void changed() {
        toDo.set(true);
    }

    @Scheduled(fixedDelay = PAUSE_MS)
    void goOn() {
        if (toDo.getAndSet(false) && !stopping.stopping()) {
            inMind.here();
        }
    }
}
