package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static looseknit.e2e.GrowerJourney.fill;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Finding mixes on the bench, each form of it, and one blend for many plants. */
class FindJourney extends Journey {

    private static final LocatorAssertions.IsVisibleOptions LONG =
            new LocatorAssertions.IsVisibleOptions().setTimeout(90_000);

    FindJourney() {
        super(Store.DEMO);
    }

    @Test
    void byKeysAloneTheBestIsFoundProvedAndTakenOver() throws Exception {
        final Page page = bench("Cistern velvet");
        page.keyboard().press("f");
        assertThat(button(page, "Search")).isFocused();
        page.keyboard().press("Enter");
        final Locator first = page.locator(".proposal").first();
        assertThat(first).isVisible(LONG);
        assertThat(first).containsText("the closest");
        assertThat(first).containsText(Pattern.compile("Fits all|A little off"));
        assertThat(page.locator(".proof")).containsText("No other recipe of up to 5 of these");
        assertThat(page.getByText(Pattern.compile("Left out: .*Garden compost")))
                .isVisible();
        Browser.checkAccessibility(page, "find mixes");

        page.getByLabel("Why not …?").fill("sphagnum peat, fine");
        page.locator(".p-autocomplete-option").first().click();
        assertThat(page.locator(".why p[role=status]"))
                .containsText(Pattern.compile("phagnum peat, fine:? ?.*"), contains());

        button(page, "Search").focus();
        page.keyboard().press("1");
        assertThat(page.getByText(Pattern.compile("^Taken over as version"))).isVisible();
        assertThat(page.locator(".find-drawer")).hasCount(0);
        assertThat(page.locator(".state")).containsText("kept");
        page.getByRole(AriaRole.BUTTON, named("Undo")).last().click();
        assertThat(page.locator(".state")).containsText("changed since");
    }

    private static LocatorAssertions.ContainsTextOptions contains() {
        return new LocatorAssertions.ContainsTextOptions().setTimeout(60_000);
    }

    @Test
    void otherFormsAnswerToo() {
        final Page page = bench("Slipway rescue");
        button(page, "Find mixes").click();
        page.getByText("Better this blend", new Page.GetByTextOptions().setExact(true))
                .click();
        button(page, "Search").click();
        assertThat(page.locator(".proposal").first()).containsText("the fewest extra parts", contains());
        page.getByText("Stand in for a row").click();
        button(page, "Search").click();
        assertThat(page.locator(".proposal").first()).containsText("in its place", contains());
        assertThat(page.locator(".proposal").first()).containsText("Changes:");

        page.getByText("Use up leftovers").click();
        button(page, "Search").click();
        assertThat(page.locator(".proposals")).containsText("makes the most of what is left", contains());
    }

    @Test
    void oneMaterialIsUnusualNoneIsToldAndWrongNumbersToo() {
        final Page page = bench("House mix");
        page.keyboard().press("f");
        choose(page, "find-among", "materials that I pick");
        button(page, "Search").click();
        assertThat(page.locator(".found")).containsText("There is nothing to mix", contains());
        page.locator("#find-pick").fill("perlite, coarse");
        page.locator(".p-autocomplete-option").first().click();
        button(page, "Search").click();
        assertThat(page.locator(".proposal")).hasCount(1);
        assertThat(page.locator(".found"))
                .containsText("For a usual mix for moist-growing foliage plants your shelf lacks");
        assertThat(page.locator(".found .attention").last())
                .containsText(Pattern.compile("None of these materials|cannot be had"));
        fill(page, "#find-materials", "9");
        button(page, "Search").click();
        assertThat(page.locator(".find-drawer [role=alert]"))
                .containsText("The number of materials is 9. Allowed: 1 to 5 materials.");
        assertThat(page.locator("#find-materials")).hasValue("9");
        page.evaluate("localStorage.clear()");
    }

    @Test
    void aSearchOutlivesAReloadIsStoppedAtOnceAndIsMissedAfterAKill() throws Exception {
        final Page page = bench("Barrel keeper");
        page.keyboard().press("f");
        choose(page, "find-among", "the shelf and what can be bought");
        fill(page, "#find-parts", "16");
        button(page, "Search").click();
        assertThat(page.locator(".find-progress")).containsText("recipes settled", contains());
        button(page, "Stop").click();
        assertThat(page.locator(".found")).containsText("You stopped the search", contains());
        button(page, "Search").click();
        assertThat(page.locator(".find-progress")).containsText("recipes settled", contains());
        page.reload();
        // on a slow machine it may have come to its end meanwhile
        assertThat(page.locator(".find-progress, .proposal").first()).isVisible(LONG);

        // as after a kill of the server, which takes its searches with it
        page.evaluate("""
                () => Object.keys(localStorage)
                  .filter((key) => key.startsWith('loose-knit.find.') && !key.endsWith('wanted'))
                  .forEach((key) => localStorage.setItem(key, '00000000-0000-4000-8000-000000000000'))""");
        page.reload();
        assertThat(page.locator(".find-drawer [role=alert]")).containsText("The last search is gone", contains());
        page.evaluate("localStorage.clear()");
    }

    @Test
    void onePlantAfterAnotherShareABlend() throws Exception {
        final Page page = browser.page();
        page.navigate(app.address() + "/blends");
        page.getByText("One blend for many plants").click();
        button(page, "See who can share").click();
        assertThat(page.locator("[role=alert]")).containsText("2 plants have no name yet");
        int line = 0;
        for (final String plant : List.of("moth orchid", "sword fern")) {
            page.locator(".plants li")
                    .nth(line++)
                    .locator(".word")
                    .filter(new Locator.FilterOptions().setHasText("which"))
                    .first()
                    .click();
            page.locator(".p-popover input").first().fill(plant);
            page.locator(".p-autocomplete-option").first().click();
            page.keyboard().press("Escape");
            assertThat(page.locator(".p-popover")).hasCount(0);
        }
        button(page, "See who can share").click();
        assertThat(page.locator(".splits")).isVisible(LONG);
        assertThat(page.locator(".splits .on")).containsText("enough");
        Browser.checkAccessibility(page, "one blend for many");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Two blends")))
                .click();
        assertThat(page.locator(".group")).hasCount(2);
        page.getByRole(AriaRole.BUTTON, named("Make it a blend")).first().click();
        assertThat(page.locator("#blend-name")).hasValue(Pattern.compile("Moth orchid|Sword fern"));
    }

    private static void choose(final Page page, final String field, final String option) {
        page.locator("#" + field).click();
        page.locator(".p-select-option")
                .filter(new Locator.FilterOptions().setHasText(option))
                .click();
    }
}
