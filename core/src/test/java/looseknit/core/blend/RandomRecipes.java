package looseknit.core.blend;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;

/** Seeded random recipes for property tests. */
public final class RandomRecipes {

    private static final List<Material> MATERIALS = MaterialBook.shipped().materials().stream()
            .filter(Material::forRecipes)
            .toList();

    private final Random random;

    public RandomRecipes(final long seed) {
        this.random = new Random(seed);
    }

    public Recipe next(final int fewest, final int most) {
        final List<Material> drawn = new ArrayList<>(MATERIALS);
        Collections.shuffle(drawn, random);
        final int count = fewest + random.nextInt(most - fewest + 1);
        return new Recipe(
                Recipe.Measure.PARTS,
                drawn.stream()
                        .limit(count)
                        .map(material -> new Recipe.Part(material, 1 + random.nextInt(8)))
                        .toList(),
                List.of());
    }

    public Recipe shuffledAndDoubled(final Recipe recipe) {
        final List<Recipe.Part> parts = new ArrayList<>();
        recipe.parts().forEach(part -> parts.add(new Recipe.Part(part.material(), 2 * part.amount())));
        Collections.shuffle(parts, random);
        return new Recipe(recipe.measure(), parts, recipe.doses());
    }
}
