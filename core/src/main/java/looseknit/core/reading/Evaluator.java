package looseknit.core.reading;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.Segregation;
import looseknit.core.caution.Cautions;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.measure.Require;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.need.Targets;
import looseknit.core.pot.Pot;

/** Reads everything off a recipe under a brief. Stateless and thread-safe. */
public final class Evaluator {

    /** A step in a recipe in per cent. */
    private static final double PERCENT_STEP = 5;

    private Evaluator() {}

    /**
     * Evaluates a recipe.
     *
     * @param recipe the recipe
     * @param brief what is known of plant, pot, place and hand
     * @throws looseknit.core.measure.OutOfRangeException if plant, pot or place cannot be computed together
     */
    public static Evaluation evaluate(final Recipe recipe, final Brief brief) {
        return evaluate(recipe, brief, Knowledge.NOTHING);
    }

    /**
     * Evaluates a recipe with what tests have shown.
     *
     * @param recipe the recipe
     * @param brief what is known of plant, pot, place and hand
     * @param known tests so far, and how volumes are measured out
     * @throws looseknit.core.measure.OutOfRangeException if plant, pot or place cannot be computed together
     */
    public static Evaluation evaluate(final Recipe recipe, final Brief brief, final Knowledge known) {
        final List<Target> targets = Targets.of(brief);
        final double leastAir = Figures.leastAir(brief);
        final Figures figures = new Figures(recipe, brief, known);
        final Map<Property, Double> now = figures.all(leastAir);
        final Readings readings = new Readings(figures, now, targets, leastAir);
        final List<OneMore> more = steps(figures, now, targets, leastAir, 1);
        final List<OneMore> less = steps(figures, now, targets, leastAir, -1);
        final List<OneMore> both = new ArrayList<>(more);
        both.addAll(less);
        final Optional<Target> worst = new Fit(targets).worst(now);
        return new Evaluation(
                recipe,
                shares(recipe),
                recipe.unnamedShare(),
                figures.mix().yield(),
                figures.mix().shrinkage(),
                figures.column().wetZoneCm(figures.mix()),
                figures.column().heightCm(),
                brief.pot().map(Pot::mixLitres),
                rowLitres(recipe, brief, figures.mix().yield()),
                headline(now, targets, worst),
                worst.isEmpty() && !targets.isEmpty(),
                targets,
                readings.all(),
                more,
                less,
                new Remedies(figures, targets, leastAir, now).best(both),
                Cautions.shipped().of(recipe, brief, figures.signs()),
                Contradictions.of(Optional.of(recipe), brief, known),
                notices(recipe, figures));
    }

    private static List<Double> shares(final Recipe recipe) {
        final double whole = recipe.measure() == Recipe.Measure.PERCENT ? Math.max(100, recipe.sum()) : recipe.sum();
        return recipe.parts().stream().map(part -> part.amount() / whole).toList();
    }

    private static List<Double> rowLitres(final Recipe recipe, final Brief brief, final double yield) {
        return brief.pot()
                .map(pot -> recipe.parts().stream()
                        .map(part -> pot.mixLitres() / yield * part.amount() / recipe.sum())
                        .toList())
                .orElse(List.of());
    }

    private static String headline(
            final Map<Property, Double> now, final List<Target> targets, final Optional<Target> worst) {
        if (targets.isEmpty()) {
            return "Name a plant to see what fits it.";
        }
        return worst.map(target -> Phrases.headline(target.quality(), now.get(target.quality()), target.band()))
                .orElse("Everything fits.");
    }

    private static List<OneMore> steps(
            final Figures figures,
            final Map<Property, Double> now,
            final List<Target> targets,
            final double leastAir,
            final int sign) {
        final Recipe recipe = figures.recipe();
        final double whole = recipe.measure() == Recipe.Measure.PARTS ? 1 : PERCENT_STEP;
        return IntStream.range(0, recipe.parts().size())
                .filter(row -> sign > 0 || removable(recipe, row, whole))
                .mapToObj(row ->
                        step(figures, now, targets, leastAir, recipe.changed(row, sign * whole), row, sign * whole))
                .toList();
    }

    private static boolean removable(final Recipe recipe, final int row, final double step) {
        final double amount = recipe.parts().get(row).amount();
        return amount >= step && recipe.sum() > step;
    }

    private static OneMore step(
            final Figures figures,
            final Map<Property, Double> now,
            final List<Target> targets,
            final double leastAir,
            final Recipe changed,
            final int row,
            final double step) {
        final Map<Property, Double> then = figures.with(changed).all(leastAir);
        final Map<Property, Double> change = new EnumMap<>(Property.class);
        now.forEach((quality, value) -> change.put(quality, then.get(quality) - value));
        final Map<Property, OneMore.Effect> effect = new EnumMap<>(Property.class);
        targets.stream()
                .filter(target -> now.containsKey(target.quality()))
                .forEach(target -> effect.put(
                        target.quality(),
                        OneMore.Effect.of(target.band(), now.get(target.quality()), then.get(target.quality()))));
        return new OneMore(row, figures.recipe().parts().get(row).material(), step, change, effect);
    }

    /**
     * What it would do to give one step of a row to each other row.
     *
     * @param row the row that gives, from 0
     * @throws looseknit.core.measure.OutOfRangeException if there is no such row, or nothing in it to give
     */
    public static List<OneMore> swaps(final Recipe recipe, final Brief brief, final Knowledge known, final int row) {
        Require.within("row", row, 0, recipe.parts().size() - 1, "");
        final double whole = recipe.measure() == Recipe.Measure.PARTS ? 1 : PERCENT_STEP;
        final double step = Math.min(whole, recipe.parts().get(row).amount());
        if (step <= 0) {
            throw new OutOfRangeException("row", "without anything in it", "a row with something to give");
        }
        final List<Target> targets = Targets.of(brief);
        final double leastAir = Figures.leastAir(brief);
        final Figures figures = new Figures(recipe, brief, known);
        final Map<Property, Double> now = figures.all(leastAir);
        return IntStream.range(0, recipe.parts().size())
                .filter(other -> other != row)
                .mapToObj(other -> step(
                        figures,
                        now,
                        targets,
                        leastAir,
                        recipe.changed(row, -step).changed(other, step),
                        other,
                        step))
                .toList();
    }

    private static List<String> notices(final Recipe recipe, final Figures figures) {
        final List<String> notices = new ArrayList<>();
        final double missing = recipe.unnamedShare();
        if (missing > 0) {
            notices.add("The percentages add up to %s %%: %s %% is not named. Readings are for what is named."
                    .formatted(percent(1 - missing), percent(missing)));
        } else if (missing < 0) {
            notices.add("The percentages add up to %s %%, %s %% too much. Readings are for the proportions as written."
                    .formatted(percent(1 - missing), percent(-missing)));
        }
        notices.addAll(WishCheck.unkept(recipe, figures.brief().wishes()));
        recipe.namedTwice().forEach(material -> notices.add("%s is named twice.".formatted(material.name())));
        Segregation.of(figures.mix()).stream()
                .filter(each -> each.kind() == Segregation.Kind.SINKS)
                .forEach(each -> notices.add(Phrases.segregation(each)));
        return List.copyOf(notices);
    }

    private static String percent(final double share) {
        return String.format(
                Locale.ROOT, Math.abs(share * 100 - Math.rint(share * 100)) < 0.05 ? "%.0f" : "%.1f", share * 100);
    }
}
