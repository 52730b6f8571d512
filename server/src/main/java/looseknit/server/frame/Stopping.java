package looseknit.server.frame;

import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Whether the server is being stopped: whatever still comes is told so instead of failing half-way. */
@Component
public class Stopping {

    private final AtomicBoolean stopping = new AtomicBoolean();

    @EventListener(ContextClosedEvent.class)
    void closes() {
        stopping.set(true);
    }

    /** Whether it has begun to stop; what goes on in the background ends then. */
    public boolean stopping() {
        return stopping.get();
    }
}
