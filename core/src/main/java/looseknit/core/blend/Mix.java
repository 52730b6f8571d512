package looseknit.core.blend;

import java.util.List;
import java.util.function.ToDoubleFunction;
import looseknit.core.material.Material;
import looseknit.core.material.Nutrients;
import looseknit.core.material.RetentionTable;

/**
 * What a recipe becomes when it is mixed, filled and watered in. All properties are per litre of watered-in mix.
 *
 * <p>Whatever is conserved (mass, solids, water at equal suction, acidity, food) is the sum over the materials of bulk litres
 * per litre of mix times the material's property; only volume is not additive. Shrinkage removes air-filled pores.
 */
public final class Mix {

    /** Most pores that count as closed, as a share of the porosity. */
    private static final double MOST_CLOSED = 0.05;

    /** Rounding of the corner where water held meets the pores there are, relative to shrinkage. */
    public static final double CORNER = 0.10;

    /** pH at which bases fill none, and all, of the exchange capacity; by judgement. */
    private static final double EMPTY_PH = 3.5;

    private static final double FULL_PH = 7.0;
    private static final double CALCIUM_SHARE = 0.70;
    private static final double MAGNESIUM_SHARE = 0.18;
    private static final double MG_PER_MEQ_CA = 20.04;
    private static final double MG_PER_MEQ_MG = 12.15;

    private final Ingredients ingredients;
    private final double[] litresPerLitre;
    private final double shrinkage;
    private final double yield;
    private final double totalPorosity;
    private final double waterPorosity;

    Mix(final Ingredients ingredients, final double[] litresPerLitre, final double shrinkage, final double yield) {
        this.ingredients = ingredients;
        this.litresPerLitre = litresPerLitre;
        this.shrinkage = shrinkage;
        this.yield = yield;
        this.totalPorosity = 1 - sum(material -> 1 - material.physics().totalPorosity());
        this.waterPorosity = waterPorosity(totalPorosity, sum(Material::closedPores));
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

    /** Pores that water can enter, where some are closed [vol/vol]. */
    public static double waterPorosity(final double totalPorosity, final double closedPores) {
        return totalPorosity - Math.min(closedPores, MOST_CLOSED * totalPorosity);
    }

    /**
     * Water that a mix holds where its materials would hold {@code held}: never more than the pores there are, with the corner
     * between the two rounded off.
     *
     * @param held sum of what the materials hold at a suction [vol/vol]
     * @param waterPorosity pores that water can enter [vol/vol]
     * @param shrinkage share of volume lost by mixing
     */
    public static double capped(final double held, final double waterPorosity, final double shrinkage) {
        final double corner = CORNER * Math.max(0, shrinkage) * waterPorosity;
        final double gap = held - waterPorosity;
        return 0.5 * (held + waterPorosity - Math.sqrt(gap * gap + 4 * corner * corner));
    }

    /** The materials and how they pack. */
    public Ingredients ingredients() {
        return ingredients;
    }

    /** The materials, in the order of the recipe. */
    public List<Material> materials() {
        return ingredients.materials();
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

    /**
     * Food of the materials: nitrogen, phosphorus and potassium as the tables have them; calcium and magnesium held exchangeably,
     * estimated from the exchange capacity and how far bases fill it at the material's pH (by judgement, no source).
     */
    public Nutrients nutrients() {
        return new Nutrients(
                sum(material -> material.chemistry().nutrients().nMgPerL()),
                sum(material -> material.chemistry().nutrients().pMgPerL()),
                sum(material -> material.chemistry().nutrients().kMgPerL()),
                sum(material -> exchangeableMeqPerL(material) * CALCIUM_SHARE * MG_PER_MEQ_CA),
                sum(material -> exchangeableMeqPerL(material) * MAGNESIUM_SHARE * MG_PER_MEQ_MG),
                0);
    }

    private static double exchangeableMeqPerL(final Material material) {
        final double filled = (material.chemistry().ph() - EMPTY_PH) / (FULL_PH - EMPTY_PH);
        return material.chemistry().cecMeqPerL() * Math.max(0.05, Math.min(1, filled));
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
            held += litresPerLitre[i] * materials().get(i).retention().at(suctionCm);
        }
        return capped(held, waterPorosity, shrinkage);
    }

    /** {@link #waterAt} from the materials' tabulated curves, within 0.0005; for series of many mixes. */
    public double waterAtQuick(final double suctionCm) {
        final double place = RetentionTable.place(suctionCm);
        double held = 0;
        for (int i = 0; i < litresPerLitre.length; i++) {
            held += litresPerLitre[i] * ingredients.table(i).at(place);
        }
        return capped(held, waterPorosity, shrinkage);
    }

    /** Suction from which water counts as easily used [cm]; De Boodt and Verdonck (1972), from memory. */
    public static final double EASY_FROM_CM = 10;

    /** Suction up to which water counts as easily used [cm]; De Boodt and Verdonck (1972), from memory. */
    public static final double EASY_TO_CM = 50;

    /** Easily available water: held between 10 and 50 cm of suction [vol/vol]. */
    public double easilyAvailableWater() {
        return waterAt(EASY_FROM_CM) - waterAt(EASY_TO_CM);
    }

    /** Water buffering capacity: held between 50 and 100 cm of suction [vol/vol]. */
    public double waterBufferingCapacity() {
        return waterAt(50) - waterAt(100);
    }

    /** Sum over the materials of litres per litre times a property. */
    public double sum(final ToDoubleFunction<Material> property) {
        double sum = 0;
        for (int i = 0; i < litresPerLitre.length; i++) {
            sum += litresPerLitre[i] * property.applyAsDouble(materials().get(i));
        }
        return sum;
    }
}
