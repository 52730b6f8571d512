package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static looseknit.e2e.GrowerJourney.add;
import static looseknit.e2e.GrowerJourney.fill;
import static looseknit.e2e.GrowerJourney.parts;
import static looseknit.e2e.GrowerJourney.set;
import static looseknit.e2e.GrowerJourney.word;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** A grower enters what cannot be: each time there are clear words, and nothing is lost. */
@Order(2)
class WrongInputJourney extends Journey {

    private static final String AS_STORED = "id => fetch('/api/blends/' + id).then(it => it.text())";

    /** Another blend that is begun like one. */
    private static final String ANOTHER = """
            begun => {
              const { name, brief, recipe } = JSON.parse(begun)
              const id = crypto.randomUUID()
              const body = JSON.stringify({ id, name, brief, recipe })
              return fetch('/api/blends', { method: 'POST', headers: { 'Content-Type': 'application/json' }, body })
                .then(it => { if (!it.ok) throw new Error(it.status) })
                .then(() => id)
            }
            """;

    /** What a blend looks like that is just begun. */
    private String begun;

    private Page page;

    WrongInputJourney() {
        super(Store.EMPTY);
    }

    /** The page goes on from journey to journey. */
    @Override
    void rest() {}

    @BeforeEach
    void newBlend() {
        if (page == null) {
            page = browser.page();
            page.navigate(app.address() + "/blends");
            button("New blend").first().click();
            add(page, "sphagnum peat", "Sphagnum peat");
            add(page, "perlite, medium", "Perlite, medium");
            saved();
            begun = (String)
                    page.evaluate(AS_STORED, page.url().substring(page.url().lastIndexOf('/') + 1));
        } else {
            browser.go(page, "/blends/" + page.evaluate(ANOTHER, begun));
            saved();
        }
    }

    private void saved() {
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void allPartsZero() {
        set(page, "Sphagnum peat", "0");
        set(page, "Perlite, medium", "0");

        assertThat(
                        page.getByText(
                                "The recipe is without any amount above 0. Allowed: at least one material with an amount above 0."))
                .isVisible();
        assertThat(button("Mix a batch")).isDisabled();
        page.locator("body").press("u");
        assertThat(page.locator(".headline")).isVisible();
        assertThat(parts(page, "Perlite, medium")).hasValue("1");
    }

    @Test
    void ninetyFivePercent() {
        page.getByText("per cent", new Page.GetByTextOptions().setExact(true)).click();
        final Locator peat = page.getByLabel("Per cent of Sphagnum peat");
        peat.fill("45");
        peat.press("Tab");

        assertThat(page.getByText("The sum is 95 %:")).isVisible();
        assertThat(page.locator(".swatch").first()).hasAttribute("aria-label", Pattern.compile(".*5 % open"));
        button("Scale to 100").click();
        assertThat(page.getByText("The sum is")).not().isVisible();
        page.locator("body").press("u");
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Fill up with"))
                .click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Perlite, medium"))
                .click();
        assertThat(page.getByLabel("Per cent of Perlite, medium")).hasValue("55");
    }

    @Test
    void aPotOfNegativeWidth() {
        word(page, "Pot").click();
        fill(page, "#brief-pot-top", "-14");

        assertThat(page.getByText("The width of the pot at the rim is -14. Allowed: 2 to 200 cm.")
                        .first())
                .isVisible();
        assertThat(page.getByText("not saved yet")).isVisible();
        page.reload();
        assertThat(word(page, "Pot")).containsText("-14".replace('-', '−'));
        word(page, "Pot").click();
        fill(page, "#brief-pot-top", "wide");
        assertThat(page.getByText("“wide” is not a number.")).isVisible();
        fill(page, "#brief-pot-top", "16");
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(word(page, "Pot")).containsText("16 cm");
    }

    @Test
    void aNameOfTwoThousandCharacters() {
        final String name = "peat ".repeat(400);
        page.getByLabel("Name of the blend").fill(name);
        page.getByLabel("Name of the blend").press("Tab");

        assertThat(page.getByText("characters long. Allowed: 1 to 120 characters."))
                .isVisible();
        page.reload();
        assertThat(page.getByLabel("Name of the blend")).hasValue(name);
        page.getByLabel("Name of the blend").fill("A short name");
        page.getByLabel("Name of the blend").press("Tab");
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void aPlantThatTheBookDoesNotKnow() {
        word(page, "Plant").click();
        page.getByPlaceholder("Name of the plant").fill("peece lilly");
        page.getByPlaceholder("Name of the plant").press("Enter");

        assertThat(page.getByText("“peece lilly” is not in the Book. It may be called"))
                .isVisible();
        page.locator(".unknown")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Peace lily"))
                .click();
        assertThat(word(page, "Plant")).hasText("peace lily");
    }

    @Test
    void aDoubleClickOnKeepKeepsOnce() {
        button("Keep this version").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Keep").setExact(true))
                .dblclick();
        assertThat(page.getByText("version 1 kept")).isVisible();
        button("Keep this version").click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Keep").setExact(true))
                .click();
        assertThat(page.getByText("version 1 kept")).isVisible();
        button("Mix a batch").dblclick();
        assertThat(page.getByText("Pots to fill")).isVisible();
        page.navigate(app.address() + "/batches");
        assertThat(page.getByText("New blend").first()).isVisible();
    }

    @Test
    void aStaleVersionInASecondTab() {
        final Page other = browser.page();
        other.navigate(page.url());
        assertThat(parts(other, "Sphagnum peat")).hasValue("1");
        set(page, "Sphagnum peat", "5");
        assertThat(page.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();

        set(other, "Perlite, medium", "4");
        assertThat(other.getByText("This blend was changed in another window")).isVisible();
        assertThat(other.locator(".conflict")).containsText("1 Sphagnum peat, 4 Perlite, medium");
        assertThat(other.locator(".conflict")).containsText("5 Sphagnum peat, 1 Perlite, medium");
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Take what is there"))
                .click();
        assertThat(parts(other, "Sphagnum peat")).hasValue("5");
        other.locator("body").press("u");
        assertThat(parts(other, "Perlite, medium")).hasValue("4");
        assertThat(other.getByText("saved", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        other.close();
    }

    @Test
    void aBatchForNoPotsAndARootBallThatDoesNotFit() {
        button("Mix a batch").click();
        fill(page, "#count-0", "0");
        assertThat(page.getByText("The number of pots is 0. Allowed: 1 to 10000 pots."))
                .isVisible();
        page.reload();
        assertThat(page.locator("#count-0")).hasValue("0");
        fill(page, "#count-0", "2");
        fill(page, "#root-ball-0", "40");
        assertThat(page.getByText(Pattern.compile("The volume of the root ball is 40.*less than the")))
                .isVisible();
        fill(page, "#root-ball-0", "0.2");
        assertThat(page.getByText("settled mix for 2 pots")).isVisible();
    }

    private Locator button(final String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }
}
