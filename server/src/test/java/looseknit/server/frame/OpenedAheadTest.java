package looseknit.server.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;
import static org.mockito.Mockito.withSettings;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
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
                stopping,
                Clock.systemUTC(),
                true);

        ahead.ready(ready());
        ahead.stop();

        assertThat(opened).hasValueGreaterThan(1);
    }

    @Test
    void whatTakesLongIsOpenedWhenAllOthersAreAndThoseOnceMore() throws Exception {
        final List<String> opened = new ArrayList<>();
        final OpenedSoon year = new OpenedSoon() {
            @Override
            public Object opened() {
                return opened.add("year");
            }

            @Override
            public boolean takesLong() {
                return true;
            }
        };
        final OpenedAhead ahead = new OpenedAhead(
                List.of(year, () -> opened.add("shelf")), new JsonMapper(), stopping, Clock.systemUTC(), true);

        ahead.ready(ready());
        ahead.stop();

        assertThat(opened).containsExactly("shelf", "shelf", "shelf", "shelf", "year", "year", "year", "year", "shelf");
    }

    @Test
    void whereNobodyWantsItNothingIsOpened() throws Exception {
        final AtomicInteger opened = new AtomicInteger();
        final OpenedAhead ahead =
                new OpenedAhead(List.of(opened::incrementAndGet), new JsonMapper(), stopping, Clock.systemUTC(), false);

        ahead.ready(ready());
        ahead.stop();

        assertThat(opened).hasValue(0);
    }

    @Test
    void aPageThatIsStillSlowIsOpenedMoreOften() throws Exception {
        final AtomicReference<Instant> now = new AtomicReference<>(Instant.EPOCH);
        final Clock clock = mock();
        when(clock.instant()).thenAnswer(asked -> now.get());
        final AtomicInteger quick = new AtomicInteger();
        final AtomicInteger slow = new AtomicInteger();
        final OpenedAhead ahead = new OpenedAhead(
                List.of(quick::incrementAndGet, () -> {
                    now.updateAndGet(from -> from.plusMillis(slow.get() < 6 ? 300 : 10));
                    return slow.incrementAndGet();
                }),
                new JsonMapper(),
                stopping,
                clock,
                true);

        ahead.ready(ready());
        ahead.stop();

        assertThat(quick).hasValue(4);
        assertThat(slow).hasValue(7);
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
                stopping,
                Clock.systemUTC(),
                true);

        ahead.ready(ready());
        assertThat(begun.await(10, TimeUnit.SECONDS)).isTrue();
        stopping.closes();
        ahead.stop();

        assertThat(ended).hasValue(1);
        assertThat(next).hasValue(0);
    }
}
