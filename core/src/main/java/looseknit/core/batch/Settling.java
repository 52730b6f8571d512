package looseknit.core.batch;

import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialClass;
import looseknit.core.pot.Pot;

/**
 * How far a filled pot sinks beyond what every mix loses at its first watering: in a deep pot the wet weight presses soft organic matter together.
 * A tall bog of peat sinks by about a seventh in all, a shallow pot or a stony mix not at all. Common practice, put into figures by judgement.
 */
final class Settling {

    /** From this depth of mix on the weight counts, and at this depth it has done what it does [cm]. */
    private static final double FROM_CM = 15;

    private static final double FULL_CM = 40;

    /** What a pure soft mix sinks in a deep pot on top of its first watering. */
    private static final double DEEP = 0.065;

    /** Grains of which half are smaller than this are soft matter when organic [mm]. */
    private static final double SOFT_MM = 5;

    private Settling() {}

    /** Share of the volume by which a mix sinks in a pot, 0 to 0.065. */
    static double share(final Recipe recipe, final Pot pot) {
        final double depth = Math.max(0, Math.min(1, (pot.mixHeightCm() - FROM_CM) / (FULL_CM - FROM_CM)));
        final double soft = recipe.parts().stream()
                        .filter(part -> part.material().materialClass() == MaterialClass.O
                                && part.material().grainSize().d50Mm() < SOFT_MM)
                        .mapToDouble(Recipe.Part::amount)
                        .sum()
                / recipe.sum();
        return DEEP * depth * soft;
    }
}
