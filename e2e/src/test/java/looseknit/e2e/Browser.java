package looseknit.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Frame;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Queue;

/** Headless Chromium from the system, and a note of everything that it asked of anybody. */
final class Browser implements AutoCloseable {

    private static final List<String> ARGUMENTS = List.of(
            "--headless",
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync");

    private static final Path AXE =
            Path.of(System.getProperty("looseknit.web"), "node_modules", "axe-core", "axe.min.js");

    private static final Duration QUIET = Duration.ofMillis(500);
    private static final Duration LONGEST = Duration.ofSeconds(40);
    private static final Duration SAVED_WITHIN = Duration.ofSeconds(3);
    private static final double LOOK_MS = 50;

    /** One for each thread, for all its journeys; it ends with this process. */
    private static final ThreadLocal<com.microsoft.playwright.Browser> RUNNING = ThreadLocal.withInitial(Browser::run);

    private final BrowserContext context;
    private final List<String> requests = new ArrayList<>();
    private final List<String> errors = new ArrayList<>();

    /** What was asked for and has not come yet. */
    private final Map<Request, Optional<Frame>> underWay = new HashMap<>();

    private final int width;
    private final int height;

    private long asked;

    /** The page of an earlier journey, to be taken by the next. */
    private final Queue<Page> rested = new ArrayDeque<>();

    Browser(final int width, final int height) {
        this(width, height, false, ServiceWorkerPolicy.BLOCK);
    }

    /** A screen that is touched. */
    static Browser touched(final int width, final int height) {
        return new Browser(width, height, true, ServiceWorkerPolicy.BLOCK);
    }

    /** A screen that is touched and keeps the application for where there is no network. */
    static Browser carried(final int width, final int height) {
        return new Browser(width, height, true, ServiceWorkerPolicy.ALLOW);
    }

    private Browser(
            final int width, final int height, final boolean touched, final ServiceWorkerPolicy serviceWorkers) {
        this.width = width;
        this.height = height;
        context = RUNNING.get()
                .newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setLocale("en-GB")
                        .setTimezoneId("UTC")
                        .setHasTouch(touched)
                        .setServiceWorkers(serviceWorkers)
                        .setReducedMotion(ReducedMotion.REDUCE));
        context.setDefaultTimeout(40_000);
        context.onRequest(this::begins);
        context.onRequestFinished(underWay::remove);
        context.onRequestFailed(underWay::remove);
        context.onWebError(error -> errors.add(error.error()));
    }

