package looseknit.core.blend;

import java.util.List;
import looseknit.core.material.Material;

/**
 * Materials with how they pack together worked out once, to be mixed again and again in other amounts. Immutable and thread-safe.
 */
public final class Ingredients {

    private final List<Material> materials;
    private final double[][] pairs;

    public Ingredients(final List<Material> materials) {
        this.materials = List.copyOf(materials);
        this.pairs = Packing.pairs(this.materials);
    }

    /** The materials of a recipe, in its order. */
    public static Ingredients of(final Recipe recipe) {
        return new Ingredients(
                recipe.parts().stream().map(Recipe.Part::material).toList());
    }

    public List<Material> materials() {
        return materials;
    }

    /**
     * Mixes loose volumes.
     *
     * @param loose loose volume of each material, in their order [any unit]; at least one above 0
     */
    public Mix mix(final double[] loose) {
        return Mix.of(materials, loose, pairs);
    }

    /** Mixes a recipe of these materials. */
    public Mix mix(final Recipe recipe) {
        return mix(recipe.parts().stream().mapToDouble(Recipe.Part::amount).toArray());
    }
}
