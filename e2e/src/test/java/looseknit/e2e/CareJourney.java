package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** The round, walked without network, by two people, by keys; and a plant that looks wrong. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
@Order(5)
class CareJourney extends Journey {

    CareJourney() {
        super(Store.DEMO);
    }

    private static Locator card(final Page page, final int index) {
        return page.locator(".round-card").nth(index);
    }

    private static String nameOf(final Locator card) {
        return card.getAttribute("aria-label");
    }

    private static Locator answer(final Locator card, final String answer) {
        return card.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + answer + ":")));
    }

    @Test
    @Order(1)
    void aRoundWithoutNetworkIsSentLater() throws Exception {
        try (Browser phone = Browser.carried(390, 844)) {
            final Page page = phone.page();
            page.navigate(app.address() + "/round");
            assertThat(page.locator(".round-card").first()).isVisible();
            Browser.checkAccessibility(page, "the round on a phone");
            Browser.until(
                    page,
                    "() => navigator.serviceWorker.getRegistration().then((keeper) => keeper?.active?.state === 'activated')");
            // the second time the application comes from what is kept, and the round is kept with it
            page.reload();
            assertThat(page.locator(".round-card").first()).isVisible();
            Browser.until(page, "() => caches.match('/api/round', { ignoreSearch: true }).then((kept) => !!kept)");

            phone.network(false);
            page.reload();
            final String first = nameOf(card(page, 0));
            answer(card(page, 0), "Watered").tap();
            assertThat(card(page, 0)).not().hasAttribute("aria-label", first);
            answer(card(page, 0), "Still moist").tap();
            assertThat(page.getByText("2 answers are kept here")).isVisible();
            page.reload();
            assertThat(page.getByText("2 answers are kept here")).isVisible();

            phone.network(true);
            assertThat(page.getByText("answers are kept here")).hasCount(0);
            assertThat(page.locator("[role=alert]")).hasCount(0);
            page.reload();
            assertThat(page.locator(".round-card").first()).isVisible();
            assertThat(page.locator(".round-card[aria-label='" + first + "']")).hasCount(0);
        }
    }

    @Test
    @Order(2)
    void twoPeopleOnOneRound() throws Exception {
        final Page page = browser.page();
        try (Browser other = new Browser(1280, 800)) {
            final Page second = other.page();
            page.navigate(app.address() + "/round");
            second.navigate(app.address() + "/round");
            assertThat(card(second, 0)).isVisible();
            final String name = nameOf(card(page, 0));
            answer(card(page, 0), "Still moist").click();
            assertThat(page.locator(".round-card[aria-label='" + name + "']")).hasCount(0);

            answer(second.locator(".round-card[aria-label='" + name + "']"), "Watered")
                    .click();
            assertThat(second.locator("[role=alert]")).containsText("Somebody told something of it meanwhile.");
            second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Drop mine"))
                    .click();
            assertThat(second.locator("[role=alert]")).hasCount(0);
        }
    }

    @Test
    @Order(3)
    void byKeysAlone() {
        final Page page = browser.page();
        page.navigate(app.address() + "/round");
        assertThat(card(page, 0)).hasClass(Pattern.compile(".*\\bat\\b.*"));
        page.keyboard().press("ArrowDown");
        final Locator at = page.locator(".round-card.at");
        assertThat(card(page, 1)).hasClass(Pattern.compile(".*\\bat\\b.*"));
        final String name = nameOf(at);
        page.keyboard().press("2");
        assertThat(page.getByText(name + ": left, still moist.")).isVisible();
        assertThat(page.locator(".round-card[aria-label='" + name + "']")).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .first()
                .click();
        assertThat(page.locator(".round-card[aria-label='" + name + "']")).hasCount(1);
    }

    @Test
    @Order(4)
    void fromWhatIsSeenToARescue() throws Exception {
        final Page page = browser.page();
        page.navigate(app.address() + "/pots");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Peace lily, chart table"))
                .click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("What is wrong?"))
                .click();
        assertThat(page.getByText("Say first what you see")).isVisible();
        Browser.checkAccessibility(page, "what is wrong");
        page.locator("#sign-words").fill("hangs although");
        page.locator(".sign-picker")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("hangs although the mix is wet"))
                .click();
        page.locator("#sign-words").fill("heavy");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("heavy pot"))
                .first()
                .click();
        // the question that tells most is answered as rotten roots would have it
        assertThat(page.locator(".question")).hasText("Take it out of the pot. What are the roots like?");
        page.locator(".answer")
                .filter(new Locator.FilterOptions().setHasText("roots brown and soft"))
                .click();
        assertThat(page.locator(".suspects button").first()).containsText("too wet, roots rotting");
        page.reload();
        assertThat(page.locator(".suspects button").first()).containsText("too wet, roots rotting");

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep it, and look again"))
                .click();
        assertThat(page.locator(".trouble-list")).containsText("Look again in 7 days");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("What is wrong?"))
                .click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("further causes, together")))
                .click();
        page.locator(".suspects button")
                .filter(new Locator.FilterOptions().setHasText("roots rotting"))
                .click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Brief for a rescue"))
                .click();
        assertThat(page.locator(".brief")).containsText("recovering");
        assertThat(page.locator(".brief")).containsText("unglazed clay");

        // and into fresh mix
        page.navigate(app.address() + "/pots");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Peace lily, chart table"))
                .click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Repot").setExact(true))
                .click();
        page.locator(".repot-choice")
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("House mix"))
                .first()
                .click();
        page.locator(".step-thread")
                .getByText("work", new Locator.GetByTextOptions().setExact(true))
                .click();
        page.getByLabel("What shall the pot be called?").fill("Peace lily, saved");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Pot up").setExact(true))
                .click();
        assertThat(page.getByText("Peace lily, saved").first()).isVisible();
        page.navigate(app.address() + "/pots");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Peace lily, saved"))
                .click();
        assertThat(page.locator("main")).containsText("Peace lily, chart table");
    }

    @Test
    @Order(5)
    void awayAndTheCalendarByKeys() throws Exception {
        final Page page = browser.page();
        page.navigate(app.address() + "/leave");
        page.locator("#leave-days").focus();
        page.keyboard().press("Control+A");
        page.keyboard().type("40");
        assertThat(page.locator("main")).containsText("back on");
        assertThat(page.locator(".ends h2").first()).containsText("Will be bone dry");
        assertThat(page.locator(".list tbody tr").first()).isVisible();
        Browser.checkAccessibility(page, "away for some days");

        page.navigate(app.address() + "/calendar");
        // what is fed waits for March in winter
        page.getByText("a year", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("repot").first()).isVisible();
        final Locator file = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("As a calendar file"));
        file.focus();
        final String text =
                page.request().get(app.address() + file.getAttribute("href")).text();
        assertThat(text).startsWith("BEGIN:VCALENDAR");
        assertThat(text.split("BEGIN:VEVENT").length).isGreaterThan(20);
        final Locator fed = page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Fed:")))
                .first();
        final String name = fed.getAttribute("aria-label");
        // what is fed comes again some months on
        final Locator there = page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions()
                                .setName(page.locator("main section")
                                        .filter(new Locator.FilterOptions().setHas(fed))
                                        .first()
                                        .getAttribute("aria-label")))
                .locator("[aria-label='" + name + "']");
        assertThat(there).hasCount(1);
        fed.focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile(": fed\\."))).isVisible();
        assertThat(there).hasCount(0);
        final Locator undo = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .first();
        undo.focus();
        page.keyboard().press("Enter");
        assertThat(there).hasCount(1);
    }

    @Test
    @Order(6)
    void aPotOnTheScaleAndTheWeatherOfTheYard() throws Exception {
        final Page page = browser.page();
        page.navigate(app.address() + "/round");
        final Pattern weigh = Pattern.compile("^Weigh");
        // several that are alike share a card, and are not put on a scale together
        final Locator first = page.locator(".round-card")
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(weigh))))
                .first();
        first.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(weigh))
                .click();
        first.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it on the scale"))
                .click();
        assertThat(first).containsText("of its water is left");
        assertThat(first.locator(".suggested")).hasCount(1);
        Browser.checkAccessibility(page, "a pot on the scale");

        page.navigate(app.address() + "/weather");
        assertThat(page.locator("main")).containsText("of rain in 60 days");
        page.locator("#logger-file").fill("time,temperature_c,humidity_percent\n2020-05-01,14,70\n2020-05-02,warm,70");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Look through it"))
                .click();
        assertThat(page.locator("main")).containsText("1 day, ");
        assertThat(page.locator(".bad")).containsText("warm");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep these days"))
                .click();
        assertThat(page.getByText("1 day kept")).isVisible();
    }

    @Test
    @Order(7)
    void nothingFailedAndNothingWasAskedOfAnybodyElse() {
        assertThat(browser.requests()).allMatch(url -> url.startsWith(app.address()));
        assertThat(browser.errors()).isEmpty();
    }
}
