package looseknit.e2e;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Takes the documentation's pictures of each main view from the demo's data. Not part of the tests. */
class Pictures {

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
                page.navigate(app.address() + view.getValue());
                DemoJourney.settled(page);
                page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(view.getKey() + ".png")));
            }
        }
    }
}
