package looseknit.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words and figures by which a page gives away a system of units. */
final class UnitWords {

    /** What the trade says alike in both. */
    private static final Pattern ALIKE = Pattern.compile(
            "(mg(?: N)?|meq|mL)/L|mol/m² a day|mol/m²|dS/m|kPa|[\\d.–−]+ mm\\b(?! a week)|stays? in mm");

    static final Pattern METRIC = Pattern.compile(
            "(?<![\\p{L}\\d/])(?:kg|g|L|mL|cm|g/L|°C)(?![\\p{L}/])|\\d ?(?:kg|g|L|mL|cm|°C)(?!\\p{L})"
                    + "|\\b(?i:(?:kilo)?gram(?:me)?s?|(?:milli)?lit(?:re|er)s?|(?:centi|milli)?met(?:re)s?|celsius)\\b|mm a week");

    static final Pattern US = Pattern.compile(
            "(?<![\\p{L}\\d/])(?:lb|oz|gal|qt|tbsp|fl oz|°F)(?![\\p{L}/])|\\d ?(?:lb|oz|gal|qt|cups?|tbsp|°F)(?!\\p{L})"
                    + "|[\\d½] in(?=$|[\\s.,;:)×]*$|[.,;:)×–])|\\b(?i:pounds?|ounces?|gallons?|quarts?|inch(?:es)?|fahrenheit)\\b");

    /** Names, and how the other system may be typed in. */
    private static final List<String> OWN_WORDS = List.of("Parts, per cent, cups and spoons", "Inch plant");

    private UnitWords() {}

    /** What is said in a system on a view as it is, and once each of its readings has been opened. */
    static List<String> foundWithReadings(final Page page, final String view, final Pattern system) {
        final List<String> all = new ArrayList<>(found(page, view, system));
        final Locator readings = page.locator(".reading button.open");
        for (int i = 0; i < readings.count(); i++) {
            readings.nth(i).click();
            page.locator(".explained").waitFor();
            all.addAll(found(page, view + ", reading " + i, system));
        }
        return all;
    }

    /** What is said in a system on a view. */
    static List<String> found(final Page page, final String view, final Pattern system) {
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
        final List<String> said = new ArrayList<>();
        for (final String text : texts) {
            final Matcher found = system.matcher(ALIKE.matcher(text).replaceAll("~"));
            if (found.find() && OWN_WORDS.stream().noneMatch(text::contains)) {
                said.add("%s: “%s” in “%s”".formatted(view, found.group(), text));
            }
        }
        return said.stream().distinct().toList();
    }
}
