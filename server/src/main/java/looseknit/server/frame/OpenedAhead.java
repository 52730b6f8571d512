package looseknit.server.frame;

import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Works out the pages that people open soon, and shows them to nobody. */
@Component
class OpenedAhead {

    private static final Logger LOG = LoggerFactory.getLogger(OpenedAhead.class);

    /** The first time everything is loaded, and after a few the machine has made quick code of it. */
    private static final int TIMES = 4;

    private final List<OpenedSoon> pages;
    private final JsonMapper json;

    OpenedAhead(final List<OpenedSoon> pages, final JsonMapper json) {
        this.pages = pages;
        this.json = json;
    }

    @EventListener
    void ready(final ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext) {
            final Thread thread = new Thread(this::openAll, "opened-ahead");
            thread.setDaemon(true);
            thread.start();
        }
    }

    private void openAll() {
        for (int time = 0; time < TIMES; time++) {
            pages.forEach(this::open);
        }
    }

    /** Opens a page; what is wrong with it is told to whoever opens it. */
    private void open(final OpenedSoon page) {
        try {
            json.writeValueAsBytes(page.opened());
        } catch (final RuntimeException e) {
            LOG.debug("a page could not be opened ahead", e);
        }
    }
}
