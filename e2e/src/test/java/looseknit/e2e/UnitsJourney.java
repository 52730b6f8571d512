package looseknit.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Who has chosen US units reads and hears nothing metric, on any view; {@link ViewsJourney} looks the other way round. */
class UnitsJourney extends Journey {

    UnitsJourney() {
        super(Store.DEMO);
    }

    @Test
    void everythingIsInUsUnits() {
        final Page page = browser.page();
        final List<String> wrong = new ArrayList<>();
        final List<String> said = new ArrayList<>();
        final var views = Views.of(page, app);
        page.evaluate("localStorage.setItem('loose-knit.settings', JSON.stringify({ system: 'us' }))");
        page.navigate(app.address());
        views.forEach((name, path) -> {
            browser.go(page, path);
            said.addAll(UnitWords.found(page, name, UnitWords.US));
            wrong.addAll(
                    name.equals("blend")
                            ? UnitWords.foundWithReadings(page, name, UnitWords.METRIC)
                            : UnitWords.found(page, name, UnitWords.METRIC));
        });
        assertThat(said).as("what is said in US units").hasSizeGreaterThan(100);
        assertThat(wrong).isEmpty();
    }
}
