package looseknit.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Takes the documentation's pictures of the main views from the demo's data. Not part of the tests. */
class Pictures {

    /** Views that are tested but need no picture. */
    private static final Set<String> LEFT_OUT = Set.of("shelf-buy", "shelf-files", "book-material", "book-cautions");

    @TempDir
    private Path data;

    @Test
    void takePictures() throws Exception {
        final Path folder = Path.of(System.getProperty("looseknit.shots"));
        try (App app = App.startDemo(data);
                Browser browser = new Browser(1280, 800)) {
            final Page page = browser.page();
            for (final Map.Entry<String, String> view :
                    DemoJourney.views(page, app).entrySet()) {
                if (LEFT_OUT.contains(view.getKey())) {
                    continue;
                }
                page.navigate(app.address() + view.getValue());
                if (view.getKey().equals("shelf-own")) {
                    page.getByText("Keeper’s garden soil").click();
                    page.getByText("loam by the jar").waitFor();
                }
                DemoJourney.settled(page);
                page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(view.getKey() + ".png")));
            }
        }
    }
}
