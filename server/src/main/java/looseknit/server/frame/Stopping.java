package looseknit.server.frame;

import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Whether the server is being stopped: whatever still comes is told so instead of failing half-way. */
@Component
class Stopping {

    private final AtomicBoolean stopping = new AtomicBoolean();

    @EventListener(ContextClosedEvent.class)
    void closes() {
        stopping.set(true);
    }

    boolean stopping() {
        return stopping.get();
    }
}
