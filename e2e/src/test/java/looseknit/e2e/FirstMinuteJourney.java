package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** The first minute in an empty house: from the start to the first kept blend, by keys alone and by touch; empty pages teach. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class FirstMinuteJourney extends Journey {

    FirstMinuteJourney() {
        super(Store.EMPTY);
    }

    @Test
    @Order(1)
    void emptyPagesTeach() {
        final Page page = browser.page();
        page.navigate(app.address() + "/blends");
        assertThat(page.getByRole(AriaRole.HEADING, named("No blend yet"))).isVisible();
        assertThat(page.getByText("Sort by")).hasCount(0);
        page.navigate(app.address() + "/batches");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Choose a blend and mix it")))
                .isVisible();
        page.navigate(app.address() + "/pots");
        assertThat(page.getByRole(AriaRole.HEADING, named("No pot yet"))).isVisible();
        page.navigate(app.address() + "/shelf/here");
        assertThat(page.getByRole(AriaRole.HEADING, named("Nothing on the shelf yet")))
                .isVisible();
        assertThat(page.locator(".say.harm")).hasCount(0);
        assertThat(page.locator(".tick-shelf label")).hasCount(20);
    }

    @Test
    @Order(2)
    void byKeysAlone() throws Exception {
        final Page page = browser.page();
        page.navigate(app.address());
        assertThat(page.getByText("What would you like to pot?")).isVisible();

        page.locator(".brief button[aria-label^='Plant:']").focus();
        page.keyboard().press("Enter");
        page.keyboard().type("aloe");
        assertThat(page.getByRole(AriaRole.OPTION).first()).containsText("aloe");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("Enter");
        assertThat(page.locator(".starts .proposal")).hasCount(3);
        assertThat(page.locator(".starts")).containsText("what most shops sell");
        assertThat(page.locator(".brief")).containsText("about every 7 days");

        Browser.checkAccessibility(page, "the first minute");

        // what was said outlives a reload
        page.reload();
        assertThat(page.locator(".brief")).containsText("medicinal aloe");
        assertThat(page.locator(".starts .proposal")).hasCount(3);
        page.keyboard().press("1");
        assertThat(page.getByLabel("Name of the blend")).hasValue("Medicinal aloe mix");
        assertThat(page.locator("[data-quality=MAKE_UP]")).containsText("as usual for desert cacti and succulents");
        assertThat(page.locator(".headline")).hasClass(Pattern.compile("fits"));
        page.keyboard().press("v");
        page.keyboard().type("from the start");
        page.keyboard().press("Enter");
        assertThat(page.getByText("version 1 kept")).isVisible();
        assertThat(page.locator("[role=dialog], .p-popover")).hasCount(0);

        page.keyboard().press("g");
        page.keyboard().press("t");
        assertThat(page.getByText("No pot to look at yet")).isVisible();
    }

    @Test
    @Order(3)
    void byTouchFromTheShelf() throws Exception {
        try (Browser touched = Browser.touched(820, 1180)) {
            fromTheShelf(touched.page());
            org.assertj.core.api.Assertions.assertThat(touched.errors()).isEmpty();
        }
    }

    private void fromTheShelf(final Page page) throws Exception {
        page.navigate(app.address() + "/shelf/here");
        Browser.checkAccessibility(page, "the empty shelf");
        for (final String name : new String[] {"Sphagnum peat", "Perlite, medium", "Grit"}) {
            page.locator(".tick-shelf label")
                    .filter(new Locator.FilterOptions().setHasText(name))
                    .first()
                    .tap();
        }
        button(page, "Put 3 on the shelf").tap();
        assertThat(page.getByText("3 lots")).isVisible();

        page.navigate(app.address() + "/blends");
        button(page, "New blend").tap();
        page.locator("#blend-name").waitFor();
        assertThat(page.locator(".closer")).hasCount(0);
        word(page, "Plant").tap();
        page.getByPlaceholder("Name of the plant").fill("snake plant");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("Snake plant")))
                .first()
                .tap();
        assertThat(page.locator(".starts")).containsText("of what is on your shelf");
        page.locator(".starts .proposal button").first().tap();
        assertThat(page.locator("[data-quality=MAKE_UP]")).containsText("as usual for dry-growing foliage plants");
        button(page, "Keep this version").tap();
        page.getByLabel("What is new in it?").fill("by touch");
        button(page, "Keep").tap();
        assertThat(page.getByText("version 1 kept")).isVisible();
    }

    private static Locator word(final Page page, final String label) {
        return GrowerJourney.word(page, label);
    }
}
