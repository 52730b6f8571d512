package looseknit.core.blend;

import java.util.function.ToDoubleFunction;
import looseknit.core.material.Material;

/**
 * How far a real mix may lie from the prediction: spread of the materials, σ² = Σ f²σ², plus the spread of the model itself.
 * All spreads are one standard deviation.
 *
 * <p>The spreads of the model are by judgement, from memory; they were found wide against published blends.
 */
public final class MixSpread {

    private static final double MODEL_POROSITY = 0.02;
    private static final double MODEL_WATER = 0.04;
    private static final double MODEL_AIR = 0.03;
    private static final double MODEL_DENSITY_RELATIVE = 0.06;
    private static final double PH = 0.4;
    private static final double LIME_RELATIVE = 0.35;
    private static final double LIME_FLOOR = 0.2;
    private static final double FOOD_RELATIVE = 0.5;

    private final Mix mix;

    public MixSpread(final Mix mix) {
        this.mix = mix;
    }

    /** Spread of total porosity [vol/vol]. */
    public double porosity() {
        return combined(material -> material.materialClass().porositySd(), MODEL_POROSITY);
    }

    /** Spread of container capacity [vol/vol]. */
    public double water() {
        return combined(material -> material.materialClass().waterSd(), MODEL_WATER);
    }

    /** Spread of air-filled porosity [vol/vol]. */
    public double air() {
        return combined(material -> material.materialClass().waterSd(), MODEL_AIR);
    }

    /**
     * Spread of water held between two suctions [vol/vol]: half the spread of the water content, since the errors at two points of
     * one curve go largely together; by judgement.
     */
    public double waterBetween() {
        return 0.5 * water();
    }

    /** Spread of dry bulk density [g/L]. */
    public double bulkDensityGPerL() {
        return combined(
                material -> material.materialClass().densityRelativeSd()
                        * material.physics().bulkDensityGPerL(),
                MODEL_DENSITY_RELATIVE * mix.bulkDensityGPerL());
    }

    /** Spread of shrinkage (share). */
    public double shrinkage() {
        return Math.max(0.01, 0.4 * mix.shrinkage());
    }

    /** Spread of pH for a mix whose pH the doses moved by {@code change}. */
    public double ph(final double change) {
        final double limed = change == 0 ? 0 : Math.hypot(LIME_RELATIVE * change, LIME_FLOOR);
        return Math.hypot(PH, limed);
    }

    /** Spread of an amount of food [same unit]. */
    public double food(final double amount) {
        return FOOD_RELATIVE * amount;
    }

    /** Part of the variance of air-filled porosity that a material brings [vol/vol, squared]. */
    public double airVariance(final int i) {
        final double sd =
                mix.litresPerLitre(i) * mix.materials().get(i).materialClass().waterSd();
        return sd * sd;
    }

    private double combined(final ToDoubleFunction<Material> spread, final double model) {
        double variance = model * model;
        for (int i = 0; i < mix.materials().size(); i++) {
            final double sd =
                    mix.litresPerLitre(i) * spread.applyAsDouble(mix.materials().get(i));
            variance += sd * sd;
        }
        return Math.sqrt(variance);
    }
}
