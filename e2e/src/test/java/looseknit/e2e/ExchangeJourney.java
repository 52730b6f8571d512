package looseknit.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What goes out and comes in, format by format, with nothing but the keyboard. */
class ExchangeJourney extends Journey {

    private static final int MOST_STEPS = 160;

    @TempDir
    private Path folder;

    ExchangeJourney() {
        super(Store.DEMO);
    }

    /** Goes on by the tabulator until something has the focus. */
    private static void reach(final Page page, final Locator what) {
        reach(page, what, "Tab");
    }

    private static void reach(final Page page, final Locator what, final String key) {
        what.first().waitFor();
        for (int i = 0; i < MOST_STEPS; i++) {
            if (Boolean.TRUE.equals(what.first().evaluate("each => each === document.activeElement"))) {
                return;
            }
            page.keyboard().press(key);
        }
        assertThat(what.first()).isFocused();
    }

    private static Locator link(final Page page, final String words) {
        return page.getByRole(AriaRole.LINK, named(words));
    }

    private Path saved(final Page page, final String words) {
        reach(page, link(page, words));
        final Download download = page.waitForDownload(() -> page.keyboard().press("Enter"));
        final Path file = folder.resolve(download.suggestedFilename());
        download.saveAs(file);
        return file;
    }

    private static void take(final Page page, final Path file) {
        final Locator input = page.locator("input[type=file]");
        // by the keyboard up to where the browser asks for a file in its own way
        reach(page, input);
        input.first().setInputFiles(file);
    }

    private Page at(final String path) {
        final Page page = browser.page();
        page.navigate(app.address() + path);
        return page;
    }

    private static void pdf(final Page page, final Locator link) {
        reach(page, link);
        final APIResponse response =
                page.request().get(String.valueOf(link.first().evaluate("each => each.href")));
        assertThat(response.status()).isEqualTo(200);
        assertThat(response.headers().get("content-type")).isEqualTo("application/pdf");
    }

    @Test
    void everythingGoesOutAndIsLookedThroughOnTheWayIn() {
        final Page page = at("/house");
        final Path all = saved(page, "Everything as one file");
        assertThat(all.getFileName().toString()).matches("loose-knit-.*\\.zip");
        take(page, all);
        assertThat(page.locator(".exchange .found")).containsText("Everything in this file is here already.");
        assertThat(saved(page, "pots")).content().contains("id,label,plant,state");
    }

    @Test
    void aBlendGoesOutAsATextAndComesBack() throws Exception {
        final Page page = bench("Slipway rescue");
        reach(page, button(page, "Copy or pass on …"));
        page.keyboard().press("Enter");
        final Path text = saved(page, "As a text to publish (Markdown)");
        assertThat(text).content().contains("# Slipway rescue", "## Mix");
        final APIResponse code = page.request()
                .get(String.valueOf(link(page, "As a code to photograph").evaluate("each => each.href")));
        final Path picture = Files.write(folder.resolve("code.png"), code.body());
        pdf(page, link(page, "On a sheet to hang up (PDF)"));

        for (final Path file : new Path[] {text, picture}) {
            final Page book = at("/blends");
            book.locator(".book h2").first().waitFor();
            take(book, file);
            assertThat(book.getByRole(AriaRole.DIALOG)).containsText("A blend from elsewhere: Slipway rescue");
            assertThat(book.getByRole(AriaRole.DIALOG)).containsText("Perlite, coarse");
            reach(book, button(book, "Take it in"));
            book.keyboard().press("Enter");
            assertThat(book.locator("#blend-name")).hasValue("Slipway rescue");
        }
    }

    @Test
    void pricesAreAskedForAndTakenOver() {
        final Page page = at("/shelf/buy");
        reach(page, button(page, "Ask for today’s prices"));
        page.keyboard().press("Enter");
        assertThat(page.locator(".prices [role=status]")).containsText("mainland boat");
        final Locator take = page.locator(".prices button[type=submit]");
        reach(page, take);
        page.keyboard().press("Enter");
        assertThat(page.getByText(Pattern.compile("changes? (is|are) taken over")))
                .isVisible();
    }

    @Test
    void labelsTheWeekAndTheYearGoOnPaper() {
        final Page page = at("/pots");
        reach(page, page.locator("input[type=checkbox]"));
        page.keyboard().press("Space");
        // what can be done with the chosen pots stands above them
        reach(page, button(page, "Labels …"), "Shift+Tab");
        page.keyboard().press("Enter");
        reach(page, page.locator("#label-first"));
        page.keyboard().press("Control+A");
        page.keyboard().type("3");
        page.keyboard().press("Tab");
        pdf(
                page,
                page.getByRole(
                        AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Open \\d+ on 1 page"))));
        final Page calendar = at("/calendar");
        pdf(calendar, link(calendar, "List of the week (PDF)"));
        assertThat(saved(calendar, "As a calendar file")).content().startsWith("BEGIN:VCALENDAR");
        final Page year = at("/year");
        pdf(year, link(year, "On paper (PDF)"));
    }
}
