package looseknit.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Measures in Chromium how quick the bench is, and prints it. Part of the benchmarks, not of the tests. */
class BrowserTimes {

    private static final int CHANGES = 60;

    @TempDir
    private Path data;

    @Test
    void measure() throws Exception {
        try (App app = App.startMeasured(data);
                Browser browser = new Browser(1280, 800)) {
            final Page page = browser.page();
            page.navigate(app.address() + "/blends");
            page.locator(".book h2").getByText("Cistern velvet").click();
            page.locator(".close-up .box[data-lying]").waitFor();
            final String bench = page.url();
            paints(page, bench);
            page.keyboard().press("ArrowDown");
            print("part change to painted readings, 4 materials", changes(page));
            page.keyboard().press("p");
            page.locator("#written-recipe")
                    .fill("2 peat, 2 coir pith, 1 fine bark, 1 coarse bark, 1 coarse perlite, 1 fine perlite, "
                            + "1 scoria, 1 zeolite, 1 worm castings, 1 leaf mould, 1 akadama, 1 biochar");
            page.locator(".paste li").nth(11).waitFor();
            page.keyboard().press("Control+Enter");
            page.locator(".recipe-rows li").nth(11).waitFor();
            page.locator(".close-up .box[data-lying]").waitFor();
            page.keyboard().press("ArrowDown");
            page.waitForTimeout(1500);
            changes(page);
            print("part change to painted readings, 12 materials", changes(page));
            page.emulateMedia(new Page.EmulateMediaOptions()
                    .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.NO_PREFERENCE));
            page.keyboard().press("+");
            page.waitForTimeout(500);
            page.locator(".close-up .box[data-lying]").waitFor();
            System.out.printf(
                    "close-up: %s grains, slowest picture %s ms%n",
                    page.locator(".close-up .box").getAttribute("data-lying"),
                    page.locator(".close-up .box").getAttribute("data-frame-ms"));
            scripts();
        }
    }

    private static void paints(final Page page, final String bench) {
        for (int i = 0; i < 3; i++) {
            page.navigate(bench);
            page.locator(".readings-side .reading").first().waitFor();
            System.out.printf(
                    "first paint %.0f ms, bench to be used after %.0f ms%n",
                    number(page, "performance.getEntriesByName('first-contentful-paint')[0].startTime"),
                    number(page, "performance.now()"));
        }
    }

    /** Milliseconds from a key to the frame that shows the readings of it, each change by itself. */
    private static double[] changes(final Page page) {
        final double[] all = new double[CHANGES];
        for (int i = 0; i < CHANGES; i++) {
            all[i] = ((Number) page.evaluate("""
                    (key) => new Promise((done) => {
                      const readings = document.querySelector('.readings-side')
                      const from = performance.now()
                      const seen = new MutationObserver(() => {
                        seen.disconnect()
                        requestAnimationFrame(() => setTimeout(() => done(performance.now() - from)))
                      })
                      seen.observe(readings, { subtree: true, childList: true, characterData: true, attributes: true })
                      document.body.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
                    })""", i % 2 == 0 ? "+" : "-")).doubleValue();
            page.waitForTimeout(160);
        }
        Arrays.sort(all);
        return all;
    }

    private static void print(final String what, final double[] sorted) {
        System.out.printf(
                "%s: median %.0f ms, 95th percentile %.0f ms, slowest %.0f ms%n",
                what, sorted[sorted.length / 2], sorted[(int) (sorted.length * 0.95)], sorted[sorted.length - 1]);
    }

    private static double number(final Page page, final String expression) {
        return ((Number) page.evaluate(expression)).doubleValue();
    }

    /** What a first visit loads, packed as it would travel. */
    private static void scripts() throws IOException {
        final Path built = Path.of(System.getProperty("looseknit.web"), "target/classes/META-INF/resources");
        final String index = Files.readString(built.resolve("index.html"));
        final List<Path> files;
        try (var assets = Files.list(built.resolve("assets"))) {
            files = assets.filter(each -> each.toString().endsWith(".js")
                            && index.contains(each.getFileName().toString()))
                    .toList();
        }
        long packed = 0;
        for (final Path file : files) {
            final var out = new java.io.ByteArrayOutputStream();
            try (var gzip = new GZIPOutputStream(out)) {
                gzip.write(Files.readAllBytes(file));
            }
            packed += out.size();
        }
        System.out.printf("scripts of a first visit: %d files, %.0f kB packed%n", files.size(), packed / 1000.0);
    }
}
