package looseknit.core.batch;

import static looseknit.core.measure.Require.within;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.measure.Limit;

/**
 * How far what is at hand stretches: the recipe read backwards. The material that runs out first says how much can be made.
 *
 * @param each materials, the one that runs out first before the others
 */
public record Stretch(List<Supply> each) {

    /**
     * What one material would be enough for.
     *
     * @param haveLitres what is at hand [L]
     * @param makesLitres settled mix that it would be enough for [L]
     */
    public record Supply(Material material, double haveLitres, double makesLitres) {}

    /**
     * A material of a batch that is made larger or smaller.
     *
     * @param needLitres loose volume that it takes [L]
     * @param haveLitres what is at hand [L]
     * @param packs whole packs to buy for what is missing
     * @param leftOverLitres what is over afterwards, on the shelf and of the last pack [L]
     */
    public record Need(Material material, double needLitres, double haveLitres, int packs, double leftOverLitres) {

        /** What is not at hand [L]. */
        public double missingLitres() {
            return Math.max(0, needLitres - haveLitres);
        }
    }

    public Stretch {
        each = List.copyOf(each);
    }

    /**
     * How far what is at hand stretches.
     *
     * @param recipe the recipe
     * @param haveLitres loose litres at hand by material id, 0 to 100,000; none of what is not named
     */
    public static Stretch of(final Recipe recipe, final Map<String, Double> haveLitres) {
        final double yield = Mix.of(recipe).yield();
        final Map<Material, Double> parts = parts(recipe);
        return new Stretch(parts.entrySet().stream()
                .map(part -> {
                    final double have = within(
                            "have.litres", haveLitres.getOrDefault(part.getKey().id(), 0.0), 0, 100_000, Limit.L);
                    return new Supply(part.getKey(), have, have * recipe.sum() / part.getValue() * yield);
                })
                .sorted(Comparator.comparingDouble(Supply::makesLitres))
                .toList());
    }

    private static Map<Material, Double> parts(final Recipe recipe) {
        final Map<Material, Double> parts = new LinkedHashMap<>();
        recipe.parts().stream()
                .filter(part -> part.amount() > 0)
                .forEach(part -> parts.merge(part.material(), part.amount(), Double::sum));
        return parts;
    }

    /** Settled mix that can be made [L]. */
    public double mostLitres() {
        return each.isEmpty() ? 0 : each.get(0).makesLitres();
    }

    /** Whole pots of a kind that so much mix fills. */
    public static int pots(final double litres, final Fill fill) {
        return (int) Math.floor(litres / fill.litresEach() + 1e-9);
    }

    /**
     * What a batch takes when it is made so many times as large.
     *
     * @param times 0.01 to 100
     */
    public static List<Need> needs(final BatchPlan plan, final double times, final Map<String, Double> haveLitres) {
        within("times", times, 0.01, 100, Limit.TIMES);
        final Map<Material, Double> litres = new LinkedHashMap<>();
        final Map<Material, Double> packs = new LinkedHashMap<>();
        plan.all().forEach(line -> {
            litres.merge(line.material(), times * line.litres(), Double::sum);
            packs.put(line.material(), line.packLitres());
        });
        return litres.entrySet().stream()
                .map(need -> {
                    final double have = haveLitres.getOrDefault(need.getKey().id(), 0.0);
                    final double pack =
                            packs.getOrDefault(need.getKey(), need.getKey().packL());
                    final int buy = (int) Math.ceil(Math.max(0, need.getValue() - have) / pack - 1e-9);
                    return new Need(need.getKey(), need.getValue(), have, buy, have + buy * pack - need.getValue());
                })
                .toList();
    }
}
