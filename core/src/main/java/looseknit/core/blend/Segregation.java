package looseknit.core.blend;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.material.Material;
import looseknit.core.message.Named;

/**
 * Which materials of a mix part company with the rest: float when the pot is flooded, wash down between coarse grains, or sink when it
 * is shaken. Rules of thumb; none was tried against pots.
 *
 * @param kind how it goes
 * @param material the material that goes
 * @see "Terzaghi's filter rule for fines between coarse grains, D15/d85 > 5 (from memory); floating and sinking by the density
 *     of the grains"
 */
public record Segregation(Kind kind, Material material) {

    /** How a material parts company. */
    public enum Kind implements Named {
        FLOATS,
        FLOATS_UNTIL_WET,
        WASHES_DOWN,
        SINKS
    }

    private static final double FILTER_RATIO = 5;
    private static final double INSIDE_SUCTION_CM = 10;

    /** From this share on, coarse grains touch and leave open gaps. */
    private static final double SKELETON_SHARE = 0.55;

    /** Share below which nobody would see a material go. */
    private static final double SCANT_SHARE = 0.05;

    /** Grains heavier than the mean of the mix by so much sink [kg/L]. */
    private static final double SINKS_BY = 0.9;

    private static final double Z85 = 1.0364333894937898;
    private static final double Z90 = 1.2815515655446004;

    /** What parts company in a mix, in the order of the recipe; a material may do so in two ways. */
    public static List<Segregation> of(final Mix mix) {
        final List<Segregation> result = new ArrayList<>();
        final double all = mix.sum(material -> 1);
        final double mean = mix.sum(Segregation::wetGrainKgPerL) / all;
        for (int i = 0; i < mix.materials().size(); i++) {
            final Material material = mix.materials().get(i);
            if (mix.litresPerLitre(i) / all < SCANT_SHARE) {
                continue;
            }
            if (wetGrainKgPerL(material) < 1) {
                result.add(new Segregation(Kind.FLOATS, material));
            } else if (dryGrainKgPerL(material) < 1) {
                result.add(new Segregation(Kind.FLOATS_UNTIL_WET, material));
            }
            if (washesDown(mix, all, material)) {
                result.add(new Segregation(Kind.WASHES_DOWN, material));
            }
            if (wetGrainKgPerL(material) > mean + SINKS_BY) {
                result.add(new Segregation(Kind.SINKS, material));
            }
        }
        return List.copyOf(result);
    }

    private static boolean washesDown(final Mix mix, final double all, final Material fine) {
        double coarser = 0;
        for (int i = 0; i < mix.materials().size(); i++) {
            if (d15Mm(mix.materials().get(i)) > FILTER_RATIO * d85Mm(fine)) {
                coarser += mix.litresPerLitre(i) / all;
            }
        }
        return coarser >= SKELETON_SHARE;
    }

    /** Density of dry grains with their inner pores [kg/L]. */
    static double dryGrainKgPerL(final Material material) {
        return material.physics().bulkDensityGPerL() / 1000 / material.physics().packingFraction();
    }

    /** Density of grains whose inner pores hold water [kg/L]. */
    static double wetGrainKgPerL(final Material material) {
        return dryGrainKgPerL(material)
                + material.retention().at(INSIDE_SUCTION_CM)
                        / material.physics().packingFraction();
    }

    private static double d15Mm(final Material material) {
        return material.grainSize().d50Mm()
                * Math.pow(material.grainSize().d10Mm() / material.grainSize().d50Mm(), Z85 / Z90);
    }

    private static double d85Mm(final Material material) {
        return material.grainSize().d50Mm()
                * Math.pow(material.grainSize().d90Mm() / material.grainSize().d50Mm(), Z85 / Z90);
    }
}
