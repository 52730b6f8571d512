package looseknit.core.change;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.IntStream;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.measure.Band;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.measure.Require;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.reading.PottedMix;

/**
 * What a step of a material would do: more or less of it, or one from another row.
 *
 * @param change the step
 * @param row place in the recipe of what grows or shrinks
 * @param material its material
 * @param step change of its amount: 1 part, or 5 %, or less where so much is not there
 * @param then readings after the step, in the unit of computation
 * @param moves by how much each reading moves
 * @param effect whether that is for the better, for readings with a target
 */
public record StepEffect(
        Change change,
        int row,
        Material material,
        double step,
        Map<Property, Double> then,
        Map<Property, Double> moves,
        Map<Property, Effect> effect) {

    /** A step in a recipe in per cent. */
    private static final double PERCENT_STEP = 5;

    /** Whether a change of a reading brings it nearer to what is wanted. */
    public enum Effect {
        BETTER,
        NEUTRAL,
        WORSE;

        /** Less than this is no change but rounding. */
        private static final double ROUNDING = 1e-9;

        static Effect of(final Band band, final double before, final double after) {
            final double nearer = Math.abs(band.miss(before)) - Math.abs(band.miss(after));
            if (Math.abs(nearer) < ROUNDING) {
                return NEUTRAL;
            }
            return nearer > 0 ? BETTER : WORSE;
        }
    }

    public StepEffect {
        then = Map.copyOf(then);
        moves = Map.copyOf(moves);
        effect = Map.copyOf(effect);
    }

    /** A step in the measure of a recipe. */
    static double whole(final Recipe recipe) {
        return recipe.measure() == Recipe.Measure.PARTS ? 1 : PERCENT_STEP;
    }

    /**
     * One step more of each row.
     *
     * @param now the readings as they are
     */
    public static List<StepEffect> more(
            final PottedMix mix, final Map<Property, Double> now, final List<Target> targets) {
        final double step = whole(mix.recipe());
        return IntStream.range(0, mix.recipe().parts().size())
                .mapToObj(row -> effect(mix, now, targets, new Change.Amount(row, step), row, step))
                .toList();
    }

    /** One step less of each row that has one to give. */
    public static List<StepEffect> less(
            final PottedMix mix, final Map<Property, Double> now, final List<Target> targets) {
        final Recipe recipe = mix.recipe();
        final double step = whole(recipe);
        return IntStream.range(0, recipe.parts().size())
                .filter(row -> recipe.parts().get(row).amount() >= step && recipe.sum() > step)
                .mapToObj(row -> effect(mix, now, targets, new Change.Amount(row, -step), row, -step))
                .toList();
    }

    /**
     * What it would do to give one step of a row to each other row.
     *
     * @param row the row that gives, from 0
     * @throws OutOfRangeException if there is no such row, or nothing in it to give
     */
    public static List<StepEffect> swaps(final PottedMix mix, final int row) {
        final Recipe recipe = mix.recipe();
        Require.within("row", row, 0, recipe.parts().size() - 1, Limit.NUMBER);
        final double step = Math.min(whole(recipe), recipe.parts().get(row).amount());
        if (step <= 0) {
            throw new OutOfRangeException(
                    "row", ChangeSentence.NOTHING_IN_IT.with(), ChangeSentence.SOMETHING_TO_GIVE.with());
        }
        final Map<Property, Double> now = mix.values();
        final List<Target> targets = mix.targets();
        final List<StepEffect> swaps = new ArrayList<>();
        for (int other = 0; other < recipe.parts().size(); other++) {
            if (other != row) {
                swaps.add(effect(mix, now, targets, new Change.Swap(other, row, step), other, step));
            }
        }
        return List.copyOf(swaps);
    }

    private static StepEffect effect(
            final PottedMix mix,
            final Map<Property, Double> now,
            final List<Target> targets,
            final Change change,
            final int row,
            final double step) {
        final Map<Property, Double> then =
                mix.with(change.recipeAfter(mix.recipe())).values();
        final Map<Property, Double> moves = new EnumMap<>(Property.class);
        now.forEach((property, value) -> moves.put(property, Objects.requireNonNull(then.get(property)) - value));
        final Map<Property, Effect> effect = new EnumMap<>(Property.class);
        for (final Target target : targets) {
            final Double before = now.get(target.property());
            final Double after = then.get(target.property());
            if (before != null && after != null) {
                effect.put(target.property(), Effect.of(target.band(), before, after));
            }
        }
        return new StepEffect(change, row, mix.recipe().parts().get(row).material(), step, then, moves, effect);
    }
}
