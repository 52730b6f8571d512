package looseknit.server.frame;

import java.io.IOException;
import java.time.Duration;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.BooleanSupplier;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.TaskScheduler;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells a page of something each time it has changed, by the clockwork's threads; the page asks anew when a stream has run out. */
public final class EventStream {

    private static final long LONGEST_MILLIS = 120_000;

    /** Streams that are open at once. */
    private static final Semaphore PLACES = new Semaphore(64);

    private EventStream() {}

    /**
     * Begins to tell.
     *
     * @param between how long to wait between looks
     * @param changes a number that grows with each change
     * @param over whether nothing changes any more
     * @param words what to tell
     */
    public static SseEmitter of(
            final TaskScheduler clockwork,
            final Duration between,
            final LongSupplier changes,
            final BooleanSupplier over,
            final Supplier<String> words) {
        if (!PLACES.tryAcquire()) {
            throw new Refused("Too many listen", "Too many pages follow what happens here. Close some of them.");
        }
        final SseEmitter emitter = new SseEmitter(LONGEST_MILLIS);
        final AtomicLong told = new AtomicLong(-1);
        final AtomicReference<@Nullable ScheduledFuture<?>> ticking = new AtomicReference<>();
        final Runnable stop = () -> {
            final ScheduledFuture<?> ticks = ticking.get();
            if (ticks != null) {
                ticks.cancel(false);
            }
        };
        emitter.onCompletion(() -> {
            stop.run();
            PLACES.release();
        });
        emitter.onTimeout(emitter::complete);
        emitter.onError(error -> stop.run());
        ticking.set(clockwork.scheduleWithFixedDelay(
                () -> {
                    final long now = changes.getAsLong();
                    if (told.getAndSet(now) != now) {
                        tell(emitter, over, words);
                    }
                },
                between));
        return emitter;
    }

    private static void tell(final SseEmitter emitter, final BooleanSupplier over, final Supplier<String> words) {
        try {
            final boolean last = over.getAsBoolean();
            emitter.send(SseEmitter.event().data(words.get()));
            if (last) {
                emitter.complete();
            }
        } catch (final IOException | IllegalStateException gone) {
            emitter.complete();
        }
    }
}
