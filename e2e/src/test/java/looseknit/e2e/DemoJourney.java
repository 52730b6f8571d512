package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The demo station: looks, remedies, units, what is deleted, and paths that lead nowhere. */
class DemoJourney extends Journey {

    DemoJourney() {
        super(Store.DEMO);
    }

    @Test
    void aLookIsNotedAndTakenBack() {
        final Page page = browser.page();
        page.navigate(app.address());
        Views.settled(page);
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
}
