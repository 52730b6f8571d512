package looseknit.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Takes the documentation's pictures of the main views from the demo's data. Not part of the tests. */
class Pictures {

    /** Views that are tested but need no picture. */
    private static final Set<String> LEFT_OUT = Set.of(
            "shelf-buy",
            "shelf-own",
            "shelf-files",
            "book-material",
            "book-materials",
            "book-cautions",
            "batches",
            "batch-prepare",
            "blend-pots",
            "book-side-by-side",
            "blend-standing",
            "blend-layers",
            "blend-chance",
            "blend-versions",
            "blend-doses",
            "blend-tests",
            "blends-beside",
            "blend-count",
            "pot-up-plant",
            "pot-up-roots",
            "pot-up-pot",
            "pot-up-places",
            "pot-up-work",
            "pot-set-up",
            "batch-adjust",
            "blends-share",
            "blend-season",
            "calendar",
            "leave",
            "hand",
            "weather",
            "recall",
            "book-unknown",
            "year");

    private static final int SCOOPS_SHOWN = 8;

    @TempDir
    private Path data;

    @Test
    void takePictures() throws Exception {
        final Path folder = Path.of(System.getProperty("looseknit.shots"));
        try (App app = App.startDemo(data);
                Browser browser = new Browser(1280, 800)) {
            final Page page = browser.page();
            for (final Map.Entry<String, String> view : Views.of(page, app).entrySet()) {
                if (LEFT_OUT.contains(view.getKey())) {
                    continue;
                }
                page.navigate(app.address() + view.getValue());
                if (view.getKey().equals("blend")) {
                    page.locator(".close-up .box[data-lying]").waitFor();
                }
                if (view.getKey().equals("blend-find")) {
                    press(page, "Search");
                    page.locator(".proposal").first().waitFor();
                }
                if (view.getKey().equals("batch-mix")) {
                    for (int scoop = 0; scoop < SCOOPS_SHOWN; scoop++) {
                        final String before = page.locator(".todo").innerText();
                        page.locator(".doing .next").click();
                        page.waitForFunction("before => document.querySelector('.todo').innerText !== before", before);
                    }
                }
                if (view.getKey().equals("house")) {
                    // the folder where the demo lies as a rule, not that of the machine which takes the pictures
                    page.locator(".path").evaluate("each => { each.textContent = '~/.loose-knit-demo' }");
                }
                if (view.getKey().equals("blends-share")) {
                    share(page);
                }
                Views.settled(page);
                page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(view.getKey() + ".png")));
            }
        }
    }

    /** The first minute, in a house where nothing has been mixed yet. */
    @Test
    void takeTheFirstMinute(@TempDir final Path empty) throws Exception {
        try (App app = App.start(empty);
                Browser browser = new Browser(1280, 800)) {
            final Page page = browser.page();
            page.navigate(app.address());
            GrowerJourney.word(page, "Plant").click();
            page.getByPlaceholder("Name of the plant").fill("medicinal aloe");
            page.getByRole(AriaRole.OPTION).first().click();
            page.locator(".starts .proposal").first().waitFor();
            Views.settled(page);
            page.screenshot(new Page.ScreenshotOptions()
                    .setPath(Path.of(System.getProperty("looseknit.shots")).resolve("first-minute.png")));
        }
    }

    private static void press(final Page page, final String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first()
                .click();
    }

    /** Three plants under one roof, as the station's keeper would ask. */
    private static void share(final Page page) {
        page.evaluate("""
                () => {
                  const brief = (plantId, wall) => ({ plantId, stage: 'ESTABLISHED',
                    pot: { shape: 'ROUND', topCm: 14, bottomCm: 10.5, heightCm: 13, wall, base: 'ON_FEET', baseCm: 0, layerCm: 0 },
                    place: { name: 'the stair landing', temperatureC: 19, humidityPercent: 50, light: 'MEDIUM', draught: 'STILL' },
                    habit: { everyDays: 8, amount: 'THOROUGHLY', hand: 'STEADY', water: 'RAIN' } })
                  const kept = JSON.parse(localStorage.getItem('loose-knit.share') ?? '{}')
                  localStorage.setItem('loose-knit.share', JSON.stringify({ ...kept,
                    briefs: [brief('moth_orchid', 'CLAY'), brief('velvet_anthurium', 'PLASTIC'), brief('barrel_cactus', 'CLAY')] }))
                }""");
        page.reload();
        Views.settled(page);
        press(page, "See who can share");
        page.locator(".splits").waitFor();
    }
}
