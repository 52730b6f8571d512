package looseknit.core.caution;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;
import looseknit.core.blend.Recipe;
import looseknit.core.measure.CsvTable;
import looseknit.core.need.Brief;

/**
 * The shipped caution rules. They repeat usual cautions and do not replace labels, local rules and licensed practice.
 */
public final class Cautions {

    private static final List<CautionRule> RULES = CsvTable.resource(Cautions.class, "cautions.csv", CautionRule::from);

    private Cautions() {}

    /** Ids of all rules. */
    public static List<String> ruleIds() {
        return RULES.stream().map(rule -> rule.caution().id()).toList();
    }

    /**
     * The cautions for a recipe, most serious first.
     *
     * @param wetKg mass of the watered pot [kg], if known
     */
    public static List<Caution> of(final Recipe recipe, final Brief brief, final OptionalDouble wetKg) {
        final List<Caution> found = new ArrayList<>();
        brief.plant()
                .filter(plant -> !plant.poison().isEmpty())
                .ifPresent(plant -> found.add(new Caution(
                        "poison",
                        Caution.Level.NOTE,
                        "%s: %s".formatted(plant.name(), plant.poison()),
                        "Wear gloves and keep it from children and pets.")));
        RULES.stream()
                .filter(rule -> rule.fires(recipe, brief, wetKg))
                .map(CautionRule::caution)
                .forEach(found::add);
        found.sort(Comparator.comparing(Caution::level));
        return List.copyOf(found);
    }
}
