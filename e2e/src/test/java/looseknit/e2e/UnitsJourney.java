package looseknit.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Whoever chose US units sees no metric one anywhere, and the other way round. By the habit of the trade grain sizes stay in millimetres and
 * concentrations in mg/L, and what people wrote themselves stays as they wrote it.
 */
class UnitsJourney extends Journey {

    /** What the trade says alike in both. */
    private static final Pattern ALIKE = Pattern.compile(
            "(mg(?: N)?|meq|mL)/L|mol/m² a day|mol/m²|dS/m|kPa|[\\d.–−]+ mm\\b(?! a week)|stays? in mm");

    private static final Pattern METRIC = Pattern.compile(
            "(?<![\\p{L}\\d/])(?:kg|g|L|mL|cm|g/L|°C)(?![\\p{L}/])|\\d ?(?:kg|g|L|mL|cm|°C)(?!\\p{L})"
                    + "|\\b(?i:(?:kilo)?gram(?:me)?s?|(?:milli)?lit(?:re|er)s?|(?:centi|milli)?met(?:re)s?|celsius)\\b|mm a week");

    private static final Pattern US = Pattern.compile(
            "(?<![\\p{L}\\d/])(?:lb|oz|gal|qt|tbsp|fl oz|°F)(?![\\p{L}/])|\\d ?(?:lb|oz|gal|qt|cups?|tbsp|°F)(?!\\p{L})"
                    + "|[\\d½] in(?=$|[\\s.,;:)×]*$|[.,;:)×–])|\\b(?i:pounds?|ounces?|gallons?|quarts?|inch(?:es)?|fahrenheit)\\b");

    /** Names, and how the other system may be typed in. */
    private static final List<String> OWN_WORDS = List.of("Parts, per cent, cups and spoons", "Inch plant");

    UnitsJourney() {
        super(Store.DEMO);
    }

    @Test
    void everythingIsInUsUnits() {
        assertThat(wrong("us", US, METRIC)).isEmpty();
    }

    @Test
    void everythingIsInMetricUnits() {
        assertThat(wrong("metric", METRIC, US)).isEmpty();
    }

    private List<String> wrong(final String units, final Pattern own, final Pattern other) {
        final Page page = browser.page();
        final List<String> wrong = new ArrayList<>();
        final List<String> said = new ArrayList<>();
        final Map<String, String> views = new LinkedHashMap<>(DemoJourney.views(page, app));
        page.evaluate("units => localStorage.setItem('loose-knit.settings', JSON.stringify({ system: units }))", units);
        views.forEach((name, path) -> {
            page.navigate(app.address() + path);
            DemoJourney.settled(page);
            wrong.addAll(found(page, name, other));
            said.addAll(found(page, name, own));
        });
        assertThat(said).as("what is said in the units that were chosen").hasSizeGreaterThan(100);
        wrong.addAll(opened(page, views.get("blend"), other));
        page.close();
        return wrong;
    }

    /** How each reading was worked out, and the settings. */
    private List<String> opened(final Page page, final String bench, final Pattern other) {
        final List<String> wrong = new ArrayList<>();
        page.navigate(app.address() + bench);
        DemoJourney.settled(page);
        final Locator readings = page.locator(".reading button.open");
        for (int i = 0; i < readings.count(); i++) {
            readings.nth(i).click();
            page.locator(".explained").waitFor();
            wrong.addAll(found(page, "reading " + i, other));
        }
        return wrong;
    }

    private static List<String> found(final Page page, final String view, final Pattern other) {
        @SuppressWarnings("unchecked")
        final List<String> texts = (List<String>) page.evaluate("""
                () => {
                  const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
                  const blocks = new Map()
                  for (let node = walk.nextNode(); node; node = walk.nextNode()) {
                    const holder = node.parentElement
                    if (!holder || ['SCRIPT', 'STYLE'].includes(holder.tagName) || holder.getClientRects().length === 0) continue
                    const block = holder.closest('p, li, td, th, dd, dt, h1, h2, h3, button, label, option, text, figcaption, div') ?? holder
                    blocks.set(block, (blocks.get(block) ?? '') + node.textContent)
                  }
                  const spoken = [...document.querySelectorAll('[aria-label], [placeholder], [title]')].flatMap((each) =>
                    ['aria-label', 'placeholder', 'title'].map((name) => each.getAttribute(name) ?? ''))
                  return [...blocks.values(), ...spoken].map((each) => each.replace(/\\s+/g, ' ').trim()).filter((each) => each !== '')
                }
                """);
        final List<String> wrong = new ArrayList<>();
        for (final String text : texts) {
            final Matcher found = other.matcher(ALIKE.matcher(text).replaceAll("~"));
            if (found.find() && OWN_WORDS.stream().noneMatch(text::contains)) {
                wrong.add("%s: “%s” in “%s”".formatted(view, found.group(), text));
            }
        }
        return wrong.stream().distinct().toList();
    }
}
