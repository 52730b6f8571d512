package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static looseknit.e2e.GrowerJourney.fill;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** A grower fills an empty shelf: lots, what was measured of them, own materials, packs to buy, files. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ShelfJourney extends Journey {

    private static final String COLUMNS =
            "id,material,sold,amount,swell,left_litres,low_litres,price,opened_on,supplier,fed,"
                    + "rinsed,quarantined,ph,bulk_density_g_per_l,drain_height_cm,drain_air_percent,drain_water_percent,"
                    + "sieve_mm_and_stays,sieve_through\n";

    private Page page;

    ShelfJourney() {
        super(Store.EMPTY);
    }

    /** The page goes on from journey to journey. */
    @Override
    void rest() {}

    @BeforeAll
    void onePage() {
        page = browser.page();
    }

    @Test
    @Order(1)
    void aLotIsPutThereByKeyboardAndCountedUp() {
        go("/shelf/here");
        assertThat(page.getByText("Nothing on the shelf yet")).isVisible();

        page.locator("body").press("a");
        page.keyboard().type("sphagnum peat");
        option("Sphagnum peat").click();
        assertThat(page.locator("#quick-sold")).containsText("pressed bale");
        button("Put it there").click();
        assertThat(page.getByText("How much is it? Write a number of L.")).isVisible();
        fill(page, "#quick-amount", "70");
        fill(page, "#quick-swell", "99");
        assertThat(page.getByText("Allowed: 1 to 6 times the pressed volume")).isVisible();
        page.reload();
        assertThat(page.locator("#quick-amount")).hasValue("70");
        assertThat(page.locator("#quick-swell")).hasValue("99");
        fill(page, "#quick-swell", "");
        fill(page, "#quick-price", "14");
        assertThat(page.locator(".worth")).containsText("112 L, € 0.13 a litre");
        page.locator("#quick-price").press("Enter");

        assertThat(page.getByText("Sphagnum peat is on the shelf.")).isVisible();
        assertThat(lot("Sphagnum peat")).containsText("112 L of 112 L");
        page.locator("body").click(new Locator.ClickOptions().setPosition(5, 5));
        page.locator("body").press("c");
        page.locator("[id^=count-]").fill("9");
        page.reload();
        assertThat(page.locator("[id^=count-]")).hasValue("9");
        page.locator("[id^=count-]").press("Enter");
        assertThat(page.getByText("One lot is counted.")).isVisible();
        assertThat(lot("Sphagnum peat")).containsText("9 L of 112 L");
        assertThat(lot("Sphagnum peat")).containsText("running low");
        button("Undo").last().click();
        assertThat(lot("Sphagnum peat")).containsText("112 L of 112 L");
    }

    @Test
    @Order(2)
    void whatIsMeasuredOfALotStandsForTheBookAndIsNotLost() {
        go("/shelf/here");
        lot("Sphagnum peat").getByRole(AriaRole.BUTTON).first().click();
        fill(page, "[id^=ph-]", "44");
        assertThat(page.getByText("Allowed: 2 to 12 pH.")).isVisible();
        page.reload();
        lot("Sphagnum peat").getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.locator("[id^=ph-]")).hasValue("44");
        fill(page, "[id^=ph-]", "4.4");
        final Locator found = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(Pattern.compile("^pH")));
        assertThat(found).containsText("3.9 ± 0.5");
        assertThat(found).containsText(Pattern.compile("4\\.3 ± 0\\.2"));
        assertThat(page.locator(".lot-form .state")).hasText("saved");
        page.getByText("Read about it").click();
        assertThat(page.getByText("as measured of your lot")).isVisible();
    }

    @Test
    @Order(3)
    void aJarOfSoilBecomesAMaterial() {
        go("/shelf/own");
        page.getByText("soil from the garden", new Page.GetByTextOptions().setExact(true))
                .click();
        fill(page, "#own-name", "Keeper's soil");
        fill(page, "#jar-minute", "8");
        fill(page, "#jar-hours", "4");
        fill(page, "#jar-clear", "10");
        fill(page, "#jar-organic", "3");
        fill(page, "#jar-ph", "6.5");
        assertThat(page.getByText("what has settled only grows")).isVisible();
        page.reload();
        assertThat(page.locator("#jar-hours")).hasValue("4");
        fill(page, "#jar-minute", "4");
        fill(page, "#jar-hours", "8");
        assertThat(page.locator(".texture")).hasText("loam");
        assertThat(page.getByText("40 % sand")).isVisible();
        button("Put it on the list").click();
        assertThat(page.getByText("Keeper's soil is on the list")).isVisible();
        assertThat(page.locator("aside")).containsText("garden soil");
        assertThat(page.locator("#own-name")).hasValue("");
    }

    @Test
    @Order(4)
    void aBoughtMixIsOpenedAndMayBePartOfAnother() {
        go("/shelf/own");
        mix("Harbour bag", "Sphagnum peat", "Worm castings");
        mix("Bench base", "Harbour bag", "Perlite, coarse");

        page.locator("aside").getByText("Bench base").click();
        assertThat(page.getByText("a mix itself")).isVisible();
        assertThat(page.locator(".made")).containsText("worm castings");
        page.locator("aside").getByText("Harbour bag").click();
        page.locator("#mix-add").fill("bench base");
        option("Bench base").click();
        assertThat(page.locator(".comes-to [role=alert]"))
                .containsText(Pattern.compile(
                        "Harbour bag → Bench base → Harbour bag|Bench base → Harbour bag → Bench base"));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Remove Bench base"))
                .click();
        assertThat(page.locator(".made")).isVisible();

        page.getByText("Open it in the Book").click();
        assertThat(page.getByText("Opened: what is in it")).isVisible();
        assertThat(page.locator(".made").first()).containsText("Sphagnum peat");
    }

    @Test
    @Order(5)
    void theCheapestPacksForTheNeed() {
        go("/shelf/buy");
        page.locator("#buy-material").fill("pebbles");
        option("Pebbles").click();
        offer("6", "4", "quay");
        offer("20", "7.5", "boat");
        fill(page, "#buy-litres", "12");
        assertThat(page.locator(".best")).containsText("1 × 20 L, boat");
        assertThat(page.locator(".best")).containsText("8 L left over");
        fill(page, "#buy-litres", "5");
        assertThat(page.locator(".best")).containsText("1 × 6 L, quay");
        button("Note the pack").click();
        assertThat(page.getByText("Write what the pack holds and what it costs."))
                .isVisible();
    }

    @Test
    @Order(6)
    void aBrokenFileChangesNothingAndAGoodOneIsStored() {
        go("/shelf/files");
        read(COLUMNS + ",grit_3_6,LOOSE_LITRES,15,0,15,,6,2026-03-01,quarry,,,,,,,,,,\n"
                + ",gritt,LOOSE_LITRES,15,0,15,,6,,,,,,,,,,,,\n");
        assertThat(page.getByText("1 new, 0 changed, 0 the same, 1 wrong.")).isVisible();
        assertThat(page.getByText("The Book has no material \"gritt\".")).isVisible();
        assertThat(button("Store it")).hasCount(0);
        page.reload();
        assertThat(page.getByText("1 new, 0 changed, 0 the same, 1 wrong.")).isVisible();
        page.getByText("Never mind").click();

        read(COLUMNS
                + IntStream.range(0, 300)
                        .mapToObj(i -> ",grit_3_6,LOOSE_LITRES,%d,0,1,,6,2026-03-01,quarry %d,,,,,,,,,,"
                                .formatted(1 + i % 20, i))
                        .collect(Collectors.joining("\n")));
        assertThat(page.getByText("300 new, 0 changed, 0 the same, 0 wrong.")).isVisible();
        assertThat(page.getByText("… and 100 more lines.")).isVisible();
        button("Store it").click();
        assertThat(page.getByText("Stored: 300 new, 0 changed.")).isVisible();
        go("/shelf/here");
        assertThat(page.getByText("301 lots")).isVisible();
        page.getByText("260 more").click();
        assertThat(page.getByText("60 more")).isVisible();
    }

    private void go(final String path) {
        page.navigate(app.address() + path);
    }

    private Locator button(final String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator option(final String name) {
        return page.getByRole(
                AriaRole.OPTION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private Locator lot(final String name) {
        return page.locator(".lot-row").filter(new Locator.FilterOptions().setHasText(name));
    }

    private void mix(final String name, final String... parts) {
        fill(page, "#own-name", name);
        for (final String part : parts) {
            page.locator("#mix-add").fill(part.toLowerCase(Locale.ROOT));
            option(part).click();
        }
        button("Put it on the list").click();
        assertThat(page.getByText(name + " is on the list")).isVisible();
    }

    private void offer(final String litres, final String price, final String where) {
        fill(page, "#offer-amount", litres);
        fill(page, "#offer-price", price);
        fill(page, "#offer-supplier", where);
        button("Note the pack").click();
        assertThat(page.locator(".offers")).containsText(where);
    }

    private void read(final String text) {
        page.setInputFiles(
                "#file-shelf", new FilePayload("lots.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)));
    }
}
