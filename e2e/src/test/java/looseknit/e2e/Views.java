package looseknit.e2e;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.LinkedHashMap;
import java.util.Map;

/** The main views of the demo station. */
final class Views {

    private Views() {}

    /** Main views by name, with their paths. */
    static Map<String, String> of(final Page page, final App app) {
        page.navigate(app.address() + "/blends");
        final String blend = page.locator("a", new Page.LocatorOptions().setHasText("Cistern velvet"))
                .first()
                .getAttribute("href");
        final String fern = page.locator("a", new Page.LocatorOptions().setHasText("Stair fern"))
                        .first()
                        .getAttribute("href")
                + "/closer/";
        page.navigate(app.address() + "/batches");
        final String batch = page.locator("a", new Page.LocatorOptions().setHasText("Gallery bark"))
                .first()
                .getAttribute("href");
        final String mixed = page.locator("a", new Page.LocatorOptions().setHasText("to test"))
                .first()
                .getAttribute("href")
                .replace("/done", "");
        page.navigate(app.address() + "/pots");
        final String pot = page.locator("main th a", new Page.LocatorOptions().setHasText("Desert rose, second lamp"))
                .first()
                .getAttribute("href");
        final Map<String, String> views = new LinkedHashMap<>();
        views.put("today", "/");
        views.put("blends", "/blends");
        views.put("blend", blend);
        views.put("blend-tests", fern + "tests");
        views.put("blend-doses", fern + "doses");
        views.put("blend-outlook", fern + "outlook");
        views.put("blend-season", fern + "season");
        views.put("blend-layers", fern + "layers");
        views.put("blend-standing", fern + "standing");
        views.put("blend-chance", fern + "chance");
        views.put("blend-pots", blend + "/closer/pots");
        views.put("blend-count", blend + "/count");
        views.put("blend-versions", blend + "/versions");
        views.put(
                "blends-beside",
                "/blends/beside?with=%1$s,%1$s@1".formatted(blend.substring(blend.lastIndexOf('/') + 1)));
        views.put("blend-find", blend + "?find");
        views.put("blends-share", "/blends/share");
        views.put("batches", "/batches");
        views.put("batch", batch);
        views.put("batch-prepare", batch + "/prepare");
        views.put("batch-mix", batch + "/mix");
        views.put("batch-test", mixed + "/test");
        views.put("batch-adjust", mixed + "/adjust");
        views.put("batch-done", mixed + "/done");
        views.put("pot-up-plant", batch + "/pot-up");
        views.put("pot-up-roots", batch + "/pot-up?step=roots");
        views.put("pot-up-pot", batch + "/pot-up?step=pot");
        views.put("pot-up", batch + "/pot-up?step=setUp");
        views.put("pot-up-places", batch + "/pot-up?step=places");
        views.put("pot-up-work", batch + "/pot-up?step=work");
        views.put("pots", "/pots");
        views.put("pot", pot);
        views.put("pot-set-up", pot + "/set-up");
        views.put("wrong", pot + "/wrong");
        views.put("well", "/pots/well");
        views.put("round", "/round");
        views.put("calendar", "/calendar");
        views.put("leave", "/leave");
        views.put("hand", "/hand");
        views.put("weather", "/weather");
        views.put("year", "/year");
        views.put("recall", mixed.replace("/batches/", "/recall/batch/"));
        views.put("house", "/house");
        views.put("shelf", "/shelf/here");
        views.put("shelf-buy", "/shelf/buy");
        views.put("shelf-own", "/shelf/own");
        views.put("shelf-files", "/shelf/files");
        views.put("book-plants", "/book/plants");
        views.put("book-unknown", "/book/unknown");
        views.put("book-side-by-side", "/book/plants/velvet_anthurium+maidenhair+jade");
        views.put("book-materials", "/book/materials");
        views.put("book-material", "/book/materials/peat");
        views.put("book-cautions", "/book/cautions");
        return views;
    }

    /** Waits until nothing is asked for any longer and the fonts are there. */
    static void settled(final Page page) {
        if (page.url().matches(".*/batches/.*/(prepare|mix)")) {
            // these hear of every tap for as long as they are open
            page.waitForFunction("() => document.querySelector('.page-head') && !document.querySelector('.skeleton')");
        } else {
            page.waitForLoadState(LoadState.NETWORKIDLE);
        }
        page.evaluate("document.fonts.ready");
    }
}
