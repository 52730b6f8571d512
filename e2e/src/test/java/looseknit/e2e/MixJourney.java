package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A batch of several loads at the tub, on a tablet: a slip, a power cut in the middle, and a second device. */
class MixJourney extends Journey {

    MixJourney() {
        super(Store.DEMO);
    }

    /** Whether the server has every tap of this device. */
    private static final String ALL_SENT =
            "() => Object.keys(localStorage).filter(key => key.startsWith('loose-knit.taps'))"
                    + ".every(key => JSON.parse(localStorage[key]).taps.length === 0)";

    private static Locator next(final Page page) {
        return page.locator(".doing .next");
    }

    private static final double AFTER_AN_ANSWER_MILLIS = 400;

    private static void untilNext(final Page page, final String name) {
        while (!page.locator(".huge").innerText().contains(name)) {
            final String before = page.locator(".todo").innerText();
            next(page).click();
            page.waitForFunction("before => document.querySelector('.todo').innerText !== before", before);
        }
    }

    @Test
    void scoopByScoopThroughASlipAndAPowerCut() throws Exception {
        final Page tablet = browser.page();
        tablet.setViewportSize(820, 1180);
        tablet.navigate(app.address() + "/batches");
        tablet.getByRole(AriaRole.LINK)
                .filter(new Locator.FilterOptions().setHasText("Gallery bark"))
                .first()
                .click();
        tablet.locator("#tub").fill("2.2");
        tablet.locator("#tub").press("Enter");
        assertThat(tablet.locator(".totals")).containsText("3 loads");
        tablet.getByText("Prepare and mix").click();
        tablet.locator(".tasks input").first().check();
        assertThat(tablet.getByText("8 things are open")).isVisible();
        Browser.checkAccessibility(tablet, "what to do before mixing");
        tablet.getByText("On to mixing").click();

        assertThat(tablet.locator(".where")).containsText("Load 1 of 3");
        next(tablet).click();
        assertThat(tablet.locator(".huge")).containsText("scoop");
        Browser.checkAccessibility(tablet, "at the tub");
        untilNext(tablet, "perlite");
        tablet.getByText("One too many of").click();
        assertThat(tablet.locator(".slip")).containsText("another mix");
        assertThat(tablet.locator(".slip")).containsText("Air after draining");
        button(tablet, "Undo").click();
        assertThat(tablet.locator(".slip")).hasCount(0);
        tablet.getByLabel("A quarter of a scoop").or(next(tablet)).first().click();
        assertThat(tablet.locator(".tub text").getByText(Pattern.compile("perlite", Pattern.CASE_INSENSITIVE)))
                .hasCount(1);
        tablet.waitForFunction(ALL_SENT);
        final String at = tablet.url();
        final String doing =
                tablet.locator(".where").innerText() + tablet.locator(".count").innerText();

        tablet.navigate("about:blank");
        app.restart();
        tablet.navigate(at);
        assertThat(tablet.locator(".huge")).isVisible();
        assertThat(tablet.locator(".where").innerText()
                        + tablet.locator(".count").innerText())
                .isEqualTo(doing);

        final Page phone = browser.page();
        phone.navigate(at);
        assertThat(phone.locator(".where")).hasText(tablet.locator(".where").innerText());
        final String before = phone.locator(".todo").innerText();
        next(tablet).click();
        phone.waitForFunction("before => document.querySelector('.todo').innerText !== before", before);
        button(phone, "Leave off here").click();
        assertThat(tablet.locator(".huge")).hasText("Left off here.");
        button(tablet, "It is mixed").click();
        assertThat(tablet.locator(".page-head [aria-current]")).hasText("Test");
        Browser.checkAccessibility(tablet, "tests of a batch");
    }

    private static void press(final Page page, final Locator what) {
        what.focus();
        page.keyboard().press("Enter");
    }

    /** Tested, adjusted, split and thrown away without a mouse; what cannot be is said, and nothing typed is lost. */
    @Test
    void testedAdjustedAndUsedUpByKeyboard() throws Exception {
        final Page page = browser.page();
        page.navigate(app.address() + "/batches");
        press(
                page,
                page.getByRole(AriaRole.LINK)
                        .filter(new Locator.FilterOptions().setHasText("to test"))
                        .first());
        assertThat(page.locator(".left b")).containsText(" L");
        press(
                page,
                page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Test").setExact(true)));
        press(page, button(page, "Push it into the heap"));
        assertThat(page.locator(".probe .state")).containsText("in the heap");
        page.locator("#heap-ph").fill("15");
        press(page, button(page, "Note it"));
        assertThat(page.locator("form [role=alert]")).containsText("Allowed: 2 to 11");
        page.reload();
        assertThat(page.locator("#heap-ph")).hasValue("15");
        assertThat(page.locator(".probe .state")).containsText("in the heap");
        page.locator("#heap-ph").fill("4.6");
        press(page, button(page, "Note it"));
        assertThat(page.locator(".result").first()).containsText("4.6");

        press(
                page,
                page.getByRole(
                                AriaRole.LINK,
                                new Page.GetByRoleOptions().setName("Adjust").setExact(true))
                        .first());
        assertThat(page.locator("p.now")).containsText("pH 5.");
        Browser.checkAccessibility(page, "adjusting a heap");
        page.waitForResponse(
                each -> each.url().contains("adjust?") && each.url().contains("6.3"), () -> {
                    page.locator("#goal-ph").fill("6.3");
                    page.keyboard().press("Tab");
                });
        // what it says may stand in another order
        page.waitForTimeout(AFTER_AN_ANSWER_MILLIS);
        final Locator limes = page.locator(".ways").first().locator("li");
        assertThat(limes.first()).containsText("in four weeks");
        press(page, limes.first().locator("button"));
        assertThat(page.locator(".say.attention")).containsText("has had no time to work");
        assertThat(limes.first().locator("button")).isDisabled();

        press(
                page,
                page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Done").setExact(true)));
        press(page, button(page, "Split some off"));
        page.locator("#bin-litres").fill("500");
        press(page, button(page, "Split it off"));
        assertThat(page.locator("[role=alert]")).containsText("that there is");
        page.locator("#bin-litres").fill("2");
        press(page, button(page, "Split it off"));
        assertThat(page.locator(".trace").last()).containsText("2.0 L split off as lot");
        Browser.checkAccessibility(page, "what is left of a batch");
    }
}
