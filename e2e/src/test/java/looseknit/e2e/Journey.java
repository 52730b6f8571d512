package looseknit.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;

/**
 * Journeys through one application in one browser. When they are over, no script may have failed, and nobody but the application may have
 * been asked for anything.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class Journey {

    /** What lies in the store when the journeys begin. */
    enum Store {
        EMPTY,
        DEMO
    }

    private final Store store;
    App app;
    Browser browser;

    Journey(final Store store) {
        this.store = store;
    }

    @BeforeAll
    void open(@TempDir final Path data) throws Exception {
        app = store == Store.DEMO ? App.startDemo(data) : App.start(data);
        browser = new Browser(1280, 800);
    }

    @AfterEach
    void rest() {
        browser.rest();
    }

    @AfterAll
    void close() throws Exception {
        if (browser != null) {
            assertThat(browser.errors()).isEmpty();
            assertThat(browser.requests()).isNotEmpty().allMatch(url -> url.startsWith(app.address()));
            browser.close();
        }
        app.close();
        checkRoomForCode();
    }

    /** A machine that has no room left for compiled code goes on slowly, and some requests fail. */
    private static void checkRoomForCode() {
        assertThat(ManagementFactory.getMemoryPoolMXBeans())
                .filteredOn(pool -> pool.getName().startsWith("Code"))
                .isNotEmpty()
                .allSatisfy(pool -> assertThat(pool.getUsage().getUsed())
                        .as("%s in use", pool.getName())
                        .isLessThan(pool.getUsage().getMax() / 10 * 9));
    }

    /** The bench of a blend, in a browser that remembers nothing of earlier journeys. */
    Page bench(final String name) {
        final Page page = browser.page();
        page.navigate(app.address() + "/blends");
        page.evaluate("localStorage.clear()");
        page.locator(".book h2").getByText(name).first().click();
        page.locator("#blend-name").waitFor();
        page.locator(".readings-side b").first().waitFor();
        return page;
    }

    static Locator button(final Page page, final String name) {
        return page.getByRole(AriaRole.BUTTON, named(name)).first();
    }

    static Page.GetByRoleOptions named(final String name) {
        return new Page.GetByRoleOptions().setName(name).setExact(true);
    }
}
