package looseknit.server.due;

import looseknit.server.frame.ChangedElsewhere;
import looseknit.server.frame.MaterialsChanged;
import looseknit.server.frame.Stopping;
import looseknit.server.frame.TestsChanged;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Reckons what is due while nobody waits for it, some pots at a time, so that pages find it done. */
@Component
class DueAhead {

    private static final long SOON_MS = 10_000;
    private static final long AGAIN_MS = 2_000;

    private final DueCalendar calendar;
    private final Stopping stopping;

    DueAhead(final DueCalendar calendar, final Stopping stopping) {
        this.calendar = calendar;
        this.stopping = stopping;
    }

    @Scheduled(initialDelay = SOON_MS, fixedDelay = AGAIN_MS)
    void goOn() {
        boolean more = true;
        while (more && !stopping.stopping() && !Thread.currentThread().isInterrupted()) {
            more = calendar.goOn(() -> !stopping.stopping());
        }
    }

    @TransactionalEventListener(
            classes = {MaterialsChanged.class, TestsChanged.class},
            fallbackExecution = true)
    void changed() {
        calendar.changed();
    }

    @EventListener(ChangedElsewhere.class)
    void changedElsewhere() {
        calendar.changed();
    }
}
