package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static looseknit.e2e.GrowerJourney.fill;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A grower looks closer at a blend of the demo station: tests it, doses it, waters it through a season, stacks it. */
class CloserJourney extends Journey {

    CloserJourney() {
        super(Store.DEMO);
    }

    @Test
    void aTestIsNotedOnceAndMovesTheReadings() {
        final Page page = open("Gallery bark", "Tests");
        final String bench = page.url().replaceFirst("/closer/.*", "");
        final String before = air(page, bench);
        page.goBack();

        fill(page, "#test-in", "0.80");
        fill(page, "#test-out", "0.95");
        button(page, "Note it").click();
        assertThat(page.getByText("The water that ran out is 0.95. Allowed: 0 to 0.8 L, no more than went in."))
                .isVisible();
        page.reload();
        assertThat(page.locator("#test-out")).hasValue("0.95");
        fill(page, "#test-out", "0.30");
        button(page, "Note it").dblclick();

        assertThat(button(page, "Take out")).hasCount(1);
        assertThat(page.getByRole(
                        AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("Air after draining"))))
                .containsText("30");
        assertThat(air(page, bench)).isNotEqualTo(before);
        page.locator("[data-quality=AIR] button").first().click();
        assertThat(page.locator(".explained")).containsText("Corrected by tests");
        page.goBack();
        button(page, "Take out").click();
        assertThat(page.getByText("No test yet.")).isVisible();
        assertThat(air(page, bench)).isEqualTo(before);
    }

    @Test
    void limeIsWorkedOutAndPutIntoTheBlend() {
        final Page page = open("Cape primrose tray", "Lime and feed");
        assertThat(page.getByText("dolomite for 20 L")).isVisible();
        fill(page, "#lime-to", "3.2");
        assertThat(page.getByText(Pattern.compile("The pH that is wanted is 3.2. Allowed: .* as far as dolomite can")))
                .isVisible();
        fill(page, "#lime-to", "6.4");
        assertThat(page.getByText("dolomite for 20 L")).isVisible();
        fill(page, "#lime-highest", "5");
        assertThat(page.getByText(Pattern.compile("The highest pH that would do is 5")))
                .isVisible();
        fill(page, "#lime-highest", "6.5");
        assertThat(page.getByText("dolomite for 20 L")).isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put it into the blend"))
                .first()
                .click();
        assertThat(page.getByText("Dolomite is in the blend.")).isVisible();
        button(page, "Undo").click();
    }

    @Test
    void aSeasonBesideAnotherMix() {
        final Page page = open("Stair fern", "A season");
        assertThat(page.getByText("days too wet,")).isVisible();
        page.locator("#season-other").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Gallery bark"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Gallery bark")))
                .isVisible();
        assertThat(page.getByText("days too wet,")).hasCount(2);
        fill(page, "#season-days", "9000");
        assertThat(page.getByText("The length of the season is 9000. Allowed: 1 to 730 days."))
                .isVisible();
        assertThat(page.getByText("days too wet,")).hasCount(2);
        fill(page, "#season-days", "60");
        fill(page, "#season-every", "30");
        page.reload();
        assertThat(page.locator("#season-every")).hasValue("30");
        assertThat(page.getByText("days too wet,")).hasCount(2);
    }

    @Test
    void layersStandAndTheRest() {
        final Page page = open("Stair fern", "Layers");
        page.locator("#layer-1").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Gallery bark"))
                .click();
        assertThat(page.getByText("Water stops at this seam")).isVisible();
        fill(page, "#layer-depth-1", "40");
        assertThat(page.getByText("so that the topmost has room")).isVisible();
        fill(page, "#layer-depth-1", "4");
        assertThat(page.getByText("so that the topmost has room")).not().isVisible();

        view(page, "How it stands");
        fill(page, "#standing-kg", "3");
        fill(page, "#standing-centre", "70");
        assertThat(page.getByText("falls in wind").first()).isVisible();

        view(page, "Over time");
        assertThat(page.getByRole(
                        AriaRole.IMG, new Page.GetByRoleOptions().setName("pH over 52 weeks with its likely range")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("A centimetre of water poured on sinks away")))
                .isVisible();

        view(page, "How sure");
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^Water held"))))
                .containsText(Pattern.compile("(7[5-9]|8[0-5]) %"));
    }

    private Page open(final String blend, final String view) {
        final Page page = browser.page();
        page.navigate(app.address() + "/blends");
        page.getByText(blend).first().click();
        view(page, view);
        return page;
    }

    private static void view(final Page page, final String name) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Look closer"))
                .getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(name).setExact(true))
                .click();
        page.waitForURL("**/closer/**");
    }

    private String air(final Page page, final String bench) {
        page.navigate(bench);
        final Locator reading = GrowerJourney.reading(page, "AIR");
        assertThat(reading.locator("b")).not().isEmpty();
        return reading.textContent();
    }
}
