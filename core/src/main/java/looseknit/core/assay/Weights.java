package looseknit.core.assay;

import java.util.LinkedHashMap;
import java.util.Map;
import looseknit.core.blend.Mix;
import looseknit.core.material.Material;

/**
 * How strongly each unknown moves a reading of a mix: the lots of its materials and the model's own error for this blend.
 *
 * @param each unknowns with their weight
 */
record Weights(Map<Unknown, Double> each) {

    /**
     * Something that is not known well.
     *
     * @param trait what of it
     * @param subject id of a material, or of a blend for the model's own error
     * @param lot whether the subject is a material
     * @param priorSd spread before any test
     */
    record Unknown(LotTrait trait, String subject, boolean lot, double priorSd) {}

    Weights {
        each = Map.copyOf(each);
    }

    /** Weights of the unknowns of a trait for a mix: what a deviation of one in each moves the reading by. */
    static Weights of(final LotTrait trait, final Mix mix, final String blend) {
        final Map<Unknown, Double> each = new LinkedHashMap<>();
        for (int i = 0; i < mix.materials().size(); i++) {
            final Material material = mix.materials().get(i);
            each.merge(
                    new Unknown(trait, material.id(), true, trait.lotSd(material)), weight(trait, mix, i), Double::sum);
        }
        each.put(new Unknown(trait, blend, false, trait.modelSd()), 1.0);
        return new Weights(each);
    }

    /** The weight of what the doses of a heap have really done: one standard deviation of it. */
    static Weights ofDoses(final String heap) {
        return new Weights(Map.of(new Unknown(LotTrait.PH, "doses of " + heap, false, 1), 1.0));
    }

    private static double weight(final LotTrait trait, final Mix mix, final int i) {
        final Material material = mix.materials().get(i);
        return switch (trait) {
            case AIR, POROSITY, SALTS -> mix.litresPerLitre(i);
            case DENSITY -> mix.litresPerLitre(i) * material.physics().bulkDensityGPerL() / mix.bulkDensityGPerL();
            case PH -> mix.litresPerLitre(i) * material.chemistry().bufferMeqPerLPerPh() / mix.bufferMeqPerLPerPh();
        };
    }

    /** These and, {@code times} over, others. */
    Weights plus(final Weights others, final double times) {
        final Map<Unknown, Double> sum = new LinkedHashMap<>(each);
        others.each.forEach((unknown, weight) -> sum.merge(unknown, times * weight, Double::sum));
        return new Weights(sum);
    }
}