    private static com.microsoft.playwright.Browser run() {
        PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
        return Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")))
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(System.getProperty("looseknit.chromium", "/usr/bin/chromium")))
                        .setArgs(ARGUMENTS));
    }

    private void begins(final Request request) {
        requests.add(request.url());
        asked = System.nanoTime();
        final Optional<Frame> frame = frame(request);
        // what a page still awaited when another took its place does not come any more
        if (request.isNavigationRequest() && frame.isPresent() && frame.get().parentFrame() == null) {
            underWay.values().removeIf(frame::equals);
        }
        // events are heard of for as long as a page is open
        if (!request.resourceType().equals("eventsource")) {
            underWay.put(request, frame);
        }
    }

    /** Where it was asked from; nothing for what the keeper of the application fetches, and for a page that is just being opened. */
    private static Optional<Frame> frame(final Request request) {
        try {
            return Optional.of(request.frame());
        } catch (final NullPointerException | PlaywrightException noFrame) {
            return Optional.empty();
        }
    }

    Page page() {
        return rested.isEmpty() ? context.newPage() : rested.remove();
    }

    /**
     * Between two journeys: one page is left, as if it were new. Those that stay open hear of every change, and cost more from journey to
     * journey. What was done last is saved first, so that the next journey finds what this one left.
     */
    void rest() {
        final List<Page> open = context.pages();
        if (!open.isEmpty() && rested.isEmpty()) {
            final Page first = open.get(0);
            saved(first);
            open.stream().skip(1).forEach(Page::close);
            first.evaluate("sessionStorage.clear()");
            first.navigate("about:blank");
            first.setViewportSize(width, height);
            rested.add(first);
        }
    }

    /** Waits until the pages have saved what was changed on them, if they can: a journey may end with a question about a change. */
    private static void saved(final Page page) {
        final long until = System.nanoTime() + SAVED_WITHIN.toNanos();
        while (Boolean.TRUE.equals(
                        page.evaluate("Object.keys(localStorage).some(key => key.startsWith('loose-knit.draft.'))"))
                && System.nanoTime() < until) {
            page.waitForTimeout(LOOK_MS);
        }
    }

    /** Goes to another view within the application that is open, as its own links do, and waits until all of it is there. */
    void go(final Page page, final String path) {
        page.evaluate(
                "path => { history.pushState(null, '', path); dispatchEvent(new PopStateEvent('popstate')) }", path);
        settled(page);
    }

    /** Waits until nothing was asked for, and nothing is awaited, for half a second. */
    void settled(final Page page) {
        final long until = System.nanoTime() + LONGEST.toNanos();
        asked = System.nanoTime();
        while (!underWay.isEmpty() || System.nanoTime() - asked < QUIET.toNanos()) {
            assertThat(System.nanoTime())
                    .as(
                            "still awaited: %s",
                            underWay.keySet().stream().map(Request::url).toList())
                    .isLessThan(until);
            page.waitForTimeout(LOOK_MS);
        }
        page.evaluate("document.fonts.ready");
    }

    /** Waits until a question that a page answers later, with a promise, is answered with yes: waiting for a function takes the promise for it. */
    static void until(final Page page, final String question) {
        final long until = System.nanoTime() + LONGEST.toNanos();
        while (!Boolean.TRUE.equals(page.evaluate(question))) {
            assertThat(System.nanoTime()).as("still not so: %s", question).isLessThan(until);
            page.waitForTimeout(LOOK_MS);
        }
    }

    /** Takes the network away, or gives it back. */
    void network(final boolean there) {
        context.setOffline(!there);
    }

    /** Addresses that were asked, without those of data and blobs. */
    List<String> requests() {
        return requests.stream()
                .filter(url -> !url.startsWith("data:") && !url.startsWith("blob:"))
                .toList();
    }

    /** Errors that scripts did not catch. */
    List<String> errors() {
        return List.copyOf(errors);
    }

    /** Fails on accessibility findings of serious or critical impact; of long lists the first rows stand for all. */
    static void checkAccessibility(final Page page, final String view) throws Exception {
        check(page, view, List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"));
    }

    /** Fails where colours do not stand out enough; for another scheme of a view that was checked as a whole. */
    static void checkContrast(final Page page, final String view) throws Exception {
        check(page, view, List.of("color-contrast"));
    }

    private static void check(final Page page, final String view, final List<String> runOnly) throws Exception {
        if (!Boolean.TRUE.equals(page.evaluate("'axe' in window"))) {
            page.evaluate("(source) => { (0, eval)(source) }", Files.readString(AXE));
        }
        @SuppressWarnings("unchecked")
        final List<String> findings = (List<String>) page.evaluate("""
                async (runOnly) => {
                  const alike = ['li:nth-child(n+13)', 'tr:nth-child(n+13)'].filter((each) => document.querySelector(each))
                  const context = { include: [['html']], exclude: alike.map((each) => [each]) }
                  const result = await axe.run(context, { runOnly, resultTypes: ['violations'], preload: false })
                  return result.violations
                    .filter((each) => ['serious', 'critical'].includes(each.impact))
                    .map((each) => each.id + ': ' + each.nodes.map((node) => node.target.join(' ') + ' ' + node.failureSummary).join(' | '))
                }
                """, runOnly);
        assertThat(findings).as("accessibility of %s", view).isEmpty();
    }

    @Override
    public void close() {
        context.close();
    }
}
