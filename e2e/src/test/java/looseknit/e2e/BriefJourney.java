package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static looseknit.e2e.GrowerJourney.add;
import static looseknit.e2e.GrowerJourney.fill;
import static looseknit.e2e.GrowerJourney.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Briefs that contradict themselves, stops that hold a batch up, and the Book to read them up in. */
class BriefJourney extends Journey {

    BriefJourney() {
        super(Store.DEMO);
    }

    @Test
    void aContradictionIsNamedBeforeAnythingIsComposedAndResolvedByAClick() {
        final Page page = newBlend();
        choosePlant(page, "Plant", "#plant", "swiss cheese", "^Swiss cheese plant");
        word(page, "Pot").click();
        fill(page, "#brief-pot-top", "17");
        page.keyboard().press("Escape");
        word(page, "Place").click();
        button(page, Pattern.compile("cistern cellar")).click();
        page.keyboard().press("Escape");
        word(page, "Watering").click();
        fill(page, "#brief-habit-every", "3");
        page.keyboard().press("Escape");

        final Locator clash = page.locator("[data-clash=slow]");
        assertThat(clash).containsText("You water every 3 days");
        assertThat(clash).containsText("even with a plain mix that suits the plant");
        assertThat(page.locator(".targets li").first()).containsText("Air after draining");
        clash.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Water less")))
                .click();
        assertThat(clash).hasCount(0);
        assertThat(page.locator(".brief")).not().containsText("every 3 days");
        assertThat(page.locator(".targets .moved").first()).containsText("It was ");
        button(page, Pattern.compile("^Undo$")).first().click();
        assertThat(clash).containsText("You water every 3 days");
    }

    @Test
    void companionsAndWishesAreSaidInTheSentenceAndCounted() {
        final Page page = newBlend();
        choosePlant(page, "Plant", "#plant", "jade", "^Jade plant");
        word(page, "Plants in the same pot").click();
        page.locator("#companion").fill("maidenhare");
        page.locator(".p-autocomplete-option")
                .filter(new Locator.FilterOptions().setHasText("Maidenhair fern"))
                .first()
                .click();
        assertThat(page.locator(".brief")).containsText("together with maidenhair fern");
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-clash=company]").first()).containsText("maidenhair fern");

