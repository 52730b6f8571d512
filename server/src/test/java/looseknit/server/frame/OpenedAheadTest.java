package looseknit.server.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.mockito.Mockito.withSettings;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.json.JsonMapper;

/** Pages are opened ahead a few times; when the server stops, the one that is being opened is the last, and is waited for. */
class OpenedAheadTest {

    private final Stopping stopping = new Stopping();

    private static ApplicationReadyEvent ready() {
        final ApplicationReadyEvent event = mock(ApplicationReadyEvent.class);
        final ConfigurableApplicationContext served = mock(
                ConfigurableApplicationContext.class,
                withSettings().extraInterfaces(WebServerApplicationContext.class));
        when(event.getApplicationContext()).thenReturn(served);
        return event;
    }

    @Test
    void eachIsOpenedAFewTimesAndOneThatFailsHindersNone() throws Exception {
        final AtomicInteger opened = new AtomicInteger();
        final OpenedAhead ahead = new OpenedAhead(
                List.of(
                        () -> {
                            throw new IllegalStateException("nothing there");
                        },
                        opened::incrementAndGet),
                new JsonMapper(),
                stopping);

        ahead.ready(ready());
        ahead.stop();

        assertThat(opened).hasValueGreaterThan(1);
    }

    @Test
    void thePageThatIsBeingOpenedAtAStopIsTheLast() throws Exception {
        final CountDownLatch begun = new CountDownLatch(1);
        final AtomicInteger ended = new AtomicInteger();
        final AtomicInteger next = new AtomicInteger();
        final OpenedAhead ahead = new OpenedAhead(
                List.of(
                        () -> {
                            begun.countDown();
                            while (!stopping.stopping()) {
                                Thread.onSpinWait();
                            }
                            return ended.incrementAndGet();
                        },
                        next::incrementAndGet),
                new JsonMapper(),
                stopping);

        ahead.ready(ready());
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        stopping.closes();
        ahead.stop();

        assertThat(ended).hasValue(1);
        assertThat(next).hasValue(0);
    }
}
