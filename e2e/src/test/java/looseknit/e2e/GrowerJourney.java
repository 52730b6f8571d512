package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.URI;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A new grower goes the whole way: brief, blend, version, batch, potting, next look, and all is there after a restart. */
class GrowerJourney {

    @TempDir
    private Path data;

    @Test
    void fromAnEmptyBenchToTheNextLook() throws Exception {
        try (App app = App.startPacked(data);
                Browser browser = new Browser(1280, 800)) {
            assertThat(data.resolve("server.log"))
                    .as("a usual house starts with what was worked out ahead")
                    .content()
                    .contains("Starting AOT-processed LooseKnit");
            final Page page = browser.page();
            page.navigate(app.address());
            assertThat(page.getByText("What would you like to pot?")).isVisible();

            final String blend = compose(page);
            mixForSixPots(page);
            potUp(page);
            assertThat(page.locator(".links")).containsText("Cellar lily mix");
            page.keyboard().press("g");
            page.keyboard().press("t");
            assertThat(page.getByText("Stair lily", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();

            app.restart();
            page.reload();
            assertThat(page.getByText("Stair lily", new Page.GetByTextOptions().setExact(true)))
                    .isVisible();
            page.navigate(app.address() + blend);
            assertThat(page.getByLabel("Name of the blend")).hasValue("Cellar lily mix");
            assertThat(parts(page, "Coir pith")).hasValue("2");
            assertThat(page.getByText("version 1 kept")).isVisible();
            page.navigate(app.address() + "/batches");
            assertThat(page.getByText("6 pots")).isVisible();

            assertThat(browser.requests()).allMatch(url -> url.startsWith(app.address()));
            assertThat(browser.errors()).isEmpty();
        }
    }

    private static String compose(final Page page) {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Blends").setExact(true))
                .click();
        // an empty book offers it twice
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("New blend"))
                .first()
                .click();
        assertThat(page.getByText("Nothing to read yet: add a material")).isVisible();
        page.getByLabel("Name of the blend").fill("Cellar lily mix");
        page.getByLabel("Name of the blend").press("Tab");
        brief(page);
        nothingToSearchAmongYet(page);

        add(page, "coir pith", "Coir pith");
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("+");
        }
        assertThat(parts(page, "Coir pith")).hasValue("4");
        assertThat(reading(page, "WATER")).containsText("wet");
        assertThat(page.locator(".headline")).not().containsText("Everything fits");

        add(page, "perlite, coarse", "Perlite, coarse");
        add(page, "fine bark", "Fine bark");
        page.keyboard().press("+");
        set(page, "Coir pith", "2");
        set(page, "Perlite, coarse", "2");
        assertThat(reading(page, "WATER")).containsText("fits");
        assertThat(page.getByText(Pattern.compile("6 parts"))).isVisible();

        page.locator("body").press("u");
        assertThat(parts(page, "Perlite, coarse")).hasValue("1");
        page.locator("body").press("U");
        assertThat(parts(page, "Perlite, coarse")).hasValue("2");

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep this version"))
                .click();
        page.getByLabel("What is new in it?").fill("first try");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Keep").setExact(true))
                .dblclick();
        assertThat(page.getByText("version 1 kept")).isVisible();
        return URI.create(page.url()).getPath();
    }

    private static void brief(final Page page) {
        word(page, "Plant").click();
        page.getByPlaceholder("Name of the plant").fill("peace");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("Peace lily")))
                .click();
        assertThat(word(page, "Plant")).hasText("peace lily");
        word(page, "Pot").click();
        fill(page, "#brief-pot-top", "15");
        page.keyboard().press("Escape");
        word(page, "Place").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("middle of a room")))
                .click();
        page.keyboard().press("Escape");
        word(page, "Watering").click();
        fill(page, "#brief-habit-every", "9");
        page.keyboard().press("Escape");
        assertThat(page.locator(".brief")).containsText("15 cm");
        assertThat(page.locator(".brief")).containsText("about every 9 days");
        assertThat(page.locator(".brief")).containsText("middle of a room, 21 °C");
    }

    /** With an empty shelf the search says what to do. */
    private static void nothingToSearchAmongYet(final Page page) {
        page.keyboard().press("f");
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Search").setExact(true)))
                .isFocused();
        page.keyboard().press("Enter");
        assertThat(page.locator(".found")).containsText("There is nothing to mix");
        assertThat(page.locator(".found").getByText("Put on the shelf")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.locator(".find-drawer")).hasCount(0);
    }

    private static void mixForSixPots(final Page page) {
        page.locator("body").press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Cellar lily mix, a batch")))
                .isVisible();
        final String before = page.locator(".totals .word").first().innerText();
        fill(page, "#count-0", "6");
        assertThat(page.getByText("settled mix for 6 pots")).isVisible();
        assertThat(page.locator(".totals .word").first()).not().hasText(before);
        assertThat(page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Coir pith")))
                .containsText("as brick");
        assertThat(page.locator(".page-head")).containsText("saved");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("It is mixed"))
                .click();
        assertThat(page.locator(".page-head")).containsText(Pattern.compile("mixed \\d"));
    }

    private static void potUp(final Page page) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Pot up").setExact(true))
                .click();
        assertThat(page.locator(".step-thread [aria-current]")).hasText("plant");
        page.locator(".step-thread")
                .getByText("set-up", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(page.locator("svg.portrait")).isVisible();
        page.locator(".step-thread")
                .getByText("work", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("What shall the pot be called?").fill("Stair lily");
        assertThat(page.getByText("Cover the holes: mesh.")).isVisible();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Pot up").setExact(true))
                .click();
        assertThat(page.getByText("Stair lily is potted up.")).isVisible();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Stair lily")))
                .isVisible();
    }

    static Locator word(final Page page, final String label) {
        return page.locator(".brief .word:has(button[aria-label^='%s:'])".formatted(label));
    }

    static void add(final Page page, final String typed, final String name) {
        final Locator field = page.locator("#add-material");
        field.fill(typed);
        page.getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
        assertThat(parts(page, name)).isVisible();
        page.locator("h1").click(new Locator.ClickOptions().setPosition(1, 1));
        page.evaluate("document.activeElement.blur()");
    }

    static void set(final Page page, final String name, final String amount) {
        fill(parts(page, name), amount);
    }

    static void fill(final Page page, final String selector, final String value) {
        fill(page.locator(selector), value);
    }

    private static void fill(final Locator field, final String value) {
        field.fill(value);
        field.press("Tab");
    }

    static Locator parts(final Page page, final String name) {
        return page.getByLabel("Parts of " + name, new Page.GetByLabelOptions().setExact(true));
    }

    static Locator reading(final Page page, final String quality) {
        return page.locator("[data-quality=%s]".formatted(quality));
    }
}
