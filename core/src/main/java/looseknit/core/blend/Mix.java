package looseknit.core.blend;

import java.util.List;
import looseknit.core.material.Material;
import looseknit.core.material.Nutrients;

/**
 * What a recipe becomes when it is mixed, filled and watered in. All properties are per litre of watered-in mix.
 *
 * <p>Whatever is conserved (mass, solids, water at equal suction, acidity, food) is the sum over the materials of bulk litres
 * per litre of mix times the material's property; only volume is not additive. Shrinkage removes air-filled pores.
 */
public final class Mix {

    /** Suction of the zone that holds the slow water of small pores, in the density of a pore's water [cm]. */
    private static final double SQUEEZE_SUCTION_CM = 10;

    /** Least share of closed pores kept out of reach of water: 5 % of the porosity. */
    private static final double MOST_CLOSED = 0.05;

    /** Rounding of the corner where water held meets the pores there are, relative to shrinkage. */
    private static final double CORNER = 0.10;

    private final List<Material> materials;
    private final double[] litresPerLitre;
    private final double shrinkage;
    private final double yield;
    private final double totalPorosity;
    private final double waterPorosity;

    private Mix(
            final List<Material> materials, final double[] litresPerLitre, final double shrinkage, final double yield) {
        this.materials = materials;
        this.litresPerLitre = litresPerLitre;
        this.shrinkage = shrinkage;
        this.yield = yield;
        double solids = 0;
        double closed = 0;
        for (int i = 0; i < litresPerLitre.length; i++) {
            solids += litresPerLitre[i] * (1 - materials.get(i).physics().totalPorosity());
            closed += litresPerLitre[i] * materials.get(i).closedPores();
        }
        this.totalPorosity = 1 - solids;
        this.waterPorosity = totalPorosity - Math.min(closed, MOST_CLOSED * totalPorosity);
    }

    /** Mixes a recipe. */
    public static Mix of(final Recipe recipe) {
        return Ingredients.of(recipe).mix(recipe);
    }

    /**
     * Mixes loose volumes.
     *
     * @param materials the materials
     * @param loose loose volume of each [any unit]; at least one above 0
     */
    public static Mix of(final List<Material> materials, final double[] loose) {
        return new Ingredients(materials).mix(loose);
    }

    /** Mixes loose volumes with a pair matrix worked out before. */
    static Mix of(final List<Material> materials, final double[] loose, final double[][] pairs) {
        final int n = loose.length;
        final double[] bulk = new double[n];
        double looseSum = 0;
        double bulkSum = 0;
        double meanDensity = 0;
        for (int i = 0; i < n; i++) {
            bulk[i] = loose[i] * (1 - materials.get(i).physics().settling());
            looseSum += loose[i];
            bulkSum += bulk[i];
        }
        for (int i = 0; i < n; i++) {
            meanDensity += bulk[i] / bulkSum * moistDensity(materials.get(i));
        }
        final double[] virtual = new double[n];
        for (int i = 0; i < n; i++) {
            final double pressed = materials.get(i).physics().squeeze()
                    * Math.max(0, Math.log(meanDensity / moistDensity(materials.get(i))));
            virtual[i] = bulk[i] * Math.max(0.1, 1 - pressed) * Packing.WATERED_IN / (1 + Packing.WATERED_IN);
        }
        final double volume = Packing.volume(pairs, virtual, Packing.WATERED_IN);
        final double[] litresPerLitre = new double[n];
        for (int i = 0; i < n; i++) {
            litresPerLitre[i] = bulk[i] / volume;
        }
        return new Mix(materials, litresPerLitre, 1 - volume / bulkSum, volume / looseSum);
    }

    private static double moistDensity(final Material material) {
        return material.physics().bulkDensityGPerL() / 1000
                + material.retention().at(SQUEEZE_SUCTION_CM);
    }

    /** The materials, in the order of the recipe. */
    public List<Material> materials() {
        return materials;
    }

    /** Bulk litres of the material at this place in a litre of mix, f. */
    public double litresPerLitre(final int i) {
        return litresPerLitre[i];
    }

    /** Share of the watered-in bulk volumes that is lost by mixing, s. */
    public double shrinkage() {
        return shrinkage;
    }

    /** Litres of watered-in mix per litre of loose parts. */
    public double yield() {
        return yield;
    }

    /** Pores of all kinds [vol/vol]. */
    public double totalPorosity() {
        return totalPorosity;
    }

    /** Pores that water can enter [vol/vol]. */
    public double waterPorosity() {
        return waterPorosity;
    }

    /** Dry bulk density [g/L]. */
    public double bulkDensityGPerL() {
        return sum(material -> material.physics().bulkDensityGPerL());
    }

    /** pH buffer capacity [meq/L per pH]. */
    public double bufferMeqPerLPerPh() {
        return sum(material -> material.chemistry().bufferMeqPerLPerPh());
    }

    /** pH before any dose: the materials' pH weighted by their buffering. */
    public double plainPh() {
        return sum(material -> material.chemistry().ph() * material.chemistry().bufferMeqPerLPerPh())
                / bufferMeqPerLPerPh();
    }

    /** Cation exchange capacity [meq/L]. */
    public double cecMeqPerL() {
        return sum(material -> material.chemistry().cecMeqPerL());
    }

    /** Salts of the materials, as in a saturation extract [dS/m]. */
    public double ecDsPerM() {
        return sum(material -> material.chemistry().ecDsPerM());
    }

    /** Available food of the materials. */
    public Nutrients nutrients() {
        return new Nutrients(
                sum(material -> material.chemistry().nutrients().nMgPerL()),
                sum(material -> material.chemistry().nutrients().pMgPerL()),
                sum(material -> material.chemistry().nutrients().kMgPerL()));
    }

    /** Median grain size as the volume-weighted geometric mean of the materials' medians [mm]. */
    public double medianGrainMm() {
        final double all = sum(material -> 1);
        return Math.exp(sum(material -> Math.log(material.grainSize().d50Mm())) / all);
    }

    /**
     * Water content while draining: what the materials hold at this suction, but never more than the pores there are, with the
     * corner between the two rounded off.
     *
     * @param suctionCm suction [cm], 0 or more
     * @return water content [vol/vol]
     */
    public double waterAt(final double suctionCm) {
        double held = 0;
        for (int i = 0; i < litresPerLitre.length; i++) {
            held += litresPerLitre[i] * materials.get(i).retention().at(suctionCm);
        }
        final double corner = CORNER * Math.max(0, shrinkage) * waterPorosity;
        final double gap = held - waterPorosity;
        return 0.5 * (held + waterPorosity - Math.sqrt(gap * gap + 4 * corner * corner));
    }

    /** Easily available water: held between 10 and 50 cm of suction [vol/vol]. */
    public double easilyAvailableWater() {
        return waterAt(10) - waterAt(50);
    }

    /** Water buffering capacity: held between 50 and 100 cm of suction [vol/vol]. */
    public double waterBufferingCapacity() {
        return waterAt(50) - waterAt(100);
    }

    /** Sum over the materials of litres per litre times a property. */
    double sum(final java.util.function.ToDoubleFunction<Material> property) {
        double sum = 0;
        for (int i = 0; i < litresPerLitre.length; i++) {
            sum += litresPerLitre[i] * property.applyAsDouble(materials.get(i));
        }
        return sum;
    }
}