        word(page, "Wishes").click();
        page.getByText("no peat", new Page.GetByTextOptions().setExact(true)).click();
        fill(page, "#brief-wishes-life", "90");
        assertThat(page.getByText("Allowed: 0.5 to 20 years.").first()).isVisible();
        fill(page, "#brief-wishes-life", "4");
        page.keyboard().press("Escape");
        assertThat(page.locator(".brief")).containsText("without peat and lasting 4 years");
        add(page, "sphagnum peat, fine", "Sphagnum peat, fine");
        assertThat(page.getByText("You want no peat, but it is in: sphagnum peat, fine."))
                .isVisible();
        page.reload();
        assertThat(page.locator(".brief")).containsText("without peat and lasting 4 years");
        assertThat(page.locator(".brief")).containsText("together with maidenhair fern");
    }

    @Test
    void aStopHoldsTheBatchUpUntilItIsSetAsideKnowingly() {
        final Page page = newBlend();
        page.locator("#add-material").fill("beech sand");
        assertThat(page.getByText("No material “beech sand”. Nearest:")).isVisible();
        final Locator sand = page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Beach sand"));
        assertThat(sand).containsText("never: Carries sea salt");
        sand.click();
        final Locator stop = page.locator(".stop").filter(new Locator.FilterOptions().setHasText("Beach sand"));
        assertThat(stop).containsText("sea salt");
        button(page, Pattern.compile("^Mix a batch$")).click();
        assertThat(page.getByText("If you know better, set the stop aside on the blend first."))
                .isVisible();

        stop.getByRole(AriaRole.BUTTON).click();
        assertThat(button(page, Pattern.compile("^Set it aside$"))).isDisabled();
        page.getByText("I know what this does and want it all the same").click();
        button(page, Pattern.compile("^Set it aside$")).click();
        assertThat(stop).containsText("the blend stays marked");
        final String address = page.url();
        page.navigate(app.address() + "/blends");
        assertThat(page.locator("li").filter(new Locator.FilterOptions().setHasText("Stop set aside:")))
                .containsText("Beach sand");
        page.navigate(address);
        button(page, Pattern.compile("^Mix a batch$")).click();
        assertThat(page.getByText("Pots to fill")).isVisible();
    }

    @Test
    void plantsAndMaterialsLieSideBySideAndAPlantIsCopied() {
        final Page page = browser.page();
        page.navigate(app.address() + "/book/plants");
        page.locator("#seek").fill("cape primrse");
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cape primrose")))
                .isVisible();
        page.locator("#seek").fill("walnut sapling");
        assertThat(page.getByText("is not in the Book.")).isVisible();
        page.getByText("choose what it is like").click();
        page.getByLabel("climbs, trails or hangs").check();
        page.getByLabel("plump and juicy").check();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2))
                        .first())
                .hasText("wax flowers and vines that sit on trees");
        page.goBack();
        page.locator("#seek").fill("jade");
        page.getByLabel("Lay Jade plant beside others").check();
        page.locator("#seek").fill("maidenhair");
        page.getByLabel("Lay Maidenhair fern beside others").check();
        page.getByText("Lay 2 side by side").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2)))
                .hasText(new String[] {"Jade plant", "Maidenhair fern"});

        page.getByText("Copy as my own").first().click();
        fill(page, "#own-plant-airLowPercent", "70");
        fill(page, "#own-plant-airHighPercent", "30");
        button(page, Pattern.compile("^Put it into the Book$")).click();
        assertThat(page.getByText("The name is empty.")).isVisible();
        fill(page, "#own-plant-name", "Windowsill jade");
        button(page, Pattern.compile("^Put it into the Book$")).click();
        assertThat(page.getByText("Allowed: 70 to 95 %")).isVisible();
        button(page, Pattern.compile("^Later$")).click();
        page.getByText("Copy as my own").first().click();
        assertThat(page.locator("#own-plant-name")).hasValue("Windowsill jade");
        fill(page, "#own-plant-airHighPercent", "80");
        button(page, Pattern.compile("^Put it into the Book$")).click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Windowsill jade")))
                .isVisible();
        assertThat(page.getByText("70–80 %")).isVisible();

        page.navigate(app.address() + "/book/materials/perlite_coarse");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Pumice, medium"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2)))
                .hasText(new String[] {"Perlite, coarse", "Pumice, medium"});
        page.navigate(app.address() + "/book/cautions");
        page.locator("#seek").fill("quicklime");
        assertThat(page.locator(".section li")).hasCount(1);
    }

    @Test
    void aBatchCountsTheShelfDown() {
        final Page page = browser.page();
        page.navigate(app.address() + "/batches");
        page.getByRole(AriaRole.LINK)
                .filter(new Locator.FilterOptions().setHasText("Keeper's palm"))
                .first()
                .click();
        page.getByText("Count up the shelf").click();
        assertThat(page.getByText("Counted down by what Keeper's palm took.")).isVisible();
        final Locator bark = page.getByLabel("Left of Composted bark");
        assertThat(bark).not().hasValue("26");
        final String left = bark.inputValue();
        button(page, Pattern.compile("^Store the count$")).click();
        assertThat(page.getByText(Pattern.compile("lots are counted"))).isVisible();
        page.reload();
        assertThat(page.locator(".lot-row").filter(new Locator.FilterOptions().setHasText("Composted bark")))
                .containsText(Math.round(Double.parseDouble(left)) + " L of 40 L");
    }

    private Page newBlend() {
        final Page page = browser.page();
        page.navigate(app.address() + "/blends");
        button(page, Pattern.compile("^New blend$")).click();
        assertThat(page.getByText("Nothing to read yet: add a material")).isVisible();
        return page;
    }

    private static void choosePlant(
            final Page page, final String label, final String field, final String typed, final String name) {
        word(page, label).click();
        page.locator(field).fill(typed);
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile(name)))
                .click();
    }

    private static Locator button(final Page page, final Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
