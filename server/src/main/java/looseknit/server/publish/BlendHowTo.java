package looseknit.server.publish;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import looseknit.core.blend.Recipe;
import looseknit.core.message.Wording;
import looseknit.server.message.PaperWords;

/** A blend as a <em>HowTo</em> of schema.org, as JSON-LD to lay into a page. */
final class BlendHowTo {

    private BlendHowTo() {}

    static Map<String, Object> of(final BlendSheet sheet, final Wording wording) {
        final Map<String, Object> howTo = new LinkedHashMap<>();
        howTo.put("@context", "https://schema.org");
        howTo.put("@type", "HowTo");
        howTo.put("name", sheet.name());
        final List<String> about = new ArrayList<>();
        if (!sheet.plant().isEmpty()) {
            about.add(wording.of(PaperWords.MEDIUM_FOR.with(sheet.plant())));
        }
        if (!sheet.note().isBlank()) {
            about.add(sheet.note());
        }
        if (!sheet.headline().isEmpty()) {
            about.add(sheet.headline());
        }
        howTo.put("description", String.join(" ", about));
        howTo.put("inLanguage", "en");
        final List<Map<String, Object>> supplies = new ArrayList<>();
        final boolean parts = sheet.recipe().measure() == Recipe.Measure.PARTS;
        sheet.recipe()
                .parts()
                .forEach(part -> supplies.add(supply(
                        part.material().name(),
                        part.amount(),
                        wording.of((parts ? PaperWords.PARTS_BY_VOLUME : PaperWords.PER_CENT_BY_VOLUME).words()))));
        sheet.recipe()
                .doses()
                .forEach(dose -> supplies.add(
                        supply(dose.amendment().name(), dose.gPerL(), wording.of(PaperWords.GRAMS_PER_LITRE.words()))));
        howTo.put("supply", supplies);
        final List<Map<String, Object>> steps = new ArrayList<>();
        sheet.cautions().forEach(words -> steps.add(step(steps.size(), words)));
        sheet.lines().forEach(line -> steps.add(step(steps.size(), wording.of(PaperWords.ADD.with(line)))));
        steps.add(step(steps.size(), wording.of(PaperWords.TURN_OVER.words())));
        steps.add(step(steps.size(), sheet.keeping()));
        howTo.put("step", steps);
        return howTo;
    }

    private static Map<String, Object> supply(final String name, final double amount, final String unit) {
        final Map<String, Object> quantity = new LinkedHashMap<>();
        quantity.put("@type", "QuantitativeValue");
        quantity.put("value", amount);
        quantity.put("unitText", unit);
        final Map<String, Object> supply = new LinkedHashMap<>();
        supply.put("@type", "HowToSupply");
        supply.put("name", name);
        supply.put("requiredQuantity", quantity);
        return supply;
    }

    private static Map<String, Object> step(final int before, final String text) {
        final Map<String, Object> step = new LinkedHashMap<>();
        step.put("@type", "HowToStep");
        step.put("position", before + 1);
        step.put("text", text);
        return step;
    }
}
