package looseknit.server.frame;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Works out the pages that people open soon, and shows them to nobody. */
@Component
class OpenedAhead {

    private static final Logger LOG = LoggerFactory.getLogger(OpenedAhead.class);

    /** The first time everything is loaded, and after a few the machine has made quick code of it; of a large house it takes some more. */
    private static final int FEWEST_TIMES = 4;

    private static final int MOST_TIMES = 15;
    private static final Duration QUICK = Duration.ofMillis(100);

    private static final long LONGEST_PAGE_S = 4;

    private final List<OpenedSoon> pages;
    private final JsonMapper json;
    private final Stopping stopping;
    private final Clock clock;
    private final boolean wanted;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(work -> {
        final Thread thread = new Thread(work, "opened-ahead");
        thread.setDaemon(true);
        return thread;
    });

    OpenedAhead(
            final List<OpenedSoon> pages,
            final JsonMapper json,
            final Stopping stopping,
            final Clock clock,
            @Value("${looseknit.opened-ahead:true}") final boolean wanted) {
        this.pages = pages;
        this.json = json;
        this.stopping = stopping;
        this.clock = clock;
        this.wanted = wanted;
    }

    @EventListener
    void ready(final ApplicationReadyEvent event) {
        if (wanted && event.getApplicationContext() instanceof WebServerApplicationContext) {
            worker.execute(this::openAll);
            worker.shutdown();
        }
    }

    /** A page that is being worked out when the server stops is waited for: the store is closed after it. */
    @PreDestroy
    void stop() throws InterruptedException {
        worker.shutdown();
        if (!worker.awaitTermination(LONGEST_PAGE_S, TimeUnit.SECONDS)) {
            LOG.debug("a page is still being opened");
        }
    }

    private void openAll() {
        final Map<Boolean, List<OpenedSoon>> byLength =
                pages.stream().collect(Collectors.partitioningBy(OpenedSoon::takesLong));
        final List<OpenedSoon> usual = byLength.getOrDefault(false, List.of());
        final List<OpenedSoon> takeLong = byLength.getOrDefault(true, List.of());
        openAll(usual, MOST_TIMES);
        openAll(takeLong, FEWEST_TIMES);
        if (!takeLong.isEmpty()) {
            // it reads so much that the store has put the rest of its file out of mind
            openAll(usual, 1);
        }
    }

    private void openAll(final List<OpenedSoon> some, final int times) {
        List<OpenedSoon> left = some;
        for (int time = 1; time <= times; time++) {
            final boolean few = time < FEWEST_TIMES;
            left = left.stream().filter(page -> !isQuick(page) || few).toList();
        }
    }

    private boolean isQuick(final OpenedSoon page) {
        final Instant from = clock.instant();
        open(page);
        return Duration.between(from, clock.instant()).compareTo(QUICK) < 0;
    }

    /** Opens a page; what is wrong with it is told to whoever opens it. */
    private void open(final OpenedSoon page) {
        if (stopping.stopping()) {
            return;
        }
        try {
            json.writeValueAsBytes(page.opened());
        } catch (final RuntimeException e) {
            LOG.debug("a page could not be opened ahead", e);
        }
    }
}
