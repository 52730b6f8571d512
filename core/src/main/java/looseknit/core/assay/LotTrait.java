package looseknit.core.assay;

import looseknit.core.material.Doubt;
import looseknit.core.material.Material;

/**
 * What may differ between a real lot and the table, and is learnt from tests. Water held follows from pores and air.
 *
 * <p>Spreads are one standard deviation, typical, from memory.
 */
public enum LotTrait {
    /** Air after draining [vol/vol]. */
    AIR(0.03),
    /** Total porosity [vol/vol]. */
    POROSITY(0.02),
    /** Dry bulk density as a share of what the table says. */
    DENSITY(0.06),
    /** pH without doses. */
    PH(0.2),
    /** Salts as in a saturation extract [dS/m]. */
    SALTS(0.1);

    private final double modelSd;

    LotTrait(final double modelSd) {
        this.modelSd = modelSd;
    }

    /** How far the model itself may be off for a mix. */
    public double modelSd() {
        return modelSd;
    }

    /** How far a lot of a material may lie from the table. */
    public double lotSd(final Material material) {
        final Doubt doubt = material.doubt();
        return switch (this) {
            case AIR -> doubt.waterSd();
            case POROSITY -> doubt.porositySd();
            case DENSITY -> doubt.densityRelativeSd();
            case PH -> doubt.phSd();
            case SALTS -> Doubt.FOOD_RELATIVE_SD * material.chemistry().ecDsPerM();
        };
    }
}
