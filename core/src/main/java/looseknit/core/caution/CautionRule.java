package looseknit.core.caution;

import java.util.List;
import java.util.OptionalDouble;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Hazard;
import looseknit.core.material.Role;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.need.Brief;
import looseknit.core.need.Habit;
import looseknit.core.need.Plant;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;

/**
 * A rule: fires when every condition that it states holds. Within one condition any of its entries will do, except that all
 * {@code kinds} of amendments must be present.
 */
record CautionRule(
        Caution caution,
        List<String> groups,
        List<String> notGroups,
        List<String> materials,
        double minShare,
        List<Amendment.Kind> kinds,
        List<Hazard> hazards,
        List<PotWall> walls,
        List<PotBase> bases,
        List<Habit.Water> waters,
        boolean layer,
        double minKg) {

    static CautionRule from(final Row row) {
        return new CautionRule(
                new Caution(
                        row.filled("id"),
                        row.oneOf("level", Caution.Level.class),
                        row.filled("why"),
                        row.filled("instead")),
                row.list("groups"),
                row.list("not_groups"),
                row.list("materials"),
                row.numberOr("min_share", 0, 1, 0),
                row.someOf("kinds", Amendment.Kind.class),
                row.someOf("hazards", Hazard.class),
                row.someOf("wall", PotWall.class),
                row.someOf("base", PotBase.class),
                row.someOf("water", Habit.Water.class),
                row.text("layer").equals("yes"),
                row.numberOr("min_kg", 0, 1000, 0));
    }

    boolean fires(final Recipe recipe, final Brief brief, final OptionalDouble wetKg) {
        return plantMatches(brief)
                && materialsMatch(recipe)
                && dosesMatch(recipe)
                && hazardsMatch(recipe)
                && potMatches(brief)
                && (waters.isEmpty()
                        || brief.habit()
                                .filter(habit -> waters.contains(habit.water()))
                                .isPresent())
                && (minKg == 0 || wetKg.orElse(0) >= minKg);
    }

    private boolean plantMatches(final Brief brief) {
        final String group =
                brief.plant().map(Plant::group).map(each -> each.id()).orElse("");
        return (groups.isEmpty() || groups.contains(group)) && !notGroups.contains(group);
    }

    private boolean materialsMatch(final Recipe recipe) {
        if (materials.isEmpty()) {
            return true;
        }
        final double named = recipe.parts().stream()
                .filter(part -> materials.contains(part.material().id()))
                .mapToDouble(Recipe.Part::amount)
                .sum();
        return named > 0 && named / recipe.sum() >= minShare;
    }

    private boolean dosesMatch(final Recipe recipe) {
        return kinds.stream()
                .allMatch(kind -> recipe.doses().stream()
                        .anyMatch(dose -> dose.gPerL() > 0 && dose.amendment().kind() == kind));
    }

    private boolean hazardsMatch(final Recipe recipe) {
        if (hazards.isEmpty()) {
            return true;
        }
        return recipe.parts().stream()
                        .filter(part -> part.amount() > 0)
                        .anyMatch(part -> part.material().hazards().stream().anyMatch(hazards::contains)
                                && !part.material().roles().contains(Role.INTERNAL))
                || recipe.doses().stream()
                        .filter(dose -> dose.gPerL() > 0)
                        .anyMatch(dose -> dose.amendment().hazards().stream().anyMatch(hazards::contains));
    }

    private boolean potMatches(final Brief brief) {
        if (walls.isEmpty() && bases.isEmpty() && !layer) {
            return true;
        }
        if (brief.pot().isEmpty()) {
            return false;
        }
        final Pot pot = brief.pot().get();
        return (walls.isEmpty() || walls.contains(pot.wall()))
                && (bases.isEmpty() || bases.contains(pot.base()))
                && (!layer || pot.layer().isPresent());
    }
}
