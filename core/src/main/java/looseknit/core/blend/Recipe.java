package looseknit.core.blend;

import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;

/**
 * What goes into a mix: volumes of materials, loose as scooped, and doses by weight per litre of finished mix.
 *
 * @param measure whether the amounts are parts or per cent
 * @param parts materials with amounts; at least one amount above 0
 * @param doses amendments
 */
public record Recipe(Measure measure, List<Part> parts, List<Dose> doses) {

    /** Most materials in one recipe. */
    public static final int MOST_PARTS = 40;

    /** How amounts are written down. */
    public enum Measure {
        PARTS,
        PERCENT
    }

    /**
     * A material and how much of it.
     *
     * @param amount parts or per cent, 0 to 10,000
     */
    public record Part(Material material, double amount) {
        public Part {
            within("amount of " + material.name(), amount, 0, 10_000, Limit.PARTS_OR_PER_CENT);
            if (!material.forRecipes()) {
                throw new OutOfRangeException("material", material, RecipeSentence.NOT_FOR_RECIPES.with());
            }
        }
    }

    /**
     * An amendment and how much of it.
     *
     * @param gPerL grams per litre of finished mix, 0 to 100
     */
    public record Dose(Amendment amendment, double gPerL) {
        public Dose {
            within("dose of " + amendment.name(), gPerL, 0, 100, Limit.G_PER_L);
        }
    }

    public Recipe {
        parts = List.copyOf(parts);
        doses = List.copyOf(doses);
        if (parts.isEmpty()) {
            throw new OutOfRangeException("parts", RecipeSentence.EMPTY.with(), RecipeSentence.AT_LEAST_ONE.with());
        }
        within("number of materials", parts.size(), 1, MOST_PARTS, Limit.NUMBER);
        if (parts.stream().mapToDouble(Part::amount).sum() <= 0) {
            throw new OutOfRangeException(
                    "parts", RecipeSentence.NOTHING_ABOVE_0.with(), RecipeSentence.ONE_ABOVE_0.with());
        }
    }

    /** Sum of the amounts as written. */
    public double sum() {
        return parts.stream().mapToDouble(Part::amount).sum();
    }

    /** What the amounts as written are parts of: their sum, or a hundred where a recipe in per cent does not reach it. */
    public double whole() {
        return measure == Measure.PERCENT ? Math.max(100, sum()) : sum();
    }

    /** Share of each row in what is scooped, whether or not the amounts as written reach a hundred. */
    public List<Double> scoopedShares() {
        final double sum = sum();
        return parts.stream().map(part -> part.amount() / sum).toList();
    }

    /** The plain materials that make it up: mixes that are bought or mixed before are opened into what they consist of. */
    public PlainMaterials opened() {
        return PlainMaterials.of(parts);
    }

    /** Share of 100 % that no material fills, as a fraction; 0 for recipes in parts, negative if there is too much. */
    public double unnamedShare() {
        final double missing = measure == Measure.PERCENT ? 1 - sum() / 100 : 0;
        return Math.abs(missing) < 5e-4 ? 0 : missing;
    }

    /** Materials named more than once. */
    public List<Material> namedTwice() {
        final Map<Material, Integer> seen = new LinkedHashMap<>();
        parts.forEach(part -> seen.merge(part.material(), 1, Integer::sum));
        return seen.entrySet().stream()
                .filter(entry -> entry.getValue() > 1)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** The same recipe with one amount changed by {@code by}, not below 0. */
    public Recipe changed(final int row, final double by) {
        final List<Part> changed = new ArrayList<>(parts);
        final Part old = parts.get(row);
        changed.set(row, new Part(old.material(), Math.max(0, old.amount() + by)));
        return new Recipe(measure, changed, doses);
    }
}
