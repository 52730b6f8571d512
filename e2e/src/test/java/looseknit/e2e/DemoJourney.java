package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The demo station: every main view is full, accessible, within its width, and asks nobody but the server. */
class DemoJourney extends Journey {

    DemoJourney() {
        super(Store.DEMO);
    }

    private static final double AFTER_RESIZING_MILLIS = 400;

    @Test
    void everyMainViewIsAccessibleByDayAndNightAndFitsAPhone() throws Exception {
        final Page page = browser.page();
        for (final Map.Entry<String, String> view : views(page, app).entrySet()) {
            page.setViewportSize(1280, 800);
            page.navigate(app.address() + view.getValue());
            settled(page);
            page.evaluate("document.documentElement.classList.remove('night')");
            Browser.checkAccessibility(page, view.getKey());
            page.evaluate("document.documentElement.classList.add('night')");
            Browser.checkContrast(page, view.getKey() + " at night");
            page.setViewportSize(390, 844);
            // charts follow the width a moment later
            page.waitForTimeout(AFTER_RESIZING_MILLIS);
            final Object over =
                    page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
            assertThat(((Number) over).intValue())
                    .as(view.getKey() + " on a phone")
                    .isLessThanOrEqualTo(0);
        }
    }

    @Test
    void aLookIsNotedAndTakenBack() {
        final Page page = browser.page();
        page.navigate(app.address());
        settled(page);
        final Locator first = page.locator(".due").first();
        final String name = first.locator("b").innerText();
        first.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^I watered it")))
                .click();
        assertThat(page.getByText(name + ": watered. Next look")).isVisible();
        assertThat(page.locator(".due").filter(new Locator.FilterOptions().setHasText(name)))
                .hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.locator(".due").filter(new Locator.FilterOptions().setHasText(name)))
                .hasCount(1);
    }

    @Test
    void aProposalMendsAndAFigureOpens() {
        final Page page = browser.page();
        page.navigate(app.address() + "/blends");
        page.getByText("Slipway rescue").click();
        final Locator days = GrowerJourney.reading(page, "DRY_DAYS");
        assertThat(days).containsText("still wet when you water");
        final String before = days.locator("b").innerText();
        page.locator(".headline button")
                .filter(new Locator.FilterOptions().setHasText("One part"))
                .first()
                .click();
        assertThat(days.locator("b")).not().hasText(before);
        days.getByRole(AriaRole.BUTTON).click();
        assertThat(page.locator(".explained")).containsText("Usable water in the pot");
        assertThat(page.locator(".explained")).containsText("Penman (1948)");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Undo").setExact(true))
                .first()
                .click();
        assertThat(days.locator("b")).hasText(before);
    }

    @Test
    void unitsChangeEverywhereAndAreRemembered() {
        final Page page = browser.page();
        page.navigate(app.address() + "/batches");
        page.getByRole(AriaRole.LINK)
                .filter(new Locator.FilterOptions().setHasText("Gallery bark"))
                .first()
                .click();
        assertThat(page.locator(".totals")).containsText(Pattern.compile("\\d L"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Units & light"))
                .click();
        page.getByText("US", new Page.GetByTextOptions().setExact(true)).click();
        page.keyboard().press("Escape");
        assertThat(page.locator(".totals")).containsText(Pattern.compile("\\d (qt|gal)"));
        page.reload();
        assertThat(page.locator(".totals")).containsText(Pattern.compile("\\d (qt|gal)"));
        page.evaluate("localStorage.clear()");
    }

    @Test
    void aDeletedBlendComesBack() {
        final Page page = browser.page();
        page.navigate(app.address() + "/blends");
        page.getByText("Fog moss").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Delete this blend"))
                .click();
        assertThat(page.getByText("Fog moss is deleted.")).isVisible();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Fog moss")))
                .hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Fog moss")))
                .isVisible();
    }

    @Test
    void aDeepLinkAndALostPath() {
        final Page page = browser.page();
        page.navigate(app.address() + "/book/materials");
        assertThat(page.getByRole(
                                AriaRole.HEADING,
                                new Page.GetByRoleOptions().setName(Pattern.compile("^Sphagnum peat")))
                        .first())
                .isVisible();
        page.navigate(app.address() + "/nowhere/at/all");
        assertThat(page.getByText("Nothing here")).isVisible();
        page.navigate(app.address() + "/blends/00000000-0000-0000-0000-000000000000");
        assertThat(page.getByText("This blend does not exist, or no longer does."))
                .isVisible();
    }

    /** Main views by name, with their paths. */
    static Map<String, String> views(final Page page, final App app) {
        page.navigate(app.address() + "/blends");
        final String blend = page.locator("a", new Page.LocatorOptions().setHasText("Cistern velvet"))
                .first()
                .getAttribute("href");
        final String fern = page.locator("a", new Page.LocatorOptions().setHasText("Stair fern"))
                        .first()
                        .getAttribute("href")
                + "/closer/";
        page.navigate(app.address() + "/batches");
        final String batch = page.locator("a", new Page.LocatorOptions().setHasText("Gallery bark"))
                .first()
                .getAttribute("href");
        final Map<String, String> views = new LinkedHashMap<>();
        views.put("today", "/");
        views.put("blends", "/blends");
        views.put("blend", blend);
        views.put("blend-tests", fern + "tests");
        views.put("blend-doses", fern + "doses");
        views.put("blend-outlook", fern + "outlook");
        views.put("blend-season", fern + "season");
        views.put("blend-layers", fern + "layers");
        views.put("blend-standing", fern + "standing");
        views.put("blend-chance", fern + "chance");
        views.put("blend-pots", blend + "/closer/pots");
        views.put("blend-count", blend + "/count");
        views.put("blend-versions", blend + "/versions");
        views.put(
                "blends-beside",
                "/blends/beside?with=%1$s,%1$s@1".formatted(blend.substring(blend.lastIndexOf('/') + 1)));
        views.put("blend-find", blend + "?find");
        views.put("blends-share", "/blends/share");
        views.put("batches", "/batches");
        views.put("batch", batch);
        views.put("pot-up", batch + "/pot-up");
        views.put("pots", "/pots");
        views.put("shelf", "/shelf/here");
        views.put("shelf-buy", "/shelf/buy");
        views.put("shelf-own", "/shelf/own");
        views.put("shelf-files", "/shelf/files");
        views.put("book-plants", "/book/plants");
        views.put("book-side-by-side", "/book/plants/velvet_anthurium+maidenhair+jade");
        views.put("book-materials", "/book/materials");
        views.put("book-material", "/book/materials/peat");
        views.put("book-cautions", "/book/cautions");
        return views;
    }

    static void settled(final Page page) {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.evaluate("document.fonts.ready");
    }
}
