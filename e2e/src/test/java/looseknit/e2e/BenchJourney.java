package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static looseknit.e2e.GrowerJourney.parts;
import static looseknit.e2e.GrowerJourney.reading;
import static looseknit.e2e.GrowerJourney.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** The grower's bench, each part of it by keys alone, and counting by touch. */
@Order(3)
class BenchJourney extends Journey {

    BenchJourney() {
        super(Store.DEMO);
    }

    @Test
    void aBriefIsKeptAndStartsAnotherBlend() {
        final Page page = bench("Cistern velvet");
        final Locator saved = page.locator("button[aria-label='Saved briefs']");
        saved.focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText("None kept yet.")).isVisible();
        page.locator("#brief-name").fill("Cellar velvet");
        page.keyboard().press("Enter");
        assertThat(page.getByText("The brief is kept as Cellar velvet.")).isVisible();

        final Page other = bench("Slipway rescue");
        other.locator("button[aria-label='Saved briefs']").focus();
        other.keyboard().press("Enter");
        final Locator take = other.getByRole(AriaRole.BUTTON, named("Take Cellar velvet"));
        take.focus();
        other.keyboard().press("Enter");
        assertThat(word(other, "Plant")).hasText("velvet anthurium");
        assertThat(other.locator(".targets .moved").first()).containsText("It was");
        other.locator("body").press("u");
        assertThat(word(other, "Plant")).hasText("golden pothos");
    }

    @Test
    void rowsAreMovedSplitReplacedAndTheirEdgesShifted() throws Exception {
        final Page page = bench("Keeper's palm");
        final List<String> before = page.locator(".recipe-rows .name > b").allInnerTexts();
        page.keyboard().press("ArrowDown");
        page.waitForResponse("**/api/evaluate*", () -> page.keyboard().press("Shift+ArrowDown"));
        assertThat(page.locator(".recipe-rows .name > b").first()).hasText(before.get(1));
        assertThat(page.locator(".recipe-rows li.chosen .name > b")).hasText(before.get(0));

        final Locator edge = page.locator(".swatch [role=slider]").first();
        final int at = Integer.parseInt(edge.getAttribute("aria-valuenow"));
        edge.focus();
        page.keyboard().press("ArrowRight");
        assertThat(edge).not().hasAttribute("aria-valuenow", Integer.toString(at));
        page.locator("body").press("u");
        assertThat(edge).hasAttribute("aria-valuenow", Integer.toString(at));

        page.keyboard().press("m");
        final Locator menu = page.locator(".row-menu");
        assertThat(menu).isVisible();
        menu.getByLabel("Replace with").fill("scoria");
        page.locator(".p-autocomplete-option").first().click();
        assertThat(page.locator(".recipe-rows li.chosen .name > b")).hasText("Scoria");
        page.keyboard().press("m");
        page.locator(".row-menu .grade").first().focus();
        page.keyboard().press("Enter");
        assertThat(parts(page, "Lava rock, coarse")).isVisible();
        page.keyboard().press("m");
        Browser.checkAccessibility(page, "menu of a row");
        page.keyboard().press("Escape");

        page.getByText("my scoop", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".share small").first()).containsText("scoop");
        page.getByText("per cent", new Page.GetByTextOptions().setExact(true)).click();
        page.locator(".recipe-rows input.figures").first().fill("5");
        assertThat(page.getByText("or keep it open as a reserve.")).isVisible();
        page.getByRole(AriaRole.BUTTON, named("Scale to 100")).focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".sums")).containsText("100 %");
    }

    @Test
    void aWrittenRecipeIsUnderstoodAndAskedAbout() throws Exception {
        final Page page = bench("Stair fern");
        page.keyboard().press("p");
        page.locator("#written-recipe").fill("4 orchid bark, 2 perlte, 25 moonstone, 1 part dolomite");
        assertThat(page.locator(".paste li")).hasCount(4);
        assertThat(page.locator(".paste li").nth(0)).containsText("Which grade: fine, medium or coarse?");
        assertThat(page.locator(".paste li").nth(2)).containsText("No material is called “moonstone”.");
        assertThat(page.locator(".paste li").nth(2)).containsText("Leave this line out");
        assertThat(page.locator(".paste li").nth(3)).containsText("weighed, not scooped");
        assertThat(page.getByText("4 lines want a look.")).isVisible();
        Browser.checkAccessibility(page, "a written recipe");
        page.locator(".paste li").nth(1).getByRole(AriaRole.COMBOBOX).focus();
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.OPTION, named("Perlite, coarse")).first().click();
        assertThat(page.getByText("3 lines want a look.")).isVisible();

        // what is written outlives a reload
        page.reload();
        page.locator(".recipe-rows li").first().waitFor();
        page.keyboard().press("p");
        assertThat(page.locator("#written-recipe")).hasValue(Pattern.compile("^4 orchid bark.*"));
        assertThat(page.getByText("3 lines want a look.")).isVisible();
        page.keyboard().press("Control+Enter");
        assertThat(page.getByText("The recipe is on the bench.")).isVisible();
        assertThat(page.locator(".recipe-rows li")).hasCount(2);
        assertThat(page.locator(".doses li")).containsText("Dolomite");
        assertThat(page.locator(".doses li")).containsText("for this pot");
        page.locator("body").press("u");
        assertThat(page.locator(".recipe-rows li")).hasCount(4);

        // pasted onto the page from anywhere
        page.evaluate("""
                () => {
                  const written = new DataTransfer()
                  written.setData('text/plain', '1:1 scoria, peat')
                  document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData: written, bubbles: true }))
                }""");
        assertThat(page.locator("#written-recipe")).hasValue("1:1 scoria, peat");
        page.locator("#written-recipe").fill("3:2:1 scoria, peat");
        assertThat(page.locator(".paste [role=alert]")).containsText("3 numbers for 2 names");
        page.keyboard().press("Escape");
    }

    @Test
    void theSwatchAndTheCloseUpAreDrawnAndGivenAway() throws Exception {
        final Page page = bench("Cistern velvet");
        final Locator swatch = page.locator(".swatch-panel .swatch");
        assertThat(swatch).hasAttribute("aria-label", Pattern.compile("Swatch: 45 % Orchid bark, medium, .*"));
        page.mouse().move(0, 0);
        final byte[] grouped = swatch.screenshot();
        page.getByText("mixed", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.locator(".swatch-panel [role=slider]")).hasCount(0);
        final byte[] mixed = swatch.screenshot();

        final Locator closeUp = page.locator(".close-up .box");
        assertThat(closeUp).hasAttribute("data-lying", Pattern.compile("[1-9]\\d+"));
        assertThat(closeUp)
                .hasAttribute("aria-label", Pattern.compile("Drawing of the mix, .* cm wide: Orchid bark.*"));
        final byte[] drawn = closeUp.screenshot();
        Pixels.assertLike(Map.of("swatch", grouped, "swatch-mixed", mixed, "close-up", drawn), 0.02);
        page.getByText("wet", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("scooped", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(closeUp).hasClass(Pattern.compile("scoop"));
        assertThat(closeUp).hasAttribute("data-lying", Pattern.compile("[1-9]\\d+"));
        assertThat(page.getByText("Drawn from the grades; not a photograph.")).isVisible();

        page.getByRole(AriaRole.BUTTON, named("SVG")).focus();
        final Download svg = page.waitForDownload(() -> page.keyboard().press("Enter"));
        assertThat(svg.suggestedFilename()).isEqualTo("cistern-velvet.svg");
        assertThat(Files.readString(svg.path()))
                .startsWith("<svg")
                .contains("Orchid bark, medium", "44.4 %")
                .doesNotContain("var(");
        page.getByRole(AriaRole.BUTTON, named("PNG")).focus();
        final Download png = page.waitForDownload(() -> page.keyboard().press("Enter"));
        assertThat(javax.imageio.ImageIO.read(png.path().toFile()).getWidth()).isEqualTo(1560);
    }

    @Test
    void stepsSwapsAndRemediesAreTakenByKey() {
        final Page page = bench("Slipway rescue");
        final String headline = page.locator(".headline > b").innerText();
        assertThat(page.locator(".headline")).containsText("→");
        page.keyboard().press("r");
        assertThat(page.getByText("Done as proposed.")).isVisible();
        assertThat(page.locator(".headline > b")).not().hasText(headline);
        page.locator("body").press("u");
        assertThat(page.locator(".headline > b")).hasText(headline);

        page.getByLabel("swap", new Page.GetByLabelOptions().setExact(true)).focus();
        page.keyboard().press("Space");
        final Locator rows = page.locator(".one-more tbody tr");
        assertThat(rows).hasCount(2);
        final String sum = page.locator(".sums span").first().innerText();
        rows.first().getByRole(AriaRole.BUTTON).focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".headline > b")).not().hasText(headline);
        assertThat(page.locator(".sums span").first()).hasText(sum);
        // what changed since the version kept last
        assertThat(page.locator(".since").first()).containsText("since v");
        page.locator("body").press("u");
    }

    @Test
    void readingsOpenToCurvesAndThePotStandsInForTheMix() throws Exception {
        final Page page = bench("House mix");
        assertThat(page.locator(".reading").first()).containsText("Air after draining");
        reading(page, "DRY_DAYS").getByRole(AriaRole.BUTTON).focus();
        page.keyboard().press("Enter");
        page.locator(".looks a", new Page.LocatorOptions().setHasText("Pot and mix"))
                .focus();
        page.keyboard().press("Enter");
        final Locator here = page.locator(".pot-and-mix button[aria-current=true]");
        assertThat(here).hasCount(1);
        assertThat(page.locator(".pot-and-mix tbody tr")).hasCount(3);
        Browser.checkAccessibility(page, "pot and mix");
        final Locator clay = page.locator(".pot-and-mix tbody tr")
                .last()
                .getByRole(AriaRole.BUTTON)
                .first();
        clay.focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^On the bench: unglazed clay, ")))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, named("Undo")).last().click();

        page.locator(".views a", new Page.LocatorOptions().setHasText("Over time"))
                .focus();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(
                                AriaRole.IMG,
                                new Page.GetByRoleOptions().setName(Pattern.compile("^Water held by the mix")))
                        .locator("svg"))
                .isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Food set free")))
                        .locator("svg"))
                .isVisible();
    }

    @Test
    void countingByTouchGrowsTheSwatchAndEndsAsABatch() throws Exception {
        try (Browser tablet = Browser.touched(820, 1180)) {
            final Page page = tablet.page();
            page.navigate(app.address() + "/blends");
            page.getByRole(AriaRole.BUTTON, named("Count as you go")).tap();
            assertThat(page.getByText("A tap is your scoop of 500 mL.")).isVisible();
            final Locator pith = tap(page, "Coir pith");
            pith.tap();
            pith.tap();
            page.getByText("half a scoop").tap();
            tap(page, "Perlite, medium").tap();
            page.getByText("a handful").tap();
            tap(page, "Worm castings").tap();
            assertThat(page.locator(".grown [role=status]")).containsText("2.74 scoops");
            assertThat(page.locator(".grown .swatch"))
                    .hasAttribute("aria-label", Pattern.compile("Swatch: 73 % Coir pith.*"));
            assertThat(page.locator(".grown .reading").first()).isVisible();
            Browser.checkAccessibility(page, "counting");
            page.getByRole(AriaRole.BUTTON, named("Undo")).tap();
            assertThat(page.locator(".grown [role=status]")).containsText("2.5 scoops");
            page.reload();
            assertThat(page.locator(".grown [role=status]")).containsText("2.5 scoops");
            page.getByRole(AriaRole.BUTTON, named("I mixed it: a batch")).tap();
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("New blend, a batch")))
                    .isVisible();
            assertThat(page.getByText(Pattern.compile("2\\.5 scoops|1\\.2\\d? L|1\\.3 L"))
                            .first())
                    .isVisible();
            assertThat(tablet.errors()).isEmpty();
        }
        // and by keys
        final Page page = bench("Fog moss");
        page.keyboard().press("c");
        assertThat(page.locator(".taps button").first()).isVisible();
        // until the blend is there nothing is counted
        assertThat(page.locator(".grown [role=status]")).containsText(Pattern.compile("[1-9]"));
        final String scoops = page.locator(".grown [role=status]").innerText();
        page.keyboard().press("1");
        assertThat(page.locator(".grown [role=status]")).not().hasText(scoops);
        page.keyboard().press("u");
        assertThat(page.locator(".grown [role=status]")).hasText(scoops);
    }

    @Test
    void versionsComeBackBranchOffAndLieSideBySide() throws Exception {
        final Page page = bench("Gallery bark");
        page.keyboard().press("ArrowDown");
        page.keyboard().press("+");
        page.keyboard().press("+");
        assertThat(page.locator(".state")).containsText("changed since");
        assertThat(page.locator(".state")).containsText("saved");
        // back and forth outlives a reload
        page.reload();
        page.locator(".recipe-rows li").first().waitFor();
        page.locator("body").press("u");
        page.locator("body").press("u");
        assertThat(page.locator(".state")).containsText("kept");
        page.locator("body").press("U");
        page.keyboard().press("v");
        page.getByLabel("What is new in it?").fill("a part more");
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^Version \\d is kept\\."))).isVisible();

        page.locator(".state a").focus();
        page.keyboard().press("Enter");
        final Locator versions = page.locator(".line > li");
        assertThat(versions.first()).containsText("a part more");
        assertThat(versions.first().locator(".changes")).containsText("→");
        versions.last()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put on the bench"))
                .focus();
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("^Version 1 is on the bench")))
                .isVisible();
        assertThat(versions.last()).containsText("on the bench");

        versions.first().getByRole(AriaRole.CHECKBOX).focus();
        page.keyboard().press("Space");
        versions.last().getByRole(AriaRole.CHECKBOX).focus();
        page.keyboard().press("Space");
        page.getByRole(AriaRole.BUTTON, named("Lay side by side")).focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("thead th")).hasCount(2);
        assertThat(page.locator("thead")).containsText("Version 1");
        assertThat(page.locator("tbody tr", new Page.LocatorOptions().setHasText("Air after draining")))
                .containsText(Pattern.compile("\\d+ %.*\\d+ %", Pattern.DOTALL));

        page.goBack();
        versions.first()
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Branch off a new blend"))
                .focus();
        page.keyboard().press("Enter");
        assertThat(page.locator("#blend-name")).hasValue(Pattern.compile("Gallery bark, from version \\d"));
        page.locator(".state a").click();
        assertThat(page.getByText(Pattern.compile("branched from version \\d"))).isVisible();
    }

    @Test
    void twoTabsAreToldOfEachOther() {
        final Page one = bench("Lantern stones");
        final Page other = browser.page();
        other.navigate(one.url());
        other.locator(".recipe-rows li").first().waitFor();
        one.keyboard().press("ArrowDown");
        one.keyboard().press("+");
        assertThat(one.locator(".state")).containsText("saved");
        other.keyboard().press("ArrowDown");
        other.keyboard().press("-");
        assertThat(other.getByText("This blend was changed in another window")).isVisible();
        other.getByRole(AriaRole.BUTTON, named("Take what is there")).focus();
        other.keyboard().press("Enter");
        assertThat(other.locator(".conflict")).hasCount(0);
        assertThat(other.locator(".recipe-rows input.figures").first())
                .hasValue(one.locator(".recipe-rows input.figures").first().inputValue());
        other.close();
    }

    @Test
    void theSwatchBookIsSiftedReadForAnotherPlantAndLaidAway() throws Exception {
        final Page page = bench("Yard rose");
        page.locator("body").press("g");
        page.locator("body").press("b");
        final Locator cards = page.locator(".book > li");
        final int all = cards.count();
        page.getByLabel("Name or material").fill("cistern");
        assertThat(cards).hasCount(1);
        page.getByLabel("Name or material").fill("nothing is called so");
        assertThat(page.getByText("No blend is like that.")).isVisible();
        page.getByRole(AriaRole.BUTTON, named("Show all")).focus();
        page.keyboard().press("Enter");
        assertThat(cards).hasCount(all);
        page.locator("#book-plant").fill("barrel");
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(Pattern.compile("arrel cactus")))
                .first()
                .click();
        assertThat(cards.first()).containsText(Pattern.compile("read for golden barrel cactus: fits \\d+ of 100"));
        page.evaluate("localStorage.clear()");
        page.reload();

        cards.nth(0).getByRole(AriaRole.CHECKBOX).check();
        cards.nth(1).getByRole(AriaRole.CHECKBOX).check();
        assertThat(page.locator(".picked")).containsText("2 picked");

        final Page blend = bench("Boat-shed azalea");
        blend.getByRole(AriaRole.BUTTON, named("Lay away")).focus();
        blend.keyboard().press("Enter");
        assertThat(blend.getByText("Boat-shed azalea is laid away.")).isVisible();
        assertThat(blend.locator(".book > li")).hasCount(all - 1);
        blend.getByRole(AriaRole.BUTTON, named("Undo")).last().click();
        assertThat(blend.locator(".book > li")).hasCount(all);
    }

    @Test
    void anythingIsFoundThoughMistyped() throws Exception {
        final Page page = bench("Rope ladder");
        page.keyboard().press("/");
        final Locator field = page.getByLabel("What are you looking for?");
        assertThat(field).isFocused();
        field.fill("anthrium velvt");
        assertThat(page.locator("[role=option]").first()).containsText("Velvet anthurium");
        Browser.checkAccessibility(page, "find anything");
        field.fill("cistrn velvet");
        assertThat(page.locator("[role=option]").first()).containsText("Cistern velvet");
        page.keyboard().press("Enter");
        assertThat(page.locator("#blend-name")).hasValue("Cistern velvet");
        page.keyboard().press("Control+k");
        field.fill("se all keyz");
        page.keyboard().press("Enter");
        assertThat(page.getByText("take the best remedy")).isVisible();
        page.keyboard().press("Escape");
        assertThat(page.locator(".p-dialog")).hasCount(0);
        page.keyboard().press("/");
        field.fill("qqqqqq");
        assertThat(page.getByText("Nothing is called that, or anything like it."))
                .isVisible();
    }

    @Test
    void theBenchIsSteadyOnEveryScreenByDayAndNight() throws Exception {
        final Page page = bench("Cistern velvet");
        final String path = page.url();
        page.addInitScript("""
                window.shifted = 0
                new PerformanceObserver((list) => list.getEntries().forEach((entry) => {
                  if (!entry.hadRecentInput) window.shifted += entry.value
                })).observe({ type: 'layout-shift', buffered: true })""");
        for (final int[] size : new int[][] {{1280, 800}, {820, 1180}, {390, 844}}) {
            page.setViewportSize(size[0], size[1]);
            page.navigate(path);
            page.locator(".close-up .box[data-lying]").waitFor();
            Views.settled(page);
            Browser.checkAccessibility(page, "bench at " + size[0]);
            assertThat((Integer) page.evaluate("document.documentElement.scrollWidth"))
                    .as("width of the page at %d", size[0])
                    .isLessThanOrEqualTo(size[0]);
            assertThat(((Number) page.evaluate("window.shifted")).doubleValue())
                    .as("layout shift at %d", size[0])
                    .isLessThanOrEqualTo(0.02);
        }
        page.evaluate("document.documentElement.classList.add('night')");
        Browser.checkContrast(page, "bench at night");
    }

    private static Locator tap(final Page page, final String name) {
        return page.locator(".taps button", new Page.LocatorOptions().setHasText(name));
    }
}
