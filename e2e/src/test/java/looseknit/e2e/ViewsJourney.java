package looseknit.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

/** Every main view is full, accessible by day and night, within the width of a phone, and in metric units for who has chosen them. The longest are begun first. */
@Order(1)
class ViewsJourney extends Journey {

    /** What reaches beyond the width of the screen. */
    private static final String WIDE = """
            [...document.querySelectorAll('body *')]
              .filter((each) => each.getBoundingClientRect().right > document.documentElement.clientWidth + 1)
              .slice(0, 6).map((each) => each.tagName + '.' + each.className + ' to ' + each.getBoundingClientRect().right).join(', ')
            """;

    ViewsJourney() {
        super(Store.DEMO);
    }

    @Test
    void everyMainViewIsAccessibleMetricAndFitsAPhone() throws Exception {
        final Page page = browser.page();
        final List<String> wrong = new ArrayList<>();
        final List<String> said = new ArrayList<>();
        for (final Map.Entry<String, String> view : Views.of(page, app).entrySet()) {
            page.setViewportSize(1280, 800);
            browser.go(page, view.getValue());
            page.evaluate("document.documentElement.classList.remove('night')");
            Browser.checkAccessibility(page, view.getKey());
            page.evaluate("document.documentElement.classList.add('night')");
            Browser.checkContrast(page, view.getKey() + " at night");
            said.addAll(UnitWords.found(page, view.getKey(), UnitWords.METRIC));
            page.setViewportSize(390, 844);
            // charts follow the width a moment later
            assertThatCode(() -> page.waitForFunction(
                            "() => document.documentElement.scrollWidth <= document.documentElement.clientWidth"))
                    .as(() -> "%s on a phone, where these stand out: %s".formatted(view.getKey(), page.evaluate(WIDE)))
                    .doesNotThrowAnyException();
            wrong.addAll(
                    view.getKey().equals("blend")
                            ? UnitWords.foundWithReadings(page, view.getKey(), UnitWords.US)
                            : UnitWords.found(page, view.getKey(), UnitWords.US));
        }
        assertThat(said).as("what is said in metric units").hasSizeGreaterThan(100);
        assertThat(wrong).isEmpty();
    }
}
